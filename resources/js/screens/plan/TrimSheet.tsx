import { useEffect, useState } from 'react';
import type { LookAnswer } from '../../api/types/answer-look';
import { Sheet } from '../../parts/Sheet';
import { Look } from './Look';

/** The class in another length: a slider, and what becomes of every row under it. */
export function TrimSheet({
    classId,
    revision,
    planned,
    slot,
    onTake,
    onClose,
}: {
    classId: string;
    revision: number;
    /** seconds */
    planned: number;
    slot: number;
    onTake: (plan: NonNullable<LookAnswer['plan']>) => void;
    onClose: () => void;
}) {
    const most = Math.max(Math.ceil(planned / 60), Math.round(slot / 60)) + 10;
    const [minutes, setMinutes] = useState(() =>
        Math.min(Math.round(slot / 60), Math.max(5, Math.floor(planned / 60) - 5)),
    );
    const [asked, setAsked] = useState(minutes);
    useEffect(() => {
        const timer = setTimeout(() => setAsked(minutes), 250);
        return () => clearTimeout(timer);
    }, [minutes]);
    return (
        <Sheet title="Shorter or longer" open onClose={onClose}>
            <label className="mb-4 block">
                <span className="mb-1 flex items-baseline justify-between gap-3">
                    <span className="font-semibold">How long it is to take</span>
                    <strong className="font-slab text-[1.375rem] tabular-nums">{minutes} min</strong>
                </span>
                <input
                    type="range"
                    min={5}
                    max={most}
                    value={minutes}
                    aria-valuetext={`${minutes} minutes`}
                    className="h-11 w-full accent-ink"
                    onChange={(event) => setMinutes(Number(event.target.value))}
                />
                <span className="text-[0.9375rem] text-ink-soft">
                    Both sides stay alike, and arriving and closing stay. What can be missed most easily goes first.
                </span>
            </label>
            <Look classId={classId} question={{ minutes: asked, revision }} names={['Now', `In ${asked} min`]}>
                {(answer) => (
                    <button
                        className="button button-main w-full"
                        disabled={answer.plan === null || asked !== minutes}
                        onClick={() => answer.plan && onTake(answer.plan)}
                    >
                        Take it so
                    </button>
                )}
            </Look>
        </Sheet>
    );
}
