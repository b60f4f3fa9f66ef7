import { expect, it } from 'vitest';
import { arriveAt, begin, goBack, goForward, goOn, type Trail } from './trail';

const back = (trail: Trail<string> | null) => trail && goBack(trail);

it('goes back and forward through what was there', () => {
    const trail = goOn(goOn(begin('a'), 'b'), 'c');
    const before = back(trail);
    expect(before?.now).toBe('b');
    expect(before && goForward(before)?.now).toBe('c');
    expect(back(back(before))).toBeNull();
    expect(goForward(trail)).toBeNull();
});

it('forgets what was undone once something else is done', () => {
    const trail = goOn(goBack(goOn(begin('a'), 'b')) ?? begin('?'), 'c');
    expect(goForward(trail)).toBeNull();
    expect(back(trail)?.now).toBe('a');
});

it('knows where the server went, and begins anew where it went further', () => {
    const trail = goOn(goOn(begin({ at: 1 }), { at: 2 }), { at: 3 });
    const arrived = arriveAt(trail, { at: 1 });
    expect(arrived.past).toEqual([]);
    expect(arrived.next).toEqual([{ at: 2 }, { at: 3 }]);
    expect(arriveAt(trail, { at: 0 })).toEqual(begin({ at: 0 }));
});

it('keeps the latest hundred', () => {
    let trail = begin(0);
    for (let at = 1; at <= 150; at++) {
        trail = goOn(trail, at);
    }
    expect(trail.past).toHaveLength(100);
    expect(trail.past[0]).toBe(50);
});
