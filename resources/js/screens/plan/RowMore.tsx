import { useId, useState } from 'react';
import type { Row } from '../../api/types/answer-plan';
import { vocabulary } from '../../api/types/words';
import { without } from '../../parts/without';
import { withWords, type PlanEntry } from './edits';

const pick = 'field min-h-11 w-auto max-w-72 px-2 py-1 text-[0.9375rem]';
type Interlude = NonNullable<PlanEntry['interludes']>[number];

/** Small things that teachers put between two ways of a movement. */
const between: [string, string, Omit<Interlude, 'at'>][] = [
    ['roll', 'Roll the shoulders', { movement: 'shoulder-circles', dose: { repetitions: 2 } }],
    ['shake', 'Shake it out', { movement: 'shake-out', dose: { repetitions: 1 } }],
    ['sip', 'A sip of water', { words: 'A sip of water.', seconds: 20 }],
    ['notice', 'Notice the difference', { words: 'Notice: how is this side now, and how is the other?', seconds: 10 }],
];

/** What a row has besides: its own time before it, its tempo, what stands between its ways, the teacher's own words. */
export function RowMore({
    entry,
    row,
    isFirst,
    onChange,
}: {
    entry: PlanEntry;
    row: Row;
    isFirst: boolean;
    onChange: (change: (entry: PlanEntry) => PlanEntry) => void;
}) {
    const [open, setOpen] = useState(false);
    /** the step for which own words are written; none for those before it */
    const [spoken, setSpoken] = useState('');
    const id = useId();
    const start = entry.goesOn ? 'on' : entry.setUp === undefined ? '' : String(entry.setUp);
    const places = vocabulary.interludeAt.filter(([at]) => row.ways[at]);
    const tempo = entry.tempo ?? row.tempo?.usual;
    return (
        <>
            <button
                type="button"
                className="button min-h-11 px-2.5 py-1 text-[0.9375rem]"
                aria-expanded={open}
                aria-controls={id}
                onClick={() => setOpen(!open)}
            >
                {open ? 'Less' : 'More'}
            </button>
            {open && (
                <div id={id} className="order-last flex w-full flex-wrap items-center gap-2" data-more>
                    <select
                        className={pick}
                        aria-label="Time before it"
                        value={start}
                        onChange={(event) => {
                            const next = event.target.value;
                            onChange((e) => {
                                const plain = without(e, 'setUp', 'goesOn');
                                return next === 'on'
                                    ? { ...plain, goesOn: true }
                                    : next === ''
                                      ? plain
                                      : { ...plain, setUp: Number(next) };
                            });
                        }}
                    >
                        <option value="">Begin as it is told</option>
                        {!isFirst && <option value="on">Go on from the one before</option>}
                        {[...new Set([0, 10, 20, 30, 60, 90, 120, entry.setUp ?? 0])]
                            .sort((a, b) => a - b)
                            .map((seconds) => (
                                <option key={seconds} value={seconds}>
                                    {seconds === 0 ? 'Begin at once' : `${seconds} s to explain`}
                                </option>
                            ))}
                    </select>
                    {row.tempo && tempo !== undefined && (
                        <select
                            className={pick}
                            aria-label="Tempo"
                            value={entry.tempo ?? ''}
                            onChange={(event) => {
                                const next = event.target.value;
                                onChange((e) => (next ? { ...e, tempo: Number(next) } : without(e, 'tempo')));
                            }}
                        >
                            <option value="">Usual tempo, {row.tempo.usual} s each</option>
                            {[...new Set([...row.tempo.choices, ...(entry.tempo ? [entry.tempo] : [])])].map(
                                (seconds) => (
                                    <option key={seconds} value={seconds}>
                                        {seconds} s each
                                    </option>
                                ),
                            )}
                        </select>
                    )}
                    {places.map(([at, words]) => {
                        const set = entry.interludes?.find((one) => one.at === at);
                        const known = between.find(
                            ([, , what]) => set && what.movement === set.movement && what.words === set.words,
                        );
                        return (
                            <select
                                key={at}
                                className={pick}
                                aria-label={words}
                                value={set ? (known?.[0] ?? 'own') : ''}
                                onChange={(event) => {
                                    const what = between.find(([key]) => key === event.target.value)?.[2];
                                    onChange((e) => {
                                        const others = (e.interludes ?? []).filter((one) => one.at !== at);
                                        const interludes = what ? [...others, { at, ...what }] : others;
                                        return interludes.length > 0
                                            ? { ...e, interludes: interludes as PlanEntry['interludes'] }
                                            : without(e, 'interludes');
                                    });
                                }}
                            >
                                <option value="">{words}: change</option>
                                {set && !known && (
                                    <option value="own">
                                        {words}: {set.words ?? set.movement}
                                    </option>
                                )}
                                {between.map(([key, name]) => (
                                    <option key={key} value={key}>
                                        {words}: {name}
                                    </option>
                                ))}
                            </select>
                        );
                    })}
                    <label className="flex min-h-11 items-center gap-2 text-[0.9375rem]">
                        <input
                            type="checkbox"
                            className="h-5 w-5 accent-ink"
                            checked={entry.interlude ?? false}
                            onChange={(event) => {
                                const on = event.target.checked;
                                onChange((e) => (on ? { ...e, interlude: true } : without(e, 'interlude')));
                            }}
                        />
                        Only an interlude
                    </label>
                    <select
                        className={pick}
                        aria-label="Own words"
                        value={spoken}
                        onChange={(event) => setSpoken(event.target.value)}
                    >
                        <option value="">Own words before it</option>
                        {row.cues.map((cue) => (
                            <option key={cue.step} value={cue.step}>
                                Own words for: {cue.words}
                            </option>
                        ))}
                    </select>
                    <input
                        key={spoken}
                        className="field min-h-11 w-auto min-w-64 flex-1 px-2 py-1 text-[0.9375rem]"
                        aria-label={spoken ? 'Your own words in this step' : 'Your own words before it'}
                        placeholder={row.cues.find((cue) => cue.step === spoken)?.words ?? row.introduction}
                        maxLength={spoken ? 100 : 400}
                        defaultValue={spoken ? entry.words?.cues?.[spoken]?.first : entry.words?.introduction}
                        onBlur={(event) => {
                            const said = event.target.value.trim();
                            if (said !== event.target.defaultValue) {
                                onChange((e) => withWords(e, spoken || null, said));
                            }
                        }}
                    />
                </div>
            )}
        </>
    );
}
