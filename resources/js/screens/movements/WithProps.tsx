import type { MovementAnswer } from '../../api/types/answer-movement';
import { FigureDrawing } from '../../parts/FigureDrawing';

/** The props that help in a movement: where each is used, what is said, and what it changes. */
export function WithProps({ movement }: { movement: MovementAnswer }) {
    if (movement.withProps.length === 0) {
        return null;
    }
    return (
        <section>
            <h2 className="mb-2 text-[1.25rem]">With a prop</h2>
            <ul className="grid gap-2">
                {movement.withProps.map((one) => (
                    <li key={one.id} className="rounded-2xl bg-white px-4 py-3">
                        <div className="flex items-start gap-3">
                            <FigureDrawing shapes={movement.figures[one.figure]} size={96} />
                            <div className="min-w-0">
                                <strong className="block">{one.name}</strong>
                                <span className="text-[0.9375rem] text-ink-soft">{one.does}</span>
                                <p className="mt-1 leading-snug">{one.say}</p>
                            </div>
                        </div>
                        {one.changes.length > 0 && (
                            <p className="mt-2 text-[0.9375rem] leading-snug">
                                <span className="text-ink-soft">It changes: </span>
                                {one.changes.join('; ')}.
                            </p>
                        )}
                        {one.notFor.length > 0 && (
                            <p className="mt-1 rounded-lg bg-butter px-2 py-1 text-[0.9375rem] leading-snug">
                                Not with: {one.notFor.join(', ')}
                            </p>
                        )}
                        <details className="mt-1 text-[0.9375rem]">
                            <summary className="min-h-11 content-center">
                                For {one.rungs.join(', ')}; none at hand?
                            </summary>
                            <ul className="list-disc space-y-1 pb-1 pl-5">
                                {one.prop.standIns.length > 0 && <li>In its place: {one.prop.standIns.join(', ')}.</li>}
                                <li>{one.prop.lies}</li>
                                <li>{one.prop.handedOut}</li>
                                <li>{one.prop.mind}</li>
                            </ul>
                        </details>
                    </li>
                ))}
            </ul>
        </section>
    );
}
