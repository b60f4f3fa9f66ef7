import { useEffect, useRef } from 'react';
import { say } from '../../parts/say';
import { clock, plural } from '../../parts/time';
import type { SideName } from './edits';
import type { ShownPlan } from './shown';

/** Milliseconds of quiet after which it is told what has become of changes: who presses + five times hears it once. */
const QUIET = 900;

/** Says aloud what is seen to happen on Plan: saved with its time, findings that came or went, the row that moved, the side chosen. */
export function usePlanSaid(answer: ShownPlan, selected: string | null, side: SideName | null): void {
    const { told } = answer;
    const before = useRef({ revision: told.revision, findings: told.findings.length });
    useEffect(() => {
        if (told.revision === before.current.revision) {
            return;
        }
        const timer = setTimeout(() => {
            const changed = told.findings.length !== before.current.findings;
            before.current = { revision: told.revision, findings: told.findings.length };
            say(
                `Saved. ${clock(told.totals.planned)} planned${changed ? `, ${plural(told.findings.length, 'thing')} to settle` : ''}`,
            );
        }, QUIET);
        return () => clearTimeout(timer);
    }, [told]);

    const at = answer.entries.findIndex((row) => row.id === selected);
    const place = useRef({ id: selected, at });
    const name = answer.entries[at]?.name;
    const count = answer.entries.length;
    useEffect(() => {
        if (place.current.id === selected && place.current.at !== at && place.current.at >= 0 && at >= 0) {
            say(`${name}, now ${at + 1} of ${count}`);
        }
        place.current = { id: selected, at };
    }, [at, count, name, selected]);

    const chosen = useRef(side);
    useEffect(() => {
        if (chosen.current !== side) {
            chosen.current = side;
            say(side ? `${side} side` : 'Both sides');
        }
    }, [side]);
}
