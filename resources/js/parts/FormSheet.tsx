import type { ReactNode } from 'react';
import { Sheet } from './Sheet';
import { useFormDraft } from './useFormDraft';
import { useSubmit, type Given } from './useSubmit';

/** A sentence that says why something was not stored, where it is seen. */
export function Problem({ words }: { words: string | null }) {
    return (
        words && (
            <p role="alert" tabIndex={-1} data-problem className="rounded-xl bg-butter px-4 py-3">
                {words}
            </p>
        )
    );
}

/**
 * A form in a dialog. What is typed is kept in this tab until it is stored or put away: closing by a key, by a click beside it, by going
 * back, or a session that ends, lose nothing.
 */
export function FormSheet<S>({
    title,
    draft,
    state,
    send,
    keep,
    beside,
    onClose,
    wide,
    children,
}: {
    title: string;
    /** what it is kept under */
    draft: string;
    /** what the form holds besides its fields */
    state: S;
    send: (given: Given) => Promise<unknown>;
    /** on the button that stores it */
    keep: string;
    /** what else can be done, at the left of the buttons */
    beside?: ReactNode;
    onClose: () => void;
    wide?: boolean;
    children: (errors: Record<string, string>) => ReactNode;
}) {
    const { form, save, forget, isRestored, isTyped } = useFormDraft<S>(draft, state);
    const { errors, problem, busy, onSubmit } = useSubmit((given) =>
        send(given).then(() => {
            forget();
            onClose();
        }),
    );
    return (
        <Sheet title={title} open onClose={onClose} wide={wide}>
            <form ref={form} onInput={save} className="space-y-4" noValidate onSubmit={onSubmit}>
                {isRestored && (
                    <p role="status" className="rounded-xl bg-butter px-4 py-2">
                        What you had typed here is back. It is not stored yet; “Put it away” forgets it.
                    </p>
                )}
                {children(errors)}
                <Problem words={problem} />
                <div className="flex flex-wrap gap-3 pt-2">
                    {beside && <span className="mr-auto flex flex-wrap gap-1">{beside}</span>}
                    <button
                        type="button"
                        className="button ml-auto"
                        onClick={() => {
                            forget();
                            onClose();
                        }}
                    >
                        {isTyped || isRestored ? 'Put it away' : 'Not now'}
                    </button>
                    <button className="button button-main" disabled={busy}>
                        {keep}
                    </button>
                </div>
            </form>
        </Sheet>
    );
}
