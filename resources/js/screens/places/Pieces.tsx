import type { PlaceForm } from '../../api/types/place';
import { TextField } from '../../parts/Field';
import type { ChangePlace } from './change';

/** Blocks and books that can go under feet or on a seat. */
export function Pieces({ place, change }: { place: PlaceForm; change: ChangePlace }) {
    const pieces = place.pieces ?? [];
    const number = (value: string) => Math.round(Number(value) || 0);
    const setPiece = (at: number, by: Partial<(typeof pieces)[number]>) =>
        change((one) => ({
            ...one,
            pieces: pieces.map((other, index) => (index === at ? { ...other, ...by } : other)),
        }));
    return (
        <section className="card space-y-3">
            <h2 className="text-[1.1875rem]">Blocks and books at hand</h2>
            {pieces.map((piece, at) => (
                <div key={at} className="flex flex-wrap items-end gap-3">
                    <div className="min-w-32 flex-1">
                        <TextField
                            label="What"
                            value={piece.name}
                            onChange={(event) => setPiece(at, { name: event.target.value || 'block' })}
                        />
                    </div>
                    <div className="w-28">
                        <TextField
                            label="Height"
                            type="number"
                            value={piece.height}
                            onChange={(event) => setPiece(at, { height: Math.max(1, number(event.target.value)) })}
                        />
                    </div>
                    <div className="w-24">
                        <TextField
                            label="How many"
                            type="number"
                            value={piece.count}
                            onChange={(event) => setPiece(at, { count: number(event.target.value) })}
                        />
                    </div>
                    <button
                        className="button"
                        onClick={() => change((one) => ({ ...one, pieces: pieces.filter((_, index) => index !== at) }))}
                    >
                        Remove
                    </button>
                </div>
            ))}
            <button
                className="button"
                onClick={() =>
                    change((one) => ({
                        ...one,
                        pieces: [
                            ...pieces,
                            {
                                name: pieces.length === 0 ? 'block' : 'book',
                                height: pieces.length === 0 ? 50 : 25,
                                count: 4,
                            },
                        ],
                    }))
                }
            >
                Add blocks or books
            </button>
        </section>
    );
}
