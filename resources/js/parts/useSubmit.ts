import { useCallback, useEffect, useRef, useState, type FormEvent } from 'react';
import { Refusal } from '../api/client';

/** What a form holds, as text, by the names of its fields. */
export type Given = (name: string) => string;

/**
 * Sends a form once, and brings what is wrong with it into view: the first field that was refused, or the sentence that says why.
 *
 * @param send gets what was typed; done when it is stored
 */
export function useSubmit(send: (given: Given, form: HTMLFormElement) => Promise<unknown>) {
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [problem, setProblem] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const isSending = useRef(false);
    const refused = useRef<HTMLFormElement | null>(null);

    const onSubmit = useCallback(
        (event: FormEvent<HTMLFormElement>) => {
            event.preventDefault();
            if (isSending.current) {
                return;
            }
            const form = event.currentTarget;
            const typed = new FormData(form);
            const given: Given = (name) => {
                const value = typed.get(name);
                return typeof value === 'string' ? value.trim() : '';
            };
            isSending.current = true;
            setBusy(true);
            const free = () => {
                isSending.current = false;
                setBusy(false);
            };
            send(given, form).then(
                () => {
                    setErrors({});
                    setProblem(null);
                    free();
                },
                (error: Error) => {
                    const fields = error instanceof Refusal ? error.fields : {};
                    const names = Object.keys(fields);
                    refused.current = form;
                    setErrors({ ...fields });
                    setProblem(
                        names.length > 0 && names.every((name) => form.elements.namedItem(name)) ? null : error.message,
                    );
                    free();
                },
            );
        },
        [send],
    );

    useEffect(() => {
        const wrong = refused.current?.querySelector<HTMLElement>('[aria-invalid="true"], [data-problem]');
        refused.current = null;
        wrong?.focus({ preventScroll: true });
        wrong?.scrollIntoView({ block: 'center' });
    }, [errors, problem]);

    return { errors, problem, busy, onSubmit };
}
