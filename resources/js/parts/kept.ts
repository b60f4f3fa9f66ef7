import { useCallback, useState } from 'react';

const meta = (name: string) => document.querySelector<HTMLMetaElement>(`meta[name="${name}"]`)?.content ?? '';

/** Whose data this page shows. What a device keeps is kept under it, so that nobody's work comes up in another account. */
export const owner = () => meta('owner');

/** The device keeps until it is removed; the tab keeps over a reload and forgets when it is closed. */
export type Where = 'device' | 'tab';

const shelf = (where: Where) => (where === 'device' ? localStorage : sessionStorage);
const nameOf = (name: string) => `kind-chair:${owner()}:${name}`;

export function readKept<T>(name: string, where: Where = 'device'): T | null {
    try {
        return JSON.parse(shelf(where).getItem(nameOf(name)) ?? 'null') as T | null;
    } catch {
        return null;
    }
}

/** Keeps a value; null forgets it. A device that is full or closed to us keeps nothing, and the work goes on. */
export function keep(name: string, value: unknown, where: Where = 'device'): void {
    try {
        if (value === null || value === undefined) {
            shelf(where).removeItem(nameOf(name));
        } else {
            shelf(where).setItem(nameOf(name), JSON.stringify(value));
        }
    } catch {
        // Nothing can be kept here.
    }
}

/** State that survives a reload until it is forgotten, which is when the server has it. */
export function useKept<T>(
    name: string,
    initial: () => T,
    where: Where = 'device',
): [T, (value: T) => void, () => void] {
    const [value, setValue] = useState(() => readKept<T>(name, where) ?? initial());
    const change = useCallback(
        (next: T) => {
            setValue(next);
            keep(name, next, where);
        },
        [name, where],
    );
    const forget = useCallback(() => keep(name, null, where), [name, where]);
    return [value, change, forget];
}

/** Kept once the tour of a first class was seen or skipped. */
export const TOUR = 'plan-tour-seen';
