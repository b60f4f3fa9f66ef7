import type { Beat } from '../../api/types/answer-lead';
import { useEveryFrame } from '../../parts/useEveryFrame';
import type { Player } from './player';

const EMPTY = 26;
const FULL = 124;
const still = window.matchMedia('(prefers-reduced-motion: reduce)');

function point(degrees: number, radius: number): string {
    const angle = ((degrees - 90) * Math.PI) / 180;
    return `${(210 + radius * Math.cos(angle)).toFixed(1)},${(262 + radius * Math.sin(angle)).toFixed(1)}`;
}

/** How open the fan is, from 0 to 1; with reduced motion in still steps. */
function opening(beat: Beat | undefined, share: number): number {
    const ease = (part: number) => (1 - Math.cos(Math.PI * part)) / 2;
    const part = still.matches ? Math.round(share) : share;
    switch (beat?.breath) {
        case 'in':
            return still.matches ? 0.5 + part / 2 : ease(part);
        case 'hold-full':
            return 1;
        case 'out':
            return still.matches ? 0.5 - part / 2 : 1 - ease(part);
        default:
            return beat?.unit ? 0 : 0.4;
    }
}

/**
 * A folding paper fan that opens with the in-breath and closes with the out-breath. Every pleat is one
 * breath of this side; the last light lies where the movement goes. It is dim, because the figure sits before it.
 */
export function Fan({ player, beat }: { player: Player; beat: Beat | undefined }) {
    useEveryFrame();
    const share = beat ? Math.min(1, Math.max(0, (player.position() - beat.start) / beat.length)) : 0;
    const open = EMPTY + (FULL - EMPTY) * opening(beat, share);
    const counted = beat?.units ?? 0;
    const pleats = counted > 10 ? 10 : Math.max(1, counted);
    // More than ten breaths: two fans in turn.
    const unit = counted > 10 ? (((beat?.unit ?? 1) - 1) % 10) + 1 : (beat?.unit ?? 0);
    const fromRight = beat?.side === 'right';
    const step = open / pleats;
    return (
        <svg viewBox="0 0 420 290" className="mx-auto h-full max-w-full" aria-hidden="true">
            <path
                d={`M${point(-FULL / 2, 236)} A236 236 0 0 1 ${point(FULL / 2, 236)} L${point(FULL / 2, 76)} A76 76 0 0 0 ${point(-FULL / 2, 76)} Z`}
                fill="none"
                stroke="#6f9092"
                strokeWidth="2.500"
                strokeDasharray="1 9"
                strokeLinecap="round"
            />
            {Array.from({ length: pleats }, (_, index) => {
                const number = fromRight ? pleats - index : index + 1;
                const from = -open / 2 + index * step;
                const now = number === unit;
                const past = unit > 0 && number < unit;
                const outer = now ? 248 : 226;
                const middle = from + step / 2;
                const paint = past
                    ? '#24464d'
                    : now
                      ? 'color-mix(in oklab, var(--glow) 58%, var(--color-night))'
                      : 'color-mix(in oklab, var(--glow) 30%, var(--color-night))';
                const shade = past
                    ? '#1d3b42'
                    : now
                      ? 'color-mix(in oklab, var(--glow) 50%, var(--color-night))'
                      : 'color-mix(in oklab, var(--glow) 24%, var(--color-night))';
                return (
                    <g key={index} stroke="var(--color-night)" strokeWidth="2" strokeLinejoin="round">
                        <polygon
                            points={`${point(from, 84)} ${point(from, outer - 8)} ${point(middle, outer)} ${point(middle, 84)}`}
                            fill={paint}
                        />
                        <polygon
                            points={`${point(middle, 84)} ${point(middle, outer)} ${point(from + step, outer - 8)} ${point(from + step, 84)}`}
                            fill={shade}
                        />
                        {past && (
                            <polyline
                                points={`${point(from, outer - 8)} ${point(middle, outer)} ${point(from + step, outer - 8)}`}
                                fill="none"
                                stroke="#6f9092"
                                strokeWidth="2.500"
                            />
                        )}
                        <line
                            x1="210"
                            y1="262"
                            x2={point(middle, 84).split(',')[0]}
                            y2={point(middle, 84).split(',')[1]}
                            stroke="#8fa9a8"
                            strokeWidth="6"
                            strokeLinecap="round"
                        />
                    </g>
                );
            })}
            <circle cx="210" cy="262" r="11" fill="var(--color-cream)" />
        </svg>
    );
}
