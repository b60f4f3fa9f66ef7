import { signedInAgain } from '../../api/session';
import type { LeadAnswer } from '../../api/types/answer-lead';
import { clock, hour } from '../../parts/time';
import type { Moment } from './moment';

/** Seconds behind the plan before it is said. */
const LATE = 30;
/** Width of the bench that fills with the class, in the units of its drawing. */
const BENCH = 246;

interface Props {
    lead: LeadAnswer;
    moment: Moment;
    away: 'offline' | 'signed out' | null;
    sendAgain: () => void;
    onStop: () => void;
    onEnd: () => void;
}

/** Where in the class we are, and how the clock stands. */
export function LeadHeader({ lead, moment, away, sendAgain, onStop, onEnd }: Props) {
    const { gone, planSays: says } = moment;
    const late = gone - says;
    return (
        <header className="flex min-h-[min(64px,9vh)] flex-wrap items-center gap-x-10 gap-y-1 text-[1.375rem] leading-tight max-md:gap-x-4 max-md:text-[1.25rem]">
            <div>
                <strong className="font-slab text-[1.625rem] max-md:text-[1.375rem]">{moment.entry.section}</strong>
                <div className="text-[1.25rem] text-mist">
                    movement {moment.order + 1} of {lead.entries.length}
                </div>
            </div>
            <svg viewBox="0 0 250 46" width="250" height="46" aria-hidden="true" className="max-lg:hidden">
                <rect
                    x="2"
                    y="10"
                    width={Math.min(BENCH, (says / Math.max(lead.slot, lead.planned)) * BENCH)}
                    height="15"
                    rx="5"
                    fill="#7fa5a2"
                />
                {late > LATE && (
                    <rect
                        x={2 + Math.min(240, (says / Math.max(lead.slot, lead.planned)) * BENCH)}
                        y="10"
                        width={Math.max(4, Math.min(60, (late / lead.slot) * BENCH))}
                        height="15"
                        rx="5"
                        fill="var(--color-butter-night)"
                    />
                )}
                <path d="M2 29h246M14 32l-6 13M236 32l6 13" stroke="#3d666d" strokeWidth="6" strokeLinecap="round" />
            </svg>
            <div>
                <span data-gone>{clock(gone)}</span> gone
                <div className="text-[1.25rem] text-mist" data-ends>
                    ends about {hour(new Date(moment.endsAt).toISOString())}
                </div>
            </div>
            <div className="ml-auto flex items-center gap-5">
                {away === 'offline' && (
                    <span className="rounded-xl border-2 border-mist px-3 py-1 text-[1.25rem]">
                        Offline, fine to go on
                    </span>
                )}
                {away === 'signed out' && (
                    <button
                        className="min-h-11 rounded-xl border-2 border-mist px-3 py-1 text-[1.25rem] hover:bg-night-2"
                        onClick={() => void signedInAgain().then((back) => back && sendAgain())}
                    >
                        Signed out, fine to go on
                    </button>
                )}
                {late >= LATE && (
                    <span className="text-right font-bold text-butter-night">
                        Running {clock(late)} late
                        <span className="block text-[1.25rem] font-normal text-cream">plan says {clock(says)}</span>
                    </span>
                )}
                <button
                    className="min-h-[max(44px,min(52px,8vh))] rounded-2xl border-2 border-butter-night px-5 text-[1.375rem] font-bold text-butter-night hover:bg-night-2"
                    onClick={onStop}
                >
                    Stop signs
                </button>
                <button
                    className="min-h-[max(44px,min(52px,8vh))] rounded-2xl bg-night-2 px-5 text-[1.375rem] font-bold hover:bg-night-3"
                    onClick={onEnd}
                >
                    End
                </button>
            </div>
        </header>
    );
}
