import { clock } from '../../parts/time';

const MOST = 96;
export const HEIGHT = 25;

/**
 * A bar's outline from the axis outwards: its upper edge is a tide line, one hump a breath,
 * up for the in-breath and down for the out-breath. Longer than MOST seconds it ends torn.
 */
function outline(length: number, breaths: number, torn: boolean): string {
    const hump = 5;
    const steps = Math.max(1, breaths);
    const width = length / steps;
    let path = `M0 ${hump}`;
    for (let breath = 0; breath < steps && breaths > 0; breath++) {
        const x = breath * width;
        path += ` Q${x + width / 4} ${-hump * 0.9} ${x + width / 2} ${hump * 0.5} T${x + width} ${hump}`;
    }
    const end = length;
    const floor = hump + HEIGHT;
    path += breaths > 0 ? '' : ` L${end} ${hump}`;
    path += torn ? ` l-5 6 l5 6 l-5 7 l5 6` : ` L${end} ${floor - 6} Q${end} ${floor} ${end - 6} ${floor}`;
    return `${path} L0 ${floor}`;
}

export function Bar({
    seconds,
    breaths,
    scale,
    mirrored,
    inner,
}: {
    seconds: number;
    breaths: number;
    scale: number;
    mirrored: boolean;
    inner: number;
}) {
    if (seconds <= 0) {
        return null;
    }
    const torn = seconds > MOST;
    const length = Math.max(8, Math.min(seconds, MOST) * scale);
    const shown = torn ? Math.round((breaths * MOST) / seconds) : breaths;
    const outside = length < 46;
    const label = inner + (outside ? length + 8 : torn ? length - 12 : length - 10);
    return (
        <g>
            <g transform={`${mirrored ? 'scale(-1,1) ' : ''}translate(${inner},-17.500)`}>
                <path
                    d={outline(length, shown, torn) + (inner > 0 ? ' Z' : '')}
                    fill="var(--fill)"
                    stroke="var(--edge)"
                    strokeWidth={1.3}
                    strokeLinejoin="round"
                />
            </g>
            <text
                x={mirrored ? -label : label}
                y={5}
                textAnchor={(mirrored ? outside : !outside) ? 'end' : 'start'}
                fontSize={15}
                fontWeight={700}
                fill={outside ? 'var(--color-ink)' : 'var(--label)'}
            >
                {clock(seconds)}
            </text>
        </g>
    );
}
