import type { LeadAnswer, LeadEntry } from '../../api/types/answer-lead';
import type { Shape } from '../../api/types/figure';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { MarkSign, type MarkName } from '../../parts/MarkSign';
import { Key } from './Key';

/** Letters for which there is room beside a figure; a longer line has the card to itself. */
const LONG = 42;
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
    const first = Math.max(1, FIRST - entry.besides.length);
    const shown = showsAll ? different : different.slice(0, first);
    const elsewhere = new Set([
        ...different.map((one) => one.person),
        ...entry.besides.flatMap((beside) => beside.people),
    ]);
    const follow = lead.people.length - elsewhere.size;
    const nameOf = (id: string) => lead.people.find((person) => person.id === id)?.name ?? '';
    // Where sides take turns, figures that turned round at each repetition would be hard to look at.
    const shownSide = entry.sides === 'alternating' ? 'left' : (side ?? 'right');
    const isPlain = different.length === 0 && entry.besides.length === 0;
    return (
        <section aria-label="Different right now">
            <p className="mb-1.5 text-[1.3125rem]">
                <strong>
                    {isPlain
                        ? lead.people.length > 0
                            ? 'Everyone follows the cue'
                            : 'Nobody added to this class'
                        : 'Different right now'}
                </strong>
                {!isPlain && lead.people.length > 0 && (
                    <span className="ml-4 text-mist">
                        {follow === 1 ? 'one follows the cue' : `the other ${follow} follow the cue`}
                    </span>
                )}
                {different.length > first && (
                    <button className="ml-4 min-h-9 rounded-lg px-2 underline underline-offset-4" onClick={onShowAll}>
                        {showsAll ? 'show fewer' : `and ${different.length - first} more`} <Key name="D" />
                    </button>
                )}
            </p>
            <ul
                className={`grid gap-2.5 sm:grid-cols-2 lg:grid-cols-4 ${showsAll ? 'max-h-[26.25rem] overflow-y-auto lg:absolute lg:inset-x-9 lg:bottom-[120px] lg:z-10 lg:rounded-[22px] lg:bg-night lg:py-3' : ''}`}
            >
                {entry.besides.map((beside) => (
                    <Card key={beside.id} heading={beside.name} shapes={lead.figures[beside.figure]}>
                        {beside.people.length === 0 ? 'for nobody today' : beside.people.map(nameOf).join(', ')}
                    </Card>
                ))}
                {shown.map((one) => (
                    <Card
                        key={one.person}
                        mark={one.mark}
                        heading={nameOf(one.person)}
                        shapes={lead.figures[one.figures[shownSide]]}
                    >
                        {one.does}
                    </Card>
                ))}
            </ul>
        </section>
    );
}

/** What one person does, or who does what goes on beside the cue. */
function Card({
    mark,
    heading,
    shapes,
    children,
}: {
    mark?: MarkName;
    heading: string;
    shapes: Shape[] | undefined;
    children: string;
}) {
    const isLong = children.length > LONG;
    return (
        <li className="flex min-h-[min(112px,13vh)] flex-col rounded-[18px] bg-night-1 px-3.5 py-2">
            <span
                className={`flex items-center gap-2.5 font-bold leading-tight ${mark ? 'text-[1.5rem] lg:max-xl:text-[1.25rem]' : 'text-[1.25rem]'}`}
            >
                {mark && (
                    <span className="text-butter-night">
                        <MarkSign mark={mark} size={22} />
                    </span>
                )}
                <span className={mark ? 'truncate' : ''}>{heading}</span>
            </span>
            {isLong ? (
                <span className="flex-1 text-[1.0625rem] leading-[1.15] [@media(max-height:760px)]:text-[0.9375rem]">
                    {children}
                </span>
            ) : (
                <span className="flex flex-1 items-center gap-2 text-[1.25rem] leading-[1.15]">
                    <span className="lg:max-xl:hidden [@media(max-height:680px)]:lg:hidden">
                        <FigureDrawing shapes={shapes} size={64} />
                    </span>
                    <span className="line-clamp-3 [@media(max-height:760px)]:line-clamp-2 min-w-0">{children}</span>
                </span>
            )}
        </li>
    );
}
