import { useState } from 'react';
import { api } from '../../api/client';
import type { LeadAnswer } from '../../api/types/answer-lead';
import { Labelled } from '../../parts/Field';
import type { Stretch } from './player';

interface Props {
    lead: LeadAnswer;
    done: Stretch[];
    finished: boolean;
    ledId: string;
    onBack: () => void;
    onStored: () => void;
}

/** After class: who was there, and what is worth remembering. */
export function Ending({ lead, done, finished, ledId, onBack, onStored }: Props) {
    const [attendance, setAttendance] = useState<Record<string, boolean>>(() => Object.fromEntries(lead.people.map((person) => [person.id, true])));
    const [note, setNote] = useState('');
    const [problem, setProblem] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const store = () => {
        setBusy(true);
        api.post(`led/${ledId}/end`, { attendance, note, done }).then(onStored, (error: Error) => {
            setBusy(false);
            setProblem(error.message);
        });
    };
    return (
        <main className="mx-auto max-w-3xl px-5 py-8">
            <h1 className="text-[28px]">{finished ? 'That was the class' : 'End the class here?'}</h1>
            <p className="mb-6 mt-1 text-ink-soft">What was really done is kept in the log beside the plan.</p>
            {lead.people.length > 0 && (
                <fieldset className="card mb-4">
                    <legend className="sr-only">Who was there</legend>
                    <h2 className="mb-2 text-[18px]">Who was there</h2>
                    <div className="grid gap-x-6 sm:grid-cols-2">
                        {lead.people.map((person) => (
                            <label key={person.id} className="flex min-h-11 items-center gap-3">
                                <input type="checkbox" className="h-5 w-5 accent-ink" checked={attendance[person.id] ?? false} onChange={(event) => setAttendance({ ...attendance, [person.id]: event.target.checked })} />
                                {person.name}
                            </label>
                        ))}
                    </div>
                </fieldset>
            )}
            <div className="card mb-5">
                <Labelled label="A note for next time" hint="What went well, what hurt, what to change. It is stored encrypted.">
                    {(field) => <textarea className="field min-h-28" maxLength={5000} value={note} onChange={(event) => setNote(event.target.value)} {...field} />}
                </Labelled>
            </div>
            {problem && (
                <p role="alert" className="mb-4 rounded-xl bg-butter px-4 py-3">
                    {problem}
                </p>
            )}
            <div className="flex flex-wrap justify-end gap-3">
                {!finished && (
                    <button className="button" onClick={onBack}>
                        Back to the class
                    </button>
                )}
                <button className="button button-main" onClick={store} disabled={busy}>
                    Keep it in the log
                </button>
            </div>
        </main>
    );
}
