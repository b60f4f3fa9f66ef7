import { vocabulary } from '../api/types/words';
import { ZoneShape, type ZoneName } from './ZoneShape';

/** Someone sitting, seen from the side, built of the seven regions with paper gaps as joints. */
const paths: Record<ZoneName, string> = {
    head: 'M33 2a20 20 0 0 1 2 40v8h-12v-9a20 20 0 0 1 10-39z',
    shoulders: 'M14 53h34q7 0 7 10t-7 14h-34q-5-3-5-12t5-12z',
    back: 'M11 80h18v44h-18z M48 80h5v30h-5z',
    arms: 'M31 80h14v46l36 34l-9 10l-41-38z',
    hips: 'M11 127h18v10l26 24v30h-36q-8 0-8-8z',
    legs: 'M58 176h35q9 0 9 10v74h-20v-54h-24z',
    feet: 'M82 263h20v24l14 11v9h-34z',
};
/** In the order they are painted: arms lie over the back. */
const parts = Object.entries(paths) as [ZoneName, string][];

export const zoneNames = vocabulary.zone;

/** The regions as a body; what is not chosen is dimmed. With `onChoose` each part can be touched. */
export function BodyFigure({
    zone,
    width,
    height,
    onChoose,
}: {
    zone: string | null;
    width: number;
    height: number;
    onChoose?: (zone: ZoneName) => void;
}) {
    return (
        <svg viewBox="0 0 120 310" width={width} height={height} aria-hidden="true" className="mt-1 shrink-0">
            <path
                d="M4 52v252M4 196h84v108"
                fill="none"
                stroke="var(--color-chair)"
                strokeWidth="6"
                strokeLinecap="round"
            />
            {parts.map(([name, path]) => (
                <path
                    key={name}
                    d={path}
                    className={`zone-${name} ${onChoose ? 'cursor-pointer hover:stroke-ink' : ''}`}
                    strokeWidth="3"
                    fill="var(--fill)"
                    opacity={zone && zone !== name ? 0.35 : 1}
                    onClick={() => onChoose?.(name)}
                />
            ))}
        </svg>
    );
}

/** The body to choose a region from: the picture for the finger, its words for everyone. */
export function BodyChooser({ zone, onChoose }: { zone: string | null; onChoose: (zone: string | null) => void }) {
    const toggle = (name: string) => onChoose(zone === name ? null : name);
    return (
        <div className="flex gap-2">
            <BodyFigure zone={zone} width={112} height={300} onChoose={toggle} />
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
