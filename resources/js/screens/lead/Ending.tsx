import { useMutation } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, Refusal } from '../../api/client';
import type { LeadAnswer } from '../../api/types/answer-lead';
import { Labelled } from '../../parts/Field';
import { keep, readKept, useKept } from '../../parts/kept';
import type { Stretch } from './player';

interface Props {
    lead: LeadAnswer;
    done: Stretch[];
    finished: boolean;
    ledId: string;
    onBack: () => void;
    onStored: () => void;
}

interface Kept {
    /** whether this page was open, so that a reload comes back to it */
    open: boolean;
    attendance: Record<string, boolean>;
    note: string;
}

/** Milliseconds until what did not reach the log is sent again. */
const AGAIN = 5000;
const nameOf = (ledId: string) => `ending:${ledId}`;

/** Whether somebody was ending this class here when the page went away. */
export const hasEnding = (ledId: string) => readKept<Kept>(nameOf(ledId))?.open ?? false;

/** After class: who was there, and what is worth remembering. What is typed is kept on the device until the log has it. */
export function Ending({ lead, done, finished, ledId, onBack, onStored }: Props) {
    const [kept, change, forget] = useKept<Kept>(nameOf(ledId), () => ({
        open: true,
        attendance: Object.fromEntries(lead.people.map((person) => [person.participant, true])),
        note: '',
    }));
    const { mutate, isPending, isPaused, failureReason } = useMutation({
        mutationFn: () => api.post(`led/${ledId}/end`, { attendance: kept.attendance, note: kept.note, done }),
        // What was refused in words is for the teacher to mend; what did not arrive is sent again by itself.
        retry: (_, error) => !(error instanceof Refusal) || error.status >= 500,
        retryDelay: AGAIN,
        onSuccess: () => {
            forget();
            onStored();
        },
    });
    const problem = failureReason ?? (isPaused ? new Error('There is no connection just now.') : null);

    useEffect(() => {
        // Open from the first moment on: also who only looks at this page comes back to it.
        keep(nameOf(ledId), { ...(readKept<Kept>(nameOf(ledId)) ?? kept), open: true });
        // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
    }, [ledId]);

    return (
        <main className="mx-auto max-w-3xl px-5 py-8">
            <h1 className="text-[1.75rem]">{finished ? 'That was the class' : 'End the class here?'}</h1>
            <p className="mb-6 mt-1 text-ink-soft">
                What was really done is kept in the log beside the plan. What you write here is kept on this device
                until then.
            </p>
            {lead.people.length > 0 && (
                <fieldset className="card mb-4">
                    <legend className="sr-only">Who was there</legend>
                    <h2 className="mb-2 text-[1.125rem]">Who was there</h2>
                    <div className="grid gap-x-6 sm:grid-cols-2">
                        {lead.people.map((person) => (
                            <label key={person.participant} className="flex min-h-11 items-center gap-3">
                                <input
                                    type="checkbox"
                                    className="h-5 w-5 accent-ink"
                                    checked={kept.attendance[person.participant] ?? false}
                                    onChange={(event) =>
                                        change({
                                            ...kept,
                                            attendance: {
                                                ...kept.attendance,
                                                [person.participant]: event.target.checked,
                                            },
                                        })
                                    }
                                />
                                {person.name}
                            </label>
                        ))}
                    </div>
                </fieldset>
            )}
            <div className="card mb-5">
                <Labelled
                    label="A note for next time"
                    hint="What went well, what hurt, what to change. It is stored encrypted."
                >
                    {(field) => (
                        <textarea
                            className="field min-h-28"
                            maxLength={5000}
                            value={kept.note}
                            onChange={(event) => change({ ...kept, note: event.target.value })}
                            {...field}
                        />
                    )}
                </Labelled>
            </div>
            {problem && (
                <p role="alert" className="mb-4 rounded-xl bg-butter px-4 py-3">
                    {problem.message}
                    {!(problem instanceof Refusal) && ' It is sent by itself once the connection is back.'}
                </p>
            )}
            <div className="flex flex-wrap justify-end gap-3">
                {!finished && (
                    <button
                        className="button"
                        onClick={() => {
                            change({ ...kept, open: false });
                            onBack();
                        }}
                    >
                        Back to the class
                    </button>
                )}
                <button className="button button-main" onClick={() => mutate()} disabled={isPending}>
                    Keep it in the log
                </button>
            </div>
        </main>
    );
}
