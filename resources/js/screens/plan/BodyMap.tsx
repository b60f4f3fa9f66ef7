import { memo } from 'react';
import type { PlanAnswer } from '../../api/types/answer-plan';
import { BodyFigure } from '../../parts/BodyFigure';
import { clock } from '../../parts/time';
import { ZoneShape, type ZoneName } from '../../parts/ZoneShape';

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
                return (
                    <rect
                        key={t}
                        x={-6}
                        y={-2.4}
                        width={12}
                        height={4.8}
                        rx={2}
                        transform={`translate(${x + turn * t * 2},${y}) rotate(${tilt})`}
                        fill={done ? 'var(--color-ink)' : 'none'}
                        stroke={done ? 'none' : 'var(--color-dash)'}
                        strokeWidth={1.3}
                    />
                );
            })}
            {turn !== 0 && (
                <path
                    d={`M${-14 * turn} -8q${14 * turn} 12 ${28 * turn} 0l${-1 * turn} 6m${1 * turn} -6l${-7 * turn} -1`}
                    fill="none"
                    stroke={done ? 'var(--color-ink)' : 'var(--color-dash)'}
                    strokeWidth="2.400"
                    strokeLinecap="round"
                    strokeLinejoin="round"
                />
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

export const BodyMap = memo(function BodyMap({ answer, zone, onZone, onIdea }: Props) {
    const longest = Math.max(1, ...answer.zones.map((row) => row.seconds));
    const covered = Object.values(answer.spine).filter((seconds) => seconds > 0).length;
    return (
        <>
            <h2 className="mb-1 text-[1.0625rem]">Minutes, head to toe</h2>
            <div className="flex gap-1">
                <BodyFigure zone={zone} width={84} />
                <ul className="min-w-0 flex-1">
                    {answer.zones.map((row) => (
                        <li key={row.zone}>
                            <button
                                aria-pressed={zone === row.zone}
                                onClick={() => onZone(zone === row.zone ? null : row.zone)}
                                className={`flex min-h-11 w-full items-center gap-1.5 rounded-lg text-left ${zone === row.zone ? 'bg-white' : 'hover:bg-list'}`}
                            >
                                <ZoneShape zone={row.zone} size={17} />
                                <span className="min-w-0 leading-[1.15]">
                                    <span className="block whitespace-nowrap text-[0.875rem]">{row.name}</span>
                                    <span className="flex items-center gap-1.5">
                                        <strong className="text-[0.9375rem]">{clock(row.seconds)}</strong>
                                        <svg width="38" height="9" aria-hidden="true">
                                            <rect
                                                className={`zone-${row.zone}`}
                                                width={Math.max(row.seconds > 0 ? 3 : 0, (row.seconds / longest) * 38)}
                                                height="9"
                                                rx="3"
                                                fill="var(--fill)"
                                                stroke="var(--edge)"
                                            />
                                        </svg>
                                    </span>
                                </span>
                            </button>
                        </li>
                    ))}
                </ul>
            </div>
            <p className="mb-2 mt-1 text-[0.875rem] text-ink-soft">
                Breath and stillness{' '}
                <strong className="ml-1 text-[0.9375rem] text-ink">{clock(answer.stillness)}</strong>
            </p>
            <h2 className="mb-1.5 whitespace-nowrap text-[1.0625rem]">Spine: {covered} of 6 directions</h2>
            <ul className="grid grid-cols-2 gap-1.5">
                {order.map(([key, name, path]) => {
                    const seconds = answer.spine[key];
                    return (
                        <li
                            key={key}
                            className={`flex h-10 items-center gap-1 rounded-[10px] pl-0.5 text-[0.875rem] leading-[1.1] ${seconds > 0 ? 'bg-white' : 'border-[1.5px] border-dashed border-dash'}`}
                        >
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
                <button className="button mt-2 w-full px-2 text-[0.875rem] leading-tight" onClick={onIdea}>
                    Try {answer.idea.name}
                </button>
            )}
        </>
    );
});
