import { expect, it } from 'vitest';
import type { PlanAnswer, Row } from '../../api/types/answer-plan';
import { changeEntry, insertEntry, moveBy, removeEntry } from './edits';
import { shown, whole } from './shown';

const row = (id: string) =>
    ({
        id,
        name: `Name ${id}`,
        seconds: 30,
        figure: `figure-${id}`,
        variation: 'Plain',
        variations: [
            { id: 'plain', name: 'Plain' },
            { id: 'low', name: 'Low' },
        ],
    }) as unknown as Row;
const entry = (id: string) => ({ id, movement: `m-${id}`, variation: 'plain', dose: { breaths: 4 } });
const answer = {
    plan: { sections: [{ id: 'main', entries: ['a', 'b', 'c'].map(entry) }] },
    entries: ['a', 'b', 'c'].map(row),
    findings: [
        { key: 'one', entry: 'b' },
        { key: 'all', entry: null },
    ],
} as unknown as PlanAnswer;
const none = new Map<string, never>();
const ids = (rows: Row[]) => rows.map(({ id }) => id);

it('is the answer itself while nothing is awaited', () => {
    const seen = shown(answer, null, none);
    expect(seen.isWaiting).toBe(false);
    expect(seen.entries).toBe(answer.entries);
});

it('moves and hides rows at once, with what was found about them', () => {
    const moved = shown(answer, moveBy(answer.plan, 'a', 1), none);
    expect(ids(moved.entries)).toEqual(['b', 'a', 'c']);
    expect([moved.isWaiting, moved.waiting.size]).toEqual([true, 0]);
    const removed = shown(answer, removeEntry(answer.plan, 'b'), none);
    expect(ids(removed.entries)).toEqual(['a', 'c']);
    expect(removed.findings.map(({ key }) => key)).toEqual(['all']);
});

it('marks the row whose dose or version changed, and no other', () => {
    const dosed = shown(
        answer,
        changeEntry(answer.plan, 'b', (one) => ({ ...one, dose: { breaths: 5 } })),
        none,
    );
    expect([...dosed.waiting]).toEqual(['b']);
    expect(dosed.entries[0]).toBe(answer.entries[0]);
    const lowered = shown(
        answer,
        changeEntry(answer.plan, 'c', (one) => ({ ...one, variation: 'low' })),
        none,
    );
    expect(lowered.entries[2]?.variation).toBe('Low');
});

it('shows what was added by its name and figure, with nothing made up', () => {
    const added = shown(
        answer,
        insertEntry(answer.plan, 'main', 1, entry('new')),
        new Map([['new', { name: 'Shrug', zone: 'shoulders', sides: 'together', figure: 'f' }]]),
    );
    expect(ids(added.entries)).toEqual(['a', 'new', 'b', 'c']);
    expect(added.entries[1]).toMatchObject({ name: 'Shrug', figure: 'f', seconds: 0, versions: [], dose: '' });
    expect([...added.waiting]).toEqual(['new']);
});

it('puts rows that were not sent again in their places, as they were', () => {
    const known = [row('a'), row('b'), row('c')];
    const next = whole({ ...answer, entries: [{ ...row('b'), seconds: 45 }], kept: ['a', 'c'] }, known);
    expect(next.entries.map(({ id, seconds }) => [id, seconds])).toEqual([
        ['a', 30],
        ['b', 45],
        ['c', 30],
    ]);
    expect(next.entries[0]).toBe(known[0]);
    expect('kept' in next).toBe(false);
});
