import { Link, Navigate, useSearchParams } from 'react-router';
import { Refusal } from '../../api/client';
import { useMovement } from '../../api/queries';
import { NothingHere } from '../../parts/NothingHere';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { ZoneShape } from '../../parts/ZoneShape';
import { Cautions, Facts, Words } from './About';
import { Show } from './Show';

/** Two movements side by side. */
export default function Compare() {
    const [params] = useSearchParams();
    const [a, b] = [params.get('a'), params.get('b')];
    // With one of them the other is still to be chosen; with none there is nothing to compare yet.
    return a && b ? (
        <Beside first={a} second={b} />
    ) : (
        <Navigate to={(a ?? b) ? `/movements?with=${encodeURIComponent(a ?? b ?? '')}` : '/movements'} replace />
    );
}

function Beside({ first, second }: { first: string; second: string }) {
    const [a, b] = [useMovement(first), useMovement(second)];
    const error = a.error ?? b.error;
    if (error) {
        return error instanceof Refusal && error.status === 404 ? (
            <NothingHere what="One of these movements" />
        ) : (
            <Trouble error={error} />
        );
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
                            <h2 className="flex items-center gap-3 text-[1.375rem]">
                                <ZoneShape zone={movement.zone} size={24} />
                                <Link
                                    className="inline-flex min-h-11 items-center underline underline-offset-4"
                                    to={`/movements/${encodeURIComponent(movement.id)}`}
                                >
                                    {movement.name}
                                </Link>
                            </h2>
                            <p>{movement.aim}</p>
                            {rung && <Show movement={movement} rung={rung} />}
                            <Facts movement={movement} />
                            {rung && <Words movement={movement} rung={rung} />}
                            <section>
                                <h3 className="mb-1 text-[1.125rem]">Ladder</h3>
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
                            <Cautions movement={movement} />
                        </article>
                    );
                })}
            </div>
        </>
    );
}
