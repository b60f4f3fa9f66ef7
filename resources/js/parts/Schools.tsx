import type { PlanSettings } from '../api/types/plan';
import { vocabulary } from '../api/types/words';
import { Choice } from './Field';
import { NeverChosen } from './NeverChosen';
import { answered, ASKED, SUBJECTS, type School } from './schools';
import { Toggles } from './Toggles';

interface Props {
    settings: PlanSettings;
    onChange: (settings: PlanSettings) => void;
}

/** Every question on which teachers differ, one subject at a time, each told in two sentences. */
export function Schools({ settings, onChange }: Props) {
    return SUBJECTS.map(({ name, schools }) => (
        <details key={name} className="border-t border-hair" data-subject={name}>
            <summary className="min-h-11 py-2.5">
                <span className="font-semibold">{name}</span>
                <span className="block text-[0.9375rem] text-ink-soft">{inShort(schools, settings)}</span>
            </summary>
            <div className="space-y-4 pb-4">
                {schools.map((school) => (
                    <Choice
                        key={school.name}
                        label={school.name}
                        hint={school.why}
                        value={school.of(settings)}
                        options={school.options(settings)}
                        onChange={(event) => onChange(answered(settings, school, event.target.value))}
                    />
                ))}
                {name === 'Words and showing' && <AlsoCued settings={settings} onChange={onChange} />}
                {name === 'What is left out' && <AnythingElse settings={settings} onChange={onChange} />}
            </div>
        </details>
    ));
}

/** What is chosen, in one line: the answers that are not the usual ones, or that all are. */
function inShort(schools: School[], settings: PlanSettings): string {
    const chosen = schools.filter((school) => school.of(settings) !== school.of({}));
    return chosen.length === 0
        ? 'As usual'
        : chosen
              .map((school) => school.options(settings).find(([value]) => value === school.of(settings))?.[1])
              .join('; ');
}

function AlsoCued({ settings, onChange }: Props) {
    return (
        <div>
            <Toggles
                title="Also say the line for"
                all={vocabulary.mainBase}
                chosen={settings.alsoCued ?? []}
                onChange={(alsoCued) =>
                    onChange({ ...settings, alsoCued: alsoCued as NonNullable<PlanSettings['alsoCued']> })
                }
                chosenWord="Said: "
            />
            <p className="mt-1 text-[0.9375rem] text-ink-soft">
                One seat is cued, and the others have their line beside it in Lead. In a mixed group you may say their
                lines aloud as well; that takes its time, and the plan counts it.
            </p>
        </div>
    );
}

function AnythingElse({ settings, onChange }: Props) {
    const never = settings.never ?? [];
    return (
        <details open={never.some((one) => !ASKED.includes(one))}>
            <summary className="min-h-11 py-2.5 font-semibold">Anything else you leave out</summary>
            <p className="mb-2 text-[0.9375rem] text-ink-soft">
                What you leave out is offered to nobody, and a gentler version stands in.
            </p>
            <NeverChosen
                never={never}
                onChange={(chosen) => onChange({ ...settings, never: chosen as NonNullable<PlanSettings['never']> })}
            />
        </details>
    );
}
