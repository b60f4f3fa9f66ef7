import type { LeadAnswer, LeadEntry } from '../../api/types/answer-lead';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { MarkSign } from '../../parts/MarkSign';
import { Key } from './Key';

/** People shown before the rest is asked for. */
const FIRST = 4;
const pressing = ['none', 'rests', 'adapted'];

interface Props {
    lead: LeadAnswer;
    entry: LeadEntry;
    side: 'left' | 'right' | null;
    showsAll: boolean;
    onShowAll: () => void;
}

/** Who does something else than the cue, the most pressing first. */
export function Different({ lead, entry, side, showsAll, onShowAll }: Props) {
    const different = [...entry.different].sort((a, b) => pressing.indexOf(a.mark) - pressing.indexOf(b.mark));
    const shown = showsAll ? different : different.slice(0, FIRST);
    return (
        <section aria-label="Different right now">
            <p className="mb-1.5 text-[21px]">
                <strong>
                    {different.length === 0
                        ? lead.people.length > 0
                            ? 'Everyone follows the cue'
                            : 'Nobody added to this class'
                        : 'Different right now'}
                </strong>
                {different.length > 0 && (
                    <span className="ml-4 text-mist">
                        {lead.people.length - different.length === 1
                            ? 'one follows the cue'
                            : `the other ${lead.people.length - different.length} follow the cue`}
                    </span>
                )}
                {different.length > FIRST && (
                    <button className="ml-4 min-h-9 rounded-lg px-2 underline underline-offset-4" onClick={onShowAll}>
                        {showsAll ? 'show four' : `and ${different.length - FIRST} more`} <Key name="D" />
                    </button>
                )}
            </p>
            <ul
                className={`grid gap-2.5 sm:grid-cols-2 lg:grid-cols-4 ${showsAll ? 'max-h-[420px] overflow-y-auto lg:absolute lg:inset-x-9 lg:bottom-[120px] lg:z-10 lg:rounded-[22px] lg:bg-night lg:py-3' : ''}`}
            >
                {shown.map((one) => {
                    const person = lead.people.find(({ id }) => id === one.person);
                    const shapes = lead.figures[one.figures[side ?? 'right']];
                    return (
                        <li
                            key={one.person}
                            className="flex min-h-[min(112px,13vh)] flex-col rounded-[18px] bg-night-1 px-3.5 py-2"
                        >
                            <span className="flex items-center gap-2.5 text-[24px] font-bold leading-tight">
                                <span className="text-butter-night">
                                    <MarkSign mark={one.mark} size={22} />
                                </span>
                                <span className="truncate">{person?.name}</span>
                            </span>
                            <span className="flex flex-1 items-center gap-2 text-[20px] leading-[1.15]">
                                <FigureDrawing shapes={shapes} size={64} />
                                <span className="line-clamp-3 [@media(max-height:760px)]:line-clamp-2 min-w-0">
                                    {one.does}
                                </span>
                            </span>
                        </li>
                    );
                })}
            </ul>
        </section>
    );
}
