import type { MatrixAnswer } from '../../api/types/answer-matrix';
import { dayAndHour, plural } from '../../parts/time';

/** What to bring for everybody's versions, and where the teacher chose otherwise. */
export function BringAndChoices({ bring, choices }: Pick<MatrixAnswer, 'bring' | 'choices'>) {
    const held = choices.filter((one) => !one.isEnded).length;
    return (
        <div className="mt-6 grid gap-6 lg:grid-cols-2">
            <section>
                <h2 className="mb-2 text-[1.25rem]">What to bring</h2>
                {bring.length === 0 ? (
                    <p className="text-ink-soft">Nothing is needed.</p>
                ) : (
                    <ul className="space-y-1.5">
                        {bring.map((one) => (
                            <li
                                key={one.id}
                                className={`rounded-xl px-3 py-2 ${one.short > 0 ? 'bg-butter' : 'bg-white'}`}
                            >
                                <strong>
                                    {one.needs} × {one.name.toLowerCase()}
                                </strong>
                                {one.has !== null && <span className="text-ink-soft"> ({one.has} there)</span>}
                                {one.short > 0 && ` ${one.short} short: take ${one.standIns.join(' or ')} instead.`}
                            </li>
                        ))}
                    </ul>
                )}
            </section>
            <section>
                <h2 className="mb-2 text-[1.25rem]">
                    Your choices {held > 0 && <span className="text-ink-soft">({plural(held, 'holds', 'hold')})</span>}
                </h2>
                {choices.length === 0 ? (
                    <p className="text-ink-soft">
                        Everyone does what was worked out. Touch a mark to see why, or to choose otherwise.
                    </p>
                ) : (
                    <ul className="space-y-1.5">
                        {choices.map((one) => (
                            <li
                                key={one.id}
                                className={`rounded-xl bg-white px-3 py-2 ${one.isEnded ? 'text-ink-soft' : ''}`}
                            >
                                <strong>{one.person}</strong>, {one.what}: {one.reason}
                                {one.despite.length > 0 && (
                                    <span className="block text-[0.9375rem]">
                                        Asked twice. Despite: {one.despite.join(' ')}
                                    </span>
                                )}
                                <span className="block text-[0.9375rem] text-ink-soft">
                                    {dayAndHour(one.at)}
                                    {one.isEnded && ', taken back'}
                                </span>
                            </li>
                        ))}
                    </ul>
                )}
            </section>
        </div>
    );
}
