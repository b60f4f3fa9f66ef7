import { useState } from 'react';
import type { MovementCard } from '../../api/types/answer-movements';
import type { PlanAnswer } from '../../api/types/answer-plan';
import type { Gap } from './ClassList';
import { entryOf, insertEntry, insertRun, placeOf, type Run } from './edits';
import { say } from '../../parts/say';
import type { Newcomer } from './shown';
import type { PlanState } from './usePlan';
import type { Selection } from './useSelection';

/** Adding a movement to the class: where it goes, the one that was picked, and the idea of the body map. */
export function useAdding(
    answer: PlanAnswer,
    selected: string | null,
    edit: PlanState['edit'],
    select: Selection['select'],
) {
    const [adding, setAdding] = useState<Gap | null>(null);
    const [last, setLast] = useState<string | null>(null);

    const insert = (gap: Gap, movement: Parameters<typeof entryOf>[0], known: Newcomer, focus: boolean) => {
        const entry = entryOf(movement);
        edit((plan) => insertEntry(plan, gap.section, gap.index, entry), { ...known, id: entry.id });
        select(entry.id, focus);
        setLast(entry.id);
    };
    const pick = (movement: MovementCard) => {
        if (adding) {
            insert(adding, movement, movement, false);
            // It stays open: a class is rarely one movement.
            setAdding({ ...adding, index: adding.index + 1 });
            say(`${movement.name} added`);
        }
    };
    /** Behind the last of a section, or behind the chosen row where that stands in it. */
    const quick = (sectionId: string, movement: MovementCard) => {
        const place = selected ? placeOf(answer.plan, selected) : null;
        const section = answer.plan.sections.findIndex(({ id }) => id === sectionId);
        const isHere = place !== null && place.section === section;
        const index = isHere ? place.index + 1 : (answer.plan.sections[section]?.entries.length ?? 0);
        insert({ section: sectionId, index }, movement, movement, false);
        say(`${movement.name} added`);
    };
    const block = (run: Run, name: string) => {
        if (adding) {
            edit((plan) => insertRun(plan, adding.section, adding.index, run));
            setAdding({ ...adding, index: adding.index + run.entries.length });
            say(`${name} added`);
        }
    };
    /** Leaves the picker for what was added last. */
    const done = () => {
        setAdding(null);
        setLast(null);
        if (last) {
            select(last, true);
        }
    };
    const addIdea = () => {
        const main = answer.plan.sections.find((section) => section.kind === 'head-to-toe');
        if (answer.idea && main) {
            const place = selected ? placeOf(answer.plan, selected) : null;
            const isInMain = place !== null && answer.plan.sections[place.section]?.id === main.id;
            insert(
                { section: main.id, index: isInMain ? place.index + 1 : main.entries.length },
                { ...answer.idea, id: answer.idea.movement },
                { name: answer.idea.name, zone: null, sides: null, figure: null },
                true,
            );
        }
    };

    return { adding, setAdding, pick, quick, block, done, addIdea };
}
