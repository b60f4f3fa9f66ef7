import type { LibraryAnswer } from '../../api/types/answer-library';
import type { PlanDocument } from './usePlan';
import { without } from '../../parts/without';

export type PlanEntry = PlanDocument['sections'][number]['entries'][number];
export type Dose = PlanEntry['dose'];
export type DoseLimits = LibraryAnswer['doses'];
export type SideName = 'left' | 'right';

/** An id that works everywhere, also over plain http in the house. */
export const newId = () => `e${Math.random().toString(36).slice(2, 10)}`;

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
    return tidied({
        ...plan,
        sections: plan.sections.map((section) => ({
            ...section,
            entries: section.entries.filter((entry) => entry.id !== id),
        })),
    });
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
    return entry ? tidied(insertEntry(removeEntry(plan, id), sectionId, index, entry)) : plan;
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

export type DoseUnit = 'repetitions' | 'breaths' | 'seconds' | 'open';
export type DoseRange = { from: number; to: number };

/** What a dose is counted in, how much is planned, and its range; as long as they like is counted in estimated seconds. */
export function doseParts(dose: Dose): { unit: DoseUnit; amount: number; range: DoseRange | null } {
    const [unit, amount] = Object.entries(dose)[0] as [DoseUnit, number | DoseRange];
    return typeof amount === 'number'
        ? { unit, amount, range: null }
        : { unit, amount: Math.ceil((amount.from + amount.to) / 2), range: amount };
}

