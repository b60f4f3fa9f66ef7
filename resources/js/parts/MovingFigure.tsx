import { useEffect, useId, useState } from 'react';
import type { Shape } from '../api/types/figure';
import type { Motion } from '../api/types/motion';
import { Shapes } from './FigureDrawing';

const still = window.matchMedia('(prefers-reduced-motion: reduce)');
const ease = (share: number) => (1 - Math.cos(Math.PI * Math.min(1, Math.max(0, share)))) / 2;

/** The body part of the way through a step; the frames come from the server, a straight line lies between two of them. */
function bodyAt(motion: Motion, step: number, share: number): Shape[] {
    const frames = motion.steps[step]?.frames ?? [];
    const before = motion.steps[step - 1]?.frames.at(-1) ?? motion.body.map((shape) => shape.points);
    const run = [before, ...frames];
    const place = (still.matches ? 1 : ease(share)) * (run.length - 1);
    const low = Math.min(run.length - 1, Math.floor(place));
    const from = run[low] ?? before;
    const to = run[low + 1] ?? from;
    return motion.body.map((shape, index) => ({
        ...shape,
        points: (from[index] ?? shape.points).map(
            (value, at) => value + ((to[index]?.[at] ?? value) - value) * (place - low),
        ),
    }));
}

/** A figure at one moment of its movement. */
export function MovingFigure({
    motion,
    step,
    share,
    size,
    title,
}: {
    motion: Motion;
    step: number;
    share: number;
    size: number;
    title?: string;
}) {
    const head = useId();
    return (
        <svg
            viewBox="0 0 100 100"
            width={size}
            height={size}
            className="h-auto max-w-full shrink-0 overflow-visible"
            role={title ? 'img' : undefined}
            aria-label={title}
            aria-hidden={title ? undefined : true}
        >
            <Shapes shapes={[...motion.seat, ...bodyAt(motion, step, share)]} head={head} />
        </svg>
    );
}

/** The order in which a movement is shown: the way in, its repetition twice, the way out. */
function running(motion: Motion): number[] {
    const of = (phase: string) => motion.steps.flatMap((step, index) => (step.phase === phase ? [index] : []));
    return [...of('enter'), ...of('cycle'), ...of('cycle'), ...of('leave')];
}

const words: Record<string, string> = {
    in: 'Breathe in',
    out: 'Breathe out',
    'hold-full': 'Pause',
    'hold-empty': 'Pause',
    free: 'As it comes',
};

/** A movement going through its steps with the breath; still when motion is unwelcome, and step by step at any time. */
export function BreathingFigure({
    motion,
    size,
    title,
    cues,
}: {
    motion: Motion;
    size: number;
    title: string;
    cues: Record<string, string>;
}) {
    const [playing, setPlaying] = useState(!still.matches);
    const [place, setPlace] = useState({ at: 0, share: 1 });
    const order = running(motion);
    useEffect(() => {
        if (!playing) {
            return;
        }
        let frame = 0;
        const began = performance.now();
        const whole = order.reduce((sum, step) => sum + (motion.steps[step]?.seconds ?? 0), 0) + 1.5;
        const tick = (now: number) => {
            let left = ((now - began) / 1000) % whole;
            let at = 0;
            while (at < order.length - 1 && left >= (motion.steps[order[at] ?? 0]?.seconds ?? 0)) {
                left -= motion.steps[order[at] ?? 0]?.seconds ?? 0;
                at++;
            }
            setPlace({ at, share: left / (motion.steps[order[at] ?? 0]?.seconds || 1) });
            frame = requestAnimationFrame(tick);
        };
        frame = requestAnimationFrame(tick);
        return () => cancelAnimationFrame(frame);
        // The order follows from the motion.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [motion, playing]);
    const index = order[place.at % order.length] ?? 0;
    const step = motion.steps[index];
    return (
        <figure className="flex flex-col items-center">
            <MovingFigure motion={motion} step={index} share={place.share} size={size} title={title} />
            <figcaption className="mt-1 w-full text-center">
                <strong className="block font-slab text-[1.25rem]">{words[step?.breath ?? 'free']}</strong>
                <span className="block min-h-11 leading-snug text-ink-soft">{cues[step?.step ?? '']}</span>
                <span className="mt-1 flex justify-center gap-2">
                    <button className="button" onClick={() => setPlaying(!playing)}>
                        {playing ? 'Hold still' : 'Move with the breath'}
                    </button>
                    <button
                        className="button"
                        onClick={() => {
                            setPlaying(false);
                            setPlace({ at: playing ? place.at : (place.at + 1) % order.length, share: 1 });
                        }}
                    >
                        Step by step
                    </button>
                </span>
            </figcaption>
        </figure>
    );
}
