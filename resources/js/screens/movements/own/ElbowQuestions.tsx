import type { BodyUse } from '../../../api/types/movement';
import { vocabulary } from '../../../api/types/words';
import { Choice } from '../../../parts/Field';
import { plural } from '../../../parts/time';

export type Elbow = NonNullable<BodyUse['elbows']>[number];

const who: [Elbow['who'], string][] = [
    ['both', 'Both elbows'],
    ['work', 'Elbow of the named side'],
    ['other', 'Other elbow'],
];
const MOST = 4;

interface Props {
    elbows: Elbow[];
    onChange: (elbows: Elbow[]) => void;
}

/** What carries the arms in a shape: then the elbow lies there on every seat that has it. */
export function ElbowQuestions({ elbows, onChange }: Props) {
    const set = (at: number, by: Partial<Elbow>) =>
        onChange(elbows.map((one, index) => (index === at ? { ...one, ...by } : one)));
    return (
        <fieldset className="space-y-2">
            <legend className="mb-1 font-semibold">Do elbows lie on something?</legend>
            {elbows.map((elbow, at) => (
                <div key={at} className="flex flex-wrap items-end gap-2">
                    <Choice
                        label="Which"
                        value={elbow.who}
                        options={who}
                        onChange={(event) => set(at, { who: event.target.value as Elbow['who'] })}
                    />
                    <Choice
                        label="Lies on"
                        value={elbow.on}
                        options={vocabulary.elbowPlace}
                        onChange={(event) => set(at, { on: event.target.value as Elbow['on'] })}
                    />
                    <label className="flex min-h-11 items-center gap-2">
                        <input
                            type="checkbox"
                            className="h-5 w-5 accent-ink"
                            checked={elbow.slides ?? false}
                            onChange={(event) => set(at, { slides: event.target.checked })}
                        />
                        slides along it
                    </label>
                    {elbow.in && (
                        <span className="min-h-11 content-center text-[0.9375rem] text-ink-soft">
                            in {plural(elbow.in.length, 'step', 'steps')}
                        </span>
                    )}
                    <button
                        type="button"
                        className="button button-quiet px-3"
                        onClick={() => onChange(elbows.filter((_, index) => index !== at))}
                    >
                        Remove
                    </button>
                </div>
            ))}
            <button
                type="button"
                className="button"
                disabled={elbows.length >= MOST}
                onClick={() => onChange([...elbows, { who: 'both', on: 'armrest' }])}
            >
                An elbow lies on something
            </button>
        </fieldset>
    );
}
