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
    const form = useRef<HTMLFormElement>(null);
    const [kept] = useState(() => readKept<Kept<S>>(name, 'tab'));
    const isGone = useRef(false);
    const isTouched = useRef(kept !== null);

    useEffect(() => {
        for (const [field, value] of Object.entries(kept?.fields ?? {})) {
            const element = form.current?.elements.namedItem(field);
            if (element instanceof HTMLInputElement || element instanceof HTMLTextAreaElement || element instanceof HTMLSelectElement) {
                element.value = value;
            }
        }
    }, [kept]);

    const serial = JSON.stringify(state);
    const [before] = useState(serial);
    const save = useCallback(() => {
        if (form.current && !isGone.current) {
            isTouched.current = true;
            const fields = Object.fromEntries([...new FormData(form.current)].filter((entry): entry is [string, string] => typeof entry[1] === 'string'));
            keep(name, { fields, state: JSON.parse(serial) as S } satisfies Kept<S>, 'tab');
        }
    }, [name, serial]);

    useEffect(() => {
        if (isTouched.current || serial !== before) {
            save();
        }
    }, [before, save, serial]);

    const forget = useCallback(() => {
        isGone.current = true;
        keep(name, null, 'tab');
    }, [name]);

    return { form, save, forget, isRestored: kept !== null };
}

/** State of a form as it was typed before a reload; null when nothing was. */
export const draftState = <S>(name: string): S | null => readKept<Kept<S>>(name, 'tab')?.state ?? null;
