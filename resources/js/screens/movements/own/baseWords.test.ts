import { describe, expect, it } from 'vitest';
import { drawnBy, sayOf, saying, undrawn } from './baseWords';

const cues = { in: { first: 'In, from the pillow.', short: 'In.' } };

describe('what somebody on a base is told', () => {
    it('is a line, or the line beside the words of a class', () => {
        expect(sayOf({ bed: 'Lie well.' }, 'bed')).toBe('Lie well.');
        expect(sayOf({ bed: { say: 'Lie well.', cues } }, 'bed')).toBe('Lie well.');
        expect(sayOf({ bed: { cues } }, 'bed')).toBe('');
        expect(sayOf(undefined, 'bed')).toBe('');
    });

    it('changes without losing the words of a class, and goes when it is empty', () => {
        expect(saying({ bed: { say: 'Old.', cues }, chair: 'Sit.' }, 'bed', 'New.')).toEqual({
            chair: 'Sit.',
            bed: { cues, say: 'New.' },
        });
        expect(saying({ bed: { say: 'Old.', cues } }, 'bed', '')).toEqual({ bed: { cues } });
        expect(saying({ bed: 'Old.' }, 'bed', '')).toEqual({});
        expect(saying(undefined, 'wheelchair', 'New.')).toEqual({ wheelchair: 'New.' });
    });

    it('goes on being drawn until it says something else', () => {
        const hands = [{ who: 'both', on: 'armrest' }] as const;
        const forBase = {
            wheelchair: { say: 'Hands on the armrests.', hands: [...hands] },
            bed: { cues, hands: [...hands] },
        };
        expect(drawnBy(forBase, 'wheelchair')).toBe('arms');
        expect(drawnBy(saying(forBase, 'wheelchair', 'Hands on both armrests.'), 'wheelchair')).toBe('arms');
        expect(drawnBy({ 'bed-flat': { say: 'Knees fall out.', shape: {} } }, 'bed-flat')).toBe('shape');
        expect(drawnBy({ bed: 'Lie well.' }, 'bed')).toBeNull();
        expect(undrawn(forBase, 'wheelchair')).toEqual({ ...forBase, wheelchair: 'Hands on the armrests.' });
        expect(undrawn(forBase, 'bed')).toEqual({ ...forBase, bed: { cues } });
    });
});
