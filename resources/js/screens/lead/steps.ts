import type { Beat } from '../../api/types/answer-lead';

/** Whether two neighbouring beats are one step: one breath or repetition, all of an entering, one change. */
function isOneStep(beats: Beat[], turn: number[], one: number, other: number): boolean {
    const [a, b] = [beats[one], beats[other]];
    return (
        a !== undefined &&
        b !== undefined &&
        a.entry === b.entry &&
        a.kind === b.kind &&
        a.side === b.side &&
        a.unit === b.unit &&
        turn[one] === turn[other]
    );
}

/** The first beat of the step that a beat belongs to; breaths that were held again are steps of their own (turn). */
export function firstOfStep(beats: Beat[], turn: number[], index: number): number {
    let first = index;
    while (isOneStep(beats, turn, first - 1, first)) {
        first--;
    }
    return first;
}

export function lastOfStep(beats: Beat[], turn: number[], index: number): number {
    let last = index;
    while (isOneStep(beats, turn, last, last + 1)) {
        last++;
    }
    return last;
}
