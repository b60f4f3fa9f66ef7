import type { BodyUse } from '../../../api/types/movement';
import { vocabulary } from '../../../api/types/words';
import { Choice } from '../../../parts/Field';
import { plural } from '../../../parts/time';
import { Toggles } from '../../../parts/Toggles';
import { without } from '../../../parts/without';
import { ElbowQuestions } from './ElbowQuestions';

type Hand = NonNullable<BodyUse['hands']>[number];
type Face = NonNullable<BodyUse['face']>;

const who: [Hand['who'], string][] = [
    ['both', 'Both hands'],
    ['work', 'Hand of the named side'],
    ['other', 'Other hand'],
];

interface Props {
    body: BodyUse;
    /** The movement's, by what is said in them. */
    steps: { id: string; cue: { first: string } }[];
    onChange: (body: BodyUse) => void;
}

/** Plain questions about what a shape alone cannot tell; what follows from the answers is worked out. */
export function BodyQuestions({ body, steps, onChange }: Props) {
    const hands = body.hands ?? [];
    const touch = body.touch ?? [];
    const setHand = (at: number, by: Partial<Hand>) =>
        onChange({ ...body, hands: hands.map((one, index) => (index === at ? { ...one, ...by } : one)) });
    return (
        <div className="space-y-4 pb-2">
            <fieldset className="space-y-2">
                <legend className="mb-1 font-semibold">Where do the hands lie?</legend>
                {hands.map((hand, at) => (
                    <div key={at} className="flex flex-wrap items-end gap-2">
                        <Choice
                            label="Whose"
                            value={hand.who}
                            options={who}
                            onChange={(event) => setHand(at, { who: event.target.value as Hand['who'] })}
                        />
                        <Choice
                            label="On"
                            value={hand.on}
                            options={vocabulary.handPlace}
                            onChange={(event) => setHand(at, { on: event.target.value as Hand['on'] })}
                        />
                        <label className="flex min-h-11 items-center gap-2">
                            <input
                                type="checkbox"
                                className="h-5 w-5 accent-ink"
                                checked={hand.bears ?? false}
                                onChange={(event) => setHand(at, { bears: event.target.checked })}
                            />
                            takes weight
                        </label>
                        <label className="flex min-h-11 items-center gap-2">
                            <input
                                type="checkbox"
                                className="h-5 w-5 accent-ink"
                                checked={hand.across ?? false}
                                onChange={(event) => setHand(at, { across: event.target.checked })}
                            />
                            on the other side
                        </label>
                        {hand.in && (
                            <span className="min-h-11 content-center text-[0.9375rem] text-ink-soft">
                                in {plural(hand.in.length, 'step', 'steps')}
                            </span>
                        )}
                        <button
                            type="button"
                            className="button button-quiet px-3"
                            onClick={() => onChange({ ...body, hands: hands.filter((_, index) => index !== at) })}
                        >
                            Remove
                        </button>
                    </div>
                ))}
                <button
                    type="button"
                    className="button"
                    disabled={hands.length >= 8}
                    onClick={() => onChange({ ...body, hands: [...hands, { who: 'both', on: 'thigh' }] })}
                >
                    A hand lies on something
                </button>
            </fieldset>
            <ElbowQuestions
                elbows={body.elbows ?? []}
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
