import type { Row } from '../../api/types/answer-plan';
import { ZoneShape, type ZoneName } from '../../parts/ZoneShape';
import { Bar, HEIGHT } from './Bar';

const SCALE = 1.45;
const HALF = 160;

/** Where the words beside a hole begin, from the edge of the drawing: behind a short one, inside a long one. */
export function besideHole(row: Row, hole: { side: 'left' | 'right'; seconds: number }): number {
    const start = HALF + 25 + Math.min(96, row[hole.side].seconds) * SCALE;
    const width = Math.max(20, Math.min(96, hole.seconds) * SCALE);
    return width > 80 ? start : Math.min(start + width, HALF * 2 - 84);
}

/** A movement on the spine: how long on the left and on the right, what is missing, and where the order breaks. */
export function Sides({
    row,
    before,
    after,
    chosen,
}: {
    row: Row;
    before: ZoneName | null | undefined;
    after: ZoneName | null | undefined;
    chosen: 'left' | 'right' | null;
}) {
    const together = row.sides === 'together' || row.sides === 'midline';
    const inner = together ? 0 : 25;
    const link = (zone: ZoneName | null | undefined) =>
        zone === undefined ? 'transparent' : zone === null ? 'var(--color-cushion-edge)' : undefined;
    return (
        <svg
            width={HALF * 2}
            height={68}
            viewBox={`${-HALF} -34 ${HALF * 2} 68`}
            aria-hidden="true"
            className="max-md:scale-90"
        >
            <rect x={-20} y={-34} width={40} height={68} fill="var(--color-channel)" />
            {[30, 60].map((tick) => (
                <g key={tick} stroke="var(--color-hair)">
                    <line x1={25 + tick * SCALE} x2={25 + tick * SCALE} y1={-34} y2={34} />
                    <line x1={-25 - tick * SCALE} x2={-25 - tick * SCALE} y1={-34} y2={34} />
                </g>
            ))}
            <g className={`zone-${before ?? 'none'}`}>
                <rect x={-4.5} y={-34} width={9} height={18} fill={link(before) ?? 'var(--fill)'} />
            </g>
            <g className={`zone-${row.zone ?? 'none'}`}>
                <rect x={-4.5} y={-18} width={9} height={after === undefined ? 18 : 52} fill="var(--fill)" />
                {chosen && (
                    <rect
                        x={chosen === 'left' ? -HALF + 2 : 22}
                        y={-26}
                        width={HALF - 24}
                        height={52}
                        rx={10}
                        fill="none"
                        stroke="var(--color-ink)"
                        strokeWidth={1.5}
                        strokeDasharray="2 4"
                    />
                )}
                <Bar seconds={row.left.seconds} breaths={row.left.breaths} scale={SCALE} mirrored inner={inner} />
                <Bar
                    seconds={row.right.seconds}
                    breaths={row.right.breaths}
                    scale={SCALE}
                    mirrored={false}
                    inner={inner}
                />
                {row.missing && (
                    <rect
                        x={
                            row.missing.side === 'right'
                                ? 25 + Math.min(96, row.right.seconds) * SCALE
                                : -(25 + Math.min(96, row.left.seconds) * SCALE) -
                                  Math.max(20, Math.min(96, row.missing.seconds) * SCALE)
                        }
                        y={-12.5}
                        width={Math.max(20, Math.min(96, row.missing.seconds) * SCALE)}
                        height={HEIGHT}
                        rx={5}
                        fill={row.onPurpose ? 'none' : 'var(--color-butter)'}
                        stroke={row.onPurpose ? 'var(--color-dash)' : 'var(--color-ink)'}
                        strokeWidth={row.onPurpose ? 1 : 2}
                        strokeDasharray={row.onPurpose ? '1 4' : '5 4'}
                    />
                )}
            </g>
            <svg x={-17} y={-17} width={34} height={34} overflow="visible">
                <ZoneShape zone={row.zone} size={34} />
            </svg>
            {row.secondZone && (
                <svg x={6} y={5} width={15} height={15} overflow="visible">
                    <circle cx="7.500" cy="7.500" r="9" fill="var(--color-channel)" />
                    <ZoneShape zone={row.secondZone} size={15} />
                </svg>
            )}
            {row.rowsToMove !== 0 && (
                <path
                    d="M0 -36v6l-16 6l30 6l-14 5"
                    fill="none"
                    stroke="var(--color-butter-deep)"
                    strokeWidth="13"
                    strokeLinejoin="round"
                    strokeLinecap="round"
                />
            )}
            {row.rowsToMove !== 0 && (
                <path
                    d="M0 -36v6l-16 6l30 6l-14 5"
                    fill="none"
                    stroke="var(--color-ink)"
                    strokeWidth="5"
                    strokeLinejoin="round"
                    strokeLinecap="round"
                />
            )}
        </svg>
    );
}
