import { useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api } from '../../api/client';
import { refresh, useOwnList } from '../../api/queries';
import type { ImportReport } from '../../api/types/answer-import';
import type { MovementCard } from '../../api/types/answer-movements';
import type { OwnMovementAnswer } from '../../api/types/answer-own';
import type { Shape } from '../../api/types/figure';
import { BodyChooser, zoneNames } from '../../parts/BodyFigure';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { MarkSign, marks } from '../../parts/MarkSign';
import { Sheet } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { clock, plural } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';
import { Rest } from '../plan/Picker';
import { SearchFields, useSearch } from './useSearch';

const addressOf = (movement: MovementCard, comparing: string | null) =>
    comparing
        ? `/movements/compare?a=${encodeURIComponent(comparing)}&b=${encodeURIComponent(movement.id)}`
        : `/movements/${encodeURIComponent(movement.id)}`;

function Card({
    movement,
    shapes,
    comparing,
}: {
    movement: MovementCard;
    shapes: Shape[] | undefined;
    comparing: string | null;
}) {
    const to = addressOf(movement, comparing);
    const { counts } = movement;
    return (
        <Link
            to={to}
            data-result
            className={`flex h-full flex-col rounded-2xl border-[1.5px] border-transparent bg-white px-3 pb-3 pt-2 hover:border-ink zone-${movement.zone ?? 'none'}`}
        >
            <span className="flex items-start justify-between">
                <ZoneShape zone={movement.zone} size={18} />
                <FigureDrawing shapes={shapes} size={104} />
                <span className="text-[0.9375rem] text-ink-soft">{clock(movement.seconds)}</span>
            </span>
            <strong className="mt-2 leading-tight">{movement.name}</strong>
            <span className="mt-1 text-[0.9375rem] leading-tight text-ink-soft">{movement.aim}</span>
            <span className="mt-auto flex flex-wrap items-center gap-x-3 gap-y-1 pt-2 text-[0.9375rem]">
                {movement.isOwn && <span className="rounded-md bg-channel px-2">Yours</span>}
                {counts &&
                    marks
                        .filter((mark) => counts[mark] > 0)
                        .map((mark) => (
                            <span key={mark} className="flex items-center gap-1">
                                <MarkSign mark={mark} size={13} /> {counts[mark]}{' '}
                                <span className="sr-only">{mark}</span>
                            </span>
                        ))}
            </span>
        </Link>
    );
}

