import type { LibraryAnswer } from '../../api/types/answer-library';
import { vocabulary } from '../../api/types/words';
import { Labelled } from '../../parts/Field';
import { sides, type Person, type Range, type Weak } from './personParts';
import { RangeFigure } from './RangeFigure';

interface Props {
    library: LibraryAnswer;
    age: string;
    base: Person['base'];
    weak: Weak[];
    setWeak: (weak: Weak[]) => void;
    ranges: Range[];
    setRanges: (ranges: Range[]) => void;
}

/** Weak limbs, and how far a joint goes where that was measured or told. */
export function WeakSidesAndRanges({ library, age, base, weak, setWeak, ranges, setRanges }: Props) {
    return (
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
                                            at === index ? ({ ...other, [field]: event.target.value } as Weak) : other,
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
                            <span className="text-[0.9375rem] text-ink-soft">usual: {action?.normal}°</span>
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
    );
}
