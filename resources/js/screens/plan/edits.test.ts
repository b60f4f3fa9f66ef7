import { describe, expect, it } from 'vitest';
import {
    bothSides,
    changeEntry,
    changeGroup,
    copyRun,
    findEntry,
    groupOf,
    insertEntry,
    insertRun,
    makeGroup,
    moveBy,
    moveRun,
    moveTo,
    onlySide,
    placeOf,
    type PlanEntry,
    removeEntry,
    runOf,
    stepDose,
    takeApart,
    withWords,
} from './edits';
import type { PlanDocument } from './usePlan';

const entry = (id: string, more: Partial<PlanEntry> = {}): PlanEntry => ({
    id,
    movement: 'neck-turn',
    variation: 'small',
    dose: { breaths: 4 },
    ...more,
});
const plan = (...sections: string[][]): PlanDocument =>
    ({
        sections: sections.map((ids, index) => ({
            id: `s${index}`,
            kind: 'warm-up',
            entries: ids.map((id) => entry(id)),
        })),
    }) as unknown as PlanDocument;
const order = (one: PlanDocument) => one.sections.map((section) => section.entries.map(({ id }) => id).join(''));

const limits = {
    repetitions: { most: 60, step: 1 },
    breaths: { most: 60, step: 1 },
    seconds: { most: 1800, step: 5 },
};

describe('a plan', () => {
    it('takes a movement in, out, and finds it again', () => {
        const grown = insertEntry(plan(['a', 'b'], ['c']), 's0', 1, entry('x'));
        expect(order(grown)).toEqual(['axb', 'c']);
        expect(placeOf(grown, 'c')).toEqual({ section: 1, index: 0 });
        expect(placeOf(grown, 'y')).toBeNull();
        expect(findEntry(grown, 'x')?.movement).toBe('neck-turn');
        expect(order(removeEntry(grown, 'a'))).toEqual(['xb', 'c']);
    });

    it('changes one movement and leaves the plan it came from as it was', () => {
        const before = plan(['a', 'b']);
        const after = changeEntry(before, 'b', (one) => ({ ...one, variation: 'wide' }));
        expect(findEntry(after, 'b')?.variation).toBe('wide');
        expect(findEntry(before, 'b')?.variation).toBe('small');
        expect(findEntry(after, 'a')).toBe(findEntry(before, 'a'));
    });

    it('moves a movement by one row, over the edges of sections, and stops at both ends', () => {
        const start = plan(['a', 'b'], ['c']);
        expect(order(moveBy(start, 'a', 1))).toEqual(['ba', 'c']);
        expect(order(moveBy(start, 'b', 1))).toEqual(['a', 'bc']);
        expect(order(moveBy(start, 'c', -1))).toEqual(['abc', '']);
        expect(moveBy(start, 'a', -1)).toBe(start);
        expect(moveBy(start, 'c', 1)).toBe(start);
        expect(moveTo(start, 'none', 's1', 0)).toBe(start);
    });

    it('makes neighbours a set, changes it, and takes it apart again', () => {
        const start = plan(['a', 'b', 'c']);
        const set = makeGroup(start, ['a', 'b'], 'set');
        const group = groupOf(set, 'a');
        expect(group).toMatchObject({ kind: 'set', times: 2 });
        expect(groupOf(set, 'b')).toEqual(group);
        expect(groupOf(set, 'c')).toBeUndefined();
        const more = changeGroup(set, group?.id ?? '', (one) => ({ ...one, times: 3 }));
        expect(groupOf(more, 'b')?.times).toBe(3);
        expect(takeApart(more, group?.id ?? '')).toEqual(start);
        expect(makeGroup(start, ['a'], 'round')).toBe(start);
        expect(groupOf(makeGroup(start, ['a'], 'set'), 'a')?.kind).toBe('set');
    });

    it('keeps a group whole when one of it is moved away or taken out', () => {
        const set = makeGroup(plan(['a', 'b', 'c', 'd']), ['a', 'b', 'c'], 'round');
        const moved = moveTo(set, 'b', 's0', 3);
        expect(['a', 'c', 'd', 'b'].map((id) => groupOf(moved, id)?.kind)).toEqual([
            'round',
            'round',
            undefined,
            undefined,
        ]);
        const between = moveTo(set, 'd', 's0', 1);
        expect(['a', 'd', 'b', 'c'].map((id) => groupOf(between, id)?.kind)).toEqual([
            'round',
            undefined,
            undefined,
            undefined,
        ]);
        const gone = ['a', 'b', 'c'].reduce(removeEntry, set);
        expect(gone.sections[0]?.groups).toBeUndefined();
    });
});

