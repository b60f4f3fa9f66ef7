import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { api } from '../../api/client';
import { useClasses, useGroups, useLibrary } from '../../api/queries';
import type { FloorAnswer } from '../../api/types/answer-floor';
import type { Layout, PlaceForm, PlacedSeat, RoomForm } from '../../api/types/place';
import { vocabulary } from '../../api/types/words';
import { TextField } from '../../parts/Field';
import { Trouble } from '../../parts/States';
import { plural } from '../../parts/time';
import type { ChangePlace } from './PlacePage';

const blank: RoomForm = { width: 9000, depth: 8000, doors: [{ wall: 'back', at: 1000, width: 900 }], fixed: [] };

function SeatDrawing({
    seat,
    name,
    chosen,
    troubled,
    between,
    onPointerDown,
    onFocus,
    onKeyDown,
}: {
    seat: PlacedSeat;
    name: string;
    chosen: boolean;
    troubled: boolean;
    between: number;
    onPointerDown: (event: PointerEvent) => void;
    onFocus: () => void;
    onKeyDown: (event: KeyboardEvent) => void;
}) {
    const size = useLibrary().data?.seats[seat.kind];
    if (!size) {
        return null;
    }
    const { width, depth } = size;
    return (
        <g
            transform={`translate(${seat.x} ${seat.y})`}
            tabIndex={0}
            role="button"
            aria-pressed={chosen}
            aria-label={`${name}, ${seat.kind}${troubled ? ', something to settle' : ''}`}
            className="cursor-grab"
            onPointerDown={onPointerDown}
            onFocus={onFocus}
            onKeyDown={onKeyDown}
        >
            {chosen && (
                <circle
                    r={between / 2}
                    fill="var(--color-channel)"
                    stroke="var(--color-dash)"
                    strokeWidth="20"
                    strokeDasharray="90 60"
                />
            )}
            <g transform={`rotate(${seat.turn})`}>
                <rect
                    x={-width / 2}
                    y={-depth / 2}
                    width={width}
                    height={depth}
                    rx="90"
                    fill={troubled ? 'var(--color-butter-deep)' : 'var(--color-white)'}
                    stroke="var(--color-ink)"
                    strokeWidth={chosen ? 60 : 32}
                />
                {seat.kind === 'chair' && (
                    <path
                        d={`M${-width / 2 + 60} ${depth / 2 - 40}H${width / 2 - 60}`}
                        stroke="var(--color-ink)"
                        strokeWidth="70"
                        strokeLinecap="round"
                    />
                )}
                {seat.kind === 'wheelchair' && (
                    <path
                        d={`M${-width / 2} -150v600M${width / 2} -150v600`}
                        stroke="var(--color-ink)"
                        strokeWidth="90"
                        strokeLinecap="round"
                    />
                )}
                {seat.kind === 'bed' && (
                    <rect
                        x={-width / 2 + 120}
                        y={depth / 2 - 420}
                        width={width - 240}
                        height="300"
                        rx="80"
                        fill="var(--color-cushion)"
                        stroke="var(--color-ink)"
                        strokeWidth="20"
                    />
                )}
                <path
                    d={`M-90 ${-depth / 2 - 40}L0 ${-depth / 2 - 170}L90 ${-depth / 2 - 40}`}
                    fill="none"
                    stroke="var(--color-ink)"
                    strokeWidth="40"
                    strokeLinejoin="round"
                />
            </g>
            <text
                y="70"
                textAnchor="middle"
                fontSize={seat.kind === 'chair' ? 165 : 200}
                fontWeight="650"
                fill="var(--color-ink)"
            >
                {name.split(/\s+/)[0]}
            </text>
        </g>
    );
}

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
    const number = (value: string) => Math.max(0, Math.round(Number(value) * 1000) || 0);
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
                                    {one.startsAt
                                        ? `, ${new Date(one.startsAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}`
                                        : ''}
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
                    <p className="text-[15px]" role="status">
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
                    <rect
                        x="0"
                        y="0"
                        width={room.width}
                        height={room.depth}
                        fill="var(--color-paper)"
                        stroke="var(--color-ink)"
                        strokeWidth="90"
                    />
                    {room.doors.map((door, at) => {
                        const along = door.wall === 'front' || door.wall === 'back';
                        const x = along ? door.at - door.width / 2 : door.wall === 'left' ? -60 : room.width - 60;
                        const y = along ? (door.wall === 'front' ? -60 : room.depth - 60) : door.at - door.width / 2;
                        return (
                            <rect
                                key={at}
                                x={x}
                                y={y}
                                width={along ? door.width : 120}
                                height={along ? 120 : door.width}
                                fill="var(--color-white)"
                                stroke="var(--color-rule)"
                                strokeWidth="20"
                            />
                        );
                    })}
                    {room.fixed.map((thing, at) => (
                        <g key={at}>
                            <rect
                                x={thing.x}
                                y={thing.y}
                                width={thing.width}
                                height={thing.depth}
                                fill="var(--color-cushion)"
                                stroke="var(--color-cushion-edge)"
                                strokeWidth="24"
                            />
                            <text
                                x={thing.x + thing.width / 2}
                                y={thing.y + thing.depth / 2 + 60}
                                fontSize="180"
                                textAnchor="middle"
                                fill="var(--color-ink)"
                            >
                                {thing.name}
                            </text>
                        </g>
                    ))}
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
                <p className="text-[15px] text-ink-soft">
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
                        <h2 className="text-[18px]">
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
                <section className="card space-y-3">
                    <h2 className="text-[18px]">The room, in metres</h2>
                    <div className="grid grid-cols-2 gap-3">
                        <TextField
                            label="Wide"
                            type="number"
                            step="0.1"
                            min={2}
                            max={50}
                            defaultValue={room.width / 1000}
                            onBlur={(event) =>
                                setRoom({ width: Math.min(50_000, Math.max(2000, number(event.target.value))) })
                            }
                        />
                        <TextField
                            label="Deep"
                            type="number"
                            step="0.1"
                            min={2}
                            max={50}
                            defaultValue={room.depth / 1000}
                            onBlur={(event) =>
                                setRoom({ depth: Math.min(50_000, Math.max(2000, number(event.target.value))) })
                            }
                        />
                    </div>
                    <h3 className="text-[16px]">Doors</h3>
                    {room.doors.map((door, at) => {
                        const set = (by: Partial<typeof door>) =>
                            setRoom({
                                doors: room.doors.map((one, index) => (index === at ? { ...one, ...by } : one)),
                            });
                        return (
                            <div key={at} className="grid grid-cols-2 gap-2">
                                <select
                                    className="field"
                                    aria-label="Wall"
                                    value={door.wall}
                                    onChange={(event) => set({ wall: event.target.value as typeof door.wall })}
                                >
                                    {vocabulary.wall.map(([wall, words]) => (
                                        <option key={wall} value={wall}>
                                            {words}
                                        </option>
                                    ))}
                                </select>
                                <input
                                    className="field"
                                    type="number"
                                    step="0.1"
                                    aria-label="Metres along the wall"
                                    defaultValue={door.at / 1000}
                                    onBlur={(event) => set({ at: number(event.target.value) })}
                                />
                                <button
                                    className="button col-span-2"
                                    onClick={() => setRoom({ doors: room.doors.filter((_, index) => index !== at) })}
                                >
                                    Remove this door
                                </button>
                            </div>
                        );
                    })}
                    <button
                        className="button"
                        onClick={() => setRoom({ doors: [...room.doors, { wall: 'right', at: 1000, width: 900 }] })}
                    >
                        Add a door
                    </button>
                    <h3 className="text-[16px]">Things that stay</h3>
                    {room.fixed.map((thing, at) => {
                        const set = (by: Partial<typeof thing>) =>
                            setRoom({
                                fixed: room.fixed.map((one, index) => (index === at ? { ...one, ...by } : one)),
                            });
                        return (
                            <div key={at} className="grid grid-cols-2 gap-2">
                                <input
                                    className="field col-span-2"
                                    aria-label="Name"
                                    defaultValue={thing.name}
                                    onBlur={(event) => set({ name: event.target.value || 'thing' })}
                                />
                                {(
                                    [
                                        ['x', 'From the left'],
                                        ['y', 'From the front'],
                                        ['width', 'Wide'],
                                        ['depth', 'Deep'],
                                    ] as const
                                ).map(([key, words]) => (
                                    <label key={key} className="text-[15px]">
                                        {words}
                                        <input
                                            className="field"
                                            type="number"
                                            step="0.1"
                                            defaultValue={thing[key] / 1000}
                                            onBlur={(event) =>
                                                set({
                                                    [key]: Math.max(
                                                        key === 'x' || key === 'y' ? 0 : 50,
                                                        number(event.target.value),
                                                    ),
                                                })
                                            }
                                        />
                                    </label>
                                ))}
                                <button
                                    className="button col-span-2"
                                    onClick={() => setRoom({ fixed: room.fixed.filter((_, index) => index !== at) })}
                                >
                                    Remove
                                </button>
                            </div>
                        );
                    })}
                    <button
                        className="button"
                        onClick={() =>
                            setRoom({ fixed: [...room.fixed, { name: 'Table', x: 0, y: 0, width: 1200, depth: 700 }] })
                        }
                    >
                        Add a thing
                    </button>
                </section>
            </div>
        </div>
    );
}
