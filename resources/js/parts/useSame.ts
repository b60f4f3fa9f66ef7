import { useCallback, useLayoutEffect, useRef } from 'react';

/** A function that stays the same while what it does is always the newest: for parts that are drawn anew only when something of theirs changed. */
export function useSame<Given extends unknown[], Gives>(act: (...given: Given) => Gives): (...given: Given) => Gives {
    const latest = useRef(act);
    useLayoutEffect(() => {
        latest.current = act;
    });
    return useCallback((...given: Given) => latest.current(...given), []);
}
