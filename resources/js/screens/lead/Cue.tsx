import type { Beat } from '../../api/types/answer-lead';
import type { Motion } from '../../api/types/motion';
import { MovingFigure } from '../../parts/MovingFigure';
import { FitText } from '../../parts/FitText';
import { useEveryFrame } from '../../parts/useEveryFrame';
import { part } from './cueParts';
import { Fan } from './Fan';
import type { Moment } from './moment';
import type { Player } from './player';

/** Seconds of a beat under which its own shape would flicker past. */
const TOO_QUICK = 2;

/** What is said now; where it is quiet, what is done. */
export const cueOf = ({ said, share, beat, entry }: Moment) =>
    said !== null
        ? part(said, share)
        : (beat.length < TOO_QUICK ? '' : beat.shape) ||
          (beat.breath === 'in' ? 'Breathe in.' : beat.breath === 'out' ? 'Breathe out.' : entry.name);

/** The cue, as large as there is room for; while nobody speaks it steps back. */
export function CueNow({ moment, most, className }: { moment: Moment; most: number; className: string }) {
    const isQuiet = moment.said === null;
    return (
        <FitText
            words={cueOf(moment)}
            most={most}
            className={`${className} ${isQuiet ? 'font-[480] text-mist' : 'font-[680]'}`}
        />
    );
}

/** The figure that does it, as large as there is room for; the breath opens behind it. */
export function Stage({
    player,
    beat,
    motion,
    name,
}: {
    player: Player;
    beat: Beat;
    motion: Motion | undefined;
    name: string;
}) {
    return (
        <div className="relative min-w-0 overflow-hidden">
            <div className="absolute inset-x-0 top-0 h-[72%]">
                <Fan player={player} beat={beat} />
            </div>
            {motion && (
                <div className="absolute inset-0 flex justify-center pt-[3%]" data-moving-figure>
                    <LeadFigure player={player} motion={motion} name={name} size={420} className="h-full w-auto" />
                </div>
            )}
        </div>
    );
}

/** The movement itself, in time with the cue; at rest it waits in its first place. */
export function LeadFigure({
    player,
    motion,
    name,
    size,
    className,
}: {
    player: Player;
    motion: Motion;
    name: string;
    size: number;
    className?: string;
}) {
    useEveryFrame();
    const position = player.position();
    const index = player.index(position);
    const beat = player.at(index);
    const before = player.at(index - 1);
    const of = (one: typeof beat) => motion.steps.findIndex((step) => step.step === one?.step && step.way === one.way);
    const step = of(beat);
    // A repetition goes on from the one before it: of its own side and way, or of the other side where they take turns.
    const follows =
        before?.entry === beat?.entry && (motion.alternates ? before?.way !== beat?.way : before?.side === beat?.side);
    return (
        <MovingFigure
            motion={motion}
            step={Math.max(0, step)}
            share={beat && step >= 0 ? (position - beat.start) / beat.length : 0}
            isAgain={follows && motion.steps[of(before)]?.phase === 'cycle'}
            size={size}
            title={name}
            className={className}
        />
    );
}
