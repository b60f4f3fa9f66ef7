import type { GroupsAnswer } from '../../api/types/answer-groups';
import { TextField } from '../../parts/Field';

type Person = GroupsAnswer['groups'][number]['people'][number]['person'];

const measures = [
    ['lowerLeg', 'Lower leg, heel to knee'],
    ['thigh', 'Thigh, back to knee'],
    ['shoulders', 'Shoulder breadth'],
    ['elbow', 'Elbow above the seat'],
    ['shoe', 'Sole of the shoe'],
] as const;

/** What is good to know and not needed on the first day; everything is stored encrypted. */
export function More({ person }: { person: Person | undefined }) {
    const filled =
        person &&
        (person.aids ??
            person.clearance ??
            person.consent ??
            person.measures ??
            person.hearing ??
            person.sight ??
            person.emergency);
    return (
        <details className="rounded-2xl bg-white px-4 py-1" open={filled !== undefined}>
            <summary className="flex min-h-11 items-center font-semibold">
                More: consent, clearance, contact, measures
            </summary>
            <div className="space-y-4 pb-3">
                <div className="grid gap-4 sm:grid-cols-2">
                    <TextField
                        label="Agreed that health notes are kept, on"
                        name="consent"
                        type="date"
                        defaultValue={person?.consent}
                    />
                    <TextField
                        label="Cleared by a clinician, on"
                        name="clearanceDate"
                        type="date"
                        defaultValue={person?.clearance?.date}
                        hint="After a year, ask again."
                    />
                    <TextField
                        label="What was cleared"
                        name="clearanceText"
                        maxLength={400}
                        defaultValue={person?.clearance?.text}
                    />
                    <TextField
                        label="Aids"
                        name="aids"
                        maxLength={120}
                        placeholder="Stick, walker, brace"
                        defaultValue={person?.aids}
                    />
                    <TextField
                        label="Hearing"
                        name="hearing"
                        maxLength={200}
                        placeholder="Hearing aid left; sits in front"
                        defaultValue={person?.hearing}
                    />
                    <TextField
                        label="Sight"
                        name="sight"
                        maxLength={200}
                        placeholder="Sees outlines"
                        defaultValue={person?.sight}
                    />
                    <TextField
                        label="In an emergency, call"
                        name="emergencyName"
                        maxLength={80}
                        defaultValue={person?.emergency?.name}
                    />
                    <TextField
                        label="Phone"
                        name="emergencyPhone"
                        type="tel"
                        maxLength={60}
                        defaultValue={person?.emergency?.phone}
                    />
                </div>
                <fieldset>
                    <legend className="mb-1 font-semibold">Measures for the chair, in millimetres</legend>
                    <div className="grid gap-3 sm:grid-cols-3">
                        {measures.map(([name, words]) => (
                            <TextField
                                key={name}
                                label={words}
                                name={`measure-${name}`}
                                type="number"
                                min={0}
                                max={800}
                                defaultValue={person?.measures?.[name]}
                            />
                        ))}
                    </div>
                </fieldset>
            </div>
        </details>
    );
}

/** The part of a person that these fields tell. */
export function more(text: (name: string) => string, before: Person | undefined): Partial<Person> {
    const given = Object.fromEntries(
        measures
            .filter(([name]) => text(`measure-${name}`) !== '')
            .map(([name]) => [name, Math.round(Number(text(`measure-${name}`)))]),
    );
    return {
        ...(text('consent') ? { consent: text('consent') } : {}),
        ...(text('clearanceDate')
            ? {
                  clearance: {
                      date: text('clearanceDate'),
                      ...(text('clearanceText') ? { text: text('clearanceText') } : {}),
                  },
              }
            : {}),
        ...(text('aids') ? { aids: text('aids') } : {}),
        ...(text('hearing') ? { hearing: text('hearing') } : {}),
        ...(text('sight') ? { sight: text('sight') } : {}),
        ...(text('emergencyName')
            ? {
                  emergency: {
                      name: text('emergencyName'),
                      ...(text('emergencyPhone') ? { phone: text('emergencyPhone') } : {}),
                  },
              }
            : {}),
        ...(Object.keys(given).length > 0 ? { measures: given } : {}),
        ...(before?.fit ? { fit: before.fit } : {}),
    };
}
