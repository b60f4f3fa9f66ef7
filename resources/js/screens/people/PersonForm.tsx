import { useState, type FormEvent } from 'react';
import { api, Refusal } from '../../api/client';
import { refresh } from '../../api/queries';
import type { LibraryAnswer } from '../../api/types/answer-library';
import { vocabulary } from '../../api/types/words';
import { Choice, Labelled, TextField } from '../../parts/Field';
import { Sheet } from '../../parts/Sheet';
import { draftState, useFormDraft } from '../../parts/useFormDraft';
import { BaseChoice } from './BaseChoice';
import { ErasePerson } from './ErasePerson';
import { More, more } from './PersonMore';
import type { Noted, Person, PersonRow, Range, Weak } from './personParts';
import { PrecautionChoice } from './PrecautionChoice';
import { WeakSidesAndRanges } from './WeakSidesAndRanges';

interface Typed {
    base: Person['base'];
    age: string;
    noted: Noted[];
    ranges: Range[];
    weak: Weak[];
}

/** One person, in under a minute; more when it is wanted. */
export function PersonForm({
    group,
    row,
    library,
    onClose,
}: {
    group: number;
    row: PersonRow | null;
    library: LibraryAnswer;
    onClose: () => void;
}) {
    const name = `person:${group}:${row?.id ?? 'new'}`;
    const [typed] = useState(() => draftState<Typed>(name));
    const [base, setBase] = useState<Person['base']>(typed?.base ?? row?.person.base ?? 'chair');
    const [age, setAge] = useState<string>(typed?.age ?? row?.person.age ?? '');
    const [noted, setNoted] = useState<Noted[]>(typed?.noted ?? row?.person.precautions ?? []);
    const [ranges, setRanges] = useState<Range[]>(typed?.ranges ?? row?.person.ranges ?? []);
    const [weak, setWeak] = useState<Weak[]>(typed?.weak ?? row?.person.weak ?? []);
    const { form, save, forget, isRestored } = useFormDraft<Typed>(name, { base, age, noted, ranges, weak });
    const [busy, setBusy] = useState(false);
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [problem, setProblem] = useState<string | null>(null);
    const [removing, setRemoving] = useState(false);
    const close = () => {
        forget();
        onClose();
    };
    const submit = async (event: FormEvent<HTMLFormElement>) => {
        event.preventDefault();
        if (busy) {
            return;
        }
        setBusy(true);
        const given = new FormData(event.currentTarget);
        const text = (name: string) => {
            const value = given.get(name);
            return typeof value === 'string' ? value.trim() : '';
        };
        const person = {
            name: text('name'),
            base,
            ...(text('age') ? { age: text('age') } : {}),
            ...(text('pace') ? { pace: text('pace') } : {}),
            ...(noted.length ? { precautions: noted } : {}),
            ...(ranges.length ? { ranges } : {}),
            ...(weak.length ? { weak } : {}),
            ...(text('notes') ? { notes: text('notes') } : {}),
            ...more(text, row?.person),
        };
        try {
            await (row ? api.put(`people/${row.id}`, person) : api.post(`groups/${group}/people`, person));
            await refresh('groups', 'classes');
            close();
        } catch (error) {
            setBusy(false);
            const fields = error instanceof Refusal ? error.fields : {};
            setErrors(fields);
            setProblem(fields.name ? null : (error as Error).message);
        }
    };

    return (
        <Sheet title={row ? row.person.name : 'Add a person'} open onClose={close} wide>
            <form ref={form} className="space-y-5" noValidate onInput={save} onSubmit={(event) => void submit(event)}>
                {isRestored && (
                    <p role="status" className="rounded-xl bg-butter px-4 py-2">
                        What you typed before the page went away is back. “Not now” puts it away.
                    </p>
                )}
                <TextField
                    label="Name or initials"
                    name="name"
                    defaultValue={row?.person.name}
                    error={errors.name}
                    autoFocus
                    autoComplete="off"
                />
                <BaseChoice base={base} setBase={setBase} />
                <div className="grid gap-4 sm:grid-cols-2">
                    <Choice
                        label="Age"
                        name="age"
                        value={age}
                        onChange={(event) => setAge(event.target.value)}
                        hint="Sets the comfortable range until you note their own."
                        options={[['', 'Not known'], ...vocabulary.ageBand]}
                    />
                    <Choice
                        label="Moves"
                        name="pace"
                        defaultValue={row?.person.pace ?? ''}
                        hint="Sets the time for changing place and side."
                        options={[['', 'Not known'], ...vocabulary.pace]}
                    />
                </div>
                <PrecautionChoice library={library} noted={noted} setNoted={setNoted} />
                <WeakSidesAndRanges
                    library={library}
                    age={age}
                    base={base}
                    weak={weak}
                    setWeak={setWeak}
                    ranges={ranges}
                    setRanges={setRanges}
                />
                <More person={row?.person} />
                <Labelled label="Notes" hint="In plain words. Stored encrypted, and never printed on what lies about.">
                    {(field) => (
                        <textarea
                            className="field min-h-20"
                            name="notes"
                            maxLength={2000}
                            defaultValue={row?.person.notes}
                            {...field}
                        />
                    )}
                </Labelled>
                {problem && (
                    <p role="alert" className="rounded-xl bg-butter px-4 py-3">
                        {problem}
                    </p>
                )}
                <div className="flex flex-wrap gap-3">
                    {row && (
                        <span className="mr-auto flex flex-wrap gap-1">
                            <button
                                type="button"
                                className="button button-quiet px-3"
                                onClick={() =>
                                    void api
                                        .delete(`groups/${group}/people/${row.id}`)
                                        .then(() => refresh('groups', 'classes').then(close))
                                }
                            >
                                Take out of this group
                            </button>
                            <a className="button button-quiet px-3" href={`/api/people/${row.id}/file`}>
                                Save all about them
                            </a>
                            <button
                                type="button"
                                className="button button-quiet px-3"
                                onClick={() => setRemoving(true)}
                            >
                                Erase
                            </button>
                        </span>
                    )}
                    <button type="button" className="button ml-auto" onClick={close}>
                        Not now
                    </button>
                    <button className="button button-main" disabled={busy}>
                        {row ? 'Keep' : 'Add to the group'}
                    </button>
                </div>
            </form>
            {removing && row && (
                <ErasePerson id={row.id} name={row.person.name} onClose={() => setRemoving(false)} onErased={close} />
            )}
        </Sheet>
    );
}
