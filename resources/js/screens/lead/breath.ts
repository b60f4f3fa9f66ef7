import type { Beat } from '../../api/types/answer-lead';

const breathWords = { in: 'Breathe in', out: 'Breathe out', 'hold-full': 'Rest', 'hold-empty': 'Rest' } as const;

/** What the breath, or what is done in its place, is called. */
export function wordFor(beat: Beat): string {
    switch (beat.kind) {
        case 'change':
            return 'Change';
        case 'interlude':
            return 'Between';
        case 'teach':
            return 'Show it slowly';
        case 'set-up':
            return 'Get ready';
        case 'rest':
            return 'Rest';
        default:
            return beat.breath === 'free' ? 'As it comes' : breathWords[beat.breath];
    }
}

/** Breaths or repetitions left on this side; 0 outside of the dose. */
export const left = (beat: Beat): number => (beat.unit > 0 ? beat.units - beat.unit + 1 : 0);
