/** Milliseconds in which the same request again is a second click and not a second wish. */
const SAME_CLICK = 1500;
/** Milliseconds in which a request whose answer got lost is sent again under the same key. */
const LOST = 6 * 3600_000;

interface Asked {
    key: string;
    answer: Promise<unknown> | null;
    until: number;
}

const asked = new Map<string, Asked>();

/** A key that no other request has; works without https too, where the browser's own maker of ids is missing. */
function newKey(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/**
 * Sends a request so that it is done once. While it is under way, and for a moment afterwards, the same again shares its answer; one that
 * got lost keeps its key, by which the server knows it again. What was refused begins anew.
 *
 * @param what everything that makes it the same request
 */
export function once<T>(
    what: string,
    send: (key: string) => Promise<T>,
    isRefused: (problem: unknown) => boolean,
): Promise<T> {
    const now = Date.now();
    for (const [name, { until }] of asked) {
        if (until < now) {
            asked.delete(name);
        }
    }
    const before = asked.get(what);
    if (before?.answer) {
        return before.answer as Promise<T>;
    }
    const one: Asked = { key: before?.key ?? newKey(), answer: null, until: Infinity };
    asked.set(what, one);
    const answer = send(one.key);
    one.answer = answer;
    answer.then(
        () => {
            one.until = Date.now() + SAME_CLICK;
        },
        (problem: unknown) => {
            one.answer = null;
            one.until = Date.now() + (isRefused(problem) ? -1 : LOST);
        },
    );
    return answer;
}
