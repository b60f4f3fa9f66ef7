import { useSyncExternalStore } from 'react';

let said = '';
let turn = 0;
const listeners = new Set<() => void>();

/** Says something aloud to whoever listens to the screen; the same words again are said again. */
export function say(words: string): void {
    turn += 1;
    // A reader tells only what changed: an unseen space makes the same words new.
    said = words + (turn % 2 ? '\u00a0' : '');
    listeners.forEach((listener) => listener());
}

export const useSaid = () =>
    useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => said,
    );
