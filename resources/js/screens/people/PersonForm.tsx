import { useState, type FormEvent } from 'react';
import { api, Refusal } from '../../api/client';
import { refresh, useFigures } from '../../api/queries';
import type { GroupsAnswer } from '../../api/types/answer-groups';
import type { LibraryAnswer } from '../../api/types/answer-library';
import { vocabulary } from '../../api/types/words';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { Choice, Labelled, TextField } from '../../parts/Field';
import { Sheet } from '../../parts/Sheet';
import { draftState, useFormDraft } from '../../parts/useFormDraft';
import { ErasePerson } from './ErasePerson';
import { More, more } from './PersonMore';
import { RangeFigure } from './RangeFigure';

type PersonRow = GroupsAnswer['groups'][number]['people'][number];
type Person = PersonRow['person'];
type Noted = NonNullable<Person['precautions']>[number];
type Range = NonNullable<Person['ranges']>[number];
type Weak = NonNullable<Person['weak']>[number];

interface Typed {
    base: Person['base'];
    age: string;
    noted: Noted[];
    ranges: Range[];
    weak: Weak[];
}

export const bases = vocabulary.base;

const sides = [['', 'Both sides'], ...vocabulary.side] as const;

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
    const figures = useFigures(bases.map(([name]) => `rest/${name}`));
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
    const [words, setWords] = useState('');
    // What was noted when the form opened stands first; nothing jumps while one chooses.
    const [first] = useState(() => new Set(noted.map((one) => one.code)));
    const shownPrecautions = library.precautions
        .filter((one) => `${one.name} ${one.why}`.toLowerCase().includes(words.trim().toLowerCase()))
        .sort((a, b) => Number(first.has(b.code)) - Number(first.has(a.code)));
    const find = (code: string) => noted.find((one) => one.code === code);

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
                <fieldset>
                    <legend className="mb-1 font-semibold">Sits, stands or lies</legend>
                    <div className="grid grid-cols-2 gap-2 md:grid-cols-4">
                        {bases.map(([value, name]) => (
                            <label
                                key={value}
                                className={`flex min-h-[92px] cursor-pointer flex-col items-center rounded-2xl border-[1.5px] bg-white px-2 pb-2 pt-1 text-center focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-ink ${base === value ? 'border-[2.5px] border-ink font-bold' : 'border-hair'}`}
                            >
                                <input
                                    type="radio"
                                    name="base"
                                    value={value}
                                    checked={base === value}
                                    onChange={() => setBase(value)}
                                    className="sr-only"
                                />
                                <FigureDrawing shapes={figures[`rest/${value}`]} size={64} />
                                {name}
                            </label>
                        ))}
                    </div>
                </fieldset>
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
                <fieldset>
                    <legend className="mb-1 font-semibold">What to be careful with</legend>
                    <input
                        className="field mb-1"
                        type="search"
                        aria-label="Find a precaution"
                        placeholder="Find: hip, heart, dizzy"
                        value={words}
                        onChange={(event) => setWords(event.target.value)}
                    />
                    <ul
                        className="grid max-h-[340px] gap-x-4 overflow-y-auto sm:grid-cols-2"
                        tabIndex={0}
                        aria-label="Precautions"
                    >
                        {shownPrecautions.map((precaution) => {
                            const chosen = find(precaution.code);
                            return (
                                <li
                                    key={precaution.code}
                                    className="flex flex-wrap items-center gap-x-3 border-b border-hair"
                                >
                                    <label className="flex min-h-11 flex-1 items-center gap-3" title={precaution.why}>
                                        <input
                                            type="checkbox"
                                            className="h-5 w-5 accent-ink"
                                            checked={chosen !== undefined}
                                            onChange={(event) =>
                                                setNoted(
                                                    event.target.checked
                                                        ? [...noted, { code: precaution.code }]
                                                        : noted.filter((one) => one !== chosen),
                                                )
                                            }
                                        />
                                        {precaution.name.charAt(0).toUpperCase() + precaution.name.slice(1)}
                                    </label>
                                    {chosen && precaution.hasSide && (
                                        <select
                                            className="field w-32 py-1"
                                            aria-label={`Side of ${precaution.name}`}
                                            value={chosen.side ?? ''}
                                            onChange={(event) => {
                                                const side = event.target.value as 'left' | 'right' | '';
                                                setNoted(
                                                    noted.map((one) =>
                                                        one === chosen
                                                            ? { code: one.code, ...(side ? { side } : {}) }
                                                            : one,
                                                    ),
                                                );
                                            }}
                                        >
                                            {sides.map(([value, name]) => (
                                                <option key={value} value={value}>
                                                    {name}
                                                </option>
                                            ))}
                                        </select>
                                    )}
                                    {chosen && (
                                        <p className="w-full pb-2 pl-8 text-[15px] text-ink-soft">
                                            {precaution.why} {precaution.askClinician}
                                        </p>
                                    )}
                                </li>
                            );
                        })}
                        {shownPrecautions.length === 0 && (
                            <li className="py-3 text-ink-soft">
                                Nothing goes by these words. It can be a note, or a precaution of your own.
                            </li>
                        )}
                    </ul>
                </fieldset>
                <details className="rounded-2xl bg-white px-4 py-1" open={weak.length > 0 || ranges.length > 0}>
                    <summary className="flex min-h-11 items-center font-semibold">Weak sides and own ranges</summary>
                    <div className="space-y-3 pb-3">
                        {weak.map((one, index) => (
                            <div key={index} className="flex flex-wrap items-center gap-2">
                                {(
                                    [
                                        ['side', 'Weak side', vocabulary.side],
                                        ['limb', 'Limb', vocabulary.limb],
                                        ['does', 'What happens', vocabulary.weakLimbDoes],
                                    ] as const
                                ).map(([field, label, options]) => (
                                    <select
                                        key={field}
                                        className="field w-auto"
                                        aria-label={label}
                                        value={one[field]}
                                        onChange={(event) =>
                                            setWeak(
                                                weak.map((other, at) =>
                                                    at === index
                                                        ? ({ ...other, [field]: event.target.value } as Weak)
                                                        : other,
                                                ),
                                            )
                                        }
                                    >
                                        {options.map(([value, name]) => (
                                            <option key={value} value={value}>
                                                {name}
                                            </option>
                                        ))}
                                    </select>
                                ))}
                                <button
                                    type="button"
                                    className="button button-quiet px-3"
                                    onClick={() => setWeak(weak.filter((_, at) => at !== index))}
                                >
                                    Remove
                                </button>
                            </div>
                        ))}
                        {ranges.map((one, index) => {
                            const action = library.actions.find((other) => other.action === one.action);
                            const change = (next: Partial<Range>) =>
                                setRanges(ranges.map((other, at) => (at === index ? { ...other, ...next } : other)));
                            return (
                                <div key={index} className="flex flex-wrap items-center gap-2">
                                    <select
                                        className="field w-auto"
                                        aria-label="Movement of the joint"
                                        value={one.action}
                                        onChange={(event) => change({ action: event.target.value as Range['action'] })}
                                    >
                                        {library.actions.map((other) => (
                                            <option key={other.action} value={other.action}>
                                                {other.name}
                                            </option>
                                        ))}
                                    </select>
                                    {action?.hasSide && (
                                        <select
                                            className="field w-auto"
                                            aria-label="Side"
                                            value={one.side ?? ''}
                                            onChange={(event) => {
                                                const side = event.target.value as 'left' | 'right' | '';
                                                setRanges(
                                                    ranges.map((other, at) =>
                                                        at === index
                                                            ? {
                                                                  action: other.action,
                                                                  degrees: other.degrees,
                                                                  ...(side ? { side } : {}),
                                                              }
                                                            : other,
                                                    ),
                                                );
                                            }}
                                        >
                                            {sides.map(([value, name]) => (
                                                <option key={value} value={value}>
                                                    {name}
                                                </option>
                                            ))}
                                        </select>
                                    )}
                                    <Labelled label="to, in degrees">
                                        {(field) => (
                                            <input
                                                type="number"
                                                className="field w-28"
                                                min={0}
                                                max={180}
                                                value={one.degrees}
                                                onChange={(event) =>
                                                    change({
                                                        degrees: Math.max(
                                                            0,
                                                            Math.min(180, Math.round(Number(event.target.value))),
                                                        ),
                                                    })
                                                }
                                                {...field}
                                            />
                                        )}
                                    </Labelled>
                                    <span className="text-[15px] text-ink-soft">usual: {action?.normal}°</span>
                                    <button
                                        type="button"
                                        className="button button-quiet px-3"
                                        onClick={() => setRanges(ranges.filter((_, at) => at !== index))}
                                    >
                                        Remove
                                    </button>
                                </div>
                            );
                        })}
                        <details className="rounded-xl bg-list px-3">
                            <summary className="min-h-11 content-center font-semibold">Set ranges on a figure</summary>
                            <RangeFigure ranges={ranges} age={age} base={base} onChange={setRanges} />
                        </details>
                        <div className="flex flex-wrap gap-2">
                            <button
                                type="button"
                                className="button"
                                onClick={() => setWeak([...weak, { limb: 'arm', side: 'left', does: 'able-side' }])}
                                disabled={weak.length >= 4}
                            >
                                Note a weak side
                            </button>
                        </div>
                    </div>
                </details>
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
