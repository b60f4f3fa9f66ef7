import { Link } from 'react-router';
import { clock, dayAndHour, plural } from '../../parts/time';
import { classState, type ClassRow } from './classState';

function BenchLine({ row }: { row: ClassRow }) {
    const whole = Math.max(row.planned, row.slot);
    return (
        <svg width="100%" height="43" aria-hidden="true" className="block">
            <rect
                x="1"
                y="2"
                width={`${(row.planned / whole) * 98}%`}
                height="18"
                rx="6"
                fill={row.planned > row.slot ? 'var(--color-butter-deep)' : 'var(--color-cushion)'}
                stroke="var(--color-cushion-edge)"
            />
            <line
                x1="3"
                x2={`${(row.slot / whole) * 98}%`}
                y1="23"
                y2="23"
                stroke="var(--color-ink)"
                strokeWidth="6"
                strokeLinecap="round"
            />
            <line x1="2.5%" x2="1.8%" y1="26" y2="40" stroke="var(--color-ink)" strokeWidth="5" strokeLinecap="round" />
            <line
                x1={`${(row.slot / whole) * 96}%`}
                x2={`${(row.slot / whole) * 96.7}%`}
                y1="26"
                y2="40"
                stroke="var(--color-ink)"
                strokeWidth="5"
                strokeLinecap="round"
            />
        </svg>
    );
}

interface Props {
    next: ClassRow;
    onLead: () => void;
    onForm: () => void;
}

/** The class that comes next, with all that is wanted before it. */
export function NextClass({ next, onLead, onForm }: Props) {
    return (
        <section aria-label="Next class" className="mb-8 rounded-2xl bg-white p-6 md:p-8">
            <p className="text-ink-soft">Next: {next.startsAt && dayAndHour(next.startsAt)}</p>
            <h2 className="mt-1 text-[1.75rem] leading-tight">{next.title}</h2>
            <p className="mb-5 mt-1">
                {[next.place, next.group?.name, next.people > 0 ? plural(next.people, 'person', 'people') : null]
                    .filter(Boolean)
                    .join(' · ')}
            </p>
            {next.changes.length > 0 && (
                <p className="mb-5 rounded-xl bg-butter px-4 py-2" data-changes>
                    <strong>Different from last time:</strong> {next.changes.join(' ')}
                </p>
            )}
            <BenchLine row={next} />
            <p className="mb-6 mt-2 flex flex-wrap items-center gap-x-5 gap-y-1">
                <span>
                    <strong className="font-slab text-[1.25rem]">{clock(next.planned)}</strong> planned of{' '}
                    {Math.round(next.slot / 60)} minutes
                </span>
                <span
                    className={next.findings > 0 ? 'rounded-lg bg-butter px-2.5 py-0.5 font-semibold' : 'text-ink-soft'}
                >
                    {classState(next)}
                </span>
            </p>
            <div className="flex flex-wrap gap-3">
                <Link className="button button-main" to={`/classes/${next.id}/plan`}>
                    {next.findings > 0 ? 'Settle and plan' : 'Open the plan'}
                </Link>
                <button className="button" onClick={onLead} disabled={next.planned === 0}>
                    Lead this class
                </button>
                {next.group && (
                    <Link className="button" to={`/classes/${next.id}/readiness`}>
                        Check before class
                    </Link>
                )}
                <a className="button" href={`/classes/${next.id}/sheet`}>
                    Print cue sheet
                </a>
                <button className="button button-quiet" onClick={onForm}>
                    Day and place
                </button>
            </div>
        </section>
    );
}
