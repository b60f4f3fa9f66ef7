import type { Bone } from '../api/types/answer-compose';
import { clock } from './time';
import { ZoneShape } from './ZoneShape';

/** Seconds on one side that fill the width there is. */
const FULL = 150;
const HALF = 38;

/** A class as a small spine: a bone for each movement, as long to each side as it takes there. */
export function MiniSpine({
    rows,
    fresh = [],
    onChoose,
    chosen,
    sayChosen = '',
    onTake,
}: {
    rows: readonly Bone[];
    /** entries that are marked as new */
    fresh?: readonly string[];
    /** when rows can be pressed */
    onChoose?: (row: Bone) => void;
    /** movements whose rows are pressed */
    chosen?: readonly string[];
    /** what a pressed row is */
    sayChosen?: string;
    /** takes one of the new rows alone */
    onTake?: (row: Bone) => void;
}) {
    return (
        <ol className="relative">
            {rows.map((row, at) => {
                const isNew = fresh.includes(row.entry);
                const isChosen = chosen?.includes(row.movement) ?? false;
                const opens = at > 0 && rows[at - 1]?.section !== row.section;
                const name = (
                    <>
                        <span
                            className={`min-w-0 flex-1 text-left leading-[1.15] ${isNew || isChosen ? 'font-bold' : ''}`}
                            title={row.dose}
                        >
                            {isNew && (
                                <span className="mr-1 inline-block h-1.5 w-1.5 rounded-full bg-ink align-middle" />
                            )}
                            {row.name}
                        </span>
                        <span className="sr-only">
                            {row.dose}, {clock(row.seconds)}
                            {isNew ? ', new' : ''}
                            {isChosen ? `, ${sayChosen}` : ''}
                        </span>
                        <SmallSides row={row} />
                    </>
                );
                const shape = `flex w-full items-center gap-2 py-0.5 text-[0.875rem] ${opens ? 'mt-1.5 border-t border-hair pt-1.5' : ''}`;
                return (
                    <li key={row.entry} data-bone={row.movement} className={onTake ? 'flex items-center' : undefined}>
                        {onChoose ? (
                            <button
                                type="button"
                                aria-pressed={isChosen}
                                className={`${shape} min-h-11 rounded-lg hover:bg-channel`}
                                onClick={() => onChoose(row)}
                            >
                                {name}
                            </button>
                        ) : (
                            <span className={shape}>{name}</span>
                        )}
                        {onTake && isNew && (
                            <button
                                type="button"
                                className="button button-quiet -my-1 ml-1 min-w-11 px-3"
                                aria-label={`Take only ${row.name}`}
                                title="Take only this one"
                                onClick={() => onTake(row)}
                            >
                                +
                            </button>
                        )}
                    </li>
                );
            })}
        </ol>
    );
}

function SmallSides({ row }: { row: Bone }) {
    const width = (seconds: number) => Math.min(HALF - 10, Math.max(seconds > 0 ? 3 : 0, (seconds / FULL) * HALF));
    const [left, right] = [width(row.left), width(row.right)];
    return (
        <svg
            width={HALF * 2}
            height={20}
            viewBox={`${-HALF} -10 ${HALF * 2} 20`}
            aria-hidden="true"
            className={`shrink-0 zone-${row.zone ?? 'none'}`}
        >
            <rect x={-9} y={-10} width={18} height={20} fill="var(--color-channel)" />
            <rect x={-9 - left} y={-6} width={left} height={12} rx={3} fill="var(--fill)" stroke="var(--edge)" />
            <rect x={9} y={-6} width={right} height={12} rx={3} fill="var(--fill)" stroke="var(--edge)" />
            <svg x={-7} y={-7} width={14} height={14}>
                <ZoneShape zone={row.zone} size={14} />
            </svg>
        </svg>
    );
}