/** A range moves as it is; only what is counted one by one is stepped one by one. */
function stepped(dose: Dose, by: number, limits: DoseLimits): Dose {
    const { unit, amount, range } = doseParts(dose);
    const { most, step } = limits[unit === 'open' ? 'seconds' : unit];
    const within = (to: number) => Math.max(step, Math.min(most, to));
    if (range) {
        const moved = { from: within(range.from + by * step), to: within(range.to + by * step) };
        return moved.from < moved.to ? ({ [unit]: moved } as unknown as Dose) : dose;
    }
    return { [unit]: within(amount + by * step) } as unknown as Dose;
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

export type Group = NonNullable<PlanDocument['sections'][number]['groups']>[number];

/** The group that an entry belongs to, with the section that tells of it. */
export function groupOf(plan: PlanDocument, id: string): Group | undefined {
    const place = placeOf(plan, id);
    const section = place ? plan.sections[place.section] : undefined;
    const group = place ? section?.entries[place.index]?.group : undefined;
    return section?.groups?.find((one) => one.id === group);
}

/** Makes neighbouring entries of one section into a group, in place of whatever they belonged to. */
export function makeGroup(plan: PlanDocument, ids: string[], kind: Group['kind']): PlanDocument {
    const place = ids[0] ? placeOf(plan, ids[0]) : null;
    if (!place || ids.length < (kind === 'set' ? 1 : 2)) {
        return plan;
    }
    const group: Group = {
        id: newId(),
        kind,
        ...(kind === 'set' ? { times: 2 } : {}),
        ...(kind === 'stations' ? { seconds: 40 } : {}),
    };
    return tidied({
        ...plan,
        sections: plan.sections.map((section, at) =>
            at === place.section
                ? {
                      ...section,
                      groups: [...(section.groups ?? []), group],
                      entries: section.entries.map((entry) =>
                          ids.includes(entry.id) ? { ...entry, group: group.id } : entry,
                      ),
                  }
                : section,
        ),
    });
}

export function changeGroup(plan: PlanDocument, id: string, change: (group: Group) => Group): PlanDocument {
    return {
        ...plan,
        sections: plan.sections.map((section) =>
            section.groups?.some((one) => one.id === id)
                ? { ...section, groups: section.groups.map((one) => (one.id === id ? change(one) : one)) }
                : section,
        ),
    };
}

export function takeApart(plan: PlanDocument, id: string): PlanDocument {
    return tidied({
        ...plan,
        sections: plan.sections.map((section) => ({
            ...section,
            entries: section.entries.map((entry) => (entry.group === id ? without(entry, 'group') : entry)),
        })),
    });
}

/** Keeps groups whole: what was moved away belongs to none, and a group of which nothing is left is gone. */
export function tidied(plan: PlanDocument): PlanDocument {
    return {
        ...plan,
        sections: plan.sections.map((section) => {
            const known = new Set((section.groups ?? []).map((group) => group.id));
            const ended = new Set<string>();
            const entries = section.entries.map((entry, at) => {
                const before = section.entries[at - 1]?.group;
                if (before && before !== entry.group) {
                    ended.add(before);
                }
                return entry.group && (!known.has(entry.group) || ended.has(entry.group))
                    ? without(entry, 'group')
                    : entry;
            });
            const used = (section.groups ?? []).filter((group) => entries.some((entry) => entry.group === group.id));
            return used.length === (section.groups?.length ?? 0) &&
                section.entries.every((one, at) => one === entries[at])
                ? section
                : used.length > 0
                  ? { ...section, entries, groups: used }
                  : { ...without(section, 'groups'), entries };
        }),
    };
}

/** The teacher's own words for one step, or before the movement (no step); none leave the movement's own. */
export function withWords(entry: PlanEntry, step: string | null, said: string): PlanEntry {
    const introduction = step === null ? said : entry.words?.introduction;
    const others = Object.entries(entry.words?.cues ?? {}).filter(([of]) => of !== step);
    const cues = Object.fromEntries(
        step !== null && said ? [...others, [step, { first: said, short: said }] as const] : others,
    );
    const kept = {
        ...(introduction ? { introduction } : {}),
        ...(Object.keys(cues).length > 0 ? { cues } : {}),
    };
    return Object.keys(kept).length > 0 ? { ...entry, words: kept } : without(entry, 'words');
}

/** Entries of one section that stand together, with what makes them one. */
export interface Run {
    entries: PlanEntry[];
    groups?: Group[];
}

/** The chosen entries as they could stand elsewhere. */
export function runOf(plan: PlanDocument, ids: string[]): Run {
    const section = plan.sections.find(({ entries }) => entries.some(({ id }) => ids.includes(id)));
    const entries = section?.entries.filter(({ id }) => ids.includes(id)) ?? [];
    const groups = section?.groups?.filter(({ id }) => entries.some(({ group }) => group === id)) ?? [];
    return groups.length > 0 ? { entries, groups } : { entries };
}

/** A run put in at a place, under ids of its own. */
export function insertRun(plan: PlanDocument, sectionId: string, index: number, run: Run): PlanDocument {
    const groups = new Map((run.groups ?? []).map((group) => [group.id, { ...group, id: newId() }]));
    const entries = run.entries.map((entry) => {
        const group = entry.group ? groups.get(entry.group)?.id : undefined;
        const own = { ...without(entry, 'group'), id: newId() };
        return group ? { ...own, group } : own;
    });
    return tidied({
        ...plan,
        sections: plan.sections.map((section) =>
            section.id === sectionId
                ? {
                      ...section,
                      ...(groups.size > 0 ? { groups: [...(section.groups ?? []), ...groups.values()] } : {}),
                      entries: [...section.entries.slice(0, index), ...entries, ...section.entries.slice(index)],
                  }
                : section,
        ),
    });
}

/** A run one row up or down within its section. */
export function moveRun(plan: PlanDocument, ids: string[], by: 1 | -1): PlanDocument {
    return {
        ...plan,
        sections: plan.sections.map((section) => {
            const first = section.entries.findIndex(({ id }) => ids.includes(id));
            const to = first + by;
            if (first < 0 || to < 0 || to + ids.length > section.entries.length) {
                return section;
            }
            const rest = section.entries.filter(({ id }) => !ids.includes(id));
            const run = section.entries.filter(({ id }) => ids.includes(id));
            return { ...section, entries: [...rest.slice(0, to), ...run, ...rest.slice(to)] };
        }),
    };
}

/** A run once more, right behind itself. */
export function copyRun(plan: PlanDocument, ids: string[]): PlanDocument {
    const last = ids.at(-1);
    const place = last ? placeOf(plan, last) : null;
    const section = place && plan.sections[place.section];
    return place && section ? insertRun(plan, section.id, place.index + 1, runOf(plan, ids)) : plan;
}
