import type { LibraryAnswer } from '../../api/types/answer-library';
import { vocabulary } from '../../api/types/words';
import { Choice, TextField } from '../../parts/Field';
import { NeverChosen } from '../../parts/NeverChosen';
import { Sheet } from '../../parts/Sheet';
import { without } from '../../parts/without';
import type { PlanDocument } from './usePlan';

type Settings = NonNullable<PlanDocument['settings']>;

const orders = [
    ['head-to-toe', 'Head to toe'],
    ['toe-to-head', 'Toe to head'],
    ['spine-first', 'Spine first, then head to toe'],
] as const;

interface Props {
    plan: PlanDocument;
    patterns: LibraryAnswer['patterns'];
    onChange: (change: (plan: PlanDocument) => PlanDocument) => void;
    onClose: () => void;
}

/** How this class is taught. Everything is saved as it is chosen. */
export function ClassSettings({ plan, patterns, onChange, onClose }: Props) {
    const set = (change: Partial<Settings>) =>
        onChange((current) => ({ ...current, settings: { ...current.settings, ...change } }));
    const settings: Settings = plan.settings ?? {};
    const order = settings.order ?? 'head-to-toe';
    return (
        <Sheet title="How this class is taught" open onClose={onClose}>
            <div className="space-y-4">
                <TextField
                    label="Minutes booked"
                    type="number"
                    min={5}
                    max={180}
                    defaultValue={plan.slotMinutes}
                    hint="5 to 180 minutes"
                    onBlur={(event) => {
                        const minutes = Math.round(Number(event.target.value));
                        if (minutes >= 5 && minutes <= 180 && minutes !== plan.slotMinutes) {
                            onChange((current) => ({ ...current, slotMinutes: minutes }));
                        } else {
                            event.target.value = String(plan.slotMinutes);
                        }
                    }}
                />
                <Choice
                    label="Breath"
                    hint="Sections and movements may have their own."
                    value={typeof plan.pattern === 'string' ? plan.pattern : ''}
                    onChange={(event) => onChange((current) => ({ ...current, pattern: event.target.value }))}
                    options={[
                        ...(typeof plan.pattern === 'string' ? [] : [['', plan.pattern.name] as const]),
                        ...patterns.map(
                            (pattern) =>
                                [
                                    pattern.id,
                                    `${pattern.name}, ${pattern.cycle} s${pattern.retains ? ', with pauses' : ''}`,
                                ] as const,
                        ),
                    ]}
                />
                <Choice
                    label="Most people are on"
                    hint="Figures and what is said before a movement are for them; others have their own beside it."
                    value={plan.base ?? ''}
                    onChange={(event) => {
                        const base = event.target.value as NonNullable<PlanDocument['base']> | '';
                        onChange((current) => (base ? { ...current, base } : without(current, 'base')));
                    }}
                    options={[['', 'as most of the group do'] as const, ...vocabulary.mainBase]}
                />
                <Choice
                    label="Order of the main part"
                    value={order}
                    onChange={(event) => set({ order: event.target.value as Settings['order'] })}
                    options={order === 'own' ? [...orders, ['own', 'Your own order'] as const] : orders}
                />
                <Choice
                    label="First side"
                    value={settings.firstSide ?? 'left'}
                    onChange={(event) => set({ firstSide: event.target.value as 'left' | 'right' })}
                    options={[
                        ['left', 'Left'],
                        ['right', 'Right'],
                    ]}
                />
                <Choice
                    label="You show"
                    value={settings.mirrors === false ? 'own' : 'mirror'}
                    onChange={(event) => set({ mirrors: event.target.value === 'mirror' })}
                    hint="Your side is printed beside theirs."
                    options={[
                        ['mirror', 'mirrored: they go left, you go right'],
                        ['own', 'your own side: they go left, you go left'],
                    ]}
                />
                <Choice
                    label="Words"
                    value={settings.simpleWords ? 'simple' : 'full'}
                    onChange={(event) => set({ simpleWords: event.target.value === 'simple' })}
                    hint="Simple is for groups with memory loss."
                    options={[
                        ['full', 'as a class goes: told, refined, quiet'],
                        ['simple', 'simple: one step, six words, always the same'],
                    ]}
                />
                <Choice
                    label="You speak"
                    value={String(settings.speechRate ?? 2)}
                    onChange={(event) => set({ speechRate: Number(event.target.value) })}
                    options={[
                        ['1.5', 'slowly, 90 words a minute'],
                        ['2', 'calmly, 120 words a minute'],
                        ['2.5', 'briskly, 150 words a minute'],
                        ...([1.5, 2, 2.5].includes(settings.speechRate ?? 2)
                            ? []
                            : [
                                  [
                                      String(settings.speechRate),
                                      `${Math.round((settings.speechRate ?? 2) * 60)} words a minute`,
                                  ] as const,
                              ]),
                    ]}
                />
                <details open={(settings.never ?? []).length > 0}>
                    <summary className="min-h-11 py-2.5 font-semibold">What this class leaves out</summary>
                    <NeverChosen
                        never={settings.never ?? []}
                        onChange={(never) => set({ never: never as NonNullable<Settings['never']> })}
                    />
                </details>
            </div>
        </Sheet>
    );
}
