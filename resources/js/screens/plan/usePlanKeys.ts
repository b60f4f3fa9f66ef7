import { useCallback, useEffect } from 'react';
import type { PlanAnswer } from '../../api/types/answer-plan';
import type { Gap } from './ClassList';
import { bothSides, changeEntry, makeGroup, moveBy, placeOf, removeEntry, stepDose, type DoseLimits } from './edits';
import { settings } from '../../parts/settings';
import type { PlanState } from './usePlan';
import type { Selection } from './useSelection';

interface Does {
    edit: PlanState['edit'];
    step: PlanState['step'];
    onAdd: (gap: Gap) => void;
    onPeople: () => void;
    onPrint: () => void;
    onLead: () => void;
    onHelp: () => void;
}

/** The keys of the plan, and what they do to the chosen movement. Answers with the way to take it out. */
export function usePlanKeys(
    answer: PlanAnswer,
    doses: DoseLimits,
    { selected, until, run, side, select, setSide }: Selection,
    { edit, step, onAdd, onPeople, onPrint, onLead, onHelp }: Does,
): { remove: () => void } {
    const act = useCallback(
        (key: string, alt: boolean, shift: boolean): boolean => {
            const ids = answer.entries.map((row) => row.id) ?? [];
            const at = selected ? ids.indexOf(selected) : -1;
            const reached = until ? ids.indexOf(until) : at;
            const row = answer.entries[at];
            switch (key) {
                case 'ArrowUp':
                case 'ArrowDown': {
                    const by = key === 'ArrowUp' ? -1 : 1;
                    if (alt && selected) {
                        edit((plan) => moveBy(plan, selected, by));
                        select(selected, true);
                    } else if (shift && selected) {
                        select(ids[Math.max(0, Math.min(ids.length - 1, reached + by))] ?? null, true, true);
                    } else {
                        select(ids[Math.max(0, Math.min(ids.length - 1, at + by))] ?? null, true);
                    }
                    return true;
                }
                case 'ArrowLeft':
                    setSide(side === 'right' ? null : 'left');
                    return row?.sides === 'one-sided';
                case 'ArrowRight':
                    setSide(side === 'left' ? null : 'right');
                    return row?.sides === 'one-sided';
                case '+':
                case '=':
                case '-':
                    if (selected) {
                        edit((plan) =>
                            changeEntry(plan, selected, (entry) =>
                                stepDose(entry, key === '-' ? -1 : 1, row?.sides === 'one-sided' ? side : null, doses),
                            ),
                        );
                    }
                    return selected !== null;
                case 's':
                case 'r':
                    if (run.length > 1) {
                        edit((plan) => makeGroup(plan, run, key === 's' ? 'set' : 'round'));
                    }
                    return run.length > 1;
                case 'm':
                    if (selected) {
                        edit((plan) => changeEntry(plan, selected, bothSides));
                    }
                    return true;
                case 'Delete':
                    if (selected) {
                        edit((plan) => removeEntry(plan, selected));
                        select(ids[at + 1] ?? ids[at - 1] ?? null, true);
                    }
                    return true;
                case 'w':
                    onPeople();
                    return true;
                case 'p':
                    onPrint();
                    return true;
                case 'l':
                    onLead();
                    return true;
                case '?':
                    onHelp();
                    return true;
                case '1':
                case '2':
                case '3':
                    document
                        .querySelector<HTMLElement>(
                            `[data-finding="${CSS.escape(answer.findings[Number(key) - 1]?.key ?? '')}"]`,
                        )
                        ?.focus();
                    return true;
                default:
                    return false;
            }
        },
        [answer, doses, edit, onHelp, onLead, onPeople, onPrint, run, select, selected, setSide, side, until],
    );

    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const target = event.target as HTMLElement;
            if (target.closest('input, textarea, select, [role="dialog"], [role="menu"]')) {
                return;
            }
            if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
                event.preventDefault();
                void step(event.shiftKey ? 'redo' : 'undo');
                return;
            }
            if (event.ctrlKey || event.metaKey) {
                return;
            }
            const single = event.key.length === 1;
            // Keys belong to the list of movements and work while the focus is in it; the list of keys can be had everywhere.
            const isHere = target.closest('[data-keys]') !== null;
            if ((single && !settings().keys) || (!isHere && event.key !== '?')) {
                return;
            }
            if (event.key === 'Enter' && target.matches('[data-select]') && selected) {
                const place = answer ? placeOf(answer.plan, selected) : null;
                const section = place && answer.plan.sections[place.section];
                if (place && section && target.getAttribute('aria-pressed') === 'true') {
                    event.preventDefault();
                    onAdd({ section: section.id, index: place.index + 1 });
                }
                return;
            }
            if (act(event.key.length === 1 ? event.key.toLowerCase() : event.key, event.altKey, event.shiftKey)) {
                event.preventDefault();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, [act, answer, onAdd, selected, step]);

    return { remove: () => act('Delete', false, false) };
}
