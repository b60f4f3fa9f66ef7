import { useState } from 'react';
import { api } from '../../api/client';
import { refresh } from '../../api/queries';
import type { LibraryAnswer } from '../../api/types/answer-library';
import { vocabulary } from '../../api/types/words';
import { Choice, Labelled, TextField } from '../../parts/Field';
import { FormSheet } from '../../parts/FormSheet';
import { keep } from '../../parts/kept';
import { draftState } from '../../parts/useFormDraft';
import type { Given } from '../../parts/useSubmit';
import { BaseChoice } from './BaseChoice';
import { ErasePerson } from './ErasePerson';
import { More, more } from './PersonMore';
import type { Noted, Person, PersonRow, Range, Weak } from './personParts';
import { PrecautionChoice } from './PrecautionChoice';
import { WeakSidesAndRanges } from './WeakSidesAndRanges';

interface Typed {
    base: Person['base'];
    flat?: boolean;
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
    const [flat, setFlat] = useState<boolean>(typed?.flat ?? row?.person.flat ?? false);
    const [age, setAge] = useState<string>(typed?.age ?? row?.person.age ?? '');
    const [noted, setNoted] = useState<Noted[]>(typed?.noted ?? row?.person.precautions ?? []);
    const [ranges, setRanges] = useState<Range[]>(typed?.ranges ?? row?.person.ranges ?? []);
    const [weak, setWeak] = useState<Weak[]>(typed?.weak ?? row?.person.weak ?? []);
    const [removing, setRemoving] = useState(false);
    const leave = () => {
        keep(name, null, 'tab');
        onClose();
    };
    const send = async (text: Given) => {
        const person = {
            name: text('name'),
            base,
            ...(base === 'bed' && flat ? { flat } : {}),
            ...(text('age') ? { age: text('age') } : {}),
            ...(text('pace') ? { pace: text('pace') } : {}),
            ...(noted.length ? { precautions: noted } : {}),
            ...(ranges.length ? { ranges } : {}),
            ...(weak.length ? { weak } : {}),
            ...(text('notes') ? { notes: text('notes') } : {}),
            ...more(text, row?.person),
        };
        await (row ? api.put(`people/${row.id}`, person) : api.make(`groups/${group}/people`, person));
        await refresh('groups', 'classes');
    };

    return (
        <>
            <FormSheet<Typed>
                title={row ? row.person.name : 'Add a person'}
                draft={name}
                state={{ base, flat, age, noted, ranges, weak }}
                send={send}
                keep={row ? 'Keep' : 'Add to the group'}
                onClose={onClose}
                wide
                beside={
                    row && (
                        <>
                            <button
                                type="button"
                                className="button button-quiet px-3"
                                onClick={() =>
                                    void api
                                        .delete(`groups/${group}/people/${row.id}`)
                                        .then(() => refresh('groups', 'classes').then(leave))
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
                        </>
                    )
                }
            >
                {(errors) => (
                    <>
                        <TextField
                            label="Name or initials"
                            name="name"
                            defaultValue={row?.person.name}
                            error={errors.name}
                            autoFocus
                            autoComplete="off"
                        />
                        <BaseChoice base={base} setBase={setBase} flat={flat} setFlat={setFlat} />
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
                        <Labelled
                            label="Notes"
                            hint="In plain words. Stored encrypted, and never printed on what lies about."
                        >
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
                    </>
                )}
            </FormSheet>
            {removing && row && (
                <ErasePerson id={row.id} name={row.person.name} onClose={() => setRemoving(false)} onErased={leave} />
            )}
        </>
    );
}
