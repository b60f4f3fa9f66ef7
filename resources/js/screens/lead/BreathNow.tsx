import type { Beat } from '../../api/types/answer-lead';
import { left as breathsLeft, wordFor } from './breath';
import { Fan } from './Fan';
import type { Player } from './player';

/** The breath of this moment, and how many are left on this side. */
export function BreathNow({ player, beat }: { player: Player; beat: Beat }) {
    const left = breathsLeft(beat);
    return (
        <div className="flex flex-col items-center justify-end max-lg:mt-4 max-lg:flex-row max-lg:gap-4">
            <div className="w-full max-w-[min(420px,90cqh)] max-lg:max-w-[15rem]">
                <Fan player={player} beat={beat} />
            </div>
            <p className="flex min-h-[min(92px,10.5vh)] lg:min-h-[min(92px,22cqh)] w-full items-center justify-between gap-3 whitespace-nowrap max-md:min-h-0 max-md:flex-wrap">
                <span
                    className="font-slab text-[min(48px,6vh)] lg:text-[min(48px,12cqh)] font-bold leading-none text-glow max-md:text-[1.875rem]"
                    data-breath
                >
                    {wordFor(beat)}
                </span>
                {left > 0 && (
                    <span className="flex items-center gap-3">
                        <span
                            className={`font-slab font-bold leading-none max-md:text-[3.5rem] ${left > 9 ? 'text-[min(72px,9vh)] lg:text-[min(72px,18cqh)]' : 'text-[min(92px,10.5vh)] lg:text-[min(92px,22cqh)]'}`}
                            data-left
                        >
                            {left}
                        </span>
                        <span className={`leading-[1.1] ${left > 9 ? 'text-[1.3125rem]' : 'text-[1.5rem]'}`}>
                            {beat.breath === 'free'
                                ? left === 1
                                    ? 'time'
                                    : 'times'
                                : left === 1
                                  ? 'breath'
                                  : 'breaths'}
                            <br />
                            left
                        </span>
                    </span>
                )}
            </p>
        </div>
    );
}
