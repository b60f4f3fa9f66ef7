import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api } from '../../api/client';
import { queryClient, refresh } from '../../api/queries';
import type { ReadinessAnswer, ReadinessAnswers } from '../../api/types/answer-readiness';
import { keep, readKept } from '../../parts/kept';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { without } from '../../parts/without';

const signs = [
    ['dizzy', 'Dizzy today'],
    ['medicine', 'New medicine'],
    ['fall', 'A fall since'],
] as const;

type Unsent = Record<string, ReadinessAnswers | null>;

/** The check before class, for a phone in the hand: one card a person. It changes today, never the record. */
export default function Readiness() {
    const { classId = '' } = useParams();
    const path = `classes/${classId}/readiness`;
    const answer = useQuery({ queryKey: ['readiness', classId], queryFn: () => api.get<ReadinessAnswer>(path) });
    const [problem, setProblem] = useState<Error | null>(null);
    const queue = useRef<Promise<unknown>>(Promise.resolve());
    const turns = useRef(0);
    const unsentName = `readiness:${classId}`;

    /** Shown at once, sent one after the other, and kept in this tab until it is stored: the last word about somebody counts. */
    const note = (id: number, answers: ReadinessAnswers | null) => {
        queryClient.setQueryData<ReadinessAnswer>(
            ['readiness', classId],
            (now) => now && { ...now, people: now.people.map((one) => (one.id === id ? { ...one, answers } : one)) },
        );
        keep(unsentName, { ...readKept<Unsent>(unsentName, 'tab'), [id]: answers }, 'tab');
        const turn = ++turns.current;
        const request = () =>
            answers === null
                ? api.delete<ReadinessAnswer>(`${path}/${id}`)
                : api.put<ReadinessAnswer>(`${path}/${id}`, answers);
        queue.current = queue.current.then(request).then(
            (next) => {
                const unsent = readKept<Unsent>(unsentName, 'tab') ?? {};
                if (JSON.stringify(unsent[id]) === JSON.stringify(answers)) {
                    const left = without(unsent, String(id));
                    keep(unsentName, Object.keys(left).length > 0 ? left : null, 'tab');
                }
                setProblem(null);
                if (turn === turns.current) {
                    queryClient.setQueryData(['readiness', classId], next);
                    void refresh('classes', 'matrix');
                }
            },
            (error: Error) => setProblem(error),
        );
    };
    const sendUnsent = () =>
        Object.entries(readKept<Unsent>(unsentName, 'tab') ?? {}).forEach(([id, answers]) => note(Number(id), answers));
    const send = useRef(sendUnsent);
    useEffect(() => {
        send.current = sendUnsent;
    });
    const isLoaded = answer.data !== undefined;
    useEffect(() => {
        if (isLoaded) {
            send.current();
        }
    }, [isLoaded]);
    if (answer.error) {
        return <Trouble error={answer.error} again={() => void answer.refetch()} />;
    }
    if (!answer.data) {
        return <Waiting what="the people of this class" />;
    }
    const asked = answer.data.people.filter((person) => person.answers !== null).length;
    return (
        <>
            <PageTitle
                title="How is everyone today?"
                below={`${answer.data.class}: ${asked} of ${answer.data.people.length} asked`}
            >
                <Link className="button button-main" to={`/classes/${classId}/who`}>
                    Who does what
                </Link>
            </PageTitle>
            {problem && <Trouble error={problem} again={sendUnsent} />}
            {answer.data.people.length === 0 && (
                <EmptyPlace
                    title="Nobody is noted for this class"
                    action={
                        <Link className="button button-main" to="/people">
                            To your people
                        </Link>
                    }
                >
                    Choose a group for the class, and its people can be asked here before you begin.
                </EmptyPlace>
            )}
            <p className="mb-3 text-ink-soft">
                Stop signs before class: chest pain, unusual breathlessness, sudden headache, a drooping face. Then no
                class: get help.
            </p>
            <ul className="grid gap-3 md:grid-cols-2">
                {answer.data.people.map((person) => {
                    const now = person.answers ?? {};
                    const pain = now.pain ?? 0;
                    const flagged = pain > 3 || signs.some(([sign]) => now[sign]);
                    return (
                        <li
                            key={person.id}
                            className={`rounded-2xl px-4 py-3 ${flagged ? 'bg-butter' : 'bg-white'}`}
                            data-person={person.key}
                        >
                            <div className="flex flex-wrap items-center gap-2">
                                <h2 className="mr-auto text-[19px]">{person.name}</h2>
                                {person.answers === null ? (
                                    <button className="button" onClick={() => note(person.id, {})}>
                                        All well
                                    </button>
                                ) : (
                                    <button className="button button-quiet px-3" onClick={() => note(person.id, null)}>
                                        Not asked yet
                                    </button>
                                )}
                            </div>
                            <label className="mt-1 flex items-center gap-3">
                                <span className="w-24 shrink-0">Pain {pain} of 10</span>
                                <input
                                    type="range"
                                    min={0}
                                    max={10}
                                    className="h-11 flex-1 accent-ink"
                                    value={pain}
                                    aria-label={`Pain of ${person.name}, 0 to 10`}
                                    onChange={(event) => note(person.id, { ...now, pain: Number(event.target.value) })}
                                />
                            </label>
                            <div className="flex flex-wrap gap-2">
                                {signs.map(([sign, words]) => (
                                    <button
                                        key={sign}
                                        aria-pressed={now[sign] ?? false}
                                        className={`button px-3 ${now[sign] ? 'border-2 border-ink bg-butter-deep' : ''}`}
                                        onClick={() => note(person.id, { ...now, [sign]: !now[sign] })}
                                    >
                                        {words}
                                    </button>
                                ))}
                            </div>
                            {(person.clearance === 'lapsed' || person.clearance === 'missing') && (
                                <p className="mt-2 text-[15px]">
                                    <span className="rounded bg-butter-deep px-1.5">
                                        {person.clearance === 'lapsed'
                                            ? 'The clinician’s word is older than a year.'
                                            : 'A clinician should be asked; nothing is noted.'}
                                    </span>
                                </p>
                            )}
                            {flagged && (
                                <p className="mt-2 text-[15px]">
                                    {[
                                        pain > 3 && 'Half the dose today.',
                                        now.dizzy && 'Seated, head level, eyes open.',
                                        now.medicine && 'Watch for dizziness.',
                                        now.fall && 'Seated; ask where it hurts.',
                                    ]
                                        .filter(Boolean)
                                        .join(' ')}
                                </p>
                            )}
                        </li>
                    );
                })}
            </ul>
        </>
    );
}
