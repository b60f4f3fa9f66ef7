import { useCallback, useEffect, useRef, useState } from 'react';
import { keep, readKept } from './kept';

interface Kept<S> {
    fields: Record<string, string>;
    state: S;
}

/**
 * What is typed into a form survives a reload in this tab: its fields by name, and what it holds in state besides.
 * It is forgotten when the form was stored or put away.
 */
export function useFormDraft<S>(name: string, state: S) {
    const form = useRef<HTMLFormElement | null>(null);
    const [isTyped, setTyped] = useState(false);
    const [kept] = useState(() => readKept<Kept<S>>(name, 'tab'));

    // A dialog puts its form on the page later than this runs, so the form tells when it is there.
    const attach = useCallback(
        (element: HTMLFormElement | null) => {
            form.current = element;
            for (const [field, value] of Object.entries(kept?.fields ?? {})) {
                const input = element?.elements.namedItem(field);
                if (
                    input instanceof HTMLInputElement ||
                    input instanceof HTMLTextAreaElement ||
                    input instanceof HTMLSelectElement
                ) {
                    input.value = value;
                }
            }
        },
        [kept],
    );

    const serial = JSON.stringify(state);
    const save = useCallback(() => {
        if (form.current) {
            setTyped(true);
            const fields = Object.fromEntries(
                [...new FormData(form.current)].filter(
                    (entry): entry is [string, string] => typeof entry[1] === 'string',
                ),
            );
            keep(name, { fields, state: JSON.parse(serial) as S } satisfies Kept<S>, 'tab');
        }
    }, [name, serial]);

    // State that changes is typed too; what it was before says whether it did.
    const last = useRef(serial);
    useEffect(() => {
        if (last.current !== serial) {
            last.current = serial;
            save();
        }
    }, [save, serial]);

    const forget = useCallback(() => {
        keep(name, null, 'tab');
    }, [name]);

    return { form: attach, save, forget, isRestored: kept !== null, isTyped };
}

/** State of a form as it was typed before a reload; null when nothing was. */
export const draftState = <S>(name: string): S | null => readKept<Kept<S>>(name, 'tab')?.state ?? null;
