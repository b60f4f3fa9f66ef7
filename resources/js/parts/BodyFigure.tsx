import { useFigures } from '../api/queries';
import { vocabulary } from '../api/types/words';
import { ZoneShape, type ZoneName } from './ZoneShape';

export const zoneNames = vocabulary.zone;

/** Page units of the figure that are shown: the body, and the chair as far as it is behind it. */
const FRAME = { x: 272, y: 196, width: 480, height: 750 };

/** The regions as a body; what is not chosen is dimmed. With `onChoose` each part can be touched. */
export function BodyFigure({
    zone,
    width,
    onChoose,
}: {
    zone: string | null;
    width: number;
    onChoose?: (zone: ZoneName) => void;
}) {
    const shapes = useFigures(['zones']).zones ?? [];
    return (
        <svg
            viewBox={`${FRAME.x} ${FRAME.y} ${FRAME.width} ${FRAME.height}`}
            width={width}
            height={(width * FRAME.height) / FRAME.width}
            aria-hidden="true"
            className="shrink-0 self-center"
        >
            {shapes.map(({ role, d }, index) => {
                const name = role.startsWith('zone-') ? (role.slice(5) as ZoneName) : null;
                return (
                    <path
                        key={index}
                        d={d}
                        className={
                            name ? `${role} ${onChoose ? 'cursor-pointer hover:stroke-ink' : ''}` : `figure-${role}`
                        }
                        fill={name ? 'var(--fill)' : 'var(--paint)'}
                        stroke="var(--halo)"
                        strokeWidth={name ? 16 : 0}
                        strokeLinejoin="round"
                        paintOrder="stroke"
                        opacity={zone && name && zone !== name ? 0.35 : 1}
                        onClick={name ? () => onChoose?.(name) : undefined}
                    />
                );
            })}
        </svg>
    );
}

/** The body to choose a region from: the picture for the finger, its words for everyone. */
export function BodyChooser({ zone, onChoose }: { zone: string | null; onChoose: (zone: string | null) => void }) {
    const toggle = (name: string) => onChoose(zone === name ? null : name);
    return (
        <div className="flex gap-2">
            <BodyFigure zone={zone} width={128} onChoose={toggle} />
            <ul className="min-w-0 flex-1">
                {[...zoneNames, ['none', 'Breath, stillness'] as const].map(([name, words]) => (
                    <li key={name}>
                        <button
                            type="button"
                            aria-pressed={zone === name}
                            onClick={() => toggle(name)}
                            className={`flex min-h-11 w-full items-center gap-2 rounded-lg px-1 text-left text-[0.9375rem] leading-tight ${zone === name ? 'bg-white font-bold' : 'hover:bg-list'}`}
                        >
                            <ZoneShape zone={name === 'none' ? null : name} size={17} />
                            {words}
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    );
}
