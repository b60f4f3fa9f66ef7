import { beforeEach, describe, expect, it } from 'vitest';
import type { Beat } from '../../api/types/answer-lead';
import { Player, rounded } from './player';

let clock = 0;
const now = () => clock;
const after = (seconds: number) => (clock += seconds * 1000);

/** Two breaths of ten seconds to the left, one to the right, and a second movement. */
function beats(): Beat[] {
    const list: Beat[] = [];
    let start = 0;
    const lay = (entry: string, kind: Beat['kind'], side: 'left' | 'right' | null, unit: number, length: number) => {
        list.push({
            entry,
            kind,
            start,
            length,
            step: null,
            breath: 'in',
            side,
            way: 0,
            teacherSide: null,
            unit,
            units: 2,
            words: '',
            shape: '',
        });
        start += length;
    };
    lay('a', 'set-up', null, 0, 5);
    for (const [side, unit] of [
        ['left', 1],
        ['left', 2],
        ['right', 1],
    ] as const) {
        lay('a', 'cycle', side, unit, 4);
        lay('a', 'cycle', side, unit, 6);
    }
    lay('b', 'set-up', null, 0, 5);
    lay('b', 'cycle', null, 1, 10);
    return list;
}

const player = () => new Player(beats(), 1, now);

beforeEach(() => {
    clock = 1_000_000;
});

describe('a class at the teacher’s own time', () => {
    it('waits at the end of each step, and what she took is written down by kind', () => {
        const it = player();
        it.keepOwnTime(true);
        it.go();
        after(20);
        expect(it.index()).toBe(0);
        it.next();
        after(3);
        expect(it.index()).toBe(1);
        after(30);
        expect(it.at(it.index())).toMatchObject({ entry: 'a', side: 'left', unit: 1 });
        expect(it.finished).toBe(false);
        it.next();
        expect(it.at(it.index())?.unit).toBe(2);
        expect(rounded(it.state().done)).toEqual([
            { entry: 'a', side: null, counts: false, kind: 'set-up', own: true, length: 200 },
            { entry: 'a', side: 'left', counts: true, kind: 'cycle', own: true, length: 330 },
        ]);
    });

    it('goes back a step, changes to the clock in mid-class, and ends behind the last step', () => {
        const it = player();
        it.keepOwnTime(true);
        it.go();
        it.next();
        it.next();
        it.stepBack();
        expect(it.at(it.index())?.unit).toBe(1);
        it.keepOwnTime(false);
        after(10.5);
        expect(it.at(it.index())?.unit).toBe(2);
        it.keepOwnTime(true);
        for (let step = 0; step < 5; step++) {
            it.next();
        }
        expect(it.finished).toBe(true);
        expect(new Player(beats(), 1, now, it.state()).own).toBe(true);
    });
});

describe('one more breath', () => {
    it('adds one breath each time, not all that were added before', () => {
        const it = player();
        it.go();
        after(6);
        const planned = it.length;
        for (const extra of [10, 20, 30, 40]) {
            it.hold();
            expect(it.length).toBe(planned + extra);
        }
    });

    it('adds one breath while a held one is played too', () => {
        const it = player();
        it.go();
        after(6);
        const planned = it.length;
        it.hold();
        after(11);
        it.hold();
        expect(it.length).toBe(planned + 20);
        it.hold();
        expect(it.length).toBe(planned + 30);
    });

    it('is the same after a reload', () => {
        const it = player();
        it.go();
        after(6);
        it.hold();
        after(11);
        it.hold();
        const again = new Player(beats(), 1, now, it.state());
        expect([again.length, again.position()]).toEqual([it.length, it.position()]);
        again.hold();
        it.hold();
        expect(again.length).toBe(it.length);
    });

    it('has nothing to hold between movements', () => {
        const it = player();
        expect(it.hold()).toBe(false);
        expect(it.length).toBe(50);
    });
});

describe('what was done', () => {
    it('is noted by movement and side, with the pauses apart', () => {
        const it = player();
        it.go();
        after(15);
        it.pause();
        after(7);
        it.go();
        after(20);
        expect(rounded(it.state().done)).toMatchObject([
            { entry: 'a', side: null, counts: false, length: 50 },
            { entry: 'a', side: 'left', counts: true, length: 100 },
            { entry: 'a', side: null, counts: false, length: 70 },
            { entry: 'a', side: 'left', counts: true, length: 100 },
            { entry: 'a', side: 'right', counts: true, length: 100 },
        ]);
    });

    it('leaves out what was skipped', () => {
        const it = player();
        it.go();
        after(2);
        it.skip();
        after(3);
        expect(rounded(it.state().done)).toMatchObject([
            { entry: 'a', side: null, counts: false, length: 20 },
            { entry: 'b', side: null, counts: false, length: 30 },
        ]);
    });
});

describe('the way through a class', () => {
    it('goes back to the start of a movement, and from its first seconds to the one before', () => {
        const it = player();
        it.go();
        after(37.9);
        it.back();
        expect(it.position()).toBe(0);
        it.skip();
        after(3.1);
        it.back();
        expect(it.position()).toBe(35);
    });

    it('ends with the last beat and not before', () => {
        const it = player();
        it.go();
        after(49.9);
        expect(it.finished).toBe(false);
        after(0.2);
        expect([it.finished, it.position()]).toMatchObject([true, 50]);
    });

    it('tells how late it is by what was held', () => {
        const it = player();
        it.go();
        after(6);
        it.hold();
        after(34);
        expect(it.gone() - it.planSays()).toBe(10);
    });
});
