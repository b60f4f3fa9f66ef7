/** The plans of this sitting, in the order they came about, with where we are among them. */
export interface Trail<T> {
    past: T[];
    now: T;
    next: T[];
}

/** As far back as one goes; further than anybody remembers what was there. */
const LONGEST = 100;

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

export const begin = <T>(now: T): Trail<T> => ({ past: [], now, next: [] });

export const goOn = <T>(trail: Trail<T>, now: T): Trail<T> => ({
    past: [...trail.past, trail.now].slice(-LONGEST),
    now,
    next: [],
});

export function goBack<T>(trail: Trail<T>): Trail<T> | null {
    const before = trail.past.at(-1);
    return before === undefined
        ? null
        : { past: trail.past.slice(0, -1), now: before, next: [trail.now, ...trail.next] };
}

export function goForward<T>(trail: Trail<T>): Trail<T> | null {
    const [after, ...next] = trail.next;
    return after === undefined ? null : { past: [...trail.past, trail.now], now: after, next };
}

/** The server took a step of its own: to a plan that we know, or to one from before this sitting. */
export function arriveAt<T>(trail: Trail<T>, now: T): Trail<T> {
    const all = [...trail.past, trail.now, ...trail.next];
    const at = all.map((one) => same(one, now)).lastIndexOf(true);
    return at < 0 ? begin(now) : { past: all.slice(0, at), now, next: all.slice(at + 1) };
}
