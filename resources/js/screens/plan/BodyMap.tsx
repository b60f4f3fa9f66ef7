import type { PlanAnswer } from '../../api/types/answer-plan';
import { clock } from '../../parts/time';
import { ZoneShape, type ZoneName } from '../../parts/ZoneShape';

/** Someone sitting, seen from the side, built of the seven regions with paper gaps as joints. */
const parts: [ZoneName, string][] = [
    ['head', 'M33 2a20 20 0 0 1 2 40v8h-12v-9a20 20 0 0 1 10-39z'],
    ['shoulders', 'M14 53h34q7 0 7 10t-7 14h-34q-5-3-5-12t5-12z'],
    ['back', 'M11 80h18v44h-18z M48 80h5v30h-5z'],
    ['arms', 'M31 80h14v46l36 34l-9 10l-41-38z'],
    ['hips', 'M11 127h18v10l26 24v30h-36q-8 0-8-8z'],
    ['legs', 'M58 176h35q9 0 9 10v74h-20v-54h-24z'],
    ['feet', 'M82 263h20v24l14 11v9h-34z'],
];

const order: [keyof PlanAnswer['spine'], string, (t: number) => [number, number]][] = [
    ['fold', 'Fold', (t) => [t * t * 15, -t * 26]],
    ['arch', 'Arch', (t) => [-t * t * 13, -t * 27]],
    ['lean-left', 'Lean L', (t) => [-t * t * 14, -t * 27]],
    ['lean-right', 'Lean R', (t) => [t * t * 14, -t * 27]],
    ['turn-left', 'Turn L', (t) => [0, -t * 28]],
    ['turn-right', 'Turn R', (t) => [0, -t * 28]],
];

function Vertebrae({ path, way, done }: { path: (t: number) => [number, number]; way: string; done: boolean }) {
    const turn = way.startsWith('Turn') ? (way.endsWith('L') ? -1 : 1) : 0;
    return (
        <svg viewBox="-22 -34 44 40" width="36" height="34" aria-hidden="true" className="shrink-0">
            {[0, 0.25, 0.5, 0.75, 1].map((t) => {
                const [x, y] = path(t);
                const tilt = turn === 0 ? (Math.atan2(path(t + 0.01)[0] - x, 0.27) * 180) / Math.PI : 0;
                return <rect key={t} x={-6} y={-2.400} width={12} height={4.800} rx={2} transform={`translate(${x + turn * t * 2},${y}) rotate(${tilt})`} fill={done ? 'var(--color-ink)' : 'none'} stroke={done ? 'none' : 'var(--color-dash)'} strokeWidth={1.300} />;
            })}
            {turn !== 0 && (
                <path d={`M${-14 * turn} -8q${14 * turn} 12 ${28 * turn} 0l${-1 * turn} 6m${1 * turn} -6l${-7 * turn} -1`} fill="none" stroke={done ? 'var(--color-ink)' : 'var(--color-dash)'} strokeWidth="2.400" strokeLinecap="round" strokeLinejoin="round" />
            )}
        </svg>
    );
}

interface Props {
    answer: PlanAnswer;
    zone: ZoneName | null;
    onZone: (zone: ZoneName | null) => void;
    onIdea: () => void;
}

export function BodyMap({ answer, zone, onZone, onIdea }: Props) {
    const longest = Math.max(1, ...answer.zones.map((row) => row.seconds));
    const covered = Object.values(answer.spine).filter((seconds) => seconds > 0).length;
    return (
        <>
            <h2 className="mb-1 text-[17px]">Minutes, head to toe</h2>
            <div className="flex gap-1">
                <svg viewBox="0 0 120 310" width="86" height="252" aria-hidden="true" className="mt-1 shrink-0">
                    <path d="M4 52v252M4 196h84v108" fill="none" stroke="var(--color-chair)" strokeWidth="6" strokeLinecap="round" />
                    {parts.map(([name, path]) => (
                        <path key={name} d={path} className={`zone-${name}`} fill="var(--fill)" opacity={zone && zone !== name ? 0.35 : 1} />
                    ))}
                </svg>
                <ul className="min-w-0 flex-1">
                    {answer.zones.map((row) => (
                        <li key={row.zone}>
                            <button
                                aria-pressed={zone === row.zone}
                                onClick={() => onZone(zone === row.zone ? null : row.zone)}
                                className={`flex h-[37px] w-full items-center gap-1.5 rounded-lg text-left ${zone === row.zone ? 'bg-white' : 'hover:bg-list'}`}
                            >
                                <ZoneShape zone={row.zone} size={17} />
                                <span className="min-w-0 leading-[1.15]">
                                    <span className="block whitespace-nowrap text-[14px]">{row.name}</span>
                                    <span className="flex items-center gap-1.5">
                                        <strong className="text-[15px]">{clock(row.seconds)}</strong>
                                        <svg width="38" height="9" aria-hidden="true">
                                            <rect className={`zone-${row.zone}`} width={Math.max(row.seconds > 0 ? 3 : 0, (row.seconds / longest) * 38)} height="9" rx="3" fill="var(--fill)" stroke="var(--edge)" />
                                        </svg>
                                    </span>
                                </span>
                            </button>
                        </li>
                    ))}
                </ul>
            </div>
            <p className="mb-2 mt-1 text-[14px] text-ink-soft">
                Breath and stillness <strong className="ml-1 text-[15px] text-ink">{clock(answer.stillness)}</strong>
            </p>
            <h2 className="mb-1.5 whitespace-nowrap text-[17px]">Spine: {covered} of 6 directions</h2>
            <ul className="grid grid-cols-2 gap-1.5">
                {order.map(([key, name, path]) => {
                    const seconds = answer.spine[key];
                    return (
                        <li key={key} className={`flex h-10 items-center gap-1 rounded-[10px] pl-0.5 text-[14px] leading-[1.1] ${seconds > 0 ? 'bg-white' : 'border-[1.5px] border-dashed border-dash'}`}>
                            <Vertebrae path={path} way={name} done={seconds > 0} />
                            <span>
                                <strong className="block font-semibold">{name}</strong>
                                {seconds > 0 ? clock(seconds) : 'none'}
                            </span>
                        </li>
                    );
                })}
            </ul>
            {answer.idea && (
                <button className="button mt-2 w-full px-2 text-[14px] leading-tight" onClick={onIdea}>
                    Try {answer.idea.name}
                </button>
            )}
        </>
    );
}
