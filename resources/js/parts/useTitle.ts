import { useEffect } from 'react';

/** Names the page in the browser's tab and in its history. */
export function useTitle(title: string): void {
    useEffect(() => {
        document.title = `${title} · Kind Chair`;
    }, [title]);
}
