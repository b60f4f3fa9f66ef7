import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../api/client';
import { refresh, useLog } from '../../api/queries';
import type { LogEntry } from '../../api/types/answer-log';
import { Labelled } from '../../parts/Field';
import { useKept } from '../../parts/kept';
import { Ask } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { clock, dayAndHour, plural } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';

function difference(actual: number, planned: number): string {
    const seconds = Math.round(actual - planned);
    return Math.abs(seconds) < 5 ? 'as planned' : `${clock(Math.abs(seconds))} ${seconds > 0 ? 'longer' : 'shorter'}`;
}

/** Planned as an outline, actual as a filled bar, on one scale. */
function Pair({ planned, actual, scale }: { planned: number; actual: number; scale: number }) {
    return (
        <svg width="100%" height="22" aria-hidden="true" className="block">
            <rect
                x="1"
                y="4"
                width={`${(actual / scale) * 96}%`}
                height="14"
                rx="4"
                fill="var(--fill)"
                stroke="var(--edge)"
            />
            <line
                x1={`${(planned / scale) * 96}%`}
                x2={`${(planned / scale) * 96}%`}
                y1="0"
                y2="22"
                stroke="var(--color-ink)"
                strokeWidth="2.500"
            />
        </svg>
    );
}

function Detail({ led }: { led: LogEntry }) {
    const navigate = useNavigate();
    // What is typed and not stored yet survives a reload in this tab.
    const [note, setNote, forgetNote] = useKept(`note:${led.id}`, () => led.note, 'tab');
    const [attendance, setAttendance] = useState(led.attendance);
    const [state, setState] = useState<string | null>(null);
    const [asking, setAsking] = useState(false);
    const scale = Math.max(1, ...led.entries.map((entry) => Math.max(entry.planned, entry.actual)));
    const store = (next: Record<string, boolean>) => {
        api.post(`led/${led.id}/end`, { attendance: next, note }).then(
            () => {
                forgetNote();
                setState('Saved');
                void refresh('led');
            },
            (problem: Error) => setState(problem.message),
        );
    };
    return (
        <>
            <PageTitle title={led.class.title} below={dayAndHour(led.startedAt)}>
                <Link to={`/classes/${led.class.id}/plan`} className="button">
                    Open its plan
                </Link>
                <Link to="/log" className="button">
                    All past classes
                </Link>
            </PageTitle>
            <div className="grid items-start gap-5 lg:grid-cols-[minmax(0,1fr)_320px]">
                <section className="card" aria-label="Planned against actual">
                    <p className="mb-3 text-[1.125rem]">
                        <strong className="font-slab text-[1.5rem]">{clock(led.actual)}</strong> done,{' '}
                        {clock(led.planned)} planned: {difference(led.actual, led.planned)}
                    </p>
                    <p className="mb-2 flex gap-5 text-[0.9375rem] text-ink-soft">
                        <span>Bar: what was done</span>
                        <span>Line: what was planned</span>
                    </p>
                    <ul>
                        {led.entries.map((entry) => {
                            const uneven =
                                entry.isSided &&
                                Math.abs(entry.left - entry.right) >
                                    Math.max(2, 0.05 * Math.max(entry.left, entry.right));
                            return (
                                <li
                                    key={entry.entry}
                                    className={`grid grid-cols-[24px_minmax(0,1fr)] items-center gap-x-3 border-b border-hair py-2 sm:grid-cols-[24px_200px_minmax(0,1fr)_150px] zone-${entry.zone ?? 'none'}`}
                                >
                                    <ZoneShape zone={entry.zone} size={20} />
                                    <span className="leading-tight">
                                        {entry.name}
                                        {uneven && entry.actual > 0 && (
                                            <span className="block w-fit rounded bg-butter px-1.5 text-[0.9375rem]">
                                                left {clock(entry.left)}, right {clock(entry.right)}
                                            </span>
                                        )}
                                    </span>
                                    <span className="max-sm:col-start-2">
                                        <Pair planned={entry.planned} actual={entry.actual} scale={scale} />
                                    </span>
                                    <span className="text-[0.9375rem] max-sm:col-start-2">
                                        {clock(entry.actual)}{' '}
                                        <span className="text-ink-soft">
                                            {entry.actual === 0 ? 'left out' : difference(entry.actual, entry.planned)}
                                        </span>
                                    </span>
                                </li>
                            );
                        })}
                    </ul>
                </section>
                <div className="space-y-5">
                    <section className="card">
                        <h2 className="mb-2 text-[1.125rem]">Who was there</h2>
                        {led.people.length === 0 && <p className="text-ink-soft">This class had no group.</p>}
                        {led.people.map((person) => (
                            <label key={person.id} className="flex min-h-11 items-center gap-3">
                                <input
                                    type="checkbox"
                                    className="h-5 w-5 accent-ink"
                                    checked={attendance[person.id] ?? false}
                                    onChange={(event) => {
                                        const next = { ...attendance, [person.id]: event.target.checked };
                                        setAttendance(next);
                                        store(next);
                                    }}
                                />
                                {person.name}
                            </label>
                        ))}
                    </section>
                    <section className="card">
                        <Labelled label="Note">
                            {(field) => (
                                <textarea
                                    className="field min-h-32"
                                    maxLength={5000}
                                    value={note}
                                    onChange={(event) => setNote(event.target.value)}
                                    onBlur={() => note !== led.note && store(attendance)}
                                    {...field}
                                />
                            )}
                        </Labelled>
                        <p role="status" className="mt-1 min-h-6 text-[0.9375rem] text-ink-soft">
                            {state}
                        </p>
                    </section>
                    <button className="button w-full" onClick={() => setAsking(true)}>
                        Remove from the log
                    </button>
                </div>
            </div>
            {asking && (
                <Ask
                    title="Remove this class from the log?"
                    yes="Remove it"
                    onClose={() => setAsking(false)}
                    onYes={() => {
                        void api
                            .delete(`led/${led.id}`)
                            .then(() => refresh('led', 'classes').then(() => navigate('/log')));
                    }}
                >
                    The times, attendance and note of {dayAndHour(led.startedAt)} will be gone. The plan stays.
                </Ask>
            )}
        </>
    );
}

