import { describe, expect, it, vi } from 'vitest';
import type { Motion } from '../api/types/motion';

vi.stubGlobal('matchMedia', () => ({ matches: false }));
const { bodyAt } = await import('./MovingFigure');

const step = (name: string, phase: Motion['steps'][number]['phase'], x: number) => ({
    step: name,
    way: 0,
    phase,
    breath: 'in' as const,
    seconds: 4,
    frames: [[[x], null]],
});
const motion: Motion = {
    view: 'side',
    alternates: false,
    seat: [],
    body: [
        { role: 'body', d: 'M$ 0' },
        { role: 'far', d: 'M$ 1' },
    ],
    start: [[0], [7]],
    steps: [
        step('lift', 'enter', 10),
        { ...step('up', 'cycle', 20), again: [[[20], null]] },
        step('down', 'cycle', 40),
        step('home', 'leave', 0),
    ],
};
const drawn = (at: number, share: number, isAgain = false) =>
    bodyAt(motion, at, share, isAgain).map((shape) => shape.d);

describe('a body part of the way through a step', () => {
    it('begins where the step before it ended and comes to its own end', () => {
        expect(drawn(0, 0)).toEqual(['M0 0', 'M7 1']);
        expect(drawn(0, 0.5)).toEqual(['M5 0', 'M7 1']);
        expect(drawn(1, 0)).toEqual(['M10 0', 'M7 1']);
        expect(drawn(3, 1)).toEqual(['M0 0', 'M7 1']);
    });

    it('goes on from the end of the repetition before it, without a jump', () => {
        expect(drawn(1, 0, true)).toEqual(['M40 0', 'M7 1']);
        expect(drawn(1, 1, true)).toEqual(drawn(1, 1));
        expect(drawn(2, 0, true)).toEqual(drawn(2, 0));
    });
});
