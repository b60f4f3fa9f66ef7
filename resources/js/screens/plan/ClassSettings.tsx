import type { LibraryAnswer } from '../../api/types/answer-library';
import { vocabulary } from '../../api/types/words';
import { Choice, TextField } from '../../parts/Field';
import { Schools } from '../../parts/Schools';
import { Sheet } from '../../parts/Sheet';
import { without } from '../../parts/without';
import type { PlanDocument } from './usePlan';

type Settings = NonNullable<PlanDocument['settings']>;

interface Props {
    plan: PlanDocument;
    patterns: LibraryAnswer['patterns'];
    onChange: (change: (plan: PlanDocument) => PlanDocument) => void;
    onClose: () => void;
}

/** How this class is taught. Everything is saved as it is chosen. */
export function ClassSettings({ plan, patterns, onChange, onClose }: Props) {
    const settings: Settings = plan.settings ?? {};
    const replace = (chosen: Settings) =>
        onChange((current) =>
            Object.keys(chosen).length === 0 ? without(current, 'settings') : { ...current, settings: chosen },
        );
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
                    label="You speak"
                    value={String(settings.speechRate ?? 2)}
                    onChange={(event) => replace({ ...settings, speechRate: Number(event.target.value) })}
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
                <Schools settings={settings} onChange={replace} />
            </div>
        </Sheet>
    );
}
