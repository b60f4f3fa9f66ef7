import type { Beat, LeadEntry } from '../../api/types/answer-lead';
import type { Motion } from '../../api/types/motion';
import { MovingFigure } from '../../parts/MovingFigure';
import { useEveryFrame } from '../../parts/useEveryFrame';
import { part } from './cueParts';
import type { Player } from './player';

/** As large as there is room for: what is said is read from two metres, and the rest has to stay on the screen. */
function cueSize(words: string): string {
    if (words.length <= 28) {
        return 'text-[min(80px,9vh)] lg:text-[min(80px,24cqh)] lg:max-xl:text-[min(64px,22cqh)] tracking-[-0.015em] leading-[1.04]';
    }
    if (words.length <= 44) {
        return 'text-[min(80px,9vh)] lg:text-[min(80px,19cqh)] lg:max-xl:text-[min(56px,16cqh)] tracking-[-0.015em] leading-[1.04]';
    }
    return words.length <= 66
        ? 'text-[min(68px,7.6vh)] lg:text-[min(68px,max(15cqh,min(20cqh,4cqw)))] lg:max-xl:text-[min(54px,13cqh)] tracking-[-0.015em] leading-[1.05]'
        : 'text-[min(58px,6.5vh)] lg:text-[min(58px,max(13cqh,min(17cqh,3.2cqw)))] lg:max-xl:text-[min(44px,11cqh)] tracking-[-0.014em] leading-[1.07]';
}

/** What is said now; where nothing is, the breath itself. */
export const cueOf = (beat: Beat, entry: LeadEntry, share: number) =>
    part(beat.words, share) ||
    (beat.breath === 'in' ? 'Breathe in.' : beat.breath === 'out' ? 'Breathe out.' : entry.name);

interface Props {
    player: Player;
    beat: Beat;
    entry: LeadEntry;
    /** how much of the beat has gone, from 0 to 1 */
    share: number;
    motion: Motion | undefined;
}

/** What is said now, with the figure that does it. */
export function Cue({ player, beat, entry, share, motion }: Props) {
    const words = cueOf(beat, entry, share);
    return (
        <div className="py-2 max-lg:min-h-[9.375rem] [@media(max-height:480px)]:max-lg:min-h-[6rem]" aria-live="off">
            {motion && (
                <>
                    {/* Pushes the figure down, so that the first lines of a cue have the whole width. */}
                    <span className="float-right h-[min(80px,16cqh)] w-0 max-lg:hidden" aria-hidden="true" />
                    <span
                        className="float-right clear-right ml-4 block w-[min(188px,38cqh)] max-lg:w-[6.5rem] [@media(max-height:480px)]:max-lg:w-[5.25rem]"
                        data-moving-figure
                    >
                        <LeadFigure player={player} motion={motion} name={entry.name} />
                    </span>
                </>
            )}
            <p className={`font-[680] max-md:text-[2.75rem] max-md:leading-[1.08] ${cueSize(words)}`} data-cue>
                {words}
            </p>
        </div>
    );
}

/** The movement itself, in time with the cue; at rest it waits in its first place. */
export function LeadFigure({ player, motion, name }: { player: Player; motion: Motion; name: string }) {
    useEveryFrame();
    const position = player.position();
    const index = player.index(position);
    const beat = player.at(index);
    const before = player.at(index - 1);
    const of = (one: typeof beat) => motion.steps.findIndex((step) => step.step === one?.step && step.way === one.way);
    const step = of(beat);
    return (
        <MovingFigure
            motion={motion}
            step={Math.max(0, step)}
            share={beat && step >= 0 ? (position - beat.start) / beat.length : 0}
            isAgain={
                before?.entry === beat?.entry &&
                before?.side === beat?.side &&
                motion.steps[of(before)]?.phase === 'cycle'
            }
            size={188}
            title={name}
        />
    );
}
