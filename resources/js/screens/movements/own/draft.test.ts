import { describe, expect, it } from 'vitest';
import { moved, replaceAt, withAngle } from './draft';

describe('a movement being written', () => {
    it('sets an angle beside the others and leaves no empty role behind when it is cleared', () => {
        const set = withAngle({ trunk: { flexion: 20 } }, 'working', 'shoulder-flexion', 90);
        expect(set).toEqual({ trunk: { flexion: 20 }, working: { 'shoulder-flexion': 90 } });
        const two = withAngle(set, 'working', 'elbow-flexion', 0);
        expect(two.working).toEqual({ 'shoulder-flexion': 90, 'elbow-flexion': 0 });
        expect(
            withAngle(withAngle(two, 'working', 'elbow-flexion', null), 'working', 'shoulder-flexion', null),
        ).toEqual({
            trunk: { flexion: 20 },
        });
    });

    it('moves a rung up or down and changes only the one that is meant', () => {
        expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c']);
        expect(moved(['a', 'b', 'c'], 2, -1)).toEqual(['a', 'c', 'b']);
        expect(moved(['a'], 5, -1)).toEqual(['a']);
        expect(replaceAt(['a', 'b'], 1, (one) => one.toUpperCase())).toEqual(['a', 'B']);
    });
});
