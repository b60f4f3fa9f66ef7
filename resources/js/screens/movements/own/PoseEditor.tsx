import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useId, useRef, useState, type PointerEvent } from 'react';
import { api } from '../../../api/client';
import type { Handle, PoseAction, PoseAnswer } from '../../../api/types/answer-pose';
import { Shapes } from '../../../parts/FigureDrawing';
import { Trouble } from '../../../parts/States';
import type { AngleRoles } from './draft';

interface Props {
    angles: AngleRoles;
    position: string;
    base: string;
    view: string;
    sides: string;
    group?: string;
    /** an age band, to show its usual range */
    age?: string;
    onAngle: (role: string, action: string, degrees: number | null) => void;
}

const jointWords: Record<string, string> = {
    neck: 'Neck',
    trunk: 'Back',
    shoulder: 'Shoulder',
    elbow: 'Elbow',
    wrist: 'Wrist',
    fingers: 'Fingers',
    hip: 'Hip',
    knee: 'Knee',
    ankle: 'Ankle',
    toes: 'Toes',
};
const roleWords: Record<string, string> = { work: 'left', other: 'right', both: 'both sides' };

/** How far one angle goes, beside how far bodies go: everyone of the group, most of them, anyone. */
function AngleSlider({
    action,
    degrees,
    chosen,
    onChoose,
    onAngle,
}: {
    action: PoseAction;
    degrees: number | null;
    chosen: boolean;
    onChoose: () => void;
    onAngle: (to: number | null) => void;
}) {
    const id = useId();
    const share = (degrees: number) => `${Math.min(100, (degrees / action.normal) * 100)}%`;
    return (
        <li className={`rounded-xl px-2 py-1 ${chosen ? 'bg-white' : ''}`}>
            <label htmlFor={id} className="flex justify-between text-[15px]">
                <span>{action.name}</span>
                <strong>{degrees === null ? 'at rest' : `${degrees}°`}</strong>
            </label>
            <input
                id={id}
                type="range"
                className="h-11 w-full accent-ink"
                min={0}
                max={action.normal}
                step={1}
                value={degrees ?? 0}
                onFocus={onChoose}
                onChange={(event) => onAngle(Number(event.target.value))}
            />
            <span className="relative -mt-2 block h-2 rounded bg-hair" aria-hidden="true">
                {action.group && (
                    <span
                        className="absolute inset-y-0 left-0 rounded bg-cushion-edge"
                        style={{ width: share(action.group.most) }}
                    />
                )}
                {action.group && (
                    <span
                        className="absolute inset-y-0 left-0 rounded bg-ink-soft"
                        style={{ width: share(action.group.everyone) }}
                    />
                )}
            </span>
            <span className="flex items-center justify-between text-[14px] text-ink-soft">
                {action.group ? `everyone to ${action.group.everyone}°, most to ${action.group.most}°, ` : ''}
                {action.typical !== null && `usual at this age to ${action.typical}°, `}normal to {action.normal}°
                {degrees !== null && (
                    <button
                        type="button"
                        className="min-h-11 underline underline-offset-4"
                        onClick={() => onAngle(null)}
                    >
                        to rest
                    </button>
                )}
            </span>
        </li>
    );
}

