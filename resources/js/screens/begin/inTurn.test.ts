import { describe, expect, it } from 'vitest';
import type { ClassRow } from '../../api/types/answer-classes';
import { groupInTurn } from './inTurn';

const NOW = Date.parse('2026-11-26T12:00');
const on = (group: number, startsAt: string | null) => ({ group: { id: group }, startsAt }) as ClassRow;

describe('the group that is next in turn', () => {
    it('is the one whose last class lies furthest back', () => {
        const classes = [on(1, '2026-12-01T10:30'), on(1, '2026-11-24T10:30'), on(2, '2026-12-03T14:00')];
        expect(groupInTurn([{ id: 1 }, { id: 2 }], classes, NOW)).toBe(1);
    });

    it('is rather one that had no class yet', () => {
        expect(groupInTurn([{ id: 1 }, { id: 2 }], [on(1, '2026-12-01T10:30')], NOW)).toBe(2);
    });

    it('is not one that is taught no more, unless there is no other', () => {
        const classes = [on(1, '2026-10-14T10:30'), on(2, '2026-10-16T14:00')];
        expect(groupInTurn([{ id: 1 }, { id: 2 }], classes, NOW)).toBe(2);
        expect(groupInTurn([{ id: 1 }], classes, NOW)).toBe(1);
        expect(groupInTurn([], [], NOW)).toBeNull();
    });
});
