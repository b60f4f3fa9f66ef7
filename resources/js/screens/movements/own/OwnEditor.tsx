import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../../api/client';
import { useGroups, useLibrary } from '../../../api/queries';
import type { LibraryAnswer } from '../../../api/types/answer-library';
import type { OwnMovementAnswer } from '../../../api/types/answer-own';
import { Ask } from '../../../parts/Sheet';
import { PageTitle } from '../../../parts/Shell';
import { Trouble, Waiting } from '../../../parts/States';
import { plural } from '../../../parts/time';
import { Cautions } from './Cautions';
import { placeInWords, useDraft, withAngle, withHand, type AngleRoles, type Draft, type OnHand } from './draft';
import { Ladder } from './Ladder';
import { PoseEditor } from './PoseEditor';
import { Steps } from './Steps';
import { Words } from './Words';

export default function OwnEditor() {
    const { key = '' } = useParams();
    const answer = useQuery({
        queryKey: ['own', key],
        queryFn: () => api.get<OwnMovementAnswer>(`own/${key}`),
        staleTime: Infinity,
        gcTime: 0,
        refetchOnWindowFocus: false,
    });
    const library = useLibrary();
    const error = answer.error ?? library.error;
    if (error) {
        return <Trouble error={error} again={() => void answer.refetch()} />;
    }
    return answer.data && library.data ? (
        <Editor key={answer.data.key} answer={answer.data} library={library.data} />
    ) : (
        <Waiting what="your movement" />
    );
}

/** The shape of one step: the movement's own, or that of a rung with a shape of its own. */
function anglesOf(draft: Draft, step: string, rung: string | null): AngleRoles {
    const own = draft.variations.find((one) => one.id === rung)?.angles?.[step];
    return own ?? draft.steps.find((one) => one.id === step)?.angles ?? {};
}

