import { memo, useId } from 'react';
import type { Shape } from '../api/types/figure';

const colour = {
    body: 'var(--body)',
    far: 'var(--far)',
    moving: 'var(--edge)',
    seat: 'var(--seat)',
    halo: 'var(--halo)',
    shadow: 'var(--shadow)',
} as const;

function pairs(points: number[]): string {
    return points.reduce((text, value, index) => text + (index % 2 ? ',' : ' ') + value, '').trim();
}

/** Draws the shapes of one figure; what they are is worked out by the server. */
export function FigureDrawing({
    shapes,
    size,
    title,
    className = '',
}: {
    shapes: Shape[] | undefined;
    size: number;
    title?: string;
    className?: string;
}) {
    const head = useId();
    return (
        <svg
            viewBox="0 0 100 100"
            width={size}
            height={size}
            className={`shrink-0 overflow-visible ${className}`}
            role={title ? 'img' : undefined}
            aria-label={title}
            aria-hidden={title ? undefined : true}
        >
            <defs>
                <marker
                    id={head}
                    orient="auto"
                    markerWidth="4"
                    markerHeight="4"
                    refX="1.6"
                    refY="2"
                    markerUnits="strokeWidth"
                >
                    <path
                        d="M0.4,0.4 L2,2 L0.4,3.6"
                        fill="none"
                        stroke="var(--edge)"
                        strokeWidth="1"
                        strokeLinecap="round"
                        strokeLinejoin="round"
                    />
                </marker>
            </defs>
            {shapes && <Shapes shapes={shapes} head={head} />}
        </svg>
    );
}

export const Shapes = memo(function Shapes({ shapes, head }: { shapes: Shape[]; head: string }) {
    return (
        <>
            {shapes.map(({ kind, role, width, points }, index) => {
                const paint = colour[role];
                switch (kind) {
                    case 'disc':
                        return <circle key={index} cx={points[0]} cy={points[1]} r={width} fill={paint} />;
                    case 'ring':
                        return (
                            <circle
                                key={index}
                                cx={points[0]}
                                cy={points[1]}
                                r={width}
                                fill="none"
                                stroke={paint}
                                strokeWidth={3.6}
                            />
                        );
                    case 'fill':
                        return (
                            <polygon
                                key={index}
                                points={pairs(points)}
                                fill={paint}
                                stroke={paint}
                                strokeWidth={width}
                                strokeLinejoin="round"
                            />
                        );
                    default:
                        return (
                            <polyline
                                key={index}
                                points={pairs(points)}
                                fill="none"
                                stroke={paint}
                                strokeWidth={width}
                                strokeLinecap="round"
                                strokeLinejoin="round"
                                markerEnd={kind === 'arrow' ? `url(#${head})` : undefined}
                            />
                        );
                }
            })}
        </>
    );
});
