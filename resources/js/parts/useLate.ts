import { useEffect, useState } from 'react';

/** Milliseconds of waiting that nobody notices: most answers are there before, and what went dim would only flicker. */
const UNNOTICED = 200;

/** Whether something has been waited for so long that it is worth showing. */
export function useLate(isWaiting: boolean): boolean {
    const [isLate, setLate] = useState(false);
    useEffect(() => {
        if (isWaiting) {
            const timer = setTimeout(() => setLate(true), UNNOTICED);
            return () => {
                clearTimeout(timer);
                setLate(false);
            };
        }
    }, [isWaiting]);
    return isWaiting && isLate;
}
