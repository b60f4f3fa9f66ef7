import { onlineManager } from '@tanstack/react-query';
import { useCallback, useEffect, useReducer, useState, useSyncExternalStore } from 'react';
import { useNavigate } from 'react-router';
import { api, Refusal } from '../../api/client';
import type { LeadAnswer } from '../../api/types/answer-lead';
import { useAutosave } from '../../parts/autosave';
import { hasEnding } from './Ending';
import { Player, rounded, type PlayerState, type Stretch } from './player';

const speed = Number(document.querySelector<HTMLMetaElement>('meta[name="lead-speed"]')?.content) || 1;
/** Milliseconds between two drawings, two keepings on the device, and two on the server. */
const DRAW = 100;
const KEEP = 1000;
const SEND = 10_000;

export type Action = 'toggle' | 'back' | 'skip' | 'hold' | 'next' | 'stepBack' | 'own';

/** What the device has is newer when this class was led here without a connection. */
function newest(here: PlayerState | null, stored: PlayerState | null): PlayerState | null {
    return here && (!stored || here.savedAt >= stored.savedAt) ? here : stored;
}

/** A class being led: the player, what the teacher does with it, and its keeping here and on the server. */
export function useLeading(ledId: string, lead: LeadAnswer) {
    const navigate = useNavigate();
    const [autosave, saving] = useAutosave<PlayerState>({
        name: `leading:${ledId}`,
        // In the middle of a class nobody is asked to sign in: what is kept here is enough to go on.
        send: (state) => api.put(`led/${ledId}`, { state: { ...state, done: rounded(state.done) } }, { quiet: true }),
        onRefused: ({ status }) => {
            if (status === 409) {
                void navigate(`/log/${ledId}`);
            }
            return status === 409;
        },
    });
    const [start] = useState(() => newest(autosave.pending, lead.state as unknown as PlayerState | null));
    const [player] = useState(() => new Player(lead.beats, speed, Date.now, start));
    // What was done when the class was ended; the time spent on the page after it does not count.
    const [ending, setEnding] = useState<Stretch[] | null>(() =>
        hasEnding(ledId) ? rounded(start?.done ?? []) : null,
    );
    const [hasReturned, setReturned] = useState(start !== null && start.startedAt !== null);
    const [notice, setNotice] = useState<string | null>(null);
    const [, redraw] = useReducer((count: number) => count + 1, 0);
    const isOnline = useSyncExternalStore(
        (listener) => onlineManager.subscribe(listener),
        () => onlineManager.isOnline(),
    );
    const { problem } = saving;
    const isSignedOut = problem instanceof Refusal && [401, 419].includes(problem.status);

    const act = useCallback(
        (action: Action) => {
            setReturned(false);
            setNotice(null);
            if (action === 'hold') {
                setNotice(player.hold() ? 'One more breath' : 'Nothing to hold just now');
            } else if (action === 'own') {
                player.keepOwnTime(!player.own);
                setNotice(player.own ? 'You keep the time: go on step by step' : 'The clock keeps the time again');
            } else if (action === 'next' && player.paused) {
                player.go();
            } else {
                player[action]();
            }
            autosave.change(player.state());
            redraw();
        },
        [autosave, player],
    );

    const end = useCallback(() => {
        player.pause();
        autosave.change(player.state());
        setEnding(rounded(player.state().done));
    }, [autosave, player]);

    useEffect(() => {
        if (ending) {
            return;
        }
        const keep = () => autosave.note(player.state());
        const timers = [
            setInterval(() => (player.finished ? end() : redraw()), DRAW),
            setInterval(keep, KEEP),
            setInterval(() => autosave.change(player.state()), SEND),
        ];
        window.addEventListener('pagehide', keep);
        return () => {
            timers.forEach(clearInterval);
            window.removeEventListener('pagehide', keep);
        };
    }, [autosave, end, ending, player]);

    return {
        player,
        act,
        end,
        ending,
        goBack: () => setEnding(null),
        /** The log has it: nothing is left to keep here. */
        stored: () => autosave.forget(),
        away: isSignedOut ? ('signed out' as const) : problem || !isOnline ? ('offline' as const) : null,
        sendAgain: () => void autosave.flush(),
        hasReturned,
        hasBegun: start?.startedAt != null || player.position() > 0,
        notice,
        setNotice,
    };
}

/** The screen stays on while a class is led, where the device allows it. */
export function useStayAwake(): void {
    useEffect(() => {
        let lock: WakeLockSentinel | undefined;
        const stayAwake = () => {
            if (document.visibilityState === 'visible') {
                navigator.wakeLock?.request('screen').then(
                    (held) => (lock = held),
                    () => undefined,
                );
            }
        };
        stayAwake();
        document.addEventListener('visibilitychange', stayAwake);
        return () => {
            document.removeEventListener('visibilitychange', stayAwake);
            void lock?.release();
        };
    }, []);
}
