import { describe, expect, it } from 'vitest';
import { withoutNext } from './NextTime';
import type { ClassRow } from './classState';

const now = new Date('2026-12-01T12:00').getTime();
const row = (id: number, startsAt: string | null, led: number, group: number | null = 1): ClassRow => ({
    id,
    title: 'A class',
    place: '',
    weekly: false,
    changes: [],
    startsAt,
    nextTime: startsAt && '2026-12-08T10:30',
    venue: null,
    group: group === null ? null : { id: group, name: `Group ${group}` },
    planned: 1800,
    slot: 2700,
    findings: 0,
    people: 4,
    led,
    running: null,
});
const after = (...rows: ClassRow[]) => withoutNext(rows, now).map(({ id }) => id);

describe('the class after the last one', () => {
    it('is offered after the latest that was led', () => {
        expect(after(row(1, '2026-11-17T10:30', 1), row(2, '2026-11-24T10:30', 1))).toEqual([2]);
    });

    it('is not offered where one is ahead, dated or not', () => {
        expect(after(row(1, '2026-11-24T10:30', 1), row(2, '2026-12-08T10:30', 0))).toEqual([]);
        expect(after(row(1, '2026-11-24T10:30', 1), row(2, null, 0))).toEqual([]);
        expect(after(row(1, '2026-11-24T10:30', 1), row(2, '2026-11-30T10:30', 0))).toEqual([1]);
    });

    it('is offered for each group, and for nobody without one', () => {
        expect(
            after(row(1, '2026-11-24T10:30', 1), row(2, '2026-11-25T10:30', 2, 2), row(3, '2026-11-26T10:30', 1, null)),
        ).toEqual([1, 2]);
        expect(after(row(1, '2026-11-24T10:30', 0))).toEqual([]);
    });
});
