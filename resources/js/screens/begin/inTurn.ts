import type { ClassRow } from '../../api/types/answer-classes';

/** A group that has had no class for so long is one that is not taught any more. */
const STILL_TAUGHT = 42 * 24 * 3600 * 1000;

/** The group for which a class is most likely wanted: one that had none yet, or whose last one lies furthest back. */
export function groupInTurn(groups: { id: number }[], classes: ClassRow[], now = Date.now()): number | null {
    const last = (group: number) =>
        Math.max(
            ...classes
                .filter((row) => row.group?.id === group)
                .map((row) => (row.startsAt ? Date.parse(row.startsAt) : now)),
        );
    const turns = groups.map(({ id }) => ({ id, last: last(id) }));
    const first = (all: typeof turns) => [...all].sort((one, other) => one.last - other.last)[0]?.id;
    return (
        turns.filter((one) => one.last === -Infinity).at(-1)?.id ??
        first(turns.filter((one) => one.last > now - STILL_TAUGHT)) ??
        first(turns) ??
        null
    );
}
