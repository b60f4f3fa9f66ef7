import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, Refusal } from '../../api/client';
import { refresh, useClasses } from '../../api/queries';
import type { ClassesAnswer } from '../../api/types/answer-classes';
import type { ClassInfo } from '../../api/types/answer-class';
import type { WhoIsWho } from '../../api/types/answer-who-is-who';
import { keep, readKept } from '../../parts/kept';
import { Ask } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { clock, dayAndHour, plural } from '../../parts/time';
import { ClassForm } from './ClassForm';
import { OpenFile, type Decided } from './OpenFile';

type ClassRow = ClassesAnswer['classes'][number];

function state(row: ClassRow): string {
    if (row.planned === 0) {
        return 'nothing planned yet';
    }
    return row.findings === 0 ? 'nothing to settle' : `${row.findings} to settle`;
}

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

export default function Classes() {
    const classes = useClasses();
    const navigate = useNavigate();
    const [form, setForm] = useState<ClassInfo | 'new' | null>(null);
    const [removing, setRemoving] = useState<ClassRow | null>(null);
    const [problem, setProblem] = useState<string | null>(null);
    const [asking, setAsking] = useState<{ name: string; text: string; asked: WhoIsWho } | null>(null);
    // A class stays 'next' until three hours after its start.
    const [now] = useState(() => Date.now() - 3 * 3600_000);
    const file = useRef<HTMLInputElement>(null);

    const lead = (id: number) => {
        void api.post<{ id: number }>(`classes/${id}/led`).then(
            (led) => navigate(`/led/${led.id}`),
            (error: Error) => setProblem(error.message),
        );
    };
    const open = async (chosen: File | undefined) => {
        setProblem(null);
        if (!chosen) {
            return;
        }
        await take({ name: chosen.name, text: await chosen.text() });
    };
    const take = async (from: { name: string; text: string }, people: Decided = {}) => {
        try {
            const made = await api.post<ClassInfo>('classes/import', { file: from.text, people });
            await refresh('classes', 'groups');
            void navigate(`/classes/${made.id}/plan`);
        } catch (error) {
            if (error instanceof Refusal && error.status === 409) {
                setAsking({ ...from, asked: error.body as unknown as WhoIsWho });
            } else {
                setAsking(null);
                setProblem(`${from.name} was not opened, and nothing was changed. ${(error as Error).message}`);
            }
        }
    };

    if (classes.error) {
        return <Trouble error={classes.error} again={() => void classes.refetch()} />;
    }
    if (!classes.data) {
        return <Waiting what="your classes" />;
    }
    const rows = classes.data.classes;
    const running = rows.find((row) => row.running !== null);
    const upcoming = rows.filter((row) => !row.startsAt || new Date(row.startsAt).getTime() > now);
    const next = upcoming.find((row) => row.startsAt && row.led === 0);
    const others = rows.filter((row) => row !== next);

    return (
        <>
            <PageTitle title="Classes">
                <button className="button" onClick={() => file.current?.click()}>
                    Open a file
                </button>
                <input
                    ref={file}
                    type="file"
                    accept=".json,application/json"
                    className="sr-only"
                    aria-label="Class file"
                    tabIndex={-1}
                    onChange={(event) => void open(event.target.files?.[0]).then(() => (event.target.value = ''))}
                />
                <button className="button button-main" onClick={() => setForm('new')}>
                    New class
                </button>
            </PageTitle>
            {problem && (
                <p role="alert" className="mb-5 rounded-2xl bg-butter px-5 py-4">
                    {problem}
                </p>
            )}
            {running && (
                <p className="mb-5 flex flex-wrap items-center gap-4 rounded-2xl bg-butter px-5 py-3">
                    <span className="mr-auto">
                        <strong>{running.title}</strong> is still running.
                    </span>
                    <Link className="button" to={`/led/${running.running}`}>
                        Go on leading
                    </Link>
                    <button
                        className="button"
                        onClick={() => {
                            // What was written on this device when it was ended goes along.
                            const written = readKept<{ attendance: Record<string, boolean>; note: string }>(
                                `ending:${running.running}`,
                            );
                            void api
                                .post(`led/${running.running}/end`, {
                                    attendance: written?.attendance ?? {},
                                    note: written?.note ?? '',
                                })
                                .then(
                                    () => {
                                        keep(`ending:${running.running}`, null);
                                        keep(`leading:${running.running}`, null);
                                        return refresh('classes', 'led').then(() =>
                                            navigate(`/log/${running.running}`),
                                        );
                                    },
                                    (error: Error) => setProblem(error.message),
                                );
                        }}
                    >
                        End it, and keep it in the log
                    </button>
                </p>
            )}
            {next && (
                <section aria-label="Next class" className="mb-8 rounded-2xl bg-white p-6 md:p-8">
                    <p className="text-ink-soft">Next: {next.startsAt && dayAndHour(next.startsAt)}</p>
                    <h2 className="mt-1 text-[28px] leading-tight">{next.title}</h2>
                    <p className="mb-5 mt-1">
                        {[
                            next.place,
                            next.group?.name,
                            next.people > 0 ? plural(next.people, 'person', 'people') : null,
                        ]
                            .filter(Boolean)
                            .join(' · ')}
                    </p>
                    <BenchLine row={next} />
                    <p className="mb-6 mt-2 flex flex-wrap items-center gap-x-5 gap-y-1">
                        <span>
                            <strong className="font-slab text-[20px]">{clock(next.planned)}</strong> planned of{' '}
                            {Math.round(next.slot / 60)} minutes
                        </span>
                        <span
                            className={
                                next.findings > 0 ? 'rounded-lg bg-butter px-2.5 py-0.5 font-semibold' : 'text-ink-soft'
                            }
                        >
                            {state(next)}
                        </span>
                    </p>
                    <div className="flex flex-wrap gap-3">
                        <Link className="button button-main" to={`/classes/${next.id}/plan`}>
                            {next.findings > 0 ? 'Settle and plan' : 'Open the plan'}
                        </Link>
                        <button className="button" onClick={() => lead(next.id)} disabled={next.planned === 0}>
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
                        <button className="button button-quiet" onClick={() => setForm(next)}>
                            Day and place
                        </button>
                    </div>
                </section>
            )}
            {rows.length === 0 && (
                <EmptyPlace
                    title="Your first class"
                    action={
                        <button className="button button-main" onClick={() => setForm('new')}>
                            New class
                        </button>
                    }
                >
                    Say how long it may take and who comes. Then lay out movements from head to toe, and Kind Chair does
                    the counting.
                </EmptyPlace>
            )}
            {others.length > 0 && (
                <section aria-label="All other classes">
                    <h2 className="mb-3 text-[20px]">{next ? 'Other classes' : 'All classes'}</h2>
                    <ul className="space-y-3">
                        {others.map((row) => (
                            <li key={row.id} className="card flex flex-wrap items-center gap-x-5 gap-y-3">
                                <span className="min-w-56 flex-1">
                                    <Link
                                        to={`/classes/${row.id}/plan`}
                                        className="font-slab text-[19px] font-bold underline decoration-hair decoration-2 underline-offset-4 hover:decoration-ink"
                                    >
                                        {row.title}
                                    </Link>
                                    <span className="block text-ink-soft">
                                        {[row.startsAt ? dayAndHour(row.startsAt) : 'no day yet', row.group?.name]
                                            .filter(Boolean)
                                            .join(' · ')}
                                    </span>
                                </span>
                                <span className="w-40">
                                    {clock(row.planned)} of {Math.round(row.slot / 60)} min
                                    <span className="block text-[15px] text-ink-soft">
                                        {row.led > 0 ? 'led, in the log' : state(row)}
                                    </span>
                                </span>
                                <span className="flex flex-wrap gap-1">
                                    <button
                                        className="button button-quiet px-3"
                                        onClick={() => lead(row.id)}
                                        disabled={row.planned === 0}
                                    >
                                        Lead<span className="sr-only"> {row.title}</span>
                                    </button>
                                    <button className="button button-quiet px-3" onClick={() => setForm(row)}>
                                        Day and place<span className="sr-only"> of {row.title}</span>
                                    </button>
                                    <button className="button button-quiet px-3" onClick={() => setRemoving(row)}>
                                        Remove<span className="sr-only"> {row.title}</span>
                                    </button>
                                </span>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {form && (
                <ClassForm
                    existing={form === 'new' ? null : form}
                    onClose={() => setForm(null)}
                    onMade={(made) => void navigate(`/classes/${made.id}/plan`)}
                />
            )}
            {asking && (
                <OpenFile
                    asked={asking.asked}
                    onClose={() => setAsking(null)}
                    onDecided={(people) => void take(asking, people)}
                />
            )}
            {removing && (
                <Ask
                    title={`Remove ${removing.title}?`}
                    yes="Remove it"
                    onClose={() => setRemoving(null)}
                    onYes={() => {
                        void api.delete(`classes/${removing.id}`).then(() => refresh('classes', 'led'));
                        setRemoving(null);
                    }}
                >
                    Its plan with every earlier version{removing.led > 0 ? ' and its log' : ''} will be gone. To keep
                    the plan, save it as a file first.
                </Ask>
            )}
        </>
    );
}
