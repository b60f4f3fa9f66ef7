import type { vocabulary } from '../api/types/words';

export type ZoneName = (typeof vocabulary.zone)[number][0];

const paths: Record<ZoneName | 'none', string> = {
    head: 'M17 2a15 15 0 1 0 0 30a15 15 0 1 0 0-30z',
    shoulders: 'M2 27v-6a15 15 0 0 1 30 0v6h-9v-5a6 6 0 0 0-12 0v5z',
    arms: 'M17 1l16 16l-16 16l-16-16z',
    back: 'M5 3h24q3 0 3 4t-3 4h-4v12h4q3 0 3 4t-3 4h-24q-3 0-3-4t3-4h4v-12h-4q-3 0-3-4t3-4z',
    hips: 'M1 9h32a16 16 0 0 1-32 0z',
    legs: 'M4 3h8q2 0 2 2v8h6v-8q0-2 2-2h8q2 0 2 2v24q0 2-2 2h-8q-2 0-2-2v-8h-6v8q0 2-2 2h-8q-2 0-2-2v-24q0-2 2-2z',
    feet: 'M11 5h12q2 0 3 2l7 19q1 3-2 3h-28q-3 0-2-3l7-19q1-2 3-2z',
    none: 'M2 20q5-12 10 0t10 0t10 0',
};

/** The shape that stands for a body region, so that no hue has to be told from another. */
export function ZoneShape({
    zone,
    size = 34,
    className = '',
}: {
    zone: ZoneName | null;
    size?: number;
    className?: string;
}) {
    return (
        <svg
            viewBox="0 0 34 34"
            width={size}
            height={size}
            className={`shrink-0 zone-${zone ?? 'none'} ${className}`}
            aria-hidden="true"
        >
            <path
                d={paths[zone ?? 'none']}
                fill={zone ? 'var(--fill)' : 'none'}
                stroke={zone ? 'var(--edge)' : 'var(--color-ink-soft)'}
                strokeWidth={zone ? 1.6 : 4}
                strokeLinecap="round"
                strokeLinejoin="round"
            />
        </svg>
    );
}
