import { describe, expect, it } from 'vitest';
import type { Beat } from '../../api/types/answer-lead';
import { left, wordFor } from './breath';
import { part } from './cueParts';
import { firstOfStep, lastOfStep } from './steps';

const beat = (kind: Beat['kind'], unit: number, more: Partial<Beat> = {}) =>
    ({ entry: 'a', kind, side: 'left', unit, units: 3, breath: 'in', ...more }) as unknown as Beat;

describe('one step of a class', () => {
    const beats = [
        beat('enter', 0),
        beat('enter', 0),
        beat('cycle', 1),
        beat('cycle', 1, { breath: 'out' }),
        beat('cycle', 2),
        beat('cycle', 2, { breath: 'out' }),
        beat('change', 0, { side: 'right' }),
        beat('cycle', 1, { side: 'right' }),
    ];
    const once = beats.map(() => 0);

    it('is one breath in and out, all of an entering, or one change', () => {
        const steps = beats.map((_, index) => [firstOfStep(beats, once, index), lastOfStep(beats, once, index)]);
        expect(steps).toEqual([
            [0, 1],
            [0, 1],
            [2, 3],
            [2, 3],
            [4, 5],
            [4, 5],
            [6, 6],
            [7, 7],
        ]);
    });

    it('ends where a breath is held again: that is a step of its own', () => {
        const again = [beat('cycle', 2), beat('cycle', 2), beat('cycle', 2), beat('cycle', 2)];
        expect(lastOfStep(again, [0, 0, 1, 1], 0)).toBe(1);
        expect(firstOfStep(again, [0, 0, 1, 1], 3)).toBe(2);
    });

    it('ends with its side and with its movement', () => {
        const sides = [beat('cycle', 1), beat('cycle', 1, { side: 'right' }), beat('cycle', 1, { entry: 'b' })];
        expect([0, 1, 2].map((index) => lastOfStep(sides, [0, 0, 0], index))).toEqual([0, 1, 2]);
    });
});

describe('what is told of a step', () => {
    it('is the breath, or what is done in its place', () => {
        expect(wordFor(beat('cycle', 1))).toBe('Breathe in');
        expect(wordFor(beat('cycle', 1, { breath: 'out' }))).toBe('Breathe out');
        expect(wordFor(beat('cycle', 1, { breath: 'hold-empty' }))).toBe('Rest');
        expect(wordFor(beat('cycle', 1, { breath: 'free' }))).toBe('As it comes');
        expect(wordFor(beat('change', 0, { breath: 'free' }))).toBe('Change');
    });

    it('counts what is left, the one that is going on included, and nothing outside of the dose', () => {
        expect([1, 2, 3].map((unit) => left(beat('cycle', unit)))).toEqual([3, 2, 1]);
        expect(left(beat('set-up', 0))).toBe(0);
    });
});

describe('a cue on the screen', () => {
    const sentence = (letters: number) => `${'a'.repeat(letters - 1)}.`;

    it('is whole as long as it has up to 90 letters', () => {
        expect(part(sentence(90), 0)).toBe(sentence(90));
        const long = `${sentence(50)} ${sentence(40)}`;
        expect(part(long, 0)).toBe(sentence(50));
        expect(part(long, 0.5)).toBe(sentence(40));
    });

    it('comes by its sentences in order, several together where they fit, and none is lost', () => {
        const words = [sentence(30), sentence(30), sentence(30), sentence(80)].join(' ');
        const seen = [0, 0.34, 0.67, 1].map((share) => part(words, share));
        expect(seen).toEqual([`${sentence(30)} ${sentence(30)}`, sentence(30), sentence(80), sentence(80)]);
        expect([...new Set(seen)].join(' ')).toBe(words);
    });

    it('is told whole where it has no end of a sentence to part at', () => {
        expect(part('a'.repeat(120), 0.9)).toBe('a'.repeat(120));
    });
});
