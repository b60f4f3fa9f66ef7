import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { api } from '../../api/client';
import { queryClient, refresh } from '../../api/queries';
import type { ReadinessAnswer, ReadinessAnswers } from '../../api/types/answer-readiness';
import { useAutosave } from '../../parts/autosave';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';

const signs = [
    ['dizzy', 'Dizzy today'],
    ['medicine', 'New medicine'],
    ['fall', 'A fall since'],
] as const;

/** Answers by person; null takes them back. */
type Unsent = Record<string, ReadinessAnswers | null>;

/** What was said since and is not stored yet. */
function unlike(newer: Unsent, stored: Unsent): Unsent | null {
    const left = Object.entries(newer).filter(
        ([id, answers]) => !(id in stored) || JSON.stringify(stored[id]) !== JSON.stringify(answers),
    );
    return left.length > 0 ? Object.fromEntries(left) : null;
}

/** The check before class, for a phone in the hand: one card a person. It changes today, never the record. */
export default function Readiness() {
    const { classId = '' } = useParams();
    const path = `classes/${classId}/readiness`;
    const answer = useQuery({ queryKey: ['readiness', classId], queryFn: () => api.get<ReadinessAnswer>(path) });
    const [autosave, { problem }] = useAutosave<Unsent, ReadinessAnswer | undefined>({
        name: `readiness:${classId}`,
        where: 'tab',
        send: async (unsent) => {
            let told: ReadinessAnswer | undefined;
            for (const [id, answers] of Object.entries(unsent)) {
                told = await (answers === null
                    ? api.delete<ReadinessAnswer>(`${path}/${id}`)
                    : api.put<ReadinessAnswer>(`${path}/${id}`, answers));
            }
            return told;
        },
        onStored: (told) => {
            void queryClient.cancelQueries({ queryKey: ['readiness', classId] });
            queryClient.setQueryData(['readiness', classId], told);
            void refresh('classes', 'matrix');
        },
        rebase: (newer, _, stored) => unlike(newer, stored),
    });

    const note = (id: number, answers: ReadinessAnswers | null) =>
        autosave.change({ ...autosave.pending, [id]: answers });
    if (answer.error) {
        return <Trouble error={answer.error} again={() => void answer.refetch()} />;
    }
    if (!answer.data) {
        return <Waiting what="the people of this class" />;
    }
    // Shown at once: the last word about somebody counts, stored or not.
    const unsent = autosave.pending ?? {};
    const people = answer.data.people.map((person) => ({
        ...person,
        answers: person.id in unsent ? (unsent[person.id] ?? null) : person.answers,
    }));
    const asked = people.filter((person) => person.answers !== null).length;
    return (
        <>
            <PageTitle
                title="How is everyone today?"
                below={`${answer.data.class}: ${asked} of ${people.length} asked`}
            >
                <Link className="button button-main" to={`/classes/${classId}/who`}>
                    Who does what
                </Link>
            </PageTitle>
            {problem && <Trouble error={problem} again={() => void autosave.flush()} />}
            {people.length === 0 && (
                <EmptyPlace
                    title="Nobody is noted for this class"
                    example="“M. K.: dizzy today.” Then M. K. stays seated, head level and eyes open, in every movement of this class."
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
                {people.map((person) => {
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
                                <h2 className="mr-auto text-[1.1875rem]">{person.name}</h2>
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
                            {person.always.length > 0 && (
                                <ul className="mt-2 text-[0.9375rem]" aria-label={`To remember with ${person.name}`}>
                                    {person.always.map((words) => (
                                        <li key={words}>{words}</li>
                                    ))}
                                </ul>
                            )}
                            {(person.clearance === 'lapsed' || person.clearance === 'missing') && (
                                <p className="mt-2 text-[0.9375rem]">
                                    <span className="rounded bg-butter-deep px-1.5">
                                        {person.clearance === 'lapsed'
                                            ? 'The clinician’s word is older than a year.'
                                            : 'A clinician should be asked; nothing is noted.'}
                                    </span>
                                </p>
                            )}
                            {flagged && (
                                <p className="mt-2 text-[0.9375rem]">
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
