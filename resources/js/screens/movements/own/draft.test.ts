import { describe, expect, it } from 'vitest';
import { handIn, moved, replaceAt, withAngle, withHand, withShown, type DraftStep } from './draft';

const step = (id: string, phase: DraftStep['phase']): DraftStep => ({
    id,
    phase,
    breath: 'in',
    cue: { first: '', short: '' },
});

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

    it('lays a hand somewhere in one step, moves it, and takes it away again', () => {
        const steps = [step('a', 'enter'), step('b', 'cycle'), step('c', 'leave')];
        const [a, b, c] = steps as [DraftStep, DraftStep, DraftStep];
        const all = { hands: [{ who: 'work' as const, on: 'knee' as const, bears: true }] };
        expect(handIn(all, 'work', b)?.on).toBe('knee');
        expect(handIn(all, 'work', c)).toBeUndefined();
        expect(handIn(all, 'other', b)).toBeUndefined();

        const moved = withHand(all, 'work', b, steps, { on: 'thigh', across: true });
        expect(moved.hands).toEqual([
            { who: 'work', on: 'knee', bears: true, in: ['a'] },
            { who: 'work', on: 'thigh', across: true, in: ['b'] },
        ]);
        expect(withHand(moved, 'work', a, steps, { on: 'thigh', across: true }).hands).toEqual([
            { who: 'work', on: 'thigh', across: true, in: ['b', 'a'] },
        ]);
        expect(withHand(withHand(moved, 'work', b, steps, null), 'work', a, steps, null).hands).toEqual([]);
    });

    it('lets pictures show one step at most', () => {
        const shown = (steps: DraftStep[]) => steps.filter((one) => 'shown' in one).map((one) => one.id);
        const steps = withShown([step('a', 'enter'), step('b', 'cycle')], 'a');
        expect(shown(steps)).toEqual(['a']);
        expect(shown(withShown(steps, 'b'))).toEqual(['b']);
        expect(shown(withShown(steps, null))).toEqual([]);
    });

    it('moves a rung up or down and changes only the one that is meant', () => {
        expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c']);
        expect(moved(['a', 'b', 'c'], 2, -1)).toEqual(['a', 'c', 'b']);
        expect(moved(['a'], 5, -1)).toEqual(['a']);
        expect(replaceAt(['a', 'b'], 1, (one) => one.toUpperCase())).toEqual(['a', 'B']);
    });
});
