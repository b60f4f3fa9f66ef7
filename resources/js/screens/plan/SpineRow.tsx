import { useSortable } from '@dnd-kit/sortable';
import { createContext, memo, useContext, type CSSProperties, type ReactNode } from 'react';
import type { Shape } from '../../api/types/figure';
import type { Row } from '../../api/types/answer-plan';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { marks, MarkSign } from '../../parts/MarkSign';
import { clock } from '../../parts/time';
import type { ZoneName } from '../../parts/ZoneShape';
import { Pin } from './Findings';
import { besideHole, Sides } from './Sides';

function People({ row }: { row: Row }) {
    const total = row.versions.length;
    if (total === 0) {
        return <span className="text-[0.875rem] text-ink-soft">Nobody added</span>;
    }
    const words = marks
        .filter((mark) => row.counts[mark] > 0)
        .map(
            (mark) =>
                `${row.counts[mark]} ${mark === 'none' ? (row.counts[mark] === 1 ? 'has no version' : 'have no version') : mark}`,
        );
    return (
        <>
            <span className="flex flex-wrap items-center gap-[2px]" aria-hidden="true">
                {total <= 12
                    ? marks.flatMap((mark) =>
                          Array.from({ length: row.counts[mark] }, (_, index) => (
                              <MarkSign key={mark + index} mark={mark} size={mark === 'none' ? 15 : 12} />
                          )),
                      )
                    : marks
                          .filter((mark) => row.counts[mark] > 0)
                          .map((mark) => (
                              <span key={mark} className="mr-1 flex items-center gap-1 text-[0.875rem]">
                                  <MarkSign mark={mark} /> {row.counts[mark]}
                              </span>
                          ))}
            </span>
            <span className="sr-only">{words.join(', ')}</span>
            <span className="mt-1 block truncate text-[0.875rem] text-ink-soft" aria-hidden="true">
                {row.counts.none > 0 ? (
                    <span className="rounded bg-butter px-1 font-semibold text-ink">
                        {row.counts.none} {row.counts.none === 1 ? 'has' : 'have'} no version
                    </span>
                ) : (
                    `${row.counts.fully} fully`
                )}
                {row.props.length > 0 && <span className="ml-2">{row.props.join(', ')}</span>}
            </span>
        </>
    );
}

/** Seconds after which each row begins: apart from the rows, because they all change with any one before them. */
export const Starts = createContext<Record<string, number>>({});

function Start({ id }: { id: string }) {
    const starts = useContext(Starts);
    return <>{clock(starts[id] ?? 0)}</>;
}

interface Props {
    row: Row;
    shapes: Shape[] | undefined;
    /** whether what is shown of it is being worked out */
    waiting: boolean;
    selected: boolean;
    dimmed: boolean;
    chosen: 'left' | 'right' | null;
    pins: number[];
    before: ZoneName | null | undefined;
    after: ZoneName | null | undefined;
    onSelect: (id: string, focus?: boolean, extend?: boolean) => void;
    onFill: (id: string) => void;
    children?: ReactNode;
}

export const SpineRow = memo(function SpineRow({
    row,
    shapes,
    waiting,
    selected,
    dimmed,
    chosen,
    pins,
    before,
    after,
    onSelect,
    onFill,
    children,
}: Props) {
    const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: row.id });
    const style: CSSProperties = {
        transform: transform ? `translate3d(0,${transform.y}px,0)` : undefined,
        transition: transition ?? undefined,
    };
    const sidesSay =
        row.sides === 'together' || row.sides === 'midline'
            ? `${clock(row.left.seconds)} together`
            : `left ${clock(row.left.seconds)}, right ${clock(row.right.seconds)}`;
    const hole = row.missing && !row.onPurpose ? row.missing : null;
    return (
        <li
            ref={setNodeRef}
            style={style}
            data-row={row.id}
            data-name={row.name}
            data-waiting={waiting || undefined}
            className={`relative zone-${row.zone ?? 'none'} ${isDragging ? 'z-20 opacity-90 shadow-none' : ''} ${dimmed ? 'opacity-40' : ''} ${selected ? 'z-10 rounded-l-[14px] border-2 border-r-0 border-ink bg-white lg:-mr-0.5' : 'row-apart border-b border-hair bg-list'}`}
        >
            <div className="grid grid-cols-[60px_minmax(0,1fr)] items-center md:grid-cols-[56px_62px_minmax(150px,1fr)_320px_148px]">
                <span className="hidden pl-3 text-[0.9375rem] tabular-nums text-ink-soft md:block" data-worked>
                    <Start id={row.id} />
                </span>
                <span
                    className="cursor-grab touch-manipulation select-none pl-2 md:pl-0"
                    {...listeners}
                    {...attributes}
                    tabIndex={-1}
                    role="presentation"
                    title="Drag to move"
                >
                    <FigureDrawing shapes={shapes} size={62} className="max-md:h-12 max-md:w-12" />
                </span>
                <button
                    type="button"
                    data-select
                    aria-pressed={selected}
                    onClick={(event) => onSelect(row.id, false, event.shiftKey)}
                    className="flex min-h-[4.1875rem] min-w-0 flex-col focus-visible:-outline-offset-4 justify-center pl-2 pr-1 text-left max-md:min-h-14"
                >
                    <span className="flex items-center gap-1.5">
                        <strong className="text-[1.0625rem] leading-[1.15]">{row.name}</strong>
                        {pins.map((pin) => (
                            <Pin key={pin} number={pin} />
                        ))}
                    </span>
                    <span className="text-[0.9375rem] leading-[1.25] text-ink-soft" data-worked-row>
                        {row.isInterlude ? `Between, ${row.dose}` : row.dose}
                        {row.between.map((words) => (
                            <span key={words} className="block">
                                {words}
                            </span>
                        ))}
                    </span>
                    <span className="sr-only">
                        {sidesSay}, starts at <Start id={row.id} />
                    </span>
                </button>
                <span
                    className="relative block h-[4.1875rem] overflow-hidden max-md:col-span-2 max-md:mx-auto"
                    data-worked-row
                >
                    <Sides row={row} before={before} after={after} chosen={chosen} />
                    {hole && (
                        <button
                            type="button"
                            onClick={() => onFill(row.id)}
                            className={`absolute top-[11px] flex h-11 items-center px-1.5 text-[0.9375rem] font-bold leading-[1.05] ${hole.side === 'right' ? 'text-left' : 'text-right'}`}
                            style={{ [hole.side === 'right' ? 'left' : 'right']: besideHole(row, hole) }}
                        >
                            Add {hole.side}
                            <span className="sr-only">
                                {row[hole.side].seconds > 0 ? ', the rest of it' : ' side'} of {row.name}
                            </span>
                        </button>
                    )}
                    {row.missing && row.onPurpose && (
                        <span
                            className={`absolute top-[25px] text-[0.875rem] text-ink-soft ${row.missing.side === 'right' ? 'left-[192px]' : 'right-[192px]'}`}
                        >
                            on purpose
                        </span>
                    )}
                    {row.rowsToMove !== 0 && !hole && (
                        <span className="absolute left-[180px] top-0 rounded bg-butter px-1.5 text-[0.875rem] font-semibold leading-5">
                            kink: {row.rowsToMove > 0 ? 'back up' : 'too early'}
                        </span>
                    )}
                </span>
                <span
                    className="min-w-0 pl-1 max-md:order-3 max-md:col-span-2 max-md:flex max-md:items-center max-md:gap-3 max-md:px-3 max-md:pb-2"
                    data-worked-row
                >
                    <People row={row} />
                </span>
            </div>
            {children}
        </li>
    );
});
