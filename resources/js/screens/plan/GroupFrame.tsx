import { useState, type ReactNode } from 'react';
import type { GroupTotal, Row } from '../../api/types/answer-plan';
import { vocabulary } from '../../api/types/words';
import { clock } from '../../parts/time';
import { without } from '../../parts/without';
import type { Group } from './edits';

const small = 'button min-h-11 px-2.5 py-1 text-[0.9375rem]';
const pick = 'field min-h-11 w-auto px-2 py-1 text-[0.9375rem]';
const names = new Map<string, string>(vocabulary.groupKind);
const MOST_TIMES = 12;
const STATIONS = [20, 30, 40, 45, 60, 90];

/** Neighbouring movements that are done as one: one frame on the spine with its count, folded and unfolded. */
export function GroupFrame({
    group,
    total,
    rows,
    onChange,
    onApart,
    children,
}: {
    group: Group;
    total: GroupTotal | undefined;
    rows: Row[];
    onChange: (change: (group: Group) => Group) => void;
    onApart: () => void;
    children: ReactNode;
}) {
    const [folded, setFolded] = useState(false);
    const times = group.times ?? 2;
    const [name = ''] = (names.get(group.kind) ?? '').split(',');
    return (
        <li className="border-l-[5px] border-ink" data-group={group.kind}>
            <section aria-label={`${name} of ${rows.length}`}>
                <div className="flex min-h-14 flex-wrap items-center gap-x-2 gap-y-1 border-b border-hair bg-channel py-1 pl-3 pr-2">
                    <h3 className="text-[1.0625rem]">
                        {name}
                        {group.kind === 'set' && <span className="sr-only">, {times} times</span>}
                    </h3>
                    {group.kind === 'set' && (
                        <span className="flex items-center gap-1" role="group" aria-label="How often">
                            <button
                                type="button"
                                className={`${small} w-11`}
                                aria-label="Once less"
                                disabled={times <= 1}
                                onClick={() => onChange((one) => ({ ...one, times: times - 1 }))}
                            >
                                −
                            </button>
                            <strong className="min-w-16 text-center tabular-nums">{times} times</strong>
                            <button
                                type="button"
                                className={`${small} w-11`}
                                aria-label="Once more"
                                disabled={times >= MOST_TIMES}
                                onClick={() => onChange((one) => ({ ...one, times: times + 1 }))}
                            >
                                +
                            </button>
                        </span>
                    )}
                    {group.kind === 'set' && (
                        <select
                            className={pick}
                            aria-label="What changes each time"
                            value={group.changes ?? ''}
                            onChange={(event) => {
                                const changes = event.target.value as Group['changes'] | '';
                                onChange((one) => (changes ? { ...one, changes } : without(one, 'changes')));
                            }}
                        >
                            <option value="">The same each time</option>
                            {vocabulary.setChange.map(([value, words]) => (
                                <option key={value} value={value}>
                                    {words}
                                </option>
                            ))}
                        </select>
                    )}
                    {group.kind === 'round' && (
                        <select
                            className={pick}
                            aria-label="What its halves differ in"
                            value={group.by ?? 'side'}
                            onChange={(event) => {
                                const by = event.target.value as NonNullable<Group['by']>;
                                onChange((one) => ({ ...one, by }));
                            }}
                        >
                            {vocabulary.roundBy.map(([value, words]) => (
                                <option key={value} value={value}>
                                    {words}
                                </option>
                            ))}
                        </select>
                    )}
                    {group.kind === 'stations' && (
                        <select
                            className={pick}
                            aria-label="How long each station is"
                            value={group.seconds ?? 40}
                            onChange={(event) => {
                                const seconds = Number(event.target.value);
                                onChange((one) => ({ ...one, seconds }));
                            }}
                        >
                            {[...new Set([...STATIONS, group.seconds ?? 40])]
                                .sort((a, b) => a - b)
                                .map((seconds) => (
                                    <option key={seconds} value={seconds}>
                                        {seconds} s each
                                    </option>
                                ))}
                        </select>
                    )}
                    {total && (
                        <span className="text-[0.9375rem] tabular-nums text-ink-soft">{clock(total.seconds)}</span>
                    )}
                    <span className="ml-auto flex gap-1">
                        <button
                            type="button"
                            className={small}
                            aria-expanded={!folded}
                            onClick={() => setFolded(!folded)}
                        >
                            {folded ? 'Unfold' : 'Fold'}
                        </button>
                        <button type="button" className={small} onClick={onApart}>
                            Take apart
                        </button>
                    </span>
                </div>
                {folded ? (
                    <p className="border-b border-hair bg-list px-3 py-3 text-[1rem]">
                        {rows.map((row) => row.name).join(', ')}
                    </p>
                ) : (
                    <ol>{children}</ol>
                )}
            </section>
        </li>
    );
}
