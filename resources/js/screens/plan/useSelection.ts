import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PlanAnswer } from '../../api/types/answer-plan';
import { placeOf, type SideName } from './edits';
import type { PlanDocument } from './usePlan';

/** Milliseconds until the editor of a row that was just chosen has been drawn. */
const DRAWN = 30;

/** Which movement of a class is chosen, and which of its sides. */
export function useSelection(answer: PlanAnswer) {
    const [selected, setSelected] = useState<string | null>(null);
    const [until, setUntil] = useState<string | null>(null);
    const [side, setSide] = useState<SideName | null>(null);
    const list = useRef<HTMLDivElement>(null);

    const select = useCallback((id: string | null, focus = false, extend = false) => {
        if (extend) {
            setUntil(id);
        } else {
            setSelected(id);
            setUntil(null);
        }
        setSide(null);
        if (id && focus) {
            // After the row's editor has been drawn, so that it comes into view as well.
            setTimeout(() => {
                const row = list.current?.querySelector<HTMLElement>(`[data-row="${CSS.escape(id)}"]`);
                const room = list.current
                    ? list.current.clientHeight - parseFloat(getComputedStyle(list.current).scrollPaddingTop)
                    : 0;
                // Where a row and its editor do not fit under the section's name, the row itself is what is seen.
                row?.scrollIntoView({ block: row.offsetHeight > room ? 'start' : 'nearest' });
                row?.querySelector<HTMLElement>('[data-select]')?.focus({ preventScroll: true });
            }, DRAWN);
        }
    }, []);

    useEffect(() => {
        // Begin where something wants settling, so that the first look falls on it.
        const first = answer.findings.find((finding) => finding.entry)?.entry ?? answer.entries[0]?.id;
        if (first) {
            // On narrow screens the page itself scrolls; there it stays at its top.
            queueMicrotask(() => select(first, window.matchMedia('(min-width: 1024px)').matches));
        }
        // Only once, when the class has come.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, []);

    const run = useMemo(() => chosenRun(answer.plan, selected, until), [answer.plan, selected, until]);

    return { selected, until, run, side, select, setSide, list };
}

/** The neighbouring rows that are chosen, from the first to the last; of one section, in its order. */
function chosenRun(plan: PlanDocument, from: string | null, to: string | null): string[] {
    const start = from ? placeOf(plan, from) : null;
    const end = to ? placeOf(plan, to) : null;
    if (!start || !end || start.section !== end.section) {
        return from ? [from] : [];
    }
    const [first, last] = [Math.min(start.index, end.index), Math.max(start.index, end.index)];
    return (plan.sections[start.section]?.entries ?? []).slice(first, last + 1).map((entry) => entry.id);
}

export type Selection = ReturnType<typeof useSelection>;
