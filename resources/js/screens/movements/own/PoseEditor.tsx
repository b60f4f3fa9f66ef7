import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRef, useState, type PointerEvent } from 'react';
import { api } from '../../../api/client';
import type { Handle, Place, PoseAnswer } from '../../../api/types/answer-pose';
import type { BodyUse } from '../../../api/types/movement';
import { vocabulary } from '../../../api/types/words';
import { Shapes } from '../../../parts/FigureDrawing';
import { Trouble } from '../../../parts/States';
import { ViewChoice, type ViewName } from '../../../parts/ViewChoice';
import { AngleSlider } from './AngleSlider';
import { handIn, type AngleRoles, type DraftStep, type HandAt, type HandUse, type OnHand } from './draft';

interface Props {
    angles: AngleRoles;
    position: string;
    base: string;
    sides: string;
    group?: string;
    /** an age band, to show its usual range */
    age?: string;
    onAngle: (role: string, action: string, degrees: number | null) => void;
    /** where hands lie in a step of a movement; none where only a reach is told */
    hands?: {
        step: DraftStep;
        body: BodyUse;
        onHand: OnHand;
    };
}

/** How near to a place a hand is let go to lie on it, in the figure's units. */
const LETS_GO_WITHIN = 8;
const placeNames = new Map<string, string>(vocabulary.handPlace.map(([place, name]) => [place, name]));
const placeWords = (place: { on: string; across?: boolean }) =>
    `${placeNames.get(place.on) ?? place.on}${place.across ? ', on the other side' : ''}`;

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

/** A figure whose joints are taken hold of; what a joint can do is answered by the server. */
export function PoseEditor(props: Props) {
    const { angles, position, base, sides, group = '', age = '', onAngle, hands } = props;
    const [hold, setHold] = useState<{ joint: string; role: string } | null>(null);
    const [action, setAction] = useState<string | null>(null);
    const [view, setView] = useState<ViewName>('three-quarter');
    const [dragging, setDragging] = useState(false);
    const [at, setAt] = useState<{ x: number; y: number } | null>(null);
    const svg = useRef<SVGSVGElement>(null);
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
        ...(hands && { body: hands.body, step: hands.step.id, phase: hands.step.phase }),
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
    const isHand = hands !== undefined && hold?.joint === 'wrist';
    const who = (hold?.role ?? 'both') as HandUse['who'];
    const lies = isHand ? handIn(hands.body, who, hands.step) : undefined;
    const nearestPlace = (): Place | undefined => {
        const far = (place: Place) => (at ? Math.hypot(place.x - at.x, place.y - at.y) : Infinity);
        const [nearest] = [...(data?.places ?? [])].sort((one, other) => far(one) - far(other));
        return nearest && far(nearest) <= LETS_GO_WITHIN ? nearest : undefined;
    };
    const over = nearestPlace();
    const letGo = () => {
        if (at && isHand) {
            hands.onHand(who, over ? { on: over.on, across: over.across } : null);
        }
        setAt(null);
        setDragging(false);
    };
    const drag = (event: PointerEvent) => {
        const box = svg.current?.getBoundingClientRect();
        if (!dragging || !box) {
            return;
        }
        const x = ((event.clientX - box.left) / box.width) * 128 - 14;
        const y = ((event.clientY - box.top) / box.height) * 128 - 14;
        if (isHand && !current) {
            setAt({ x, y });
            return;
        }
        if (!data?.track.length || !current) {
            return;
        }
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
                    className="mx-auto block aspect-square w-full max-w-[18.75rem] touch-none select-none"
                    role="group"
                    aria-label="Figure; choose a joint"
                    onPointerMove={drag}
                    onPointerUp={letGo}
                    onPointerLeave={letGo}
                >
                    {data && (
                        <g transform="scale(0.1)">
                            <Shapes shapes={data.shapes} size={234} />
                        </g>
                    )}
                    {data && data.track.length > 1 && (
                        <polyline
                            points={data.track.map((one) => `${one.x},${one.y}`).join(' ')}
                            fill="none"
                            stroke="var(--color-butter-rule)"
                            strokeWidth="1.200"
                            strokeDasharray="2 2"
                        />
                    )}
                    {dragging &&
                        isHand &&
                        data?.places.map((place) => (
                            <circle
                                key={`${place.on}/${String(place.across)}`}
                                cx={place.x}
                                cy={place.y}
                                r={place === over ? 4 : 1.6}
                                fill={place === over ? 'var(--color-butter-deep)' : 'var(--color-butter-rule)'}
                            />
                        ))}
                    {at && (
                        <circle cx={at.x} cy={at.y} r="3" fill="none" stroke="var(--color-ink)" strokeWidth="1.200" />
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
            <ViewChoice view={view} onChoose={setView} />
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
                <p className="mt-2 text-center text-[0.9375rem] text-ink-soft">
                    Touch a joint, then draw it along its dashed way, or use the sliders.{' '}
                    {sided && 'You set it for the left; the right is mirrored.'}
                </p>
            )}
            {isHand && (
                <>
                    <p className="mt-2 min-h-6 text-center text-[0.9375rem]" role="status">
                        {at
                            ? over
                                ? `Let go: ${placeWords(over)}`
                                : 'Draw it onto a place, or away to lie on nothing'
                            : lies
                              ? `The hand lies here: ${placeWords(lies)}`
                              : 'Draw the hand onto a place, or choose one.'}
                    </p>
                    <select
                        className="field mt-2"
                        aria-label="In this step the hand lies on"
                        value={lies ? `${lies.on}/${lies.across ? 'across' : ''}` : ''}
                        onChange={(event) => {
                            const [on = '', across = ''] = event.target.value.split('/');
                            hands.onHand(who, on ? { on: on as HandAt['on'], across: across !== '' } : null);
                        }}
                    >
                        <option value="">The hand lies on nothing</option>
                        {(data?.places ?? []).map((place) => (
                            <option
                                key={`${place.on}/${String(place.across)}`}
                                value={`${place.on}/${place.across ? 'across' : ''}`}
                            >
                                {placeWords(place)}
                            </option>
                        ))}
                    </select>
                </>
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
