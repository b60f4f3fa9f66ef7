import type { Beat } from '../../api/types/answer-lead';
import { Quiet } from './Quiet';
import { left as breathsLeft, wordFor } from './breath';

/** The breath of this moment, and how many are left on this side. */
export function BreathNow({ beat, isQuiet }: { beat: Beat; isQuiet: boolean }) {
    const left = breathsLeft(beat);
    return (
        <p className="flex min-h-[min(72px,19cqh)] w-full max-w-[48.75rem] items-center justify-between gap-3 whitespace-nowrap">
            <span className="font-slab text-[min(46px,13cqh)] font-bold leading-none text-glow" data-breath>
                {wordFor(beat)}
            </span>
            <Quiet isShown={isQuiet} />
            {left > 0 && (
                <span className="flex items-center gap-3">
                    <span className="font-slab text-[min(72px,19cqh)] font-bold leading-none" data-left>
                        {left}
                    </span>
                    <span className="text-[min(1.4rem,8cqh)] leading-[1.05]">
                        {beat.breath === 'free' ? (left === 1 ? 'time' : 'times') : left === 1 ? 'breath' : 'breaths'}
                        <br />
                        left
                    </span>
                </span>
            )}
        </p>
    );
}
