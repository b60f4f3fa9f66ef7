import { useEffect, useState } from 'react';
import type { Shape } from '../api/types/figure';
import type { Motion } from '../api/types/motion';
import { Shapes } from './FigureDrawing';

const calm = window.matchMedia('(prefers-reduced-motion: reduce)');
const ease = (share: number) => (1 - Math.cos(Math.PI * Math.min(1, Math.max(0, share)))) / 2;

/** The paths of what stands still from one frame to the next, each put together once. */
const whole = new WeakMap<number[], string>();

/** A path whose numbers are given apart from it. */
function filled(path: string, numbers: number[]): string {
    let at = 0;
    return path.replaceAll('$', () => String(Math.round(numbers[at++] ?? 0)));
}

function still(path: string, numbers: number[]): string {
    const known = whole.get(numbers) ?? filled(path, numbers);
    whole.set(numbers, known);
    return known;
}

type Frame = number[][];

/** Every frame of a motion with all its numbers: those that are as in the frame before are sent once. */
function unfolded(motion: Motion): { frames: Frame[]; again: Frame[] }[] {
    const filledFrom = (first: Frame, frames: (number[] | null)[][]) => {
        let last = first;
        return frames.map((frame) => (last = frame.map((numbers, shape) => numbers ?? last[shape] ?? [])));
    };
    let last = motion.start;
    const steps = motion.steps.map((step) => {
        const frames = filledFrom(last, step.frames);
        last = frames.at(-1) ?? last;
        return { frames, again: step.again ?? [] };
    });
    const endOf = (way: number) =>
        steps
            .filter((_, index) => motion.steps[index]?.phase === 'cycle' && motion.steps[index].way === way)
            .at(-1)
            ?.frames.at(-1) ?? motion.start;
    return steps.map(({ frames, again }, index) => {
        const way = motion.steps[index]?.way ?? 0;
        // A repetition follows one in its own direction, or one on the other side.
        const from = endOf(motion.alternates ? 1 - way : way);
        return { frames, again: [from, ...filledFrom(from, again)] };
    });
}

const runs = new WeakMap<Motion, ReturnType<typeof unfolded>>();

function framesOf(motion: Motion) {
    const known = runs.get(motion) ?? unfolded(motion);
    runs.set(motion, known);
    return known;
}

/**
 * The body part of the way through a step; the frames come from the server, a straight line lies between two of them.
 * A repetition that follows another begins where that one ended.
 */
export function bodyAt(motion: Motion, step: number, share: number, isAgain = false): Shape[] {
    const all = framesOf(motion);
    const again = all[step]?.again ?? [];
    const run =
        isAgain && again.length > 1
            ? again
            : [all[step - 1]?.frames.at(-1) ?? motion.start, ...(all[step]?.frames ?? [])];
    const place = (calm.matches ? 1 : ease(share)) * (run.length - 1);
    const low = Math.min(run.length - 1, Math.floor(place));
    const from = run[low] ?? motion.start;
    const to = run[low + 1] ?? from;
    return motion.body.map((shape, index) => {
        const numbers = from[index] ?? [];
        const next = to[index] ?? numbers;
        if (numbers === next || place === low) {
            return { ...shape, d: still(shape.d, numbers) };
        }
        const between = numbers.map((value, at) => value + ((next[at] ?? value) - value) * (place - low));
        return { ...shape, d: filled(shape.d, between) };
    });
}

/** A figure at one moment of its movement. */
export function MovingFigure({
    motion,
    step,
    share,
    isAgain,
    size,
    title,
    className = 'h-auto max-w-full',
}: {
    motion: Motion;
    step: number;
    share: number;
    /** whether a repetition went before this one */
    isAgain: boolean;
    size: number;
    title?: string;
    className?: string;
}) {
    return (
        <svg
            viewBox="0 0 1000 1000"
            width={size}
            height={size}
            className={`shrink-0 overflow-visible ${className}`}
            role={title ? 'img' : undefined}
            aria-label={title}
            aria-hidden={title ? undefined : true}
        >
            <Shapes shapes={[...motion.seat, ...bodyAt(motion, step, share, isAgain)]} size={size} />
        </svg>
    );
}

/** The order in which a movement is shown: the way in, its repetition twice in each direction or on each side in turn, the way out. */
function running(motion: Motion): number[] {
    const of = (phase: string, way?: number) =>
        motion.steps.flatMap((step, index) =>
            step.phase === phase && (way === undefined || step.way === way) ? [index] : [],
        );
    const ways = [...new Set(motion.steps.map((step) => step.way))].map((way) => of('cycle', way));
    const twice = motion.alternates ? [...ways, ...ways] : ways.flatMap((way) => [way, way]);
    return [...of('enter'), ...twice.flat(), ...of('leave')];
}

const words: Record<string, string> = {
    in: 'Breathe in',
    out: 'Breathe out',
    'hold-full': 'Pause',
    'hold-empty': 'Pause',
    free: 'As it comes',
};

/** A movement going through its steps with the breath; still when motion is unwelcome, and step by step at any time. */
export function BreathingFigure({ motion, size, title }: { motion: Motion; size: number; title: string }) {
    const [playing, setPlaying] = useState(!calm.matches);
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
    const breath = words[step?.breath ?? 'free'];
    return (
        <figure className="flex w-full flex-col items-center">
            <MovingFigure
                motion={motion}
                step={index}
                share={place.share}
                isAgain={motion.steps[order[place.at - 1] ?? -1]?.phase === 'cycle'}
                size={size}
                title={title}
                className="h-auto w-full max-w-[min(37.5rem,62vh)]"
            />
            <figcaption className="mt-1 w-full text-center">
                <strong className="block font-slab text-[1.25rem]">{breath}</strong>
                <span className="block min-h-11 leading-snug text-ink-soft">
                    {step?.cue === `${breath}.` ? '' : step?.cue}
                </span>
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
