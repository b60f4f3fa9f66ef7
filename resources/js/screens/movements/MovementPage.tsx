import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { api } from '../../api/client';
import { refresh, useMotion, useMovement } from '../../api/queries';
import type { MovementAnswer, PageVariation } from '../../api/types/answer-movement';
import type { OwnMovementAnswer } from '../../api/types/answer-own';
import { vocabulary } from '../../api/types/words';
import { BreathingFigure } from '../../parts/MovingFigure';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { Ask } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { clock } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';

// A chair is shown without arms and with them.
const seats = vocabulary.base.flatMap(([value, name]): (readonly [string, string])[] =>
    value === vocabulary.base[0][0]
        ? [
              [value, name],
              ['armchair', 'Chair with arms'],
          ]
        : [[value, name]],
);

const breathWords: Record<string, string> = Object.fromEntries(
    vocabulary.breath.map(([value, name]) => [value, name.toLowerCase()]),
);

function useMaking() {
    const navigate = useNavigate();
    const [problem, setProblem] = useState<Error | null>(null);
    const begin = (after: string) =>
        void api.post<OwnMovementAnswer>('own', { after }).then(
            (made) => void refresh('own').then(() => navigate(`/movements/own/${made.key}`)),
            (error: Error) => setProblem(error),
        );
    return { begin, problem };
}

/** The figure breathing through one rung, on the seat one wants to see. */
function Show({ movement, rung }: { movement: MovementAnswer; rung: PageVariation }) {
    const [base, setBase] = useState('chair');
    const [side, setSide] = useState('left');
    const possible = rung.bases.includes('chair') ? ['armchair', ...rung.bases] : rung.bases;
    const shown = possible.includes(base) ? base : (rung.bases[0] ?? 'chair');
    const motion = useMotion(movement.id, rung.id, shown, side);
    const cues = Object.fromEntries(
        movement.steps.map((step) => [step.id, (rung.cues.find((cue) => cue.step === step.id) ?? step.cue).first]),
    );
    const sided = movement.ways[0]?.includes('Left means') ?? false;
    return (
        <div className="card flex flex-col items-center">
            {motion.data ? (
                <BreathingFigure
                    motion={motion.data}
                    size={260}
                    title={`${movement.names.plain}, ${rung.name}`}
                    cues={cues}
                />
            ) : motion.error ? (
                <Trouble error={motion.error} again={() => void motion.refetch()} />
            ) : (
                <div className="h-[360px]" aria-busy="true" />
            )}
            <div className="mt-3 flex flex-wrap justify-center gap-2">
                {seats
                    .filter(([name]) => possible.includes(name))
                    .map(([name, words]) => (
                        <button
                            key={name}
                            aria-pressed={shown === name}
                            className={`button px-3 text-[15px] ${shown === name ? 'border-2 border-ink' : ''}`}
                            onClick={() => setBase(name)}
                        >
                            {words}
                        </button>
                    ))}
                {sided && (
                    <button
                        className="button px-3 text-[15px]"
                        onClick={() => setSide(side === 'left' ? 'right' : 'left')}
                    >
                        Show the {side === 'left' ? 'right' : 'left'}
                    </button>
                )}
            </div>
        </div>
    );
}

function Ladder({
    movement,
    chosen,
    onChoose,
}: {
    movement: MovementAnswer;
    chosen: string;
    onChoose: (id: string) => void;
}) {
    return (
        <section>
            <h2 className="mb-2 text-[20px]">From gentlest to fullest</h2>
            <ol className="space-y-2">
                {movement.variations.map((rung) => (
                    <li
                        key={rung.id}
                        className={`rounded-2xl bg-white px-4 py-3 ${rung.id === chosen ? 'outline-2 outline-ink' : ''}`}
                    >
                        <button
                            className="flex min-h-11 w-full flex-wrap items-center gap-x-3 text-left"
                            aria-pressed={rung.id === chosen}
                            onClick={() => onChoose(rung.id)}
                        >
                            <strong>{rung.name}</strong>
                            {rung.id === movement.usual && (
                                <span className="rounded-md bg-channel px-2 text-[15px]">as planned</span>
                            )}
                            {rung.props.length > 0 && (
                                <span className="text-[15px] text-ink-soft">needs: {rung.props.join(', ')}</span>
                            )}
                        </button>
                        <p className="text-ink-soft">{rung.introduction}</p>
                        <div className="grid gap-x-4 sm:grid-cols-3">
                            {seats
                                .filter(([seat]) => (seat === 'armchair' ? false : rung.bases.includes(seat)))
                                .map(([seat, words]) => (
                                    <figure key={seat} className="flex items-center gap-2 py-1 text-[15px]">
                                        <FigureDrawing
                                            shapes={movement.figures[`${movement.id}/${rung.id}/${seat}/left`]}
                                            size={78}
                                        />
                                        <figcaption className="leading-snug">
                                            <strong className="block">{words}</strong>
                                            {rung.forBase[seat]}
                                        </figcaption>
                                    </figure>
                                ))}
                        </div>
                        {rung.notFor.length > 0 && (
                            <details className="mt-1 text-[15px]">
                                <summary className="min-h-11 content-center">
                                    Something else instead for{' '}
                                    {rung.notFor.length === 1 ? 'one precaution' : `${rung.notFor.length} precautions`}
                                </summary>
                                <ul className="space-y-1.5 pb-1">
                                    {rung.notFor.map((one) => (
                                        <li key={one.name}>
                                            <strong>{one.name}</strong>: {one.why}{' '}
                                            {one.instead && `Instead: ${one.instead}`}{' '}
                                            <span className="text-ink-soft">({one.source})</span>
                                        </li>
                                    ))}
                                </ul>
                            </details>
                        )}
                    </li>
                ))}
            </ol>
        </section>
    );
}

