import { describe, expect, it } from 'vitest';
import { asked, NO_WISH, pressed } from './wish';

const lean = { id: 'side-lean', name: 'Lean to the side' };

describe('a wish', () => {
    it('keeps a movement that is pressed, leaves it out when it is pressed again, and forgets it then', () => {
        const kept = pressed(NO_WISH, lean);
        expect([kept.must, kept.never]).toEqual([[lean], []]);
        const left = pressed(kept, lean);
        expect([left.must, left.never]).toEqual([[], [lean]]);
        expect(pressed(left, lean)).toEqual(NO_WISH);
    });

    it('is asked of the server by ids', () => {
        expect(
            asked({ ...pressed(NO_WISH, lean), zones: { arms: 2 }, standing: true }, { group: 3, minutes: 20 }),
        ).toEqual({
            group: 3,
            minutes: 20,
            purposes: [],
            zones: { arms: 2 },
            must: ['side-lean'],
            never: [],
            standing: true,
            seed: 1,
        });
    });
});
