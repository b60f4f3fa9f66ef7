import type { MovementCard } from '../../api/types/answer-movements';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { Sheet } from '../../parts/Sheet';
import { Trouble, Waiting } from '../../parts/States';
import { clock } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';
import { zoneNames } from '../../parts/BodyFigure';
import { SearchFields, useSearch } from '../movements/useSearch';

/** Adds a movement to a class, found as in the library. */
export function Picker({
    into,
    group,
    onPick,
    onClose,
}: {
    into: string;
    group: number | null;
    onPick: (movement: MovementCard) => void;
    onClose: () => void;
}) {
    const search = useSearch(group ? { group: String(group) } : {});
    const { filters, set, result } = search;
    return (
        <Sheet title={`Add to ${into}`} open onClose={onClose} wide>
            <SearchFields filters={filters} set={set} />
            <div className="mb-4 mt-2 flex flex-wrap gap-2" role="group" aria-label="Region">
                {[...zoneNames, ['none', 'Breath'] as const].map(([name, words]) => (
                    <button
                        key={name}
                        className={`button px-3 text-[15px] ${filters.zone === name ? 'border-2 border-ink bg-white' : ''}`}
                        aria-pressed={filters.zone === name}
                        onClick={() => set({ zone: filters.zone === name ? '' : name })}
                    >
                        <ZoneShape zone={name === 'none' ? null : name} size={16} />
                        {words}
                    </button>
                ))}
            </div>
            {result.error && <Trouble error={result.error} again={() => void result.refetch()} />}
            {!result.data && !result.error && <Waiting what="the movements" />}
            {result.data && (
                <ul className="grid gap-2 sm:grid-cols-2" aria-busy={result.isPlaceholderData}>
                    {result.data.movements.map((movement) => (
                        <li key={movement.id}>
                            <button
                                onClick={() => onPick(movement)}
                                className={`flex min-h-[76px] w-full items-center gap-3 rounded-2xl border-[1.5px] border-hair bg-white px-3 py-1 text-left hover:border-ink zone-${movement.zone ?? 'none'}`}
                            >
                                <FigureDrawing shapes={result.data.figures[movement.figure]} size={60} />
                                <span className="min-w-0">
                                    <strong className="block leading-tight">{movement.names.plain}</strong>
                                    <span className="block text-[15px] leading-tight text-ink-soft">
                                        {clock(movement.seconds)} · {movement.aim}
                                    </span>
                                </span>
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            <Rest search={search} />
        </Sheet>
    );
}

/** What follows a list of found movements: nothing found, or more of them. */
export function Rest({ search }: { search: ReturnType<typeof useSearch> }) {
    const data = search.result.data;
    if (!data) {
        return null;
    }
    if (data.found === 0) {
        return (
            <p className="py-8 text-center">
                No movement answers to all of this.
                <button className="button ml-3" onClick={search.clear}>
                    Show all
                </button>
            </p>
        );
    }
    return data.found > data.movements.length ? (
        <p className="py-4 text-center">
            <button className="button" onClick={search.more}>
                Show more ({data.found - data.movements.length})
            </button>
        </p>
    ) : null;
}
