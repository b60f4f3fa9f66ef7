import { act } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Beat } from '../../api/types/answer-lead';
import { say } from '../../parts/say';
import { changeSettings } from '../../parts/settings';
import { useSayingCues } from './useSayingCues';

vi.mock('../../parts/say', () => ({ say: vi.fn() }));

let root: Root;
const beat = (words: string, side: 'left' | 'right' | null = null) => ({ words, side }) as unknown as Beat;

function Leads({ now, plays }: { now: Beat | undefined; plays: boolean }) {
    useSayingCues(now, plays);
    return null;
}
const lead = (now: Beat | undefined, plays = true) => act(() => root.render(<Leads now={now} plays={plays} />));
const said = () => vi.mocked(say).mock.calls.map(([words]) => words);

beforeEach(() => {
    vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
    vi.mocked(say).mockClear();
    changeSettings({ cues: true });
    root = createRoot(document.createElement('div'));
});
afterEach(() => act(() => root.unmount()));

describe('what is said aloud while leading', () => {
    it('is each cue with its side, each change of side, and no bare breath', () => {
        lead(beat('Lift the arm.', 'left'));
        lead(beat('', 'left'));
        lead(beat('Lower it.', 'left'));
        lead(beat('', 'right'));
        lead(beat('', null));
        lead(beat('Both feet flat.'));
        expect(said()).toEqual(['left side: Lift the arm.', 'left side: Lower it.', 'right side', 'Both feet flat.']);
    });

    it('is nothing while the class waits, and nothing once it is turned off', () => {
        lead(beat('Lift the arm.', 'left'), false);
        expect(said()).toEqual([]);
        act(() => changeSettings({ cues: false }));
        lead(beat('Lower it.', 'left'));
        expect(said()).toEqual([]);
        act(() => changeSettings({ cues: true }));
        expect(said()).toEqual(['left side: Lower it.']);
    });
});
