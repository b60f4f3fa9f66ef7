import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState, type ReactNode } from 'react';
import { api } from '../../api/client';
import { queryClient, useLibrary } from '../../api/queries';
import type { PlanAnswer } from '../../api/types/answer-plan';
import type { TeachingAnswer } from '../../api/types/answer-teaching';
import { NeverChosen } from '../../parts/NeverChosen';
import { Trouble } from '../../parts/States';

type Settings = NonNullable<PlanAnswer['plan']['settings']>;

/** A paragraph of sixty words, read aloud to measure how fast somebody speaks. */
const PARAGRAPH =
    'Sit as it is comfortable, with both feet on the floor. Let your hands lie on your thighs. Breathe in, and grow a little taller. Breathe out, and let the shoulders drop. You may close your eyes, or rest them on one point. There is nothing to reach. Stay for three breaths, and notice where you touch the chair. Then open your eyes.';
const WORDS = PARAGRAPH.split(' ').length;

/** How she teaches: the schools of practice that her new classes begin with, each told in two sentences. */
export function Teaching() {
    const library = useLibrary();
    const teaching = useQuery({ queryKey: ['teaching'], queryFn: () => api.get<TeachingAnswer>('teaching') });
    const change = useMutation({
        mutationFn: (by: Partial<TeachingAnswer>) => api.put<TeachingAnswer>('teaching', by),
        onSuccess: (answer) => {
            queryClient.setQueryData(['teaching'], answer);
            void queryClient.invalidateQueries({ queryKey: ['classes'] });
        },
    });
    if (teaching.error) {
        return <Trouble error={teaching.error} again={() => void teaching.refetch()} />;
    }
    if (!teaching.data) {
        return <section className="card h-96" aria-busy="true" aria-label="How you teach" />;
    }
    const { pattern, setAside } = teaching.data;
    const settings = teaching.data.settings as Settings;
    const set = (by: Partial<Settings>) => change.mutate({ settings: { ...settings, ...by } });
    return (
        <section className="card" id="teaching" data-teaching>
            <h2 className="mb-1 text-[1.125rem]">How you teach</h2>
            <p className="mb-3 text-ink-soft">
                Your new classes begin so. Each class may have its own under More, How this class is taught.
            </p>
            {change.error && <Trouble error={change.error} again={() => change.reset()} />}
            <School
                name="Order"
                why="People can foresee a class that goes through the body in one order, and nothing is forgotten. A class is held against the order that you choose."
                value={settings.order ?? 'head-to-toe'}
                onChange={(order) => set({ order: order as Settings['order'] })}
                options={[
                    ['head-to-toe', 'Head to toe'],
                    ['toe-to-head', 'Toe to head'],
                    ['spine-first', 'Spine first, then head to toe'],
                ]}
            />
            <School
                name="First side"
                why="The side that comes first is worked fresh and never cut short. The next class always begins on the other one."
                value={settings.firstSide ?? 'left'}
                onChange={(side) => set({ firstSide: side as Settings['firstSide'] })}
                options={[
                    ['left', 'Left'],
                    ['right', 'Right'],
                ]}
            />
            <School
                name="Breath"
                why="Even breath carries movement; a longer out-breath settles. Pauses are always an offer, with an even count spoken for those who should not hold."
                value={pattern}
                onChange={(chosen) => change.mutate({ pattern: chosen })}
                options={
                    library.data?.patterns.map(
                        (one) => [one.id, `${one.name}, ${one.cycle} s${one.retains ? ', with pauses' : ''}`] as const,
                    ) ?? []
                }
            />
            <School
                name="Mirror"
                why="Facing a group, most teachers go right when the group goes left. Whichever you choose, your own side is printed beside theirs."
                value={settings.mirrors === false ? 'own' : 'mirror'}
                onChange={(how) => set({ mirrors: how === 'mirror' })}
                options={[
                    ['mirror', 'You mirror the group'],
                    ['own', 'You use your own side and say so'],
                ]}
            />
            <School
                name="Words"
                why="Invitations for options and plain instructions for the movement itself suit most groups. Simple words, one step at a time and always the same, suit memory loss."
                value={settings.simpleWords ? 'simple' : 'full'}
                onChange={(words) => set({ simpleWords: words === 'simple' })}
                options={[
                    ['full', 'As a class goes: told, refined, quiet'],
                    ['simple', 'Simple: one step, six words'],
                ]}
            />
            <details className="border-t border-hair py-1" open={(settings.never ?? []).length > 0}>
                <summary className="min-h-11 py-2.5 font-semibold">What you leave out</summary>
                <p className="mb-2 text-[0.9375rem] text-ink-soft">
                    Crossed legs, full neck circles, a hand on the head, deep folds: teachers differ, and both ways are
                    taught. What you leave out is offered to nobody in your classes, and a gentler version stands in.
                </p>
                <NeverChosen
                    never={settings.never ?? []}
                    onChange={(never) => set({ never: never as NonNullable<Settings['never']> })}
                />
            </details>
            <Speech rate={settings.speechRate ?? 2} onMeasured={(speechRate) => set({ speechRate })} />
            {Object.keys(setAside).length > 0 && (
                <>
                    <h3 className="mb-1 mt-4 font-semibold">Not told in any of your classes</h3>
                    <ul>
                        {Object.entries(setAside).map(([rule, reason]) => (
                            <li key={rule} className="flex items-center gap-3 border-t border-hair">
                                <span className="mr-auto">
                                    {rule.charAt(0).toUpperCase() + rule.slice(1).replaceAll('-', ' ')}
                                    <span className="block text-[0.9375rem] text-ink-soft">{reason}</span>
                                </span>
                                <button
                                    className="button button-quiet px-3"
                                    onClick={() =>
                                        change.mutate({
                                            setAside: Object.fromEntries(
                                                Object.entries(setAside).filter(([name]) => name !== rule),
                                            ),
                                        })
                                    }
                                >
                                    Tell me again
                                </button>
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </section>
    );
}

function School({
    name,
    why,
    value,
    options,
    onChange,
}: {
    name: string;
    why: ReactNode;
    value: string;
    options: readonly (readonly [string, string])[];
    onChange: (value: string) => void;
}) {
    return (
        <label className="block border-t border-hair py-3 first-of-type:border-0">
            <span className="font-semibold">{name}</span>
            <span className="mb-1.5 block text-[0.9375rem] text-ink-soft">{why}</span>
            <select className="field" value={value} onChange={(event) => onChange(event.target.value)}>
                {options.map(([one, words]) => (
                    <option key={one} value={one}>
                        {words}
                    </option>
                ))}
            </select>
        </label>
    );
}

/** Read a paragraph aloud between two presses: so many words a second. */
function Speech({ rate, onMeasured }: { rate: number; onMeasured: (rate: number) => void }) {
    const began = useRef<number | null>(null);
    const [reading, setReading] = useState(false);
    const [odd, setOdd] = useState(false);
    const press = () => {
        if (began.current === null) {
            began.current = performance.now();
            setReading(true);
            setOdd(false);
            return;
        }
        const measured = Math.round((WORDS / ((performance.now() - began.current) / 1000)) * 10) / 10;
        began.current = null;
        setReading(false);
        if (measured < 0.5 || measured > 2.5) {
            setOdd(true);
        } else {
            onMeasured(measured);
        }
    };
    return (
        <div className="border-t border-hair py-3">
            <h3 className="font-semibold">Speech: {Math.round(rate * 60)} words a minute</h3>
            <p className="mb-1.5 text-[0.9375rem] text-ink-soft">
                Words take time, and what does not fit its breath is told on Plan. Read this aloud as you would in
                class, and press when you begin and when you end.
            </p>
            {reading && (
                <p className="mb-2 rounded-xl bg-channel px-4 py-3 text-[1.125rem] leading-relaxed">{PARAGRAPH}</p>
            )}
            {odd && (
                <p role="alert" className="mb-2 font-semibold">
                    That was too short or too long for {WORDS} words. Please read it once more, from the first word to
                    the last.
                </p>
            )}
            <button type="button" className="button" onClick={press}>
                {reading ? 'I have read it' : 'Measure how I speak'}
            </button>
        </div>
    );
}
