import type { FitAnswer } from '../../api/types/answer-fit';
import { Shapes } from '../../parts/FigureDrawing';

/** The person on the chair as they would sit, to scale, from measured millimetres. */
export function ChairDrawing({ fit }: { fit: FitAnswer }) {
    const { shapes, hips, floor } = fit.figure;
    const stack = fit.stack?.height ?? 0;
    return (
        <svg
            viewBox={`60 140 880 ${floor - 120}`}
            className="h-[26.25rem] w-full"
            role="img"
            aria-label={fit.advice.join(' ')}
        >
            <Shapes shapes={shapes} size={420} />
            <line
                x1="420"
                x2="930"
                y1={hips}
                y2={hips}
                stroke="var(--color-butter-rule)"
                strokeWidth="4"
                strokeDasharray="12 10"
            />
            <text x="930" y={hips - 12} fontSize="32" textAnchor="end" fill="var(--color-ink)">
                hips
            </text>
            {stack > 0 && (
                <text x="930" y={floor - 12} fontSize="32" textAnchor="end" fill="var(--color-ink)">
                    {stack} mm
                </text>
            )}
        </svg>
    );
}