function Facts({ movement }: { movement: MovementAnswer }) {
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
            {movement.breathReason && (
                <>
                    <dt className="text-ink-soft">Breath</dt>
                    <dd>{movement.breathReason}</dd>
                </>
            )}
        </dl>
    );
}

function Words({ movement, rung }: { movement: MovementAnswer; rung: PageVariation }) {
    return (
        <section>
            <h2 className="mb-2 text-[20px]">Words and breath</h2>
            <ol className="space-y-2">
                {movement.steps.map((step) => {
                    const cue = rung.cues.find((one) => one.step === step.id) ?? step.cue;
                    return (
                        <li key={step.id} className="grid grid-cols-[110px_1fr] gap-3">
                            <span className="text-ink-soft">{breathWords[step.breath]}</span>
                            <span>
                                {cue.first} <span className="block text-[15px] text-ink-soft">then: {cue.short}</span>
                            </span>
                        </li>
                    );
                })}
            </ol>
        </section>
    );
}

function Care({ movement }: { movement: MovementAnswer }) {
    return movement.cautions.length === 0 ? null : (
        <section>
            <h2 className="mb-2 text-[20px]">Take care</h2>
            {movement.cautions.map((caution) => (
                <p key={caution.words} className="rounded-2xl bg-butter px-4 py-3">
                    <strong>{caution.words}</strong> {caution.stop}
                    <span className="block text-[15px] text-ink-soft">{caution.source}</span>
                </p>
            ))}
        </section>
    );
}

