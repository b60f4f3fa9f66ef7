import { memo } from 'react';
import type { PlanAnswer } from '../../api/types/answer-plan';
import { clock } from '../../parts/time';

/** The slot as a bench as long as the booked time, each section a cushion as long as its minutes. */
export const MinutesBench = memo(function MinutesBench({
    totals,
    current,
    onChoose,
    onRehearse,
}: {
    totals: PlanAnswer['totals'];
    current: string | null;
    onChoose: (sectionId: string) => void;
    onRehearse: () => void;
}) {
    const whole = Math.max(totals.slot, totals.planned) || 1;
    const spare = totals.slot - totals.planned;
    /** Where on the bench so many seconds are; what is longer than it lies on its end. */
    const at = (seconds: number, end = 99) => Math.min(end, (seconds / whole) * 100);
    return (
        <section aria-label="The class on its bench" className="flex items-center gap-6 px-4 pt-1 max-md:block">
            <div className="min-w-0 flex-1">
                <div className="flex h-11 items-end">
                    {totals.sections.map((section) => (
                        <button
                            key={section.id}
                            onClick={() => onChoose(section.id)}
                            style={{ flex: `${section.seconds} 1 0` }}
                            aria-current={section.id === current ? 'true' : undefined}
                            aria-label={`${section.name}, ${clock(section.seconds)}`}
                            className={`relative h-11 min-w-11 rounded-t-[10px] rounded-b-[3px] border-[1.5px] px-1.5 text-left max-md:px-0.5 md:min-w-[6rem] ${section.id === current ? 'border-2 border-ink bg-white' : 'border-cushion-edge bg-cushion hover:border-ink'} ${spare < 0 && section === totals.sections.at(-1) ? 'bg-butter-deep' : ''}`}
                        >
                            <span className="block truncate text-[0.9375rem] font-bold leading-5 max-md:invisible">
                                {section.name}
                            </span>
                            <span className="mt-1 flex h-2 gap-px overflow-hidden rounded-sm">
                                {section.stripe.map((part) => (
                                    <span
                                        key={part.entry}
                                        className={`h-2 zone-${part.zone ?? 'none'} bg-fill`}
                                        style={{ flexGrow: part.seconds, flexBasis: 0 }}
                                    />
                                ))}
                            </span>
                        </button>
                    ))}
                    {spare > 0 && (
                        <span
                            className="h-9 rounded-lg border-[1.5px] border-dashed border-dash"
                            style={{ flex: `${spare} 1 0` }}
                            aria-hidden="true"
                        />
                    )}
                </div>
                <svg width="100%" height="12" aria-hidden="true" className="block overflow-visible">
                    <line
                        x1="0"
                        x2={`${(totals.slot / whole) * 100}%`}
                        y1="3"
                        y2="3"
                        stroke="var(--color-ink)"
                        strokeWidth="6"
                        strokeLinecap="round"
                    />
                    <line
                        x1="2%"
                        x2="1.500%"
                        y1="4"
                        y2="12"
                        stroke="var(--color-ink)"
                        strokeWidth="5"
                        strokeLinecap="round"
                    />
                    <line
                        x1={`${(totals.slot / whole) * 98}%`}
                        x2={`${(totals.slot / whole) * 98.5}%`}
                        y1="4"
                        y2="12"
                        stroke="var(--color-ink)"
                        strokeWidth="5"
                        strokeLinecap="round"
                    />
                    {totals.pace && (
                        <rect
                            x={`${at(totals.pace.from)}%`}
                            width={`${Math.max(1, at(totals.pace.to, 100) - at(totals.pace.from))}%`}
                            y="-1.500"
                            height="9"
                            rx="3"
                            fill="var(--color-butter-deep)"
                            stroke="var(--color-ink)"
                        />
                    )}
                </svg>
                <div className="flex text-[0.875rem] text-ink-soft max-md:hidden" aria-hidden="true">
                    {totals.sections.map((section) => (
                        <span
                            key={section.id}
                            style={{ flex: `${section.seconds} 1 0` }}
                            className="min-w-[6rem] text-center"
                        >
                            {section.seconds > 0 ? clock(section.seconds) : ''}
                        </span>
                    ))}
                    {spare > 0 && <span style={{ flex: `${spare} 1 0` }} />}
                </div>
            </div>
            <div className="w-60 shrink-0 max-md:mt-2 max-md:w-auto">
                <p data-worked>
                    <strong className="block font-slab text-[1.5rem] leading-7">{clock(totals.planned)} planned</strong>
                    <span className={spare < 0 ? 'rounded bg-butter px-1 font-semibold' : 'text-ink-soft'}>
                        of a {Math.round(totals.slot / 60)} min slot,{' '}
                        {spare < 0 ? `${clock(-spare)} over` : `${clock(spare)} spare`}
                    </span>
                </p>
                {totals.pace && (
                    <button
                        type="button"
                        className="-my-1 block min-h-11 text-left text-[0.9375rem] underline decoration-rule underline-offset-4"
                        onClick={onRehearse}
                        data-at-pace
                    >
                        {Math.floor(totals.pace.from / 60)} to {Math.ceil(totals.pace.to / 60)} min at your pace
                    </button>
                )}
            </div>
        </section>
    );
});
