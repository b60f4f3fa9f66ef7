import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import type { BeginningsAnswer } from '../../api/types/answer-beginnings';
import type { ShapeCard } from '../../api/types/answer-spine';
import type { ClassesAnswer } from '../../api/types/answer-classes';
import { MiniBench } from '../../parts/MiniBench';
import { MiniSpine } from '../../parts/MiniSpine';
import { Trouble } from '../../parts/States';
import { clock, dayAndHour } from '../../parts/time';
import { useOpenFile } from '../classes/useOpenFile';

/** With what else a class may begin: the one after the last one, a shape, another class, nothing. */
export function Beginnings({
    answer,
    classes,
    busy,
    onTake,
    onMinutes,
    onProblem,
}: {
    answer: UseQueryResult<BeginningsAnswer>;
    classes: ClassesAnswer['classes'];
    busy: boolean;
    onTake: (from: Record<string, unknown>) => void;
    onMinutes: (minutes: number) => void;
    onProblem: (words: string | null) => void;
}) {
    const [copy, setCopy] = useState('');
    const [shape, setShape] = useState('');
    const [looks, setLooks] = useState(false);
    const file = useOpenFile(onProblem);
    const copied = useQuery({
        queryKey: ['spine', copy],
        queryFn: () => api.get<ShapeCard>(`classes/${copy}/spine`),
        enabled: copy !== '',
    });
    if (answer.error) {
        return <Trouble error={answer.error} again={() => void answer.refetch()} />;
    }
    const last = answer.data?.last;
    const shapes = answer.data?.shapes ?? [];
    const drawn = shapes.find(({ id }) => id === shape) ?? copied.data;
    return (
        <section
            aria-label="Begin with"
            className="grid items-start gap-4 sm:grid-cols-2 lg:grid-cols-[1.3fr_1fr_0.8fr]"
            aria-busy={!answer.data}
        >
            {last && (
                <div className="card bg-butter max-lg:col-span-full" data-begin="after">
                    <h2 className="text-[1.25rem]">The next one</h2>
                    <p className="text-ink-soft">
                        After {last.title}, {clock(last.seconds)} planned.
                    </p>
                    <div className="mt-2">
                        <MiniBench rows={last.rows} seconds={last.seconds} slot={last.minutes * 60} />
                    </div>
                    {last.note && <p className="mt-2">Noted last time: “{last.note}”</p>}
                    <ul className="mt-2 list-disc pl-5">
                        {last.says.map((words) => (
                            <li key={words}>{words}</li>
                        ))}
                    </ul>
                    <div className="mt-3 flex flex-wrap gap-2">
                        <button
                            className="button button-main"
                            disabled={busy}
                            onClick={() => onTake({ after: last.class })}
                        >
                            Take the next one
                        </button>
                        <button className="button" aria-expanded={looks} onClick={() => setLooks(!looks)}>
                            {looks ? 'Fold it' : 'Look at it'}
                        </button>
                    </div>
                    {looks && (
                        <div className="mt-3 rounded-xl bg-white px-3 py-2">
                            <MiniSpine rows={last.rows} />
                        </div>
                    )}
                </div>
            )}
            <div className="card" data-begin="shape">
                <h2 className="text-[1.25rem]">A shape, or a copy</h2>
                <label className="mt-2 block">
                    <span className="mb-1 block font-semibold">A ready shape</span>
                    <select
                        className="field"
                        name="starter"
                        value={shape}
                        onChange={(event) => {
                            const one = shapes.find(({ id }) => id === event.target.value);
                            setShape(event.target.value);
                            setCopy('');
                            if (one) {
                                onMinutes(one.minutes);
                            }
                        }}
                    >
                        <option value="">Choose one</option>
                        {shapes.map(({ id, name }) => (
                            <option key={id} value={id}>
                                {name}
                            </option>
                        ))}
                    </select>
                </label>
                {classes.length > 0 && (
                    <label className="mt-2 block">
                        <span className="mb-1 block font-semibold">One of your classes</span>
                        <select
                            className="field"
                            name="copyOf"
                            value={copy}
                            onChange={(event) => {
                                const one = classes.find(({ id }) => String(id) === event.target.value);
                                setCopy(event.target.value);
                                setShape('');
                                if (one) {
                                    onMinutes(Math.round(one.slot / 60));
                                }
                            }}
                        >
                            <option value="">Choose one</option>
                            {classes.map((row) => (
                                <option key={row.id} value={row.id}>
                                    {row.title}
                                    {row.startsAt ? `, ${dayAndHour(row.startsAt)}` : ''}
                                </option>
                            ))}
                        </select>
                    </label>
                )}
                <button
                    className="button mt-3"
                    disabled={busy || (shape === '' && copy === '')}
                    onClick={() => onTake(shape ? { starter: shape } : { copyOf: Number(copy) })}
                >
                    Begin with it
                </button>
                {drawn && (
                    <div className="mt-3" data-drawn={drawn.name}>
                        <MiniBench rows={drawn.rows} seconds={drawn.seconds} slot={drawn.minutes * 60} />
                        <MiniSpine rows={drawn.rows} />
                    </div>
                )}
            </div>
            <div className="card" data-begin="empty">
                <h2 className="text-[1.25rem]">Nothing yet</h2>
                <p className="text-ink-soft">Five empty sections, and you choose each movement.</p>
                <button className="button mt-3 w-full" disabled={busy} onClick={() => onTake({})}>
                    Plan this class
                </button>
                <p className="mt-4 text-ink-soft">Or a class that was saved as a file, with its own day and people.</p>
                <button className="button mt-3 w-full" disabled={busy} onClick={file.choose}>
                    Open a file
                </button>
                {file.parts}
            </div>
        </section>
    );
}
