import { memo, useState } from 'react';
import { Link } from 'react-router';
import type { PlanAnswer, Row } from '../../api/types/answer-plan';
import { useFigures } from '../../api/queries';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { marks, MarkSign, markWords, type MarkName } from '../../parts/MarkSign';

const pressing = [...marks].reverse();

export const PeoplePanel = memo(function PeoplePanel({
    classId,
    people: all,
    row,
}: {
    classId: string;
    people: PlanAnswer['people'];
    row: Row | undefined;
}) {
    const [everyone, setEveryone] = useState(false);
    const figures = useFigures(row?.versions.map((version) => version.figure) ?? []);
    if (!row) {
        return <p className="pt-2 text-ink-soft">Choose a movement to see who does what.</p>;
    }
    if (all.length === 0) {
        return (
            <>
                <h2 className="text-[1.3125rem]">{row.name}</h2>
                <p className="my-3 text-ink-soft">
                    Nobody added. Planning works without; with people, you see here who does what.
                </p>
                <a className="button" href="/people">
                    Add your people
                </a>
            </>
        );
    }
    const people = new Map(all.map((person) => [person.id, person]));
    const sorted = [...row.versions].sort((a, b) => pressing.indexOf(a.mark) - pressing.indexOf(b.mark));
    const speaks = (mark: MarkName, watch: string[]) => mark !== 'fully' || watch.length > 0;
    const shown = everyone ? sorted : sorted.filter((version) => speaks(version.mark, version.watch));
    const quiet = everyone ? [] : sorted.filter((version) => !speaks(version.mark, version.watch));
    return (
        <>
            <h2 className="text-[1.3125rem] leading-6">{row.name}</h2>
            <p className="mb-2 mt-1.5 flex flex-wrap gap-x-4 gap-y-1 border-b border-hair pb-2.5 text-[0.9375rem]">
                {marks
                    .filter((mark) => row.counts[mark] > 0)
                    .map((mark) => (
                        <span key={mark} className="flex items-center gap-1.5">
                            <MarkSign mark={mark} size={14} /> {row.counts[mark]} {markWords[mark].toLowerCase()}
                        </span>
                    ))}
            </p>
            <ul>
                {shown.map((version) => {
                    const person = people.get(version.person);
                    return (
                        <li key={version.person} className="flex gap-3 border-b border-hair py-2.5">
                            <span
                                className={`grid h-[3.25rem] w-[3.25rem] shrink-0 place-items-center rounded-xl bg-paper zone-${version.zone ?? 'none'}`}
                            >
                                <FigureDrawing shapes={figures[version.figure]} size={46} />
                            </span>
                            <span className="min-w-0 flex-1 leading-[1.25]">
                                <span className="flex items-baseline justify-between gap-2">
                                    <strong>{person?.name}</strong>
                                    <span className="flex items-center gap-1.5 text-[0.875rem]">
                                        {markWords[version.mark]} <MarkSign mark={version.mark} size={14} />
                                    </span>
                                </span>
                                <span className="block text-[0.9375rem]">{version.does}</span>
                                <span className="block text-[0.875rem] text-ink-soft">
                                    {[...version.why, ...version.watch].join(' ')}
                                </span>
                            </span>
                        </li>
                    );
                })}
            </ul>
            {quiet.length > 0 && (
                <p className="py-3 text-[0.9375rem]">
                    {quiet.map((version) => people.get(version.person)?.name).join(', ')}: fully
                </p>
            )}
            <Link className="button mt-2 w-full" to={`/classes/${classId}/who`}>
                Change who does what
            </Link>
            <button
                className="button button-quiet mt-1 w-full"
                onClick={() => setEveryone(!everyone)}
                aria-pressed={everyone}
            >
                {everyone ? 'Only those who need a word' : 'Show everyone'}
            </button>
        </>
    );
});
