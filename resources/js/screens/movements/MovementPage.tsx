import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../api/client';
import { refresh, useMovement } from '../../api/queries';
import type { OwnMovementAnswer } from '../../api/types/answer-own';
import { Asks } from '../../parts/Asks';
import { Ask } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { day } from '../../parts/time';
import { Cautions, Facts, Refinements, Words } from './About';
import { Rungs } from './Rungs';
import { WithProps } from './WithProps';
import { Show } from './Show';

function useMaking() {
    const navigate = useNavigate();
    const [problem, setProblem] = useState<Error | null>(null);
    const begin = (after: string) =>
        void api.make<OwnMovementAnswer>('own', { after }).then(
            (made) => void refresh('own').then(() => navigate(`/movements/own/${made.key}`)),
            (error: Error) => setProblem(error),
        );
    return { begin, problem };
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
    const names = [movement.names.plain, movement.names.traditional, movement.names.clinical]
        .filter((one) => one && one.toLowerCase() !== movement.name.toLowerCase())
        .join(' · ');
    return (
        <div className={`zone-${movement.zone ?? 'none'}`}>
            <Link to="/movements" className="mb-2 inline-flex min-h-11 items-center underline underline-offset-4">
                All movements
            </Link>
            <PageTitle
                title={movement.name}
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
            <div className="grid items-start gap-6 lg:grid-cols-[400px_minmax(0,1fr)] xl:grid-cols-[minmax(0,36rem)_minmax(0,1fr)]">
                <div className="space-y-5 lg:[@media(min-height:900px)]:sticky lg:[@media(min-height:900px)]:top-4">
                    {rung && <Show key={rung.id} movement={movement} rung={rung} />}
                    <Cautions movement={movement} />
                </div>
                <div className="space-y-6">
                    {rung && (
                        <section className="card">
                            <h2 className="mb-2 text-[1.25rem]">What it asks, and of whom not</h2>
                            <p className="mb-2 text-ink-soft">{rung.name}, worked out from its shape.</p>
                            <Asks asks={rung.asks} />
                        </section>
                    )}
                    <Rungs movement={movement} chosen={rung?.id ?? ''} onChoose={setRung} />
                    <WithProps movement={movement} />
                    {rung && <Words movement={movement} rung={rung} />}
                    {rung && <Refinements movement={movement} rung={rung} />}
                    <section>
                        <h2 className="mb-2 text-[1.25rem]">What to know</h2>
                        <Facts movement={movement} />
                    </section>
                    <section>
                        <h2 className="mb-2 text-[1.25rem]">Goes with it</h2>
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
                        <h2 className="mb-2 text-[1.25rem]">Used in</h2>
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
                                            {use.startsAt && `, ${day(use.startsAt)}`}
                                        </Link>
                                    </li>
                                ))}
                            </ul>
                        )}
                    </section>
                    <p className="text-[0.9375rem] text-ink-soft">
                        Source: {movement.sources.join('; ')}. Supports a teacher and replaces no clinician.
                    </p>
                </div>
            </div>
            {removing && movement.own && (
                <Ask
                    title={`Take ${movement.name} off the shelf?`}
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
