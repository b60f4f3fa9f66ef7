import type { LeadAnswer } from '../../api/types/answer-lead';
import { FigureDrawing } from '../../parts/FigureDrawing';
import type { Moment } from './moment';

/** What comes next, and what to fetch for it. */
export function AfterThis({ lead, moment }: { lead: LeadAnswer; moment: Moment }) {
    const { beat, next, nextIsSameMovement, coming } = moment;
    return (
        <section aria-label="After this">
            <p className="mb-1.5 text-[1.3125rem] text-mist">
                {nextIsSameMovement && next
                    ? next.side && next.side !== beat.side
                        ? `Then the ${next.side} side`
                        : 'Then the other way'
                    : 'After this'}
            </p>
            <div
                className={`flex min-h-[min(112px,13vh)] items-center gap-3 rounded-[18px] bg-night-1 px-4 py-2 zone-${coming?.zone ?? 'none'}`}
            >
                {coming ? (
                    <>
                        <span className="lg:max-xl:hidden [@media(max-height:680px)]:lg:hidden">
                            <FigureDrawing shapes={lead.figures[coming.figure]} size={64} />
                        </span>
                        <span className="min-w-0 leading-[1.15]">
                            <strong className="block text-[1.5rem]">{coming.name}</strong>
                            {coming.props.length > 0 && (
                                <span className="block text-[1.25rem] text-butter-night">
                                    Fetch: {coming.props.join(', ')}
                                </span>
                            )}
                        </span>
                    </>
                ) : (
                    <strong className="text-[1.5rem]">The class ends</strong>
                )}
            </div>
        </section>
    );
}
