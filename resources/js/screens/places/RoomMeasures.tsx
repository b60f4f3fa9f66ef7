import type { RoomForm } from '../../api/types/place';
import { vocabulary } from '../../api/types/words';
import { TextField } from '../../parts/Field';

/** Millimetres from what was typed in metres. */
const millimetres = (metres: string) => Math.max(0, Math.round(Number(metres) * 1000) || 0);

/** The room's measures, its doors and what stays where it is. */
export function RoomMeasures({ room, setRoom }: { room: RoomForm; setRoom: (by: Partial<RoomForm>) => void }) {
    return (
        <section className="card space-y-3">
            <h2 className="text-[1.125rem]">The room, in metres</h2>
            <div className="grid grid-cols-2 gap-3">
                <TextField
                    label="Wide"
                    type="number"
                    step="0.1"
                    min={2}
                    max={50}
                    defaultValue={room.width / 1000}
                    onBlur={(event) =>
                        setRoom({ width: Math.min(50_000, Math.max(2000, millimetres(event.target.value))) })
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
                        setRoom({ depth: Math.min(50_000, Math.max(2000, millimetres(event.target.value))) })
                    }
                />
            </div>
            <h3 className="text-[1rem]">Doors</h3>
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
                            onBlur={(event) => set({ at: millimetres(event.target.value) })}
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
            <h3 className="text-[1rem]">Things that stay</h3>
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
                            <label key={key} className="text-[0.9375rem]">
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
                                                millimetres(event.target.value),
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
    );
}
