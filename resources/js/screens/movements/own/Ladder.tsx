import type { RungAsk } from '../../../api/types/answer-movement';
import type { LibraryAnswer } from '../../../api/types/answer-library';
import { vocabulary } from '../../../api/types/words';
import { Asks } from '../../../parts/Asks';
import { Choice, TextField } from '../../../parts/Field';
import { without } from '../../../parts/without';
import { BodyQuestions } from './BodyQuestions';
import { BaseLine } from './BaseLine';
import { sayOf } from './baseWords';
import { moved, newId, replaceAt, type Change, type Draft, type DraftRung } from './draft';

interface Props {
    draft: Draft;
    change: Change;
    asks: Record<string, RungAsk[]>;
    library: LibraryAnswer;
    chosen: string | null;
    onChoose: (id: string | null) => void;
}

/** The rungs from gentlest to fullest: for whom, how far, with what, and what they mean for precautions. */
export function Ladder({ draft, change, asks, library, chosen, onChoose }: Props) {
    const rungs = (by: (rungs: DraftRung[]) => DraftRung[]) =>
        change((one) => ({
            ...one,
            variations: by([...one.variations].sort((a, b) => a.level - b.level)).map((rung, index) => ({
                ...rung,
                level: index + 1,
            })) as Draft['variations'],
        }));
    const sorted = [...draft.variations].sort((a, b) => a.level - b.level);
    return (
        <ol className="space-y-4">
            {sorted.map((rung, index) => {
                const set = (by: Partial<DraftRung>) =>
                    rungs((all) => replaceAt(all, index, (one) => ({ ...one, ...by })));
                const drop = (key: 'share' | 'angles') =>
                    rungs((all) => replaceAt(all, index, (one) => without(one, key)));
                const ownShape = rung.angles !== undefined;
                return (
                    <li
                        key={rung.id}
                        className={`card space-y-3 ${chosen === rung.id ? 'outline-2 outline-ink' : ''}`}
                        data-rung={rung.id}
                    >
                        <div className="flex flex-wrap items-center gap-2">
                            <h3 className="mr-auto text-[1.125rem]">
                                {index === 0
                                    ? 'Gentlest'
                                    : index === sorted.length - 1
                                      ? 'Fullest'
                                      : `Rung ${index + 1}`}
                            </h3>
                            <label className="flex min-h-11 items-center gap-2">
                                <input
                                    type="radio"
                                    name="usual"
                                    className="h-5 w-5 accent-ink"
                                    checked={draft.usual === rung.id}
                                    onChange={() => change((one) => ({ ...one, usual: rung.id }))}
                                />
                                as planned
                            </label>
                            <button
                                type="button"
                                className="button w-11 px-0"
                                disabled={index === 0}
                                aria-label={`${rung.name} gentler`}
                                onClick={() => rungs((all) => moved(all, index, -1))}
                            >
                                ↑
                            </button>
                            <button
                                type="button"
                                className="button w-11 px-0"
                                disabled={index === sorted.length - 1}
                                aria-label={`${rung.name} fuller`}
                                onClick={() => rungs((all) => moved(all, index, 1))}
                            >
                                ↓
                            </button>
                            <button
                                type="button"
                                className="button"
                                disabled={sorted.length === 1}
                                onClick={() => {
                                    rungs((all) => all.filter((one) => one.id !== rung.id));
                                    change((one) =>
                                        one.usual === rung.id ? { ...one, usual: one.variations[0]?.id ?? '' } : one,
                                    );
                                }}
                            >
                                Remove
                            </button>
                        </div>
                        <TextField
                            label="Name"
                            value={rung.name}
                            maxLength={80}
                            onChange={(event) => set({ name: event.target.value })}
                        />
                        <TextField
                            label="What you say before it"
                            hint="At most 24 words: the option comes before the shape."
                            value={rung.introduction}
                            maxLength={300}
                            onChange={(event) => set({ introduction: event.target.value })}
                        />
                        <fieldset>
                            <legend className="mb-1 font-semibold">For whom</legend>
                            <div className="flex flex-wrap gap-2">
                                {vocabulary.base.map(([base, words]) => {
                                    const on = rung.bases.includes(base);
                                    return (
                                        <button
                                            key={base}
                                            type="button"
                                            aria-pressed={on}
                                            className={`button px-3 text-[0.9375rem] ${on ? 'border-2 border-ink' : ''}`}
                                            onClick={() =>
                                                set({
                                                    bases: (on
                                                        ? rung.bases.filter((one) => one !== base)
                                                        : [...rung.bases, base]) as DraftRung['bases'],
                                                })
                                            }
                                        >
                                            {words}
                                        </button>
                                    );
                                })}
                            </div>
                        </fieldset>
                        <div className="grid gap-3 xl:grid-cols-2">
                            <Choice
                                label="One sits"
                                value={rung.position}
                                options={vocabulary.position}
                                onChange={(event) => set({ position: event.target.value as DraftRung['position'] })}
                            />
                            <Choice
                                label="Needs"
                                value={rung.props?.[0] ?? ''}
                                options={[
                                    ['', 'nothing'],
                                    ...library.props.map(
                                        (prop) => [prop.id, `${prop.name} (or ${prop.standIns[0]})`] as const,
                                    ),
                                ]}
                                onChange={(event) => set({ props: event.target.value ? [event.target.value] : [] })}
                            />
                            {rung.bases
                                .filter((base) => base === 'wheelchair' || base === 'bed')
                                .map((base) => (
                                    <BaseLine
                                        key={base}
                                        who={base}
                                        label={`In a ${base}`}
                                        placeholder={sayOf(draft.forBase, base)}
                                        forBase={rung.forBase}
                                        onChange={(forBase) => set({ forBase })}
                                    />
                                ))}
                        </div>
                        <div className="flex flex-wrap items-center gap-3">
                            {ownShape ? (
                                <>
                                    <button
                                        type="button"
                                        className={`button ${chosen === rung.id ? 'border-2 border-ink' : ''}`}
                                        aria-pressed={chosen === rung.id}
                                        onClick={() => onChoose(rung.id)}
                                    >
                                        Set its own shape on the figure
                                    </button>
                                    <button
                                        type="button"
                                        className="button"
                                        onClick={() => {
                                            drop('angles');
                                            onChoose(null);
                                        }}
                                    >
                                        Back to a share of the movement
                                    </button>
                                </>
                            ) : (
                                <>
                                    <label className="flex min-w-52 flex-1 items-center gap-3">
                                        <span className="whitespace-nowrap">
                                            Goes {Math.round((rung.share ?? 1) * 100)} % of the way
                                        </span>
                                        <input
                                            type="range"
                                            className="h-11 flex-1 accent-ink"
                                            min={0}
                                            max={100}
                                            step={5}
                                            value={Math.round((rung.share ?? 1) * 100)}
                                            onChange={(event) =>
                                                event.target.value === '100'
                                                    ? drop('share')
                                                    : set({ share: Number(event.target.value) / 100 })
                                            }
                                        />
                                    </label>
                                    <button
                                        type="button"
                                        className="button"
                                        onClick={() => {
                                            set({
                                                angles: Object.fromEntries(
                                                    draft.steps.map((step) => [step.id, step.angles ?? {}]),
                                                ) as DraftRung['angles'],
                                            });
                                            onChoose(rung.id);
                                        }}
                                    >
                                        Give it a shape of its own
                                    </button>
                                </>
                            )}
                        </div>
                        <details>
                            <summary className="min-h-11 content-center">
                                What hands, elbows, legs, face and effort do
                            </summary>
                            <BodyQuestions
                                body={rung.body ?? draft.body ?? {}}
                                steps={draft.steps}
                                onChange={(body) => set({ body })}
                            />
                        </details>
                        <div className="rounded-xl bg-list px-3 py-2" role="status">
                            <h4 className="mb-1 font-semibold">What it asks</h4>
                            <Asks asks={asks[rung.id] ?? []} />
                        </div>
                    </li>
                );
            })}
            <li>
                <button
                    type="button"
                    className="button"
                    onClick={() =>
                        rungs((all) => [
                            ...all,
                            {
                                id: newId('rung'),
                                name: 'A fuller rung',
                                level: all.length + 1,
                                bases: ['chair'],
                                position: 'upright',
                                introduction: '',
                                body: all.at(-1)?.body ?? {},
                            },
                        ])
                    }
                >
                    Add a fuller rung
                </button>
            </li>
        </ol>
    );
}
