import { vocabulary } from '../../../api/types/words';
import { Choice, TextField } from '../../../parts/Field';
import { without, withText } from '../../../parts/without';
import type { Change, Draft } from './draft';
import { SaidBesides } from './SaidBesides';

/** Names, what it works, what must be done both ways, and how much of it. */
export function Words({ draft, change }: { draft: Draft; change: Change }) {
    const { laterality } = draft;
    const unit = Object.keys(draft.doses.usual)[0] as 'repetitions' | 'breaths' | 'seconds';
    const amount = (dose: Draft['doses']['usual']) => Object.values(dose as Record<string, number>)[0] ?? 1;
    const set = <K extends keyof Draft>(key: K, value: Draft[K]) => change((one) => ({ ...one, [key]: value }));
    const name = (style: 'traditional' | 'clinical', value: string) =>
        change((one) => ({ ...one, names: withText(one.names, style, value) }));
    const setDoses = (doses: Record<'usual' | 'least' | 'most', number>, counted = unit) =>
        set(
            'doses',
            Object.fromEntries(
                Object.entries(doses).map(([key, value]) => [key, { [counted]: value }]),
            ) as unknown as Draft['doses'],
        );
    const doses = {
        usual: amount(draft.doses.usual),
        least: amount(draft.doses.least),
        most: amount(draft.doses.most),
    };
    return (
        <div className="space-y-4">
            <TextField
                label="Name, in plain words"
                value={draft.names.plain}
                maxLength={80}
                onChange={(event) => change((one) => ({ ...one, names: { ...one.names, plain: event.target.value } }))}
            />
            <div className="grid gap-4 xl:grid-cols-2">
                <TextField
                    label="Traditional name, if it has one"
                    value={draft.names.traditional ?? ''}
                    maxLength={80}
                    onChange={(event) => name('traditional', event.target.value)}
                />
                <TextField
                    label="Clinical name, if it has one"
                    value={draft.names.clinical ?? ''}
                    maxLength={120}
                    onChange={(event) => name('clinical', event.target.value)}
                />
            </div>
            <TextField
                label="What it is for"
                hint="Comfort, range, strength, calm; never a cure."
                value={draft.aim}
                maxLength={200}
                onChange={(event) => set('aim', event.target.value)}
            />
            <fieldset>
                <legend className="mb-1 font-semibold">What it works, the main part first</legend>
                <div className="flex flex-wrap gap-2">
                    {vocabulary.region.map(([id, words]) => {
                        const place = draft.regions.indexOf(id);
                        return (
                            <button
                                key={id}
                                type="button"
                                aria-pressed={place >= 0}
                                className={`button px-3 text-[0.9375rem] ${place >= 0 ? 'border-2 border-ink' : ''}`}
                                onClick={() =>
                                    set(
                                        'regions',
                                        place >= 0 ? draft.regions.filter((one) => one !== id) : [...draft.regions, id],
                                    )
                                }
                            >
                                {words}
                                {place === 0 && <span className="text-ink-soft">main</span>}
                            </button>
                        );
                    })}
                </div>
            </fieldset>
            <div className="grid gap-4 xl:grid-cols-2">
                <Choice
                    label="Kind"
                    value={draft.kind}
                    onChange={(event) => set('kind', event.target.value as Draft['kind'])}
                    options={vocabulary.movementKind}
                />
                <Choice
                    label="Sides"
                    hint="The other side is mirrored by itself."
                    value={laterality.sides}
                    onChange={(event) =>
                        set('laterality', { ...laterality, sides: event.target.value as typeof laterality.sides })
                    }
                    options={vocabulary.sides}
                />
                <Choice
                    label="Left means"
                    value={laterality.means}
                    onChange={(event) =>
                        set('laterality', { ...laterality, means: event.target.value as typeof laterality.means })
                    }
                    options={vocabulary.sideMeaning}
                />
                <TextField
                    label="Two ways round, if it circles"
                    hint="Such as: forwards, backwards. Say {direction} in the cues."
                    defaultValue={laterality.directions?.join(', ') ?? ''}
                    onBlur={(event) => {
                        const words = event.target.value
                            .split(',')
                            .map((word) => word.trim())
                            .filter(Boolean);
                        const next = without(laterality, 'directions');
                        set(
                            'laterality',
                            words.length === 2 ? { ...next, directions: [words[0] ?? '', words[1] ?? ''] } : next,
                        );
                    }}
                />
                <Choice
                    label="You show it"
                    value={draft.facing}
                    onChange={(event) =>
                        change((one) => ({
                            ...one,
                            facing: event.target.value as Draft['facing'],
                            view: event.target.value as Draft['view'],
                        }))
                    }
                    options={vocabulary.facing}
                />
                <Choice
                    label="Counted in"
                    value={unit}
                    onChange={(event) => setDoses(doses, event.target.value as typeof unit)}
                    options={vocabulary.doseUnit}
                />
            </div>
            <div className="grid grid-cols-3 gap-4">
                {(['least', 'usual', 'most'] as const).map((key) => (
                    <TextField
                        key={key}
                        label={key === 'least' ? 'At least' : key === 'usual' ? 'Usually' : 'At most'}
                        type="number"
                        min={1}
                        max={600}
                        value={doses[key]}
                        onChange={(event) =>
                            setDoses({ ...doses, [key]: Math.max(1, Number(event.target.value) || 1) })
                        }
                    />
                ))}
            </div>
            <SaidBesides draft={draft} change={change} />
        </div>
    );
}
