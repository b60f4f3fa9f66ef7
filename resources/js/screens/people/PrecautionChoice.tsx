import { useState } from 'react';
import type { LibraryAnswer } from '../../api/types/answer-library';
import { useFind } from '../../parts/FindEverywhere';
import { sides, type Noted } from './personParts';

interface Props {
    library: LibraryAnswer;
    noted: Noted[];
    setNoted: (noted: Noted[]) => void;
}

/** What to be careful with, to be found by any word; with a side where there is one. */
export function PrecautionChoice({ library, noted, setNoted }: Props) {
    const [words, setWords] = useState('');
    // What was noted when the form opened stands first; nothing jumps while one chooses.
    const [first] = useState(() => new Set(noted.map((one) => one.code)));
    const found = useFind(words, 'precautions');
    const typed = words.trim().toLowerCase();
    // Without a connection the letters themselves still find something.
    const order = typed && !found.error ? found.data?.found.precautions?.map(({ id }) => id) : undefined;
    const byCode = new Map(library.precautions.map((one) => [one.code, one]));
    const shownPrecautions = order
        ? order.flatMap((code) => byCode.get(code) ?? [])
        : library.precautions
              .filter((one) => `${one.name} ${one.why}`.toLowerCase().includes(typed))
              .sort((a, b) => Number(first.has(b.code)) - Number(first.has(a.code)));
    const find = (code: string) => noted.find((one) => one.code === code);

    return (
        <fieldset>
            <legend className="mb-1 font-semibold">What to be careful with</legend>
            <input
                className="field mb-1"
                type="search"
                aria-label="Find a precaution"
                placeholder="In everyday words: hip replacement, dizzy, deaf"
                value={words}
                onChange={(event) => setWords(event.target.value)}
                onKeyDown={(event) => {
                    if (event.key === 'Enter') {
                        // To the first that was found; the form is not sent from here.
                        event.preventDefault();
                        event.currentTarget.parentElement
                            ?.querySelector<HTMLInputElement>('input[type="checkbox"]')
                            ?.focus();
                    }
                }}
            />
            <ul
                className="grid max-h-[21.25rem] gap-x-4 overflow-y-auto sm:grid-cols-2"
                tabIndex={0}
                aria-label="Precautions"
            >
                {shownPrecautions.map((precaution) => {
                    const chosen = find(precaution.code);
                    return (
                        <li key={precaution.code} className="flex flex-wrap items-center gap-x-3 border-b border-hair">
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
                                                one === chosen ? { code: one.code, ...(side ? { side } : {}) } : one,
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
                                <p className="w-full pb-2 pl-8 text-[0.9375rem] text-ink-soft">
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
    );
}
