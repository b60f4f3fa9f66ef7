import type { MovementAnswer } from '../../api/types/answer-movement';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { vocabulary } from '../../api/types/words';

/** The ladder of a movement, from the gentlest rung upwards; the chosen one is shown beside it. */
export function Rungs({
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
            <h2 className="mb-2 text-[1.25rem]">From gentlest to fullest</h2>
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
                                <span className="rounded-md bg-channel px-2 text-[0.9375rem]">as planned</span>
                            )}
                            {rung.props.length > 0 && (
                                <span className="text-[0.9375rem] text-ink-soft">needs: {rung.props.join(', ')}</span>
                            )}
                        </button>
                        <p className="text-ink-soft">{rung.introduction}</p>
                        <div className="grid gap-y-0.5">
                            {vocabulary.mainBase
                                .filter(([seat]) => rung.bases.includes(seat === 'bed-flat' ? 'bed' : seat))
                                .map(([seat, words]) => (
                                    <figure key={seat} className="flex items-center gap-2 py-1 text-[0.9375rem]">
                                        {movement.figures[`${movement.id}/${rung.id}/${seat}/left`] ? (
                                            <FigureDrawing
                                                shapes={movement.figures[`${movement.id}/${rung.id}/${seat}/left`]}
                                                size={72}
                                            />
                                        ) : (
                                            <span className="w-[72px] shrink-0" />
                                        )}
                                        <figcaption className="leading-snug">
                                            <strong className="block">{words}</strong>
                                            {rung.forBase[seat]}
                                            {rung.looks[seat] && (
                                                <span className="block text-ink-soft">{rung.looks[seat]}</span>
                                            )}
                                        </figcaption>
                                    </figure>
                                ))}
                        </div>
                        {rung.notFor.length > 0 && (
                            <details className="mt-1 text-[0.9375rem]">
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
