import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api } from '../../api/client';
import { queryClient, useLibrary } from '../../api/queries';
import type { PlanAnswer } from '../../api/types/answer-plan';
import type { TeachingAnswer } from '../../api/types/answer-teaching';
import { vocabulary } from '../../api/types/words';
import { Choice } from '../../parts/Field';
import { Schools } from '../../parts/Schools';
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
            // Names and what classes begin with stand in many answers.
            void queryClient.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'teaching' });
        },
    });
    if (teaching.error) {
        return <Trouble error={teaching.error} again={() => void teaching.refetch()} />;
    }
    if (!teaching.data) {
        return <section className="card h-96" aria-busy="true" aria-label="How you teach" />;
    }
    const { pattern, naming, rules, setAside } = teaching.data;
    const settings = teaching.data.settings as Settings;
    return (
        <section className="card" id="teaching" data-teaching>
            <h2 className="mb-1 text-[1.125rem]">How you teach</h2>
            <p className="mb-3 text-ink-soft">
                Your new classes begin so. Each class may have its own under More, How this class is taught.
            </p>
            {change.error && <Trouble error={change.error} again={() => change.reset()} />}
            <div className="space-y-4 pb-4">
                <Choice
                    label="Breath"
                    hint="Even breath carries movement; a longer out-breath settles. Pauses are always an offer, with an even count spoken for those who should not hold."
                    value={pattern}
                    onChange={(event) => change.mutate({ pattern: event.target.value })}
                    options={
                        library.data?.patterns.map(
                            (one) =>
                                [one.id, `${one.name}, ${one.cycle} s${one.retains ? ', with pauses' : ''}`] as const,
                        ) ?? []
                    }
                />
                <Choice
                    label="Names of movements"
                    hint="What you read on your own screens. Participants always read and hear the plain words, and every name finds the movement."
                    value={naming}
                    onChange={(event) => change.mutate({ naming: event.target.value as TeachingAnswer['naming'] })}
                    options={vocabulary.naming}
                />
            </div>
            <Schools settings={settings} onChange={(chosen) => change.mutate({ settings: chosen })} />
            <section className="border-t border-hair py-4">
                <h3 className="text-[1.0625rem] font-semibold">How a stretch is sought</h3>
                <p className="text-[0.9375rem] text-ink-soft">
                    To a mild pull, and then one waits, without pain. Pressing on into a tight place is another school,
                    and one that is not planned here: in older and frail bodies pain is a stop sign.
                </p>
            </section>
            <Speech
                rate={settings.speechRate ?? 2}
                onMeasured={(speechRate) => change.mutate({ settings: { ...settings, speechRate } })}
            />
            {Object.keys(setAside).length > 0 && (
                <>
                    <h3 className="mb-1 mt-4 font-semibold">Not told in any of your classes</h3>
                    <ul>
                        {Object.entries(setAside).map(([rule, reason]) => (
                            <li key={rule} className="flex items-center gap-3 border-t border-hair">
                                <span className="mr-auto">
                                    {rules[rule] ?? rule}
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
