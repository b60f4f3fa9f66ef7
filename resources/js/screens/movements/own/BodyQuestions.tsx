import type { BodyUse } from '../../../api/types/movement';
import { vocabulary } from '../../../api/types/words';
import { Choice } from '../../../parts/Field';
import { Toggles } from '../../../parts/Toggles';
import { without } from '../../../parts/without';
import { LyingOn } from './LyingOn';

type Hand = NonNullable<BodyUse['hands']>[number];
type Elbow = NonNullable<BodyUse['elbows']>[number];
type Face = NonNullable<BodyUse['face']>;

const who: [Hand['who'], string][] = [
    ['both', 'Both hands'],
    ['work', 'Hand of the named side'],
    ['other', 'Other hand'],
];
const whichElbow: [Elbow['who'], string][] = [
    ['both', 'Both elbows'],
    ['work', 'Elbow of the named side'],
    ['other', 'Other elbow'],
];

interface Props {
    body: BodyUse;
    /** The movement's, by what is said in them. */
    steps: { id: string; cue: { first: string } }[];
    onChange: (body: BodyUse) => void;
}

/** Plain questions about what a shape alone cannot tell; what follows from the answers is worked out. */
export function BodyQuestions({ body, steps, onChange }: Props) {
    const touch = body.touch ?? [];
    return (
        <div className="space-y-4 pb-2">
            <LyingOn
                title="Where do the hands lie?"
                labels={['Whose', 'On']}
                who={who}
                places={vocabulary.handPlace}
                checks={[
                    ['bears', 'takes weight'],
                    ['across', 'on the other side'],
                ]}
                most={8}
                add="A hand lies on something"
                first={{ who: 'both', on: 'thigh' } as Hand}
                contacts={body.hands ?? []}
                onChange={(hands) => onChange({ ...body, hands })}
            />
            <LyingOn
                title="Do elbows lie on something?"
                labels={['Which', 'Lies on']}
                who={whichElbow}
                places={vocabulary.elbowPlace}
                checks={[['slides', 'slides along it']]}
                most={4}
                add="An elbow lies on something"
                first={{ who: 'both', on: 'armrest' } as Elbow}
                contacts={body.elbows ?? []}
                onChange={(elbows) => onChange(elbows.length ? { ...body, elbows } : without(body, 'elbows'))}
            />
            <Choice
                label="Does one leg lie on the other?"
                value={body.legs ?? ''}
                options={[['', 'No'], ...vocabulary.legContact]}
                onChange={(event) =>
                    onChange(
                        event.target.value
                            ? { ...body, legs: event.target.value as NonNullable<BodyUse['legs']> }
                            : without(body, 'legs'),
                    )
                }
            />
            <fieldset className="space-y-2">
                <legend className="mb-1 font-semibold">Do eyes or mouth move?</legend>
                {body.face &&
                    steps.map((step) => (
                        <Choice
                            key={step.id}
                            label={step.cue.first || 'A step without words'}
                            value={body.face?.[step.id] ?? 'still'}
                            options={vocabulary.faceForm}
                            onChange={(event) =>
                                onChange({
                                    ...body,
                                    face: { ...body.face, [step.id]: event.target.value as Face[string] },
                                })
                            }
                        />
                    ))}
                <button
                    type="button"
                    className="button"
                    onClick={() =>
                        onChange(
                            body.face
                                ? without(body, 'face')
                                : {
                                      ...body,
                                      face: Object.fromEntries(steps.map(({ id }) => [id, 'still'])) as Face,
                                  },
                        )
                    }
                >
                    {body.face ? 'They do not' : 'They do'}
                </button>
            </fieldset>
            <Toggles
                title="Does something work hard?"
                all={vocabulary.effort}
                chosen={body.effort ?? []}
                onChange={(effort) => onChange({ ...body, effort })}
            />
            <Toggles
                title="Is a hand at work on skin?"
                all={vocabulary.touchKind}
                chosen={touch.map((one) => one.does)}
                onChange={(kinds) =>
                    onChange({
                        ...body,
                        touch: kinds.map(
                            (does) => touch.find((one) => one.does === does) ?? { does, where: 'where the hand is' },
                        ),
                    })
                }
            />
            <Toggles
                title="Is something drawn by a hand or a strap?"
                all={vocabulary.pulled}
                chosen={body.pulls ?? []}
                onChange={(pulls) => onChange({ ...body, pulls })}
            />
            <Toggles
                title="Anything else?"
                all={vocabulary.bodyNote}
                chosen={body.also ?? []}
                onChange={(also) => onChange({ ...body, also })}
            />
        </div>
    );
}
