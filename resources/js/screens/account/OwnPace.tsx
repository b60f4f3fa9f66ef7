import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { queryClient } from '../../api/queries';
import type { PaceAnswer } from '../../api/types/answer-pace';
import { Ask } from '../../parts/Sheet';
import { Trouble } from '../../parts/States';
import { plural } from '../../parts/time';

/** Beside the book: a hundredth more or less is the same. */
function beside(factor: number): string {
    const percent = Math.round((factor - 1) * 100);
    return percent === 0 ? 'as the book' : `${Math.abs(percent)}% ${percent > 0 ? 'longer' : 'shorter'}`;
}

/** The teacher's pace, from what it is drawn, whether it counts, and the way to begin anew. */
export function OwnPace() {
    const pace = useQuery({ queryKey: ['pace'], queryFn: () => api.get<PaceAnswer>('pace') });
    const [asking, setAsking] = useState(false);
    const change = useMutation({
        mutationFn: (by: { counts?: boolean; anew?: boolean }) => api.put<PaceAnswer>('pace', by),
        onSuccess: (answer) => queryClient.setQueryData(['pace'], answer),
    });
    const { data } = pace;
    return (
        <section className="card" id="pace" data-pace>
            <h2 className="mb-1 text-[1.125rem]">Your pace</h2>
            <p className="mb-3 text-ink-soft">
                The book knows how long a movement takes; nobody talks by the book. When you lead at your own time, step
                by step, what you take is compared with it. The middle of your last classes counts, odd ones do not, and
                while there is little to go by it stays near the book.
            </p>
            {pace.error && <Trouble error={pace.error} again={() => void pace.refetch()} />}
            {change.error && <Trouble error={change.error} again={() => change.reset()} />}
            {data && data.classes === 0 && (
                <p>No class was led at your own time yet. In Lead, press “By the clock” to go step by step instead.</p>
            )}
            {data && data.classes > 0 && (
                <table className="mb-3 w-full text-left">
                    <caption className="mb-1 text-left text-[0.9375rem] text-ink-soft">
                        From {plural(data.classes, 'class', 'classes')} led at your own time
                    </caption>
                    <thead className="text-[0.9375rem] text-ink-soft">
                        <tr>
                            <th className="font-normal">Time for</th>
                            <th className="font-normal">You take</th>
                            <th className="text-right font-normal">Movements</th>
                        </tr>
                    </thead>
                    <tbody>
                        {data.kinds.map((kind) => (
                            <tr key={kind.kind} className="border-t border-hair">
                                <td className="py-1.5">{kind.name}</td>
                                <td className="font-semibold">{beside(kind.factor)}</td>
                                <td className="text-right tabular-nums">{kind.movements}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            {data && (
                <label className="flex min-h-11 items-center gap-2">
                    <input
                        type="checkbox"
                        className="h-5 w-5 accent-ink"
                        checked={data.counts}
                        disabled={change.isPending}
                        onChange={(event) => change.mutate({ counts: event.target.checked })}
                    />
                    Look at whether a class fits its time at my pace
                </label>
            )}
            {data && data.classes > 0 && (
                <button type="button" className="button mt-2" onClick={() => setAsking(true)}>
                    Begin anew
                </button>
            )}
            {asking && (
                <Ask
                    title="Begin anew with your pace?"
                    yes="Begin anew"
                    onClose={() => setAsking(false)}
                    onYes={() => {
                        change.mutate({ anew: true });
                        setAsking(false);
                    }}
                >
                    The classes you led so far stay in the log, but tell nothing about your pace any more.
                </Ask>
            )}
        </section>
    );
}