export default function MovementPage() {
    const { movementId = '' } = useParams();
    const answer = useMovement(movementId);
    const [rungId, setRung] = useState<string | null>(null);
    const [removing, setRemoving] = useState(false);
    const { begin, problem } = useMaking();
    const navigate = useNavigate();
    if (answer.error) {
        return <Trouble error={answer.error} again={() => void answer.refetch()} />;
    }
    if (!answer.data) {
        return <Waiting what="this movement" />;
    }
    const movement = answer.data;
    const rung =
        movement.variations.find((one) => one.id === rungId) ??
        movement.variations.find((one) => one.id === movement.usual) ??
        movement.variations[0];
    const names = [movement.names.traditional, movement.names.clinical].filter(Boolean).join(' · ');
    return (
        <div className={`zone-${movement.zone ?? 'none'}`}>
            <Link to="/movements" className="mb-2 inline-flex min-h-11 items-center underline underline-offset-4">
                All movements
            </Link>
            <PageTitle
                title={movement.names.plain}
                below={
                    <>
                        {names && <span className="block">{names}</span>}
                        {movement.aim}
                    </>
                }
            >
                <Link className="button" to={`/movements?with=${encodeURIComponent(movement.id)}`}>
                    Compare
                </Link>
                {movement.own ? (
                    <>
                        <button className="button" onClick={() => setRemoving(true)}>
                            Take off the shelf
                        </button>
                        <Link className="button button-main" to={`/movements/own/${movement.own.key}`}>
                            Change it
                        </Link>
                    </>
                ) : (
                    <button className="button" onClick={() => begin(movement.id)}>
                        Make my version
                    </button>
                )}
            </PageTitle>
            {problem && <Trouble error={problem} />}
            <div className="grid items-start gap-6 lg:grid-cols-[380px_minmax(0,1fr)]">
                <div className="space-y-5 lg:sticky lg:top-4">
                    {rung && <Show key={rung.id} movement={movement} rung={rung} />}
                    <Care movement={movement} />
                </div>
                <div className="space-y-6">
                    <Ladder movement={movement} chosen={rung?.id ?? ''} onChoose={setRung} />
                    {rung && <Words movement={movement} rung={rung} />}
                    <section>
                        <h2 className="mb-2 text-[20px]">What to know</h2>
                        <Facts movement={movement} />
                    </section>
                    <section>
                        <h2 className="mb-2 text-[20px]">Goes with it</h2>
                        <ul className="flex flex-wrap gap-2">
                            {movement.substitutes.map((one) => (
                                <li key={one.id}>
                                    <Link className="button" to={`/movements/${one.id}`}>
                                        In its place: {one.name}
                                    </Link>
                                </li>
                            ))}
                            {movement.counters.map((one) => (
                                <li key={one.id}>
                                    <Link className="button" to={`/movements/${one.id}`}>
                                        Afterwards: {one.name}
                                    </Link>
                                </li>
                            ))}
                            {movement.substitutes.length + movement.counters.length === 0 && (
                                <li className="text-ink-soft">Nothing in particular.</li>
                            )}
                        </ul>
                    </section>
                    <section>
                        <h2 className="mb-2 text-[20px]">Used in</h2>
                        {movement.uses.length === 0 ? (
                            <p className="text-ink-soft">None of your classes yet.</p>
                        ) : (
                            <ul className="space-y-1">
                                {movement.uses.map((use) => (
                                    <li key={use.id}>
                                        <Link
                                            className="inline-flex min-h-11 items-center underline underline-offset-4"
                                            to={`/classes/${use.id}/plan`}
                                        >
                                            {use.title}
                                            {use.startsAt &&
                                                `, ${new Date(use.startsAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}`}
                                        </Link>
                                    </li>
                                ))}
                            </ul>
                        )}
                    </section>
                    <p className="text-[15px] text-ink-soft">
                        Source: {movement.sources.join('; ')}. Supports a teacher and replaces no clinician.
                    </p>
                </div>
            </div>
            {removing && movement.own && (
                <Ask
                    title={`Take ${movement.names.plain} off the shelf?`}
                    yes="Take it off"
                    onClose={() => setRemoving(false)}
                    onYes={() =>
                        void api
                            .delete(`own/${movement.own?.key}`)
                            .then(() => refresh('own', 'movements').then(() => navigate('/movements')))
                    }
                >
                    It will not be offered any more. Classes that use it go on as they are.
                </Ask>
            )}
        </div>
    );
}

/** Two movements side by side. */
export function Compare() {
    const [params] = useSearchParams();
    const [a, b] = [useMovement(params.get('a') ?? ''), useMovement(params.get('b') ?? '')];
    const error = a.error ?? b.error;
    if (error) {
        return <Trouble error={error} />;
    }
    if (!a.data || !b.data) {
        return <Waiting what="both movements" />;
    }
    return (
        <>
            <PageTitle title="Two movements side by side">
                <Link className="button" to={`/movements?with=${encodeURIComponent(a.data.id)}`}>
                    Choose another one
                </Link>
                <Link className="button" to="/movements">
                    All movements
                </Link>
            </PageTitle>
            <div className="grid gap-6 md:grid-cols-2">
                {[a.data, b.data].map((movement) => {
                    const rung = movement.variations.find((one) => one.id === movement.usual) ?? movement.variations[0];
                    return (
                        <article key={movement.id} className={`space-y-4 zone-${movement.zone ?? 'none'}`}>
                            <h2 className="flex items-center gap-3 text-[22px]">
                                <ZoneShape zone={movement.zone} size={24} />
                                <Link
                                    className="underline underline-offset-4"
                                    to={`/movements/${encodeURIComponent(movement.id)}`}
                                >
                                    {movement.names.plain}
                                </Link>
                            </h2>
                            <p>{movement.aim}</p>
                            {rung && <Show movement={movement} rung={rung} />}
                            <Facts movement={movement} />
                            {rung && <Words movement={movement} rung={rung} />}
                            <section>
                                <h3 className="mb-1 text-[18px]">Ladder</h3>
                                <ol className="list-decimal pl-5">
                                    {movement.variations.map((one) => (
                                        <li key={one.id}>
                                            {one.name}
                                            {one.notFor.length > 0 && (
                                                <span className="text-ink-soft">
                                                    {' '}
                                                    (not for: {one.notFor.map((no) => no.name).join('; ')})
                                                </span>
                                            )}
                                        </li>
                                    ))}
                                </ol>
                            </section>
                            <Care movement={movement} />
                        </article>
                    );
                })}
            </div>
        </>
    );
}
