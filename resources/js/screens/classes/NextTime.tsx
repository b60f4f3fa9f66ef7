import { dayAndHour } from '../../parts/time';
import type { ClassRow } from './classState';

/** The classes after which nothing comes yet: the last one of each group that was led. */
export function withoutNext(rows: ClassRow[], now: number): ClassRow[] {
    const isAhead = (row: ClassRow) => row.led === 0 && (!row.startsAt || new Date(row.startsAt).getTime() > now);
    const ahead = new Set(rows.filter(isAhead).map((row) => row.group?.id));
    const last = new Map<number, ClassRow>();
    for (const row of rows) {
        if (row.group && row.nextTime && row.led > 0 && !ahead.has(row.group.id)) {
            const known = last.get(row.group.id);
            if (!known || (known.startsAt ?? '') < (row.startsAt ?? '')) {
                last.set(row.group.id, row);
            }
        }
    }
    return [...last.values()];
}

/** Offers the class after the last one: the same, a week or more later, begun on the other side. */
export function NextTime({ after, onMake }: { after: ClassRow; onMake: () => void }) {
    return (
        <section
            aria-label={`Next time for ${after.group?.name ?? ''}`}
            className="mb-5 flex flex-wrap items-center gap-x-5 gap-y-3 rounded-2xl bg-white p-6"
        >
            <span className="min-w-60 flex-1">
                <span className="block text-ink-soft">{after.group?.name} has nothing planned yet</span>
                <strong className="font-slab text-[1.25rem]">{after.nextTime && dayAndHour(after.nextTime)}</strong>
                <span className="block">
                    {after.title} once more, the other side first. Change what you like before it.
                </span>
            </span>
            <button className="button button-main" onClick={onMake}>
                Plan the next one
            </button>
        </section>
    );
}
