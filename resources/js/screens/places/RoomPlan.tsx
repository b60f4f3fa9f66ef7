import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { api } from '../../api/client';
import { useClasses, useGroups } from '../../api/queries';
import type { FloorAnswer } from '../../api/types/answer-floor';
import type { Layout, PlaceForm, PlacedSeat, RoomForm } from '../../api/types/place';
import { vocabulary } from '../../api/types/words';
import { Trouble } from '../../parts/States';
import { day, plural } from '../../parts/time';
import type { ChangePlace } from './change';
import { RoomDrawing } from './RoomDrawing';
import { RoomMeasures } from './RoomMeasures';
import { SeatDrawing } from './SeatDrawing';

const blank: RoomForm = { width: 9000, depth: 8000, doors: [{ wall: 'back', at: 1000, width: 900 }], fixed: [] };

/** The room from above: who sits where, with reach, aisles and doors; set out by the server, moved by hand or by keys. */
export function RoomPlan({ placeId, place, change }: { placeId: number; place: PlaceForm; change: ChangePlace }) {
    const classes = useClasses();
    const groups = useGroups();
    const [classId, setClassId] = useState<number | null>(null);
    const [answer, setAnswer] = useState<FloorAnswer | null>(null);
    const [chosen, setChosen] = useState<number | null>(null);
    const [dragging, setDragging] = useState(false);
    const [problem, setProblem] = useState<Error | null>(null);
    const svg = useRef<SVGSVGElement>(null);
    const timer = useRef<number>(undefined);
    const room = place.room ?? blank;
    const upcoming = (classes.data?.classes ?? []).filter((one) => one.group);
    const shown =
        upcoming.find((one) => one.id === classId) ??
        upcoming.find((one) => one.venue?.id === placeId) ??
        upcoming.at(-1);
    const group = groups.data?.groups.find((one) => one.id === shown?.group?.id);
    const names = new Map(group?.people.map((one) => [one.person.id, one.person.name]));
    const layout: Layout | undefined = group ? place.layouts?.[String(group.id)] : undefined;
    const setRoom = (by: Partial<RoomForm>) => change((one) => ({ ...one, room: { ...(one.room ?? blank), ...by } }));

    const ask = async (shape: Layout['shape'], seats?: Layout) => {
        if (!shown || !group) {
            return;
        }
        try {
            const next = await api.post<FloorAnswer>(`places/${placeId}/floor`, {
                room,
                class: shown.id,
                shape,
                ...(seats ? { layout: seats } : {}),
            });
            setAnswer(next);
            setProblem(null);
            if (!seats) {
                change((one) => ({
                    ...one,
                    room: one.room ?? blank,
                    layouts: { ...one.layouts, [String(group.id)]: next.layout },
                }));
            }
        } catch (error) {
            setProblem(error as Error);
        }
    };
    const laidOut = JSON.stringify([shown?.id, layout, room]);
    useEffect(() => {
        if (layout) {
            timer.current = window.setTimeout(() => void ask(layout.shape, layout), 150);
        }
        return () => window.clearTimeout(timer.current);
        // Asked again whenever somebody or something stands elsewhere.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [laidOut]);

    const move = (at: number, by: (seat: PlacedSeat) => PlacedSeat) => {
        if (layout && group) {
            change((one) => ({
                ...one,
                layouts: {
                    ...one.layouts,
                    [String(group.id)]: {
                        ...layout,
                        seats: layout.seats.map((seat, index) => (index === at ? by(seat) : seat)),
                    },
                },
            }));
        }
    };
    const within = (value: number, most: number) => Math.round(Math.max(0, Math.min(most, value)));
    const keys = (at: number) => (event: KeyboardEvent) => {
        const step = event.shiftKey ? 500 : 100;
        const by: Record<string, [number, number]> = {
            ArrowLeft: [-step, 0],
            ArrowRight: [step, 0],
            ArrowUp: [0, -step],
            ArrowDown: [0, step],
        };
        const way = by[event.key];
        if (way) {
            event.preventDefault();
            move(at, (seat) => ({
                ...seat,
                x: within(seat.x + way[0], room.width),
                y: within(seat.y + way[1], room.depth),
            }));
        } else if (event.key.toLowerCase() === 'r') {
            event.preventDefault();
            move(at, (seat) => ({ ...seat, turn: (seat.turn + (event.shiftKey ? -15 : 15)) % 360 }));
        }
    };
    const drag = (event: PointerEvent) => {
        const box = svg.current?.getBoundingClientRect();
        if (dragging && chosen !== null && box) {
            const scale = (room.width + 800) / box.width;
            move(chosen, (seat) => ({
                ...seat,
                x: within((event.clientX - box.left) * scale - 400, room.width),
                y: within((event.clientY - box.top) * scale - 400, room.depth),
            }));
        }
    };
    const problems = Object.entries(answer?.problems ?? {});
    return (
        <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1fr)_320px]">
            <div className="space-y-3">
                <div className="flex flex-wrap items-center gap-2">
                    {upcoming.length > 0 && (
                        <select
                            className="field w-auto"
                            aria-label="Class"
                            value={shown?.id ?? ''}
                            onChange={(event) => setClassId(Number(event.target.value))}
                        >
                            {upcoming.map((one) => (
                                <option key={one.id} value={one.id}>
                                    {one.title}
                                    {one.startsAt ? `, ${day(one.startsAt)}` : ''}
                                </option>
                            ))}
                        </select>
                    )}
                    {vocabulary.layoutShape.map(([shape, words]) => (
                        <button
                            key={shape}
                            className={`button ${layout?.shape === shape ? 'border-2 border-ink' : ''}`}
                            disabled={!shown}
                            onClick={() => void ask(shape)}
                        >
                            {words}
                        </button>
                    ))}
                    {layout && shown && (
                        <a className="button ml-auto" href={`/places/${placeId}/floor?class=${shown.id}`}>
                            Print
                        </a>
                    )}
                </div>
                {problem && <Trouble error={problem} />}
                {!shown && (
                    <p className="rounded-2xl bg-channel px-4 py-3">
                        Plan a class for a group first: its people and its widest movement decide how much room is
                        needed.
                    </p>
                )}
                {answer && layout && (
                    <p className="text-[0.9375rem]" role="status">
                        <strong>{plural(answer.fits, 'person sits', 'people sit')} here.</strong> Needed:{' '}
                        {answer.asks.join('; ')}.
                        {answer.gave && <span className="ml-1 rounded bg-butter px-1.5">{answer.gave}</span>}
                        {answer.without.length > 0 && (
                            <span className="ml-1 rounded bg-butter px-1.5">
                                No place for {answer.without.map((id) => names.get(id) ?? id).join(', ')}.
                            </span>
                        )}
                    </p>
                )}
                <svg
                    ref={svg}
                    viewBox={`-400 -400 ${room.width + 800} ${room.depth + 800}`}
                    className="w-full touch-none select-none rounded-2xl bg-list"
                    role="group"
                    aria-label="Room from above"
                    onPointerMove={drag}
                    onPointerUp={() => setDragging(false)}
                    onPointerLeave={() => setDragging(false)}
                >
                    <RoomDrawing room={room} />
                    {layout && (
                        <g transform={`translate(${layout.teacher[0] ?? 0} ${layout.teacher[1] ?? 0})`}>
                            <circle r="300" fill="var(--color-ink)" />
                            <text y="60" fontSize="190" textAnchor="middle" fill="var(--color-white)" fontWeight="700">
                                You
                            </text>
                        </g>
                    )}
                    {layout?.seats.map((seat, at) => {
                        const seen = answer?.layout.seats[at];
                        // Moved since the last answer: its zones are drawn again when the next one comes.
                        const still = seen?.x === seat.x && seen.y === seat.y && seen.turn === seat.turn;
                        return (
                            still &&
                            answer?.free[at]?.map((zone, number) => (
                                <polygon
                                    key={`${at}-${number}`}
                                    points={zone.join(' ')}
                                    fill="var(--color-channel)"
                                    stroke="var(--color-dash)"
                                    strokeWidth="16"
                                    strokeDasharray="70 60"
                                />
                            ))
                        );
                    })}
                    {layout?.seats.map((seat, at) => (
                        <SeatDrawing
                            key={seat.person || at}
                            seat={seat}
                            name={names.get(seat.person) ?? 'Spare chair'}
                            chosen={at === chosen}
                            troubled={answer?.problems[seat.person] !== undefined}
                            between={answer?.between ?? 1200}
                            onFocus={() => setChosen(at)}
                            onPointerDown={(event) => {
                                event.preventDefault();
                                setChosen(at);
                                setDragging(true);
                            }}
                            onKeyDown={keys(at)}
                        />
                    ))}
                </svg>
                <p className="text-[0.9375rem] text-ink-soft">
                    Dashed outlines are kept free for legs, for standing up and for a helper at a bed. Move a seat by
                    hand, or choose it and use the arrow keys (with Shift half a metre); R turns it. Local building and
                    fire codes come first.
                </p>
            </div>
            <div className="space-y-4">
                {layout && (
                    <section
                        className={`rounded-2xl px-4 py-3 ${problems.length > 0 ? 'bg-butter' : 'bg-list'}`}
                        aria-live="polite"
                    >
                        <h2 className="text-[1.125rem]">
                            {problems.length === 0 ? 'Nothing to settle' : `${problems.length} to settle`}
                        </h2>
                        <ul className="space-y-1">
                            {problems.map(([id, sentences]) => (
                                <li key={id}>
                                    <strong>{names.get(id) ?? 'Spare chair'}</strong>: {sentences.join(' ')}
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
                <RoomMeasures room={room} setRoom={setRoom} />
            </div>
        </div>
    );
}
