import { useEffect, useState } from 'react';
import { api } from '../../api/client';
import { refresh, useBlocks } from '../../api/queries';
import type { Block } from '../../api/types/answer-blocks';
import type { MovementCard } from '../../api/types/answer-movements';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { Ask, Sheet } from '../../parts/Sheet';
import { Trouble, Waiting } from '../../parts/States';
import { say } from '../../parts/say';
import { clock, plural } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';
import { zoneNames } from '../../parts/BodyFigure';
import { SearchFields, useSearch } from '../movements/useSearch';

/** Adds a movement to a class, found as in the library. */
export function Picker({
    into,
    classId,
    section,
    group,
    onPick,
    onBlock,
    onClose,
}: {
    into: string;
    classId: string;
    section: string;
    group: number | null;
    onPick: (movement: MovementCard) => void;
    onBlock: (block: Block) => void;
    onClose: () => void;
}) {
    const search = useSearch(group ? { group: String(group) } : {}, false, { class: classId, section });
    const { filters, set, result } = search;
    const [added, setAdded] = useState<string[]>([]);
    const isWide = !filters.words && !filters.zone;
    const pick = (movement: MovementCard) => {
        onPick(movement);
        setAdded((before) => [...before, movement.name]);
    };
    const found = result.data?.found;
    useEffect(() => {
        if (found !== undefined && filters.words) {
            say(found === 0 ? 'Nothing found' : `${plural(found, 'movement')} found`);
        }
    }, [filters.words, found]);
    return (
        <Sheet title={`Add to ${into}`} open onClose={onClose} wide>
            <SearchFields
                filters={filters}
                set={set}
                onFirst={() => {
                    const first = result.isPlaceholderData ? undefined : result.data?.movements[0];
                    if (first && filters.words) {
                        pick(first);
                        set({ words: '' });
                    }
                }}
            />
            <div className="mb-4 mt-2 flex flex-wrap gap-2" role="group" aria-label="Region">
                {[...zoneNames, ['none', 'Breath'] as const].map(([name, words]) => (
                    <button
                        key={name}
                        className={`button px-3 text-[0.9375rem] ${filters.zone === name ? 'border-2 border-ink bg-white' : ''}`}
                        aria-pressed={filters.zone === name}
                        onClick={() => set({ zone: filters.zone === name ? '' : name })}
                    >
                        <ZoneShape zone={name === 'none' ? null : name} size={16} />
                        {words}
                    </button>
                ))}
            </div>
            {isWide && (
                <Blocks
                    onPick={(block) => {
                        onBlock(block);
                        setAdded((before) => [...before, block.name]);
                    }}
                />
            )}
            {isWide && result.data && (
                <h3 className="mb-2 text-[1.125rem]">What would fit best here, with who comes</h3>
            )}
            {result.error && <Trouble error={result.error} again={() => void result.refetch()} />}
            {!result.data && !result.error && <Waiting what="the movements" />}
            {result.data && (
                <ul className="grid gap-2 sm:grid-cols-2" aria-busy={result.isPlaceholderData}>
                    {result.data.movements.map((movement) => (
                        <li key={movement.id}>
                            <button
                                onClick={() => pick(movement)}
                                data-result
                                className={`flex min-h-[4.75rem] w-full items-center gap-3 rounded-2xl border-[1.5px] border-hair bg-white px-3 py-1 text-left hover:border-ink zone-${movement.zone ?? 'none'}`}
                            >
                                <FigureDrawing shapes={result.data.figures[movement.figure]} size={60} />
                                <span className="min-w-0">
                                    <strong className="block leading-tight">{movement.name}</strong>
                                    <span className="block text-[0.9375rem] leading-tight text-ink-soft">
                                        {clock(movement.seconds)} · {movement.aim}
                                    </span>
                                </span>
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            <Rest search={search} />
            <div className="sticky -bottom-5 -mb-5 flex flex-wrap items-center gap-3 border-t border-hair bg-paper py-3">
                <p className="mr-auto min-w-0 flex-1 truncate" data-added>
                    {added.length > 0 && `Added: ${[...added].reverse().join(', ')}`}
                </p>
                <button className="button button-main" onClick={onClose}>
                    Done
                </button>
            </div>
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

/** Runs of movements that she keeps; one touch puts all of one in. */
function Blocks({ onPick }: { onPick: (block: Block) => void }) {
    const blocks = useBlocks();
    const [removing, setRemoving] = useState<Block | null>(null);
    if (!blocks.data || blocks.data.blocks.length === 0) {
        return null;
    }
    return (
        <section aria-label="Your blocks" className="mb-4">
            <h3 className="mb-2 text-[1.125rem]">Your blocks</h3>
            <ul className="grid gap-2 sm:grid-cols-2">
                {blocks.data.blocks.map((block) => (
                    <li key={block.id} className="flex items-stretch rounded-2xl border-[1.5px] border-hair bg-white">
                        <button
                            className="min-h-14 min-w-0 flex-1 rounded-2xl px-3 py-1 text-left hover:bg-list"
                            onClick={() => onPick(block)}
                        >
                            <strong className="block leading-tight">{block.name}</strong>
                            <span className="block text-[0.9375rem] leading-tight text-ink-soft">
                                {clock(block.seconds)} · {block.movements.join(', ')}
                            </span>
                        </button>
                        <button
                            className="button button-quiet px-3"
                            aria-label={`Forget the block ${block.name}`}
                            onClick={() => setRemoving(block)}
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
            {removing && (
                <Ask
                    title={`Forget ${removing.name}?`}
                    yes="Forget it"
                    onClose={() => setRemoving(null)}
                    onYes={() => {
                        void api.delete(`blocks/${removing.id}`).then(() => refresh('blocks'));
                        setRemoving(null);
                    }}
                >
                    Classes in which it was used keep their movements.
                </Ask>
            )}
        </section>
    );
}
