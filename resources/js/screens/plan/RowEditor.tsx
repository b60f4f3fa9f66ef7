import type { LibraryAnswer } from '../../api/types/answer-library';
import type { Finding, Row } from '../../api/types/answer-plan';
import { without } from '../../parts/without';
import { RowMore } from './RowMore';
import {
    bothSides,
    doseParts,
    onlySide,
    stepDose,
    type Dose,
    type DoseLimits,
    type PlanEntry,
    type SideName,
} from './edits';

interface Props {
    entry: PlanEntry;
    row: Row;
    findings: Finding[];
    patterns: LibraryAnswer['patterns'];
    doses: DoseLimits;
    side: SideName | null;
    settingsFirst: SideName;
    onChange: (change: (entry: PlanEntry) => PlanEntry) => void;
    onMove: (by: 1 | -1) => void;
    onRemove: () => void;
    isFirst: boolean;
}

const small = 'button min-h-11 min-w-11 px-2.5 py-1 text-[0.9375rem]';
const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const pick = 'field min-h-11 w-auto max-w-44 px-2 py-1 text-[0.9375rem]';

/** The chosen movement's own controls, under its row. */
export function RowEditor({
    entry,
    row,
    findings,
    patterns,
    doses,
    side,
    settingsFirst,
    onChange,
    onMove,
    onRemove,
    isFirst,
}: Props) {
    const { unit, amount, range } = doseParts(entry.dose);
    const much = range ? `${range.from} to ${range.to}` : String(amount);
    const sided = row.sides === 'one-sided';
    const sideChoice = (entry.except ?? []).find((exception) => exception.side && exception.dose === null)?.side;
    const shownSides = sideChoice ? (sideChoice === 'left' ? 'right' : 'left') : 'both';
    const rung = row.withProps[0]?.rung ?? entry.variation;
    const changed = (entry.except ?? []).length > 0;
    return (
        <div className="flex flex-wrap items-center gap-x-2 gap-y-2 border-t border-hair px-3 py-2" data-editor>
            {findings.map((finding) => (
                <p key={finding.key} className="w-full rounded-lg bg-butter px-3 py-1.5 text-[0.9375rem] leading-snug">
                    {finding.why} <span className="text-ink-soft">{finding.source}</span>
                </p>
            ))}
            {row.newer && (
                <p className="flex w-full flex-wrap items-center gap-3 rounded-lg bg-channel px-3 py-1.5 text-[0.9375rem]">
                    <span className="mr-auto">
                        You have changed this movement since. The class keeps the version it was planned with.
                    </span>
                    <button
                        className={small}
                        onClick={() =>
                            onChange((e) => ({
                                ...e,
                                movement: row.newer?.id ?? e.movement,
                                variation: row.newer?.variation ?? e.variation,
                            }))
                        }
                    >
                        Use the newer one
                    </button>
                </p>
            )}
            <span className="flex items-center gap-1" role="group" aria-label={`Dose${side ? `, ${side} side` : ''}`}>
                <button
                    className={`${small} w-11`}
                    aria-label={`One less${side ? ` on the ${side}` : ''}`}
                    onClick={() => onChange((e) => stepDose(e, -1, side, doses))}
                >
                    −
                </button>
                <select
                    className={pick}
                    aria-label="Counted in"
                    value={unit}
                    onChange={(event) => {
                        const next = event.target.value as typeof unit | 'range';
                        const isTimed = (one: typeof unit) => one === 'seconds' || one === 'open';
                        const kept =
                            next === 'range' || isTimed(next) === isTimed(unit) ? amount : isTimed(next) ? 30 : 5;
                        const size =
                            next === 'range' && !range
                                ? {
                                      from: Math.max(1, amount - doses[unit === 'open' ? 'seconds' : unit].step),
                                      to: amount + doses[unit === 'open' ? 'seconds' : unit].step,
                                  }
                                : kept;
                        const key = next === 'range' ? (unit === 'open' ? 'seconds' : unit) : next;
                        onChange((e) => ({ ...without(e, 'except'), dose: { [key]: size } as unknown as Dose }));
                    }}
                >
                    <option value="breaths">{much} breaths</option>
                    <option value="repetitions">{much} times</option>
                    <option value="seconds">{much} seconds</option>
                    <option value="open">As long as they like, about {amount} s</option>
                    <option value="range">{range ? 'One amount, not a range' : 'From … to …'}</option>
                </select>
                <button
                    className={`${small} w-11`}
                    aria-label={`One more${side ? ` on the ${side}` : ''}`}
                    onClick={() => onChange((e) => stepDose(e, 1, side, doses))}
                >
                    +
                </button>
            </span>
            {row.variations.length > 0 && (
                <select
                    className={pick}
                    aria-label="Variation"
                    value={rung}
                    onChange={(event) => onChange((e) => ({ ...e, variation: event.target.value }))}
                >
                    {row.variations.map((variation) => (
                        <option key={variation.id} value={variation.id}>
                            {variation.name}
                        </option>
                    ))}
                </select>
            )}
            {row.withProps.length > 0 && (
                <select
                    className={pick}
                    aria-label="With a prop"
                    value={entry.variation}
                    onChange={(event) => onChange((e) => ({ ...e, variation: event.target.value }))}
                >
                    <option value={rung}>Without a prop</option>
                    {row.withProps.map((one) => (
                        <option key={one.id} value={one.id}>
                            {capital(one.name)}
                            {one.isHere ? '' : ' (not in this place)'}
                        </option>
                    ))}
                </select>
            )}
            {sided && (
                <select
                    className={pick}
                    aria-label="Sides"
                    value={shownSides}
                    onChange={(event) => {
                        const next = event.target.value;
                        onChange((e) => (next === 'both' ? bothSides(e) : onlySide(e, next as SideName)));
                    }}
                >
                    <option value="both">Both sides</option>
                    <option value="left">Only the left</option>
                    <option value="right">Only the right</option>
                </select>
            )}
            {row.missing && (
                <label className="flex min-h-11 items-center gap-2 text-[0.9375rem]">
                    <input
                        type="checkbox"
                        className="h-5 w-5 accent-ink"
                        checked={entry.onPurpose !== undefined}
                        onChange={(event) => {
                            const on = event.target.checked;
                            onChange((e) => (on ? { ...e, onPurpose: 'On purpose' } : without(e, 'onPurpose')));
                        }}
                    />
                    On purpose
                </label>
            )}
            {changed && sided && !sideChoice && (
                <button className={small} onClick={() => onChange(bothSides)}>
                    Make both sides equal
                </button>
            )}
            {sided && (
                <select
                    className={pick}
                    aria-label="First side"
                    value={entry.firstSide ?? ''}
                    onChange={(event) => {
                        const next = event.target.value as SideName | '';
                        onChange((e) => (next ? { ...e, firstSide: next } : without(e, 'firstSide')));
                    }}
                >
                    <option value="">Usual: {settingsFirst} first</option>
                    <option value="left">Left first</option>
                    <option value="right">Right first</option>
                </select>
            )}
            <select
                className={pick}
                aria-label="Breath"
                value={typeof entry.pattern === 'string' ? entry.pattern : ''}
                onChange={(event) => {
                    const next = event.target.value;
                    onChange((e) => (next ? { ...e, pattern: next } : without(e, 'pattern')));
                }}
            >
                <option value="">{typeof entry.pattern === 'object' ? entry.pattern.name : 'Usual breath'}</option>
                {patterns.map((pattern) => (
                    <option key={pattern.id} value={pattern.id}>
                        {pattern.name}, {pattern.cycle} s
                    </option>
                ))}
            </select>
            <select
                className={pick}
                aria-label="Rest afterwards"
                value={entry.rest ?? 0}
                onChange={(event) => {
                    const next = Number(event.target.value);
                    onChange((e) => (next ? { ...e, rest: next } : without(e, 'rest')));
                }}
            >
                {[...new Set([0, 10, 20, 30, 45, 60, entry.rest ?? 0])]
                    .sort((a, b) => a - b)
                    .map((seconds) => (
                        <option key={seconds} value={seconds}>
                            {seconds === 0 ? 'No rest' : `Rest ${seconds} s`}
                        </option>
                    ))}
            </select>
            <input
                className="field min-h-11 w-auto min-w-24 flex-1 px-2 py-1 text-[0.9375rem]"
                aria-label="Note for the cue sheet"
                placeholder="Note"
                maxLength={500}
                defaultValue={entry.note}
                onBlur={(event) => {
                    const note = event.target.value.trim();
                    if (note !== (entry.note ?? '')) {
                        onChange((e) => (note ? { ...e, note } : without(e, 'note')));
                    }
                }}
            />
            <RowMore entry={entry} row={row} isFirst={isFirst} onChange={onChange} />
            <span className="ml-auto flex gap-1">
                <button className={small} aria-label={`Move ${row.name} up`} onClick={() => onMove(-1)}>
                    ↑
                </button>
                <button className={small} aria-label={`Move ${row.name} down`} onClick={() => onMove(1)}>
                    ↓
                </button>
                <button className={small} onClick={onRemove}>
                    Take out
                </button>
            </span>
        </div>
    );
}