describe('a dose', () => {
    it.each([
        [{ breaths: 4 }, 1, { breaths: 5 }],
        [{ breaths: 1 }, -1, { breaths: 1 }],
        [{ breaths: 2 }, -1, { breaths: 1 }],
        [{ repetitions: 59 }, 1, { repetitions: 60 }],
        [{ repetitions: 60 }, 1, { repetitions: 60 }],
        [{ seconds: 5 }, -1, { seconds: 5 }],
        [{ seconds: 20 }, 1, { seconds: 25 }],
        [{ seconds: 1800 }, 1, { seconds: 1800 }],
        [{ open: 40 }, 1, { open: 45 }],
        [{ breaths: { from: 3, to: 5 } }, 1, { breaths: { from: 4, to: 6 } }],
        [{ breaths: { from: 1, to: 2 } }, -1, { breaths: { from: 1, to: 2 } }],
    ] as const)('of %o steps by %i to %o, never out of its limits', (dose, by, expected) => {
        expect(stepDose(entry('a', { dose }), by, null, limits).dose).toEqual(expected);
    });

    it('can differ on one side, starting from the other, and be made equal again', () => {
        const more = stepDose(stepDose(entry('a'), 1, 'left', limits), 1, 'left', limits);
        expect(more.dose).toEqual({ breaths: 4 });
        expect(more.except).toEqual([{ side: 'left', dose: { breaths: 6 } }]);
        const both = stepDose(more, -1, 'right', limits);
        expect(both.except).toHaveLength(2);
        expect(bothSides(both)).toEqual(entry('a'));
    });

    it('gives a side that was left out its dose again when it is stepped', () => {
        const one = onlySide(entry('a', { onPurpose: 'stroke' }), 'left');
        expect(one.except).toEqual([{ side: 'right', dose: null }]);
        expect(one.onPurpose).toBeUndefined();
        expect(stepDose(one, 1, 'right', limits).except).toEqual([{ side: 'right', dose: { breaths: 5 } }]);
    });
});

describe('own words', () => {
    it('stand before the movement and in its steps, and go when they are emptied', () => {
        const before = withWords(entry('a'), null, 'Slowly now.');
        expect(before.words).toEqual({ introduction: 'Slowly now.' });
        const both = withWords(before, 'turn', 'Look to the window.');
        expect(both.words).toEqual({
            introduction: 'Slowly now.',
            cues: { turn: { first: 'Look to the window.', short: 'Look to the window.' } },
        });
        expect(withWords(both, 'turn', '').words).toEqual({ introduction: 'Slowly now.' });
        expect(withWords(both, null, '').words).toEqual({ cues: both.words?.cues });
        expect(withWords(before, null, '')).not.toHaveProperty('words');
    });
});

describe('a run', () => {
    it('moves as one within its section, and not over its edges', () => {
        const one = plan(['a', 'b', 'c', 'd']);
        expect(order(moveRun(one, ['b', 'c'], -1))).toEqual(['bcad']);
        expect(order(moveRun(one, ['b', 'c'], 1))).toEqual(['adbc']);
        expect(order(moveRun(one, ['a', 'b'], -1))).toEqual(['abcd']);
        expect(order(moveRun(one, ['c', 'd'], 1))).toEqual(['abcd']);
    });

    it('is put in under ids of its own, with what makes it one', () => {
        const made = makeGroup(plan(['a', 'b'], ['c']), ['a', 'b'], 'set');
        const put = insertRun(made, 's1', 1, runOf(made, ['a', 'b']));
        const section = put.sections[1];
        expect(section?.entries).toHaveLength(3);
        const [, first, second] = section?.entries ?? [];
        expect(first?.id).not.toBe('a');
        expect(first?.group).toBe(second?.group);
        expect(section?.groups?.map(({ kind, id }) => [kind, id])).toEqual([['set', first?.group]]);
        expect(first?.group).not.toBe(groupOf(made, 'a')?.id);
    });

    it('is copied right behind itself', () => {
        const copied = copyRun(plan(['a', 'b', 'c']), ['a', 'b']);
        const ids = copied.sections[0]?.entries.map(({ id }) => id) ?? [];
        expect([ids[0], ids[1], ids[4], ids.length]).toEqual(['a', 'b', 'c', 5]);
    });
});
