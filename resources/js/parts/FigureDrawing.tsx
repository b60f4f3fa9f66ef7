import { memo, useId } from 'react';
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

/** The shapes of a figure drawn at so many pixels; those of a closer look as far as its ring. */
export const Shapes = memo(function Shapes({ shapes, size }: { shapes: Shape[]; size: number }) {
    const clip = useId();
    const ground = shapes.findIndex(({ role, line }) => role === 'inset' && !line);
    const ring = shapes.findIndex(({ role }) => role === 'ring');
    const drawn = shapes.map((shape, index) => (
        <OneShape key={index} shape={shape} ground={(halo(size) * 2000) / size} />
    ));
    if (ground < 0) {
        return drawn;
    }
    return (
        <>
            {drawn.slice(0, ground)}
            <clipPath id={clip}>
                <path d={shapes[ground]?.d} />
            </clipPath>
            <g clipPath={`url(#${clip})`}>{drawn.slice(ground, ring)}</g>
            {drawn.slice(ring)}
        </>
    );
});

/** @param ground how broad the ground round it is, in page units, on both sides together */
function OneShape({ shape: { role, d, line, halo }, ground }: { shape: Shape; ground: number }) {
    return line ? (
        <path
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
            d={d}
            className={`figure-${role}`}
            fill="var(--paint)"
            stroke={halo ? 'var(--halo)' : undefined}
            strokeWidth={halo ? ground : undefined}
            strokeLinejoin="round"
            paintOrder="stroke"
        />
    );
}