function Report({ report, onClose }: { report: ImportReport; onClose: () => void }) {
    const list = (title: string, names: string[]) =>
        names.length > 0 && (
            <section>
                <h3 className="text-[1.125rem]">{title}</h3>
                <ul className="list-disc pl-5">
                    {names.map((name) => (
                        <li key={name}>{name}</li>
                    ))}
                </ul>
            </section>
        );
    return (
        <Sheet title="What became of the file" open onClose={onClose}>
            <div className="space-y-4">
                {list('Added', report.added)}
                {list('Changed: a new version beside the old one', report.changed)}
                {list('Already here, the same', report.same)}
                {report.refused.length > 0 && (
                    <section>
                        <h3 className="text-[1.125rem]">Not taken</h3>
                        <ul className="space-y-2">
                            {report.refused.map((one) => (
                                <li key={one.place + one.name} className="rounded-xl bg-butter px-3 py-2">
                                    <strong>{one.name}</strong>: {one.why}
                                    <span className="block text-[0.9375rem] text-ink-soft">at {one.place}</span>
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
            </div>
        </Sheet>
    );
}

/** The teacher's own movements: drafts to go on with, new ones, files in and out. */
function OwnMovements() {
    const own = useOwnList();
    const navigate = useNavigate();
    const file = useRef<HTMLInputElement>(null);
    const [report, setReport] = useState<ImportReport | null>(null);
    const [problem, setProblem] = useState<Error | null>(null);
    const drafts = own.data?.own.filter((one) => one.hasDraft) ?? [];
    const begin = () =>
        api.make<OwnMovementAnswer>('own').then(
            (made) => void refresh('own').then(() => navigate(`/movements/own/${made.key}`)),
            (error: Error) => setProblem(error),
        );
    const open = async (chosen: File | undefined) => {
        if (!chosen) {
            return;
        }
        try {
            setReport(await api.make<ImportReport>('own/import', await chosen.text()));
            setProblem(null);
            await refresh('own', 'movements');
        } catch (error) {
            setProblem(error as Error);
        }
    };
    return (
        <>
            <div className="flex flex-wrap gap-2">
                <button className="button" onClick={() => file.current?.click()}>
                    Open a file
                </button>
                {(own.data?.own.some((one) => one.number > 0) ?? false) && (
                    <a className="button" href="/api/own-movements.json">
                        Save mine as a file
                    </a>
                )}
                <button className="button button-main" onClick={() => void begin()}>
                    New movement
                </button>
                <input
                    ref={file}
                    type="file"
                    accept=".json,application/json"
                    className="hidden"
                    aria-label="Movements file"
                    onChange={(event) => {
                        void open(event.target.files?.[0]);
                        event.target.value = '';
                    }}
                />
            </div>
            {problem && (
                <div className="mt-3 w-full">
                    <Trouble error={problem} />
                </div>
            )}
            {drafts.length > 0 && (
                <p className="flex w-full flex-wrap items-center gap-2 text-[0.9375rem]">
                    Drafts:
                    {drafts.map((one) => (
                        <Link key={one.key} to={`/movements/own/${one.key}`} className="button min-h-11 px-3">
                            {one.name}
                        </Link>
                    ))}
                </p>
            )}
            {report && <Report report={report} onClose={() => setReport(null)} />}
        </>
    );
}

export default function Movements() {
    const [params, setParams] = useSearchParams();
    const comparing = params.get('with');
    const search = useSearch({}, true);
    const navigate = useNavigate();
    const { filters, set, result } = search;
    const data = result.data;
    return (
        <>
            <PageTitle title="Movements" below={data ? `${data.total} movements and practices, head to toe` : ' '}>
                <OwnMovements />
            </PageTitle>
            {comparing && (
                <p className="mb-4 flex flex-wrap items-center gap-3 rounded-2xl bg-channel px-4 py-2">
                    <span className="mr-auto">Choose the movement to compare with.</span>
                    <button className="button" onClick={() => setParams({})}>
                        Stop comparing
                    </button>
                </p>
            )}
            <div className="gap-6 lg:grid lg:grid-cols-[250px_minmax(0,1fr)]">
                <div className="max-lg:hidden">
                    <div className="sticky top-4">
                        <h2 className="mb-1 text-[1.125rem]">Touch a part of the body</h2>
                        <BodyChooser zone={filters.zone || null} onChoose={(zone) => set({ zone: zone ?? '' })} />
                        <a className="button mt-3 w-full" href="/movements/figures">
                            All figures on one sheet
                        </a>
                    </div>
                </div>
                <div>
                    <SearchFields
                        filters={filters}
                        set={set}
                        onFirst={() => {
                            const first = result.isPlaceholderData ? undefined : data?.movements[0];
                            if (first) {
                                void navigate(addressOf(first, comparing));
                            }
                        }}
                    />
                    <select
                        className="field mt-2 lg:hidden"
                        aria-label="Part of the body"
                        value={filters.zone ?? ''}
                        onChange={(event) => set({ zone: event.target.value })}
                    >
                        {[['', 'Whole body'], ...zoneNames, ['none', 'Breath, stillness']].map(([value, words]) => (
                            <option key={value} value={value}>
                                {words}
                            </option>
                        ))}
                    </select>
                    <p className="my-3 flex min-h-11 flex-wrap items-center gap-3" role="status">
                        {data && plural(data.found, 'movement', 'movements')}
                        {search.isNarrowed && (
                            <button className="button button-quiet px-3" onClick={search.clear}>
                                Show all
                            </button>
                        )}
                    </p>
                    {result.error && <Trouble error={result.error} again={() => void result.refetch()} />}
                    {!data && !result.error && <Waiting what="the movements" />}
                    {data && (
                        <ul
                            className="grid grid-cols-2 gap-3 xl:grid-cols-4 sm:grid-cols-3"
                            aria-busy={result.isPlaceholderData}
                        >
                            {data.movements.map((movement) => (
                                <li key={movement.id}>
                                    <Card
                                        movement={movement}
                                        shapes={data.figures[movement.figure]}
                                        comparing={comparing}
                                    />
                                </li>
                            ))}
                        </ul>
                    )}
                    <Rest search={search} />
                </div>
            </div>
        </>
    );
}
