import { useEffect, useRef } from 'react';
import { settings } from '../../parts/settings';
import type { Action } from './useLeading';

/** Milliseconds within which Esc has to come twice. */
const TWICE = 2000;

interface Does {
    act: (action: Action) => void;
    end: () => void;
    onDifferent: () => void;
    say: (notice: string) => void;
}

/** The keys of a class being led; page keys too, so that a presenter's remote works: at the teacher's own time it goes from step to step. */
export function useLeadKeys(isOn: boolean, own: boolean, { act, end, onDifferent, say }: Does): void {
    const escapedAt = useRef(0);
    useEffect(() => {
        if (!isOn) {
            return;
        }
        const press = (event: KeyboardEvent) => {
            const onButton = (event.target as HTMLElement).closest('button') !== null;
            if (event.ctrlKey || event.metaKey || event.altKey || (event.key === ' ' && onButton)) {
                return;
            }
            const does: Record<string, () => void> = {
                ' ': () => act(own ? 'next' : 'toggle'),
                t: () => act('own'),
                p: () => act('toggle'),
                h: () => act('hold'),
                s: () => act('skip'),
                ArrowRight: () => act(own ? 'next' : 'skip'),
                PageDown: () => act(own ? 'next' : 'skip'),
                b: () => act('back'),
                ArrowLeft: () => act(own ? 'stepBack' : 'back'),
                PageUp: () => act(own ? 'stepBack' : 'back'),
                d: onDifferent,
                Escape: () => {
                    if (Date.now() - escapedAt.current < TWICE) {
                        end();
                    } else {
                        escapedAt.current = Date.now();
                        say('Press Esc once more to end the class');
                    }
                },
            };
            if (event.key.length === 1 && event.key !== ' ' && !settings().keys) {
                return;
            }
            const run = does[event.key.length === 1 ? event.key.toLowerCase() : event.key];
            if (run) {
                event.preventDefault();
                run();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, [act, end, isOn, onDifferent, own, say]);
}