/** A figure whose joints are taken hold of; what a joint can do is answered by the server. */
export function PoseEditor({ angles, position, base, view, sides, group = '', age = '', onAngle }: Props) {
    const [hold, setHold] = useState<{ joint: string; role: string } | null>(null);
    const [action, setAction] = useState<string | null>(null);
    const [dragging, setDragging] = useState(false);
    const svg = useRef<SVGSVGElement>(null);
    const head = useId();
    const asked = {
        angles,
        position,
        base,
        view,
        sides,
        side: 'left',
        group: group ? Number(group) : null,
        age: age || null,
        joint: hold?.joint ?? null,
        role: hold?.role ?? null,
        action,
    };
    const pose = useQuery({
        queryKey: ['pose', asked],
        queryFn: () => api.post<PoseAnswer>('own/pose', asked),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 10_000,
    });
    const data = pose.data;
    const current = data?.actions.find((one) => one.action === action);

    const take = (handle: { joint: string; role: string }) => {
        if (handle.joint !== hold?.joint || handle.role !== hold.role) {
            setHold(handle);
            setAction(null);
        }
    };
    const drag = (event: PointerEvent) => {
        const box = svg.current?.getBoundingClientRect();
        if (!dragging || !box || !data?.track.length || !current) {
            return;
        }
        const x = ((event.clientX - box.left) / box.width) * 128 - 14;
        const y = ((event.clientY - box.top) / box.height) * 128 - 14;
        const nearest = data.track.reduce((best, one) =>
            Math.hypot(one.x - x, one.y - y) < Math.hypot(best.x - x, best.y - y) ? one : best,
        );
        if (nearest.degrees !== current.degrees) {
            onAngle(current.role, current.action, nearest.degrees);
        }
    };
    const sided = sides === 'one-sided' || sides === 'alternating';
    // Fingers and toes are too small to be taken hold of; they are chosen by name.
    const joints = [
        ...(data?.handles ?? []).filter(
            (handle, index, all) =>
                all.findIndex((one) => one.joint === handle.joint && one.role === handle.role) === index,
        ),
        ...['fingers', 'toes'].flatMap((joint) =>
            (sided ? ['work', 'other'] : ['both']).map((role) => ({ joint, role })),
        ),
    ];
    const isHeld = (handle: Handle) => handle.joint === hold?.joint && handle.role === hold.role;

    return (
        <div>
            {pose.error && <Trouble error={pose.error} again={() => void pose.refetch()} />}
            <div className="sticky -top-4 z-10 bg-white md:-top-[17px]">
                <svg
                    ref={svg}
                    viewBox="-14 -14 128 128"
                    className="mx-auto block aspect-square w-full max-w-[300px] touch-none select-none"
                    role="group"
                    aria-label="Figure; choose a joint"
                    onPointerMove={drag}
                    onPointerUp={() => setDragging(false)}
                    onPointerLeave={() => setDragging(false)}
                >
                    {data && <Shapes shapes={data.shapes} head={head} />}
                    {data && data.track.length > 1 && (
                        <polyline
                            points={data.track.map((one) => `${one.x},${one.y}`).join(' ')}
                            fill="none"
                            stroke="var(--color-butter-rule)"
                            strokeWidth="1.200"
                            strokeDasharray="2 2"
                        />
                    )}
                    {data?.handles.map((handle, index) => (
                        <circle
                            key={index}
                            cx={handle.x}
                            cy={handle.y}
                            r={isHeld(handle) ? 4.5 : 3.4}
                            className="cursor-grab"
                            fill={isHeld(handle) ? 'var(--color-butter-deep)' : 'var(--color-white)'}
                            stroke="var(--color-ink)"
                            strokeWidth="1.200"
                            onPointerDown={(event) => {
                                event.preventDefault();
                                take(handle);
                                setDragging(true);
                            }}
                        />
                    ))}
                </svg>
            </div>
            <select
                className="field mt-2"
                aria-label="Joint"
                value={hold ? `${hold.joint}/${hold.role}` : ''}
                onChange={(event) => {
                    const [joint = '', role = ''] = event.target.value.split('/');
                    take({ joint, role });
                }}
            >
                {!hold && <option value="">Choose a joint</option>}
                {joints.map((one) => (
                    <option key={one.joint + one.role} value={`${one.joint}/${one.role}`}>
                        {[jointWords[one.joint], roleWords[one.role]].filter(Boolean).join(', ')}
                    </option>
                ))}
            </select>
            {!hold && (
                <p className="mt-2 text-center text-[15px] text-ink-soft">
                    Touch a joint, then draw it along its dashed way, or use the sliders.{' '}
                    {sided && 'You set it for the left; the right is mirrored.'}
                </p>
            )}
            {hold && data && (
                <ul
                    className="mt-2 space-y-1"
                    aria-label={[jointWords[hold.joint], roleWords[hold.role]].filter(Boolean).join(', ')}
                >
                    {data.actions.map((one) => (
                        <AngleSlider
                            key={one.action}
                            action={one}
                            degrees={angles[one.role]?.[one.action] ?? null}
                            chosen={one.action === action}
                            onChoose={() => setAction(one.action)}
                            onAngle={(degrees) => {
                                setAction(one.action);
                                onAngle(one.role, one.action, degrees);
                            }}
                        />
                    ))}
                </ul>
            )}
        </div>
    );
}
