import { useEffect, useRef } from 'react';
import type { Beat } from '../../api/types/answer-lead';
import { say } from '../../parts/say';
import { useSettings } from '../../parts/settings';

/** Says each cue with its side, and each change of side, to whoever listens to the screen; breaths alone are not said. */
export function useSayingCues(beat: Beat | undefined, isPlaying: boolean): void {
    const { cues } = useSettings();
    const side = useRef<string | null>(null);
    const words = beat?.words ?? '';
    const named = beat?.side ?? null;
    useEffect(() => {
        if (!cues || !isPlaying) {
            return;
        }
        const changed = named !== side.current && named !== null;
        side.current = named;
        if (words || changed) {
            say([named ? `${named} side` : '', words].filter(Boolean).join(': '));
        }
    }, [cues, isPlaying, named, words]);
}
