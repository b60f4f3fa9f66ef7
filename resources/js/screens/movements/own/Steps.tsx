import { vocabulary } from '../../../api/types/words';
import { Choice, TextField, Tick } from '../../../parts/Field';
import { without } from '../../../parts/without';
import { moved, newId, replaceAt, withShown, type Change, type Draft, type DraftStep } from './draft';

/** The steps of a movement, each with its breath and its words; the shape of the chosen one is set on the figure. */
export function Steps({
    draft,
    change,
    chosen,
    onChoose,
}: {
    draft: Draft;
    change: Change;
    chosen: string;
    onChoose: (id: string) => void;
}) {
    const sided = draft.laterality.sides === 'one-sided' || draft.laterality.sides === 'alternating';
    const steps = (by: (steps: DraftStep[]) => DraftStep[]) =>
        change((one) => ({ ...one, steps: by(one.steps) as Draft['steps'] }));
    const set = (index: number, by: Partial<DraftStep>) =>
        steps((all) => replaceAt(all, index, (step) => ({ ...step, ...by })));
    return (
        <div className="space-y-3">
            {sided && (
                <p className="text-[0.9375rem] text-ink-soft">
                    Say {'{side}'} and {'{other}'} for left and right: both sides are then said and drawn truly.
                </p>
            )}
            <ol className="space-y-3">
                {draft.steps.map((step, index) => (
                    <li
                        key={step.id}
                        className={`card space-y-3 ${step.id === chosen ? 'outline-2 outline-ink' : ''}`}
                        data-step={step.id}
                    >
                        <div className="flex flex-wrap items-center gap-2">
                            <button
                                type="button"
                                className={`button ${step.id === chosen ? 'border-2 border-ink' : ''}`}
                                aria-pressed={step.id === chosen}
                                onClick={() => onChoose(step.id)}
                            >
                                Step {index + 1}: set its shape
                            </button>
                            <span className="ml-auto flex gap-1">
                                <button
                                    type="button"
                                    className="button w-11 px-0"
                                    disabled={index === 0}
                                    aria-label={`Step ${index + 1} earlier`}
                                    onClick={() => steps((all) => moved(all, index, -1))}
                                >
                                    ↑
                                </button>
                                <button
                                    type="button"
                                    className="button w-11 px-0"
                                    disabled={index === draft.steps.length - 1}
                                    aria-label={`Step ${index + 1} later`}
                                    onClick={() => steps((all) => moved(all, index, 1))}
                                >
                                    ↓
                                </button>
                                <button
                                    type="button"
                                    className="button"
                                    disabled={draft.steps.length === 1}
                                    onClick={() => steps((all) => all.filter((one) => one.id !== step.id))}
                                >
                                    Remove
                                </button>
                            </span>
                        </div>
                        <div className="grid gap-3 xl:grid-cols-3">
                            <Choice
                                label="Breath"
                                value={step.breath}
                                options={vocabulary.breath}
                                onChange={(event) => {
                                    const breath = event.target.value as DraftStep['breath'];
                                    steps((all) =>
                                        replaceAt(all, index, (one) =>
                                            breath === 'free'
                                                ? { ...one, breath, seconds: one.seconds ?? 4 }
                                                : { ...without(one, 'seconds'), breath },
                                        ),
                                    );
                                }}
                            />
                            <Choice
                                label="When"
                                value={step.phase}
                                options={vocabulary.phase}
                                onChange={(event) => set(index, { phase: event.target.value as DraftStep['phase'] })}
                            />
                            {step.breath === 'free' && (
                                <TextField
                                    label="Seconds"
                                    type="number"
                                    min={1}
                                    max={600}
                                    value={step.seconds ?? 4}
                                    onChange={(event) =>
                                        set(index, { seconds: Math.max(1, Number(event.target.value) || 1) })
                                    }
                                />
                            )}
                        </div>
                        <TextField
                            label="What you say the first time"
                            value={step.cue.first}
                            maxLength={160}
                            onChange={(event) => set(index, { cue: { ...step.cue, first: event.target.value } })}
                        />
                        <TextField
                            label="And later, in short"
                            value={step.cue.short}
                            maxLength={100}
                            onChange={(event) => set(index, { cue: { ...step.cue, short: event.target.value } })}
                        />
                        <Tick
                            checked={step.shown ?? false}
                            onChange={(event) => steps((all) => withShown(all, event.target.checked ? step.id : null))}
                        >
                            Pictures show this step
                        </Tick>
                    </li>
                ))}
            </ol>
            <p className="text-[0.9375rem] text-ink-soft">
                A picture in a list shows one step: the one you tick, or the one that goes furthest.
            </p>
            <button
                type="button"
                className="button"
                onClick={() => {
                    const last = draft.steps.at(-1);
                    const step: DraftStep = {
                        id: newId('step'),
                        phase: 'cycle',
                        breath: last?.breath === 'in' ? 'out' : 'in',
                        angles: {},
                        cue: { first: '', short: '' },
                    };
                    steps((all) => [...all, step]);
                    onChoose(step.id);
                }}
            >
                Add a step
            </button>
        </div>
    );
}
