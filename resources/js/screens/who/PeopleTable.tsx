import type { MatrixAnswer } from '../../api/types/answer-matrix';
import { MarkSign, markWords } from '../../parts/MarkSign';
import { clock } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';

interface Props {
    classId: string;
    answer: MatrixAnswer;
    /** the places of the person and of the movement in their lists */
    onOpen: (cell: { person: number; entry: number }) => void;
}

/** A line for each person, a column for each movement. */
export function PeopleTable({ classId, answer: { people, entries }, onOpen }: Props) {
    return (
        <div
            className="overflow-x-auto rounded-2xl bg-white"
            tabIndex={0}
            role="group"
            aria-label="People and movements"
        >
            <table className="border-collapse text-[0.9375rem]">
                <thead>
                    <tr>
                        <th
                            scope="col"
                            className="sticky left-0 z-10 min-w-44 bg-white px-3 py-2 text-left align-bottom"
                        >
                            Name
                        </th>
                        {entries.map((one) => (
                            <th
                                key={one.id}
                                scope="col"
                                className={`h-44 w-11 p-0 align-bottom zone-${one.zone ?? 'none'}`}
                            >
                                <span className="flex flex-col items-center justify-end gap-1 pb-1">
                                    <span
                                        className="max-h-36 overflow-hidden font-normal [writing-mode:sideways-lr]"
                                        title={one.name}
                                    >
                                        {one.name}
                                    </span>
                                    <ZoneShape zone={one.zone} size={16} />
                                </span>
                            </th>
                        ))}
                        <th scope="col" className="px-3 text-left align-bottom">
                            With the group
                        </th>
                        <th scope="col" className="whitespace-nowrap px-3 pb-2 text-left align-bottom">
                            Left, right
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {people.map((row, at) => (
                        <tr key={row.id} className="border-t border-hair">
                            <th scope="row" className="sticky left-0 z-10 bg-white px-3 text-left">
                                <a
                                    className="inline-flex min-h-11 min-w-11 items-center underline decoration-hair underline-offset-4 hover:decoration-ink"
                                    href={`/classes/${classId}/who/${row.id}`}
                                >
                                    {row.name}
                                </a>
                            </th>
                            {row.cells.map((one, column) => (
                                <td key={entries[column]?.id} className="p-0">
                                    <button
                                        className={`grid h-11 w-11 place-items-center rounded-lg hover:bg-channel ${one.isChosen ? 'outline-2 -outline-offset-4 outline-ink' : ''}`}
                                        aria-label={`${row.name}, ${entries[column]?.name}: ${markWords[one.mark].toLowerCase()}, ${one.does}${one.isChosen ? ', your choice' : ''}`}
                                        onClick={() => onOpen({ person: at, entry: column })}
                                    >
                                        <MarkSign mark={one.mark} size={17} />
                                    </button>
                                </td>
                            ))}
                            <td className="whitespace-nowrap px-3">{Math.floor(row.share * 100)} %</td>
                            <td className="whitespace-nowrap px-3">
                                {clock(row.left)}, {clock(row.right)}
                                {!row.isBalanced && <span className="ml-2 rounded bg-channel px-1.5">own balance</span>}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
