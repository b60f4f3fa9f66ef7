import type { LibraryAnswer } from '../../api/types/answer-library';
import type { PlanDocument } from './usePlan';
import { without } from '../../parts/without';

export type PlanEntry = PlanDocument['sections'][number]['entries'][number];
export type Dose = PlanEntry['dose'];
export type DoseLimits = LibraryAnswer['doses'];
export type SideName = 'left' | 'right';

export const newId = () => `e${crypto.randomUUID().slice(0, 8)}`;

export function findEntry(plan: PlanDocument, id: string): PlanEntry | undefined {
    return plan.sections.flatMap((section) => section.entries).find((entry) => entry.id === id);
}

export function changeEntry(plan: PlanDocument, id: string, change: (entry: PlanEntry) => PlanEntry): PlanDocument {
    return {
        ...plan,
        sections: plan.sections.map((section) => ({
            ...section,
            entries: section.entries.map((entry) => (entry.id === id ? change(entry) : entry)),
        })),
    };
}

export function removeEntry(plan: PlanDocument, id: string): PlanDocument {
    return {
        ...plan,
        sections: plan.sections.map((section) => ({
            ...section,
            entries: section.entries.filter((entry) => entry.id !== id),
        })),
    };
}

export function insertEntry(plan: PlanDocument, sectionId: string, index: number, entry: PlanEntry): PlanDocument {
    return {
        ...plan,
        sections: plan.sections.map((section) =>
            section.id === sectionId
                ? { ...section, entries: [...section.entries.slice(0, index), entry, ...section.entries.slice(index)] }
                : section,
        ),
    };
}

export function placeOf(plan: PlanDocument, id: string): { section: number; index: number } | null {
    for (const [section, { entries }] of plan.sections.entries()) {
        const index = entries.findIndex((entry) => entry.id === id);
        if (index >= 0) {
            return { section, index };
        }
    }
    return null;
}

/** Puts an entry at a place; the index counts without the entry itself. */
export function moveTo(plan: PlanDocument, id: string, sectionId: string, index: number): PlanDocument {
    const entry = findEntry(plan, id);
    return entry ? insertEntry(removeEntry(plan, id), sectionId, index, entry) : plan;
}

/** One row up or down, over the edges of sections. */
export function moveBy(plan: PlanDocument, id: string, by: 1 | -1): PlanDocument {
    const place = placeOf(plan, id);
    const here = place && plan.sections[place.section];
    if (!place || !here) {
        return plan;
    }
    const index = place.index + by;
    if (index >= 0 && index < here.entries.length) {
        return moveTo(plan, id, here.id, index);
    }
    const next = plan.sections[place.section + by];
    return next ? moveTo(plan, id, next.id, by > 0 ? 0 : next.entries.length) : plan;
}

export function entryOf(movement: { id: string; usual: string; dose: Dose }): PlanEntry {
    return { id: newId(), movement: movement.id, variation: movement.usual, dose: movement.dose };
}

export function doseParts(dose: Dose): { unit: 'repetitions' | 'breaths' | 'seconds'; amount: number } {
    const [unit, amount] = Object.entries(dose)[0] as ['repetitions' | 'breaths' | 'seconds', number];
    return { unit, amount };
}

function stepped(dose: Dose, by: number, limits: DoseLimits): Dose {
    const { unit, amount } = doseParts(dose);
    const { most, step } = limits[unit];
    return { [unit]: Math.max(step, Math.min(most, amount + by * step)) } as Dose;
}

/** A step more or less (one breath, one repetition, a few seconds), on one side or on all. */
export function stepDose(entry: PlanEntry, by: number, side: SideName | null, limits: DoseLimits): PlanEntry {
    if (side === null) {
        return { ...entry, dose: stepped(entry.dose, by, limits) };
    }
    const own = entry.except?.find((exception) => exception.side === side && exception.dose !== null);
    const others = (entry.except ?? []).filter(
        (exception) => exception !== own && !(exception.side === side && exception.dose === null),
    );
    return { ...entry, except: [...others, { side, dose: stepped(own?.dose ?? entry.dose, by, limits) }] };
}

/** Leaves one side out; the other keeps its dose. */
export function onlySide(entry: PlanEntry, side: SideName): PlanEntry {
    return { ...without(entry, 'onPurpose'), except: [{ side: side === 'left' ? 'right' : 'left', dose: null }] };
}

export function bothSides(entry: PlanEntry): PlanEntry {
    return without(entry, 'except', 'onPurpose');
}

/** Joins a movement with the next one in a round, or takes its round apart. */
export function toggleRound(plan: PlanDocument, id: string): PlanDocument {
    const place = placeOf(plan, id);
    const section = place && plan.sections[place.section];
    const entry = findEntry(plan, id);
    const next = place && section?.entries[place.index + 1];
    if (entry?.round) {
        const round = entry.round;
        return {
            ...plan,
            sections: plan.sections.map((one) => ({
                ...one,
                entries: one.entries.map((e) => (e.round === round ? without(e, 'round') : e)),
            })),
        };
    }
    if (!next) {
        return plan;
    }
    const round = next.round ?? newId();
    return changeEntry(
        changeEntry(plan, id, (e) => ({ ...e, round })),
        next.id,
        (e) => ({ ...e, round }),
    );
}