export default function Log() {
    const { ledId } = useParams();
    const log = useLog();
    if (log.error) {
        return <Trouble error={log.error} again={() => void log.refetch()} />;
    }
    if (!log.data) {
        return <Waiting what="the log" />;
    }
    const led = ledId ? log.data.led.find((one) => one.id === Number(ledId)) : undefined;
    if (led) {
        return <Detail key={led.id} led={led} />;
    }
    return (
        <>
            <PageTitle title="Log" below="What happened in past classes" />
            {log.data.led.length === 0 ? (
                <EmptyPlace
                    title="No class has been led yet"
                    example="“Tuesday seated class: 41 of 45 minutes, nine came. Left out the second twist. A. T. kept one arm down; ask about the shoulder next week.”"
                    action={
                        <Link to="/" className="button button-main">
                            To your classes
                        </Link>
                    }
                >
                    Once you have led a class, you see here what was really done beside what was planned, who was there,
                    and your note.
                </EmptyPlace>
            ) : (
                <ul className="space-y-3">
                    {log.data.led.map((one) => (
                        <li key={one.id}>
                            <Link
                                to={`/log/${one.id}`}
                                className="card grid items-center gap-x-6 gap-y-2 border-[1.5px] border-transparent hover:border-ink md:grid-cols-[minmax(0,1fr)_260px_130px]"
                            >
                                <span>
                                    <strong className="block font-slab text-[1.1875rem]">{one.class.title}</strong>
                                    <span className="text-ink-soft">{dayAndHour(one.startedAt)}</span>
                                    {one.note && <span className="mt-1 line-clamp-2 block">{one.note}</span>}
                                </span>
                                <span className="zone-none">
                                    <Pair
                                        planned={one.planned}
                                        actual={one.actual}
                                        scale={Math.max(one.planned, one.actual, one.slot)}
                                    />
                                    <span className="text-[0.9375rem]">
                                        {clock(one.actual)} done, {clock(one.planned)} planned
                                    </span>
                                </span>
                                <span className="text-ink-soft">
                                    {one.people.length > 0 ? plural(one.came, 'person', 'people') : ''}
                                </span>
                            </Link>
                        </li>
                    ))}
                </ul>
            )}
        </>
    );
}
