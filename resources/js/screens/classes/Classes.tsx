import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../../api/client';
import { refresh, useClasses } from '../../api/queries';
import type { ClassInfo } from '../../api/types/answer-class';
import { Ask } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { clock, dayAndHour } from '../../parts/time';
import { classState, type ClassRow } from './classState';
import { FirstSteps } from './FirstSteps';
import { ClassForm } from './ClassForm';
import { NextClass } from './NextClass';
import { NextTime, withoutNext } from './NextTime';
import { RunningClass } from './RunningClass';
import { useOpenFile } from './useOpenFile';

export default function Classes() {
    const classes = useClasses();
    const navigate = useNavigate();
    const [form, setForm] = useState<ClassInfo | null>(null);
    const [removing, setRemoving] = useState<ClassRow | null>(null);
    const [problem, setProblem] = useState<string | null>(null);
    const file = useOpenFile(setProblem);
    // A class stays 'next' until three hours after its start.
    const [now] = useState(() => Date.now() - 3 * 3600_000);

    const lead = (id: number) => {
        void api.make<{ id: number }>(`classes/${id}/led`).then(
            (led) => navigate(`/led/${led.id}`),
            (error: Error) => setProblem(error.message),
        );
    };
    const follow = (id: number) => {
        void api.make<ClassInfo>(`classes/${id}/next`).then(
            (made) => refresh('classes').then(() => navigate(`/classes/${made.id}/plan`)),
            (error: Error) => setProblem(error.message),
        );
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
                <button className="button" onClick={file.choose}>
                    Open a file
                </button>
                {file.parts}
                <button className="button button-main" onClick={() => void navigate('/classes/new')}>
                    New class
                </button>
            </PageTitle>
            {problem && (
                <p role="alert" className="mb-5 rounded-2xl bg-butter px-5 py-4">
                    {problem}
                </p>
            )}
            {running && <RunningClass running={running} onProblem={setProblem} />}
            {next && <NextClass next={next} onLead={() => lead(next.id)} onForm={() => setForm(next)} />}
            {withoutNext(rows, now).map((row) => (
                <NextTime key={row.id} after={row} onMake={() => follow(row.id)} />
            ))}
            <FirstSteps classes={rows} onNew={() => void navigate('/classes/new')} />
            {rows.length === 0 && (
                <EmptyPlace
                    title="Your first class"
                    example="“Tuesday seated class”, 45 minutes, ten people: arrive, breathe, warm up, head to toe with both sides alike, settle."
                    action={
                        <button className="button button-main" onClick={() => void navigate('/classes/new')}>
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
                    <h2 className="mb-3 text-[1.25rem]">{next ? 'Other classes' : 'All classes'}</h2>
                    <ul className="space-y-3">
                        {others.map((row) => (
                            <li key={row.id} className="card flex flex-wrap items-center gap-x-5 gap-y-3">
                                <span className="min-w-56 flex-1">
                                    <Link
                                        to={`/classes/${row.id}/plan`}
                                        className="font-slab text-[1.1875rem] font-bold underline decoration-hair decoration-2 underline-offset-4 hover:decoration-ink"
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
                                    <span className="block text-[0.9375rem] text-ink-soft">
                                        {row.led > 0 ? 'led, in the log' : classState(row)}
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
            {form && <ClassForm existing={form} onClose={() => setForm(null)} />}
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
