import type { KeyboardEvent, PointerEvent } from 'react';
import { useLibrary } from '../../api/queries';
import type { PlacedSeat } from '../../api/types/place';

/** One seat from above, turned the way its person looks. */
export function SeatDrawing({
    seat,
    name,
    chosen,
    troubled,
    between,
    onPointerDown,
    onFocus,
    onKeyDown,
}: {
    seat: PlacedSeat;
    name: string;
    chosen: boolean;
    troubled: boolean;
    between: number;
    onPointerDown: (event: PointerEvent) => void;
    onFocus: () => void;
    onKeyDown: (event: KeyboardEvent) => void;
}) {
    const size = useLibrary().data?.seats[seat.kind];
    if (!size) {
        return null;
    }
    const { width, depth } = size;
    return (
        <g
            transform={`translate(${seat.x} ${seat.y})`}
            tabIndex={0}
            role="button"
            aria-pressed={chosen}
            aria-label={`${name}, ${seat.kind}${troubled ? ', something to settle' : ''}`}
            className="cursor-grab"
            onPointerDown={onPointerDown}
            onFocus={onFocus}
            onKeyDown={onKeyDown}
        >
            {chosen && (
                <circle
                    r={between / 2}
                    fill="var(--color-channel)"
                    stroke="var(--color-dash)"
                    strokeWidth="20"
                    strokeDasharray="90 60"
                />
            )}
            <g transform={`rotate(${seat.turn})`}>
                <rect
                    x={-width / 2}
                    y={-depth / 2}
                    width={width}
                    height={depth}
                    rx="90"
                    fill={troubled ? 'var(--color-butter-deep)' : 'var(--color-white)'}
                    stroke="var(--color-ink)"
                    strokeWidth={chosen ? 60 : 32}
                />
                {seat.kind === 'chair' && (
                    <path
                        d={`M${-width / 2 + 60} ${depth / 2 - 40}H${width / 2 - 60}`}
                        stroke="var(--color-ink)"
                        strokeWidth="70"
                        strokeLinecap="round"
                    />
                )}
                {seat.kind === 'wheelchair' && (
                    <path
                        d={`M${-width / 2} -150v600M${width / 2} -150v600`}
                        stroke="var(--color-ink)"
                        strokeWidth="90"
                        strokeLinecap="round"
                    />
                )}
                {seat.kind === 'bed' && (
                    <rect
                        x={-width / 2 + 120}
                        y={depth / 2 - 420}
                        width={width - 240}
                        height="300"
                        rx="80"
                        fill="var(--color-cushion)"
                        stroke="var(--color-ink)"
                        strokeWidth="20"
                    />
                )}
                <path
                    d={`M-90 ${-depth / 2 - 40}L0 ${-depth / 2 - 170}L90 ${-depth / 2 - 40}`}
                    fill="none"
                    stroke="var(--color-ink)"
                    strokeWidth="40"
                    strokeLinejoin="round"
                />
            </g>
            <text
                y="70"
                textAnchor="middle"
                fontSize={seat.kind === 'chair' ? 165 : 200}
                fontWeight="650"
                fill="var(--color-ink)"
            >
                {name.split(/\s+/)[0]}
            </text>
        </g>
    );
}
