import type { FitAnswer } from '../../api/types/answer-fit';
import type { PlaceForm } from '../../api/types/place';

export interface Measures {
    lowerLeg: number;
    thigh: number;
    shoe: number;
    elbow: number;
    shoulders: number;
}

/** The person on the chair as they would sit, to scale, from measured millimetres. */
export function ChairDrawing({
    fit,
    chair,
    body,
}: {
    fit: FitAnswer;
    chair: NonNullable<PlaceForm['chairs']>[number];
    body: Measures;
}) {
    const raised = fit.stack?.height ?? 0;
    const seat = chair.height + fit.raiseSeat;
    const floor = 1250;
    const knee = floor - raised - body.lowerLeg - body.shoe;
    const hip = floor - seat - 60;
    const front = 260 + chair.depth;
    const kneeX = 260 + fit.cushionBehind + body.thigh;
    return (
        <svg viewBox="0 0 1100 1320" className="h-[26.25rem] w-full" role="img" aria-label={fit.advice.join(' ')}>
            <line x1="40" y1={floor} x2="1060" y2={floor} stroke="var(--color-rule)" strokeWidth="8" />
            <path
                d={`M250 ${floor - chair.height - 480}V${floor}M250 ${floor - chair.height}H${front}V${floor}`}
                fill="none"
                stroke="var(--color-chair)"
                strokeWidth="26"
                strokeLinecap="round"
                strokeLinejoin="round"
            />
            {chair.armrest !== undefined && (
                <path
                    d={`M250 ${floor - chair.height - chair.armrest}h${chair.depth * 0.75}v${chair.armrest}`}
                    fill="none"
                    stroke="var(--color-chair)"
                    strokeWidth="22"
                    strokeLinecap="round"
                />
            )}
            {fit.raiseSeat > 0 && (
                <rect
                    x="262"
                    y={floor - seat}
                    width={chair.depth - 20}
                    height={fit.raiseSeat}
                    rx="14"
                    fill="var(--color-butter-deep)"
                    stroke="var(--color-ink)"
                    strokeWidth="4"
                />
            )}
            {fit.cushionBehind > 0 && (
                <rect
                    x="264"
                    y={hip - 330}
                    width={fit.cushionBehind}
                    height="330"
                    rx="14"
                    fill="var(--color-butter-deep)"
                    stroke="var(--color-ink)"
                    strokeWidth="4"
                />
            )}
            {fit.stack && raised > 0 && (
                <g>
                    {Object.entries(fit.stack.pieces).map(([name, count], index, all) => {
                        const each = raised / all.reduce((sum, [, many]) => sum + many, 0);
                        const below = all.slice(0, index).reduce((sum, [, many]) => sum + many, 0);
                        return Array.from({ length: count }, (_, at) => (
                            <rect
                                key={`${name}${at}`}
                                x={kneeX - 60}
                                y={floor - each * (below + at + 1)}
                                width="240"
                                height={each - 2}
                                rx="6"
                                fill="var(--color-butter-deep)"
                                stroke="var(--color-ink)"
                                strokeWidth="4"
                            />
                        ));
                    })}
                </g>
            )}
            <g stroke="var(--color-ink)" strokeLinecap="round" strokeLinejoin="round" fill="none">
                <path
                    d={`M${320 + fit.cushionBehind} ${hip - 470}L${320 + fit.cushionBehind} ${hip}`}
                    strokeWidth="120"
                />
                <path d={`M${320 + fit.cushionBehind} ${hip - 560}V${hip - 480}`} strokeWidth="60" />
                <path d={`M${320 + fit.cushionBehind} ${hip}L${kneeX} ${knee}`} strokeWidth="76" />
                <path d={`M${kneeX} ${knee}V${floor - raised - 40}h110`} strokeWidth="62" />
            </g>
            <circle cx={320 + fit.cushionBehind} cy={hip - 630} r="95" fill="var(--color-ink)" />
            <line
                x1={320 + fit.cushionBehind}
                x2="1040"
                y1={hip}
                y2={hip}
                stroke="var(--color-butter-rule)"
                strokeWidth="5"
                strokeDasharray="14 12"
            />
            <text x="1040" y={hip - 14} fontSize="40" textAnchor="end" fill="var(--color-ink)">
                hips
            </text>
            <text x={kneeX + 190} y={floor - 14} fontSize="40" fill="var(--color-ink)">
                {raised > 0 ? `${raised} mm` : ''}
            </text>
        </svg>
    );
}
