import { useSyncExternalStore } from 'react';

/** Whether a media query holds, as it changes. */
export function useMedia(query: string): boolean {
    return useSyncExternalStore(
        (listener) => {
            const list = window.matchMedia(query);
            list.addEventListener('change', listener);
            return () => list.removeEventListener('change', listener);
        },
        () => window.matchMedia(query).matches,
    );
}