function Editor({ answer, library }: { answer: OwnMovementAnswer; library: LibraryAnswer }) {
    const { draft, change, told, state, problem, save, keep, discard } = useDraft(answer);
    const groups = useGroups();
    const navigate = useNavigate();
    const [step, setStep] = useState(draft.steps[0]?.id ?? '');
    const [rung, setRung] = useState<string | null>(null);
    const [group, setGroup] = useState('');
    const [throwing, setThrowing] = useState(false);
    const shown = draft.steps.some((one) => one.id === step) ? step : (draft.steps[0]?.id ?? '');
    const chosenRung = draft.variations.find((one) => one.id === rung);
    const usual = draft.variations.find((one) => one.id === draft.usual);
    const base = chosenRung ?? usual;
    const setAngle = (role: string, action: string, degrees: number | null) =>
        change((one) =>
            rung && one.variations.find((each) => each.id === rung)?.angles
                ? {
                      ...one,
                      variations: one.variations.map((each) =>
                          each.id === rung
                              ? {
                                    ...each,
                                    angles: {
                                        ...each.angles,
                                        [shown]: withAngle(anglesOf(one, shown, rung), role, action, degrees),
                                    } as typeof each.angles,
                                }
                              : each,
                      ) as Draft['variations'],
                  }
                : {
                      ...one,
                      steps: one.steps.map((each) =>
                          each.id === shown
                              ? { ...each, angles: withAngle(each.angles ?? {}, role, action, degrees) }
                              : each,
                      ) as Draft['steps'],
                  },
        );
    // A shape that several rungs share is laid in all of them; a rung with a shape of its own keeps its own hands.
    const setHand: OnHand = (who, place) =>
        change((one) => {
            const step = one.steps.find((each) => each.id === shown);
            const laid = (body: Draft['body']) => (step ? withHand(body ?? {}, who, step, one.steps, place) : body);
            const own = rung !== null;
            return {
                ...one,
                ...(own ? {} : { body: laid(one.body) }),
                variations: one.variations.map((each) =>
                    (own ? each.id === rung : !each.angles && each.body)
                        ? { ...each, body: laid(each.body ?? one.body) }
                        : each,
                ),
            } as Draft;
        });
    const shownStep = draft.steps.find((one) => one.id === shown) ?? draft.steps[0];
    const saved =
        state === 'saved'
            ? told.hasDraft
                ? 'Draft saved'
                : `Version ${told.number} kept`
            : state === 'sending'
              ? 'Saving'
              : 'Not saved yet';
    return (
        <>
            <Link to="/movements" className="mb-2 inline-flex min-h-11 items-center underline underline-offset-4">
                All movements
            </Link>
            <PageTitle title={draft.names.plain || 'A new movement'} below={<span data-saved={state}>{saved}</span>}>
                {told.hasDraft && (
                    <button className="button" onClick={() => setThrowing(true)}>
                        Throw the draft away
                    </button>
                )}
                <button
                    className="button button-main"
                    onClick={() =>
                        void keep().then((kept) => {
                            if (kept) {
                                void navigate(`/movements/${encodeURIComponent(`${kept.key}@${kept.number}`)}`);
                            }
                        })
                    }
                >
                    Keep this version
                </button>
            </PageTitle>
            {problem && (
                <div className="mb-4">
                    <Trouble error={problem} again={() => void save()} />
                </div>
            )}
            <section
                aria-label="To settle"
                className={`mb-5 rounded-2xl px-4 py-3 ${told.problems.length > 0 ? 'bg-butter' : 'bg-list'}`}
                role="status"
            >
                {told.problems.length === 0 ? (
                    <p>Nothing to settle. It can be kept and used.</p>
                ) : (
                    <details open={told.problems.length <= 3}>
                        <summary className="min-h-11 content-center font-semibold">
                            {plural(told.problems.length, 'thing', 'things')} to settle before it can be kept
                        </summary>
                        <ul className="list-disc space-y-1 pb-1 pl-5">
                            {told.problems.map((one) => (
                                <li key={one.place + one.says}>
                                    {one.says}{' '}
                                    <span className="text-[0.9375rem] text-ink-soft">
                                        {placeInWords(one.place, draft)}
                                    </span>
                                </li>
                            ))}
                        </ul>
                    </details>
                )}
            </section>
            <div className="grid items-start gap-6 md:grid-cols-[minmax(270px,340px)_minmax(0,1fr)]">
                <section
                    aria-label="Shape"
                    className="card md:sticky md:top-4 md:max-h-[calc(100vh-32px)] md:overflow-y-auto"
                >
                    <div className="mb-2 grid gap-2">
                        <select
                            className="field"
                            aria-label="Step"
                            value={shown}
                            onChange={(event) => setStep(event.target.value)}
                        >
                            {draft.steps.map((one, index) => (
                                <option key={one.id} value={one.id}>
                                    Step {index + 1}:{' '}
                                    {one.cue.short.replaceAll('{side}', 'left').replaceAll('{other}', 'right') ||
                                        one.breath}
                                </option>
                            ))}
                        </select>
                        {draft.variations.some((one) => one.angles) && (
                            <select
                                className="field"
                                aria-label="Whose shape"
                                value={rung ?? ''}
                                onChange={(event) => setRung(event.target.value || null)}
                            >
                                <option value="">The movement itself</option>
                                {draft.variations
                                    .filter((one) => one.angles)
                                    .map((one) => (
                                        <option key={one.id} value={one.id}>
                                            Only: {one.name}
                                        </option>
                                    ))}
                            </select>
                        )}
                        {(groups.data?.groups.length ?? 0) > 0 && (
                            <select
                                className="field"
                                aria-label="Range of a group"
                                value={group}
                                onChange={(event) => setGroup(event.target.value)}
                            >
                                <option value="">Show no group’s range</option>
                                {groups.data?.groups.map((one) => (
                                    <option key={one.id} value={one.id}>
                                        With the range of {one.name}
                                    </option>
                                ))}
                            </select>
                        )}
                    </div>
                    <PoseEditor
                        hands={
                            shownStep && {
                                step: shownStep,
                                body: chosenRung?.body ?? draft.body ?? usual?.body ?? {},
                                onHand: setHand,
                            }
                        }
                        angles={anglesOf(draft, shown, rung)}
                        position={base?.position ?? 'upright'}
                        base={base?.bases[0] ?? 'chair'}
                        sides={draft.laterality.sides}
                        group={group}
                        onAngle={setAngle}
                    />
                </section>
                <TabGroup>
                    <TabList className="mb-3 flex flex-wrap gap-2">
                        {['Words and sides', 'Steps', 'Ladder', 'Care'].map((name) => (
                            <Tab
                                key={name}
                                className="button data-selected:border-2 data-selected:border-ink data-selected:font-bold"
                            >
                                {name}
                            </Tab>
                        ))}
                    </TabList>
                    <TabPanels>
                        <TabPanel>
                            <Words draft={draft} change={change} />
                        </TabPanel>
                        <TabPanel>
                            <Steps draft={draft} change={change} chosen={shown} onChoose={setStep} />
                        </TabPanel>
                        <TabPanel>
                            <Ladder
                                draft={draft}
                                change={change}
                                asks={told.asks}
                                library={library}
                                chosen={rung}
                                onChoose={setRung}
                            />
                        </TabPanel>
                        <TabPanel>
                            <Cautions draft={draft} change={change} />
                        </TabPanel>
                    </TabPanels>
                </TabGroup>
            </div>
            {throwing && (
                <Ask
                    title="Throw this draft away?"
                    yes="Throw it away"
                    onClose={() => setThrowing(false)}
                    onYes={() =>
                        void discard().then(() =>
                            navigate(
                                told.number > 0
                                    ? `/movements/${encodeURIComponent(`${told.key}@${told.number}`)}`
                                    : '/movements',
                            ),
                        )
                    }
                >
                    {told.number > 0
                        ? `What you changed since version ${told.number} will be gone. Version ${told.number} stays.`
                        : 'Everything in it will be gone.'}
                </Ask>
            )}
        </>
    );
}
