import { memo } from 'react';
import type { Shape } from '../api/types/figure';

/** The ground round a limb, in pixels: enough to be seen in a row, and little in a large figure. */
const halo = (size: number) => Math.max(1, size / 130);

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
    return (
        <svg
            viewBox="0 0 1000 1000"
            width={size}
            height={size}
            className={`shrink-0 overflow-visible ${className}`}
            role={title ? 'img' : undefined}
            aria-label={title}
            aria-hidden={title ? undefined : true}
        >
            {shapes && <Shapes shapes={shapes} size={size} />}
        </svg>
    );
}

/** The shapes of a figure drawn at so many pixels. */
export const Shapes = memo(function Shapes({ shapes, size }: { shapes: Shape[]; size: number }) {
    const ground = (halo(size) * 2000) / size;
    return (
        <>
            {shapes.map(({ role, d, line, halo }, index) =>
                line ? (
                    <path
                        key={index}
                        d={d}
                        className={`figure-${role}`}
                        fill="none"
                        stroke="var(--paint)"
                        strokeWidth={line}
                        strokeLinecap="round"
                        strokeLinejoin="round"
                    />
                ) : (
                    <path
                        key={index}
                        d={d}
                        className={`figure-${role}`}
                        fill="var(--paint)"
                        stroke={halo ? 'var(--halo)' : undefined}
                        strokeWidth={halo ? ground : undefined}
                        strokeLinejoin="round"
                        paintOrder="stroke"
                    />
                ),
            )}
        </>
    );
});
