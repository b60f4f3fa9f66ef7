import type { MovementAnswer, PageVariation } from '../../api/types/answer-movement';
import { vocabulary } from '../../api/types/words';
import { clock } from '../../parts/time';

const breathWords: Record<string, string> = Object.fromEntries(
    vocabulary.breath.map(([value, name]) => [value, name.toLowerCase()]),
);

/** What a movement is and asks, at a glance. */
export function Facts({ movement }: { movement: MovementAnswer }) {
    return (
        <dl className="grid grid-cols-[110px_1fr] gap-x-3 gap-y-1.5">
            <dt className="text-ink-soft">Works</dt>
            <dd>{movement.regions.join(', ') || 'breath and stillness'}</dd>
            <dt className="text-ink-soft">Sides</dt>
            <dd>{movement.ways.join(' ')}</dd>
            <dt className="text-ink-soft">Usual dose</dt>
            <dd>
                {movement.doses.usual} each ({movement.doses.least} to {movement.doses.most}), {clock(movement.seconds)}{' '}
                in all
            </dd>
            <dt className="text-ink-soft">Show it</dt>
            <dd>{movement.facing === 'side' ? 'turn your side to the group' : 'face the group'}</dd>
            {movement.rest && (
                <>
                    <dt className="text-ink-soft">Who rests</dt>
                    <dd>{movement.rest}</dd>
                </>
            )}
            {Object.entries(movement.oneLimb).map(([limb, words]) => (
                <div key={limb} className="contents">
                    <dt className="text-ink-soft">One {limb}</dt>
                    <dd>{words}</dd>
                </div>
            ))}
            {movement.carer && (
                <>
                    <dt className="text-ink-soft">Moved by a carer</dt>
                    <dd>{movement.carer}</dd>
                </>
            )}
            {movement.serves.length > 0 && (
                <>
                    <dt className="text-ink-soft">Serves</dt>
                    <dd>
                        <ul className="space-y-1">
                            {movement.serves.map((one) => (
                                <li key={one.name}>
                                    <strong>{one.name}</strong>: {one.who}
                                </li>
                            ))}
                        </ul>
                    </dd>
                </>
            )}
            {movement.breathReason && (
                <>
                    <dt className="text-ink-soft">Breath</dt>
                    <dd>{movement.breathReason}</dd>
                </>
            )}
        </dl>
    );
}

/** What is said at each breath, at first and later. */
export function Words({ movement, rung }: { movement: MovementAnswer; rung: PageVariation }) {
    return (
        <section>
            <h2 className="mb-2 text-[1.25rem]">Words and breath</h2>
            <ol className="space-y-2">
                {movement.steps.map((step) => {
                    const cue = rung.cues.find((one) => one.step === step.id) ?? step.cue;
                    return (
                        <li key={step.id} className="grid grid-cols-[110px_1fr] gap-3">
                            <span className="text-ink-soft">{breathWords[step.breath]}</span>
                            <span>
                                {cue.first}{' '}
                                <span className="block text-[0.9375rem] text-ink-soft">then: {cue.short}</span>
                            </span>
                        </li>
                    );
                })}
            </ol>
        </section>
    );
}

/** What is added while it goes on: one thing at a time, each once in a class. */
export function Refinements({ movement, rung }: { movement: MovementAnswer; rung: PageVariation }) {
    const here = movement.refinements.filter((one) => one.rungs.length === 0 || one.rungs.includes(rung.id));
    if (here.length === 0) {
        return null;
    }
    return (
        <section>
            <h2 className="mb-2 text-[1.25rem]">Said while it goes on</h2>
            <dl className="space-y-2" data-refinements>
                {vocabulary.refinementKind.map(([kind, name]) => {
                    const words = here.filter((one) => one.kind === kind);
                    return (
                        words.length > 0 && (
                            <div key={kind} className="grid grid-cols-[110px_1fr] gap-3">
                                <dt className="text-ink-soft">{name}</dt>
                                <dd>
                                    {words.map((one) => (
                                        <span key={one.words} className="block">
                                            {one.words}
                                            {one.bases.length > 0 && (
                                                <span className="text-[0.9375rem] text-ink-soft">
                                                    {' '}
                                                    ({one.bases.join(', ')})
                                                </span>
                                            )}
                                        </span>
                                    ))}
                                </dd>
                            </div>
                        )
                    );
                })}
            </dl>
        </section>
    );
}

/** What to take care of, and when to stop. */
export function Cautions({ movement }: { movement: MovementAnswer }) {
    return movement.cautions.length === 0 ? null : (
        <section>
            <h2 className="mb-2 text-[1.25rem]">Take care</h2>
            {movement.cautions.map((caution) => (
                <p key={caution.words} className="rounded-2xl bg-butter px-4 py-3">
                    <strong>{caution.words}</strong> {caution.stop}
                    <span className="block text-[0.9375rem] text-ink-soft">{caution.source}</span>
                </p>
            ))}
        </section>
    );
}
