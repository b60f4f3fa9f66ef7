import { useState } from 'react';
import { api } from '../../api/client';
import { refresh } from '../../api/queries';
import type { PeopleFileAnswer } from '../../api/types/answer-import-people';
import { Sheet } from '../../parts/Sheet';
import { Trouble } from '../../parts/States';
import { plural } from '../../parts/time';
import { probably, SamePerson } from '../../parts/WhoIsWho';

const fields = [
    ['name', 'Name'],
    ['base', 'Base'],
    ['age', 'Age'],
    ['pace', 'Pace'],
    ['precautions', 'Precautions'],
    ['notes', 'Notes'],
    ['emergencyName', 'Emergency contact'],
    ['emergencyPhone', 'Emergency phone'],
] as const;

async function encoded(file: File): Promise<string> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    let text = '';
    for (let at = 0; at < bytes.length; at += 8192) {
        text += String.fromCharCode(...bytes.subarray(at, at + 8192));
    }
    return btoa(text);
}

/** People from a table or address cards: looked at first, taken in when chosen. */
export function PeopleFile({ group, onClose }: { group: number; onClose: () => void }) {
    const [file, setFile] = useState<string | null>(null);
    const [seen, setSeen] = useState<PeopleFileAnswer | null>(null);
    const [columns, setColumns] = useState<Record<string, string>>({});
    const [chosen, setChosen] = useState<number[]>([]);
    const [same, setSame] = useState<Record<number, number | null>>({});
    const [busy, setBusy] = useState(false);
    const [problem, setProblem] = useState<Error | null>(null);

    const look = async (bytes: string, mapping?: Record<string, string>) => {
        try {
            const answer = await api.post<PeopleFileAnswer>(`groups/${group}/file`, {
                file: bytes,
                ...(mapping ? { columns: mapping } : {}),
            });
            setSeen(answer);
            setColumns(answer.guess);
            setChosen(
                answer.rows.flatMap((row, at) =>
                    row.person && !row.isTwice && !row.like.some((one) => one.sameName) ? [at] : [],
                ),
            );
            setSame(Object.fromEntries(answer.rows.map((row, at) => [at, probably(row.like)])));
            setProblem(null);
        } catch (error) {
            setSeen(null);
            setProblem(error as Error);
        }
    };
    const take = async () => {
        setBusy(true);
        try {
            const known = Object.fromEntries(chosen.flatMap((at) => (same[at] ? [[at, same[at]]] : [])));
            await api.make(`groups/${group}/import`, {
                file,
                columns: seen?.kind === 'csv' ? columns : null,
                rows: chosen,
                same: known,
            });
            await refresh('groups', 'classes');
            onClose();
        } catch (error) {
            setProblem(error as Error);
            setBusy(false);
        }
    };

    return (
        <Sheet title="People from a file" open onClose={onClose} wide>
            <div className="space-y-4">
                <p className="text-ink-soft">
                    A table saved as CSV, its columns in any order, or address cards (vCard). Nothing is changed before
                    you say so.
                </p>
                <input
                    type="file"
                    aria-label="File of people"
                    accept=".csv,.txt,.vcf,text/csv,text/vcard"
                    className="field file:mr-3 file:min-h-9 file:rounded-lg file:border file:border-rule file:bg-white file:px-3"
                    onChange={(event) => {
                        const given = event.target.files?.[0];
                        if (given) {
                            void encoded(given).then((bytes) => {
                                setFile(bytes);
                                void look(bytes);
                            });
                        }
                    }}
                />
                {problem && <Trouble error={problem} />}
                {seen?.kind === 'csv' && (
                    <fieldset>
                        <legend className="mb-1 font-semibold">Which column is what</legend>
                        <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
                            {fields.map(([field, words]) => (
                                <label key={field} className="text-[0.9375rem]">
                                    {words}
                                    <select
                                        className="field"
                                        value={columns[field] ?? ''}
                                        onChange={(event) => {
                                            const next = { ...columns, [field]: event.target.value };
                                            const given = Object.fromEntries(
                                                Object.entries(next).filter(([, at]) => at !== ''),
                                            );
                                            setColumns(given);
                                            if (file) {
                                                void look(file, given);
                                            }
                                        }}
                                    >
                                        <option value="">not there</option>
                                        {seen.columns.map((column, at) => (
                                            <option key={at} value={String(at)}>
                                                {column || `Column ${at + 1}`}
                                            </option>
                                        ))}
                                    </select>
                                </label>
                            ))}
                        </div>
                    </fieldset>
                )}
                {seen && (
                    <div
                        className="max-h-80 overflow-auto rounded-2xl bg-white"
                        tabIndex={0}
                        role="group"
                        aria-label="People in the file"
                    >
                        <table className="w-full text-left text-[0.9375rem]">
                            <thead>
                                <tr>
                                    {['Take', 'Name', 'Base', 'Age', 'What to know'].map((head) => (
                                        <th key={head} scope="col" className="px-3 py-2">
                                            {head}
                                        </th>
                                    ))}
                                </tr>
                            </thead>
                            <tbody>
                                {seen.rows.map((row, at) => (
                                    <tr key={at} className="border-t border-hair">
                                        <td className="px-3">
                                            <input
                                                type="checkbox"
                                                className="h-6 w-6 accent-ink"
                                                aria-label={`Take row ${at + 1}`}
                                                disabled={!row.person}
                                                checked={chosen.includes(at)}
                                                onChange={(event) =>
                                                    setChosen(
                                                        event.target.checked
                                                            ? [...chosen, at]
                                                            : chosen.filter((one) => one !== at),
                                                    )
                                                }
                                            />
                                        </td>
                                        <td className="px-3 py-2">
                                            {row.person?.name ?? row.cells.filter(Boolean).join(', ')}
                                        </td>
                                        <td className="px-3">{row.person?.base}</td>
                                        <td className="px-3">{row.person?.age}</td>
                                        <td className="px-3">
                                            {row.isTwice && (
                                                <span className="mr-2 rounded bg-butter px-1.5">
                                                    twice in this file
                                                </span>
                                            )}
                                            {row.person && row.like.length > 0 && (
                                                <SamePerson
                                                    name={row.person.name}
                                                    like={row.like}
                                                    value={same[at] ?? null}
                                                    onChange={(id) => setSame({ ...same, [at]: id })}
                                                />
                                            )}
                                            {row.problem && (
                                                <span className="rounded bg-butter px-1.5">{row.problem}</span>
                                            )}
                                        </td>
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </div>
                )}
                <div className="flex justify-end gap-3">
                    <button className="button" onClick={onClose}>
                        Not now
                    </button>
                    {seen && (
                        <button
                            className="button button-main"
                            disabled={chosen.length === 0 || busy}
                            onClick={() => void take()}
                        >
                            Add {plural(chosen.length, 'person', 'people')}
                        </button>
                    )}
                </div>
            </div>
        </Sheet>
    );
}
