import { useState } from 'react';
import { useMovements } from '../../../api/queries';
import { TextField } from '../../../parts/Field';
import { withText } from '../../../parts/without';
import { BaseLine } from './BaseLine';
import { replaceAt, type Change, type Draft } from './draft';

/** Movements by name, to be named as substitute or counter-movement. */
function Named({
    label,
    hint,
    ids,
    onChange,
}: {
    label: string;
    hint: string;
    ids: string[];
    onChange: (ids: string[]) => void;
}) {
    const [words, setWords] = useState('');
    const found = useMovements(new URLSearchParams({ words: words || 'zzzz' }).toString());
    const all = useMovements('page=100');
    const nameOf = (id: string) => all.data?.movements.find((one) => one.id === id)?.name ?? id;
    return (
        <div>
            <TextField
                label={label}
                hint={hint}
                type="search"
                placeholder="Find by name"
                value={words}
                onChange={(event) => setWords(event.target.value)}
            />
            {words.length > 1 && (
                <ul className="mt-1 flex flex-wrap gap-2">
                    {found.data?.movements.slice(0, 6).map((one) => (
                        <li key={one.id}>
                            <button
                                type="button"
                                className="button px-3 text-[0.9375rem]"
                                onClick={() => {
                                    onChange([...new Set([...ids, one.id])]);
                                    setWords('');
                                }}
                            >
                                Add {one.name}
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            <ul className="mt-2 flex flex-wrap gap-2">
                {ids.map((id) => (
                    <li key={id}>
                        <button
                            type="button"
                            className="button border-2 border-ink px-3 text-[0.9375rem]"
                            onClick={() => onChange(ids.filter((one) => one !== id))}
                        >
                            {nameOf(id)} <span aria-hidden="true">×</span>
                            <span className="sr-only">, take away</span>
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    );
}

/** Cautions with their stop sign and source, what resting means, what can take its place. */
export function Cautions({ draft, change }: { draft: Draft; change: Change }) {
    const set = <K extends keyof Draft>(key: K, value: Draft[K]) => change((one) => ({ ...one, [key]: value }));
    const optional = (key: 'rest' | 'breathReason' | 'carer', value: string) =>
        change((one) => withText(one, key, value));
    const limb = (which: 'arm' | 'leg', value: string) =>
        change((one) => ({ ...one, oneLimb: withText(one.oneLimb ?? {}, which, value) }));
    return (
        <div className="space-y-4">
            <h3 className="text-[1.125rem]">Cautions</h3>
            {draft.cautions.map((caution, index) => (
                <div key={index} className="card space-y-3">
                    <TextField
                        label="Caution"
                        value={caution.words}
                        maxLength={200}
                        onChange={(event) =>
                            set(
                                'cautions',
                                replaceAt(draft.cautions, index, (one) => ({ ...one, words: event.target.value })),
                            )
                        }
                    />
                    <TextField
                        label="The sign to stop"
                        value={caution.stop}
                        maxLength={200}
                        onChange={(event) =>
                            set(
                                'cautions',
                                replaceAt(draft.cautions, index, (one) => ({ ...one, stop: event.target.value })),
                            )
                        }
                    />
                    <TextField
                        label="Where this comes from"
                        value={caution.source}
                        maxLength={200}
                        onChange={(event) =>
                            set(
                                'cautions',
                                replaceAt(draft.cautions, index, (one) => ({ ...one, source: event.target.value })),
                            )
                        }
                    />
                    <button
                        type="button"
                        className="button"
                        onClick={() =>
                            set(
                                'cautions',
                                draft.cautions.filter((_, at) => at !== index),
                            )
                        }
                    >
                        Remove this caution
                    </button>
                </div>
            ))}
            <button
                type="button"
                className="button"
                onClick={() => set('cautions', [...draft.cautions, { words: '', stop: '', source: '' }])}
            >
                Add a caution
            </button>
            <TextField
                label="What someone does who rests"
                hint="Something to do or to picture. Left empty, resting is not offered."
                value={draft.rest ?? ''}
                maxLength={120}
                onChange={(event) => optional('rest', event.target.value)}
            />
            <div className="grid gap-4 xl:grid-cols-2">
                <TextField
                    label="With one arm"
                    value={draft.oneLimb?.arm ?? ''}
                    maxLength={160}
                    onChange={(event) => limb('arm', event.target.value)}
                />
                <TextField
                    label="With one leg"
                    value={draft.oneLimb?.leg ?? ''}
                    maxLength={160}
                    onChange={(event) => limb('leg', event.target.value)}
                />
            </div>
            <div className="grid gap-4 xl:grid-cols-2">
                {(
                    [
                        ['wheelchair', 'To somebody in a wheelchair'],
                        ['bed', 'To somebody in a raised bed'],
                        ['bed-flat', 'To somebody who lies flat'],
                    ] as const
                ).map(([who, label]) => (
                    <BaseLine
                        key={who}
                        who={who}
                        label={label}
                        hint="Exactly what they do, as you would say it."
                        forBase={draft.forBase}
                        onChange={(forBase) => change((one) => ({ ...one, forBase }))}
                    />
                ))}
                <TextField
                    label="To a carer who moves the limb"
                    hint="Where to hold, how far, when to wait."
                    value={draft.carer ?? ''}
                    maxLength={240}
                    onChange={(event) => optional('carer', event.target.value)}
                />
            </div>
            <TextField
                label="Why the breath goes the other way, if it does"
                value={draft.breathReason ?? ''}
                maxLength={200}
                onChange={(event) => optional('breathReason', event.target.value)}
            />
            <Named
                label="In its place"
                hint="Movements with the same aim, for those who should not do this one."
                ids={draft.substitutes}
                onChange={(ids) => set('substitutes', ids)}
            />
            <Named
                label="Afterwards"
                hint="Its counter-movement."
                ids={draft.counters}
                onChange={(ids) => set('counters', ids)}
            />
        </div>
    );
}
