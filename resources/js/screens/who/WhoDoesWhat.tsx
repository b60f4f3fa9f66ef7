import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, Refusal } from '../../api/client';
import { queryClient, refresh, useFigures } from '../../api/queries';
import type { MatrixAnswer, MatrixCell, MatrixEntry, MatrixPerson } from '../../api/types/answer-matrix';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { TextField } from '../../parts/Field';
import { useKept } from '../../parts/kept';
import { MarkSign, markWords, marks } from '../../parts/MarkSign';
import { Sheet } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { clock, plural } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';

/** One person in one movement: what they do and why, and a version of the teacher's choice. */
function Cell({
    classId,
    person,
    entry,
    cell,
    onDone,
    onClose,
}: {
    classId: string;
    person: MatrixPerson;
    entry: MatrixEntry;
    cell: MatrixCell;
    onDone: (answer: MatrixAnswer) => void;
    onClose: () => void;
}) {
    const figures = useFigures([cell.figure]);
    const [breaks, setBreaks] = useState<string[]>([]);
    const [problem, setProblem] = useState<Error | null>(null);
    const [field, setField, forget] = useKept(
        `choice:${classId}:${person.id}:${entry.id}`,
        () => ({
            variation:
                cell.variation && entry.variations.some((one) => one.id === cell.variation)
                    ? cell.variation
                    : (entry.variations[0]?.id ?? ''),
            prop: '',
            note: '',
            reason: '',
        }),
        'tab',
    );
    const [busy, setBusy] = useState(false);
    const close = () => {
        forget();
        onClose();
    };
    const send = async (confirmed: boolean) => {
        if (busy) {
            return;
        }
        setBusy(true);
        try {
            const body = {
                participant: person.id,
                entry: entry.id,
                ...field,
                variation: field.variation === 'rest' ? null : field.variation,
                confirmed,
            };
            onDone(await api.post<MatrixAnswer>(`classes/${classId}/choices`, body));
            close();
        } catch (error) {
            setBusy(false);
            if (error instanceof Refusal && Array.isArray(error.body.breaks)) {
                setBreaks(error.body.breaks as string[]);
                setProblem(null);
            } else {
                setProblem(error as Error);
            }
        }
    };
    return (
        <Sheet title={`${person.name}: ${entry.name}`} open onClose={close}>
            <div className={`space-y-4 zone-${cell.zone ?? 'none'}`}>
                <div className="card flex items-center gap-4">
                    <FigureDrawing shapes={figures[cell.figure]} size={110} />
                    <div>
                        <p className="flex items-center gap-2">
                            <MarkSign mark={cell.mark} size={15} /> {markWords[cell.mark]}
                            {cell.isChosen && <span className="rounded bg-channel px-2 text-[15px]">your choice</span>}
                        </p>
                        <p className="font-bold">{cell.does}</p>
                        {cell.why.map((one) => (
                            <p key={one} className="text-[15px] text-ink-soft">
                                {one}
                            </p>
                        ))}
                    </div>
                </div>
                <form
                    className="space-y-3"
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        void send(breaks.length > 0);
                    }}
                >
                    <h3 className="text-[18px]">Choose otherwise</h3>
                    <select
                        className="field"
                        aria-label="Version"
                        value={field.variation}
                        onChange={(event) => {
                            setBreaks([]);
                            setField({ ...field, variation: event.target.value });
                        }}
                    >
                        {entry.variations.map((one) => (
                            <option key={one.id} value={one.id}>
                                {one.name}
                            </option>
                        ))}
                        <option value="rest">Rests</option>
                    </select>
                    <div className="grid gap-3 sm:grid-cols-2">
                        <TextField
                            label="With"
                            placeholder="Cushion, towel"
                            maxLength={60}
                            value={field.prop}
                            onChange={(event) => setField({ ...field, prop: event.target.value })}
                        />
                        <TextField
                            label="Note"
                            maxLength={120}
                            value={field.note}
                            onChange={(event) => setField({ ...field, note: event.target.value })}
                        />
                    </div>
                    <TextField
                        label="Why"
                        hint="Kept with the choice."
                        maxLength={300}
                        value={field.reason}
                        error={problem instanceof Refusal ? problem.fields.reason : undefined}
                        onChange={(event) => setField({ ...field, reason: event.target.value })}
                    />
                    {breaks.length > 0 && (
                        <div role="alert" className="rounded-2xl bg-butter px-4 py-3">
                            <strong>This goes against what is noted:</strong>
                            <ul className="list-disc pl-5">
                                {breaks.map((one) => (
                                    <li key={one}>{one}</li>
                                ))}
                            </ul>
                            Choose it only if you know better than the notes. It is written down with your reason.
                        </div>
                    )}
                    {problem && !(problem instanceof Refusal && problem.fields.reason) && <Trouble error={problem} />}
                    <div className="flex flex-wrap justify-end gap-3">
                        {cell.isChosen && (
                            <button
                                type="button"
                                className="button mr-auto"
                                onClick={() =>
                                    void api
                                        .delete<MatrixAnswer>(
                                            `classes/${classId}/choices/${person.id}/${encodeURIComponent(entry.id)}`,
                                        )
                                        .then((answer) => {
                                            onDone(answer);
                                            onClose();
                                        })
                                }
                            >
                                Back to what was worked out
                            </button>
                        )}
                        <button className="button button-main">
                            {breaks.length > 0 ? 'Choose it all the same' : 'Choose this'}
                        </button>
                    </div>
                </form>
            </div>
        </Sheet>
    );
}

/** Everyone and every movement of a class at a glance. */
export default function WhoDoesWhat() {
    const { classId = '' } = useParams();
    const answer = useQuery({
        queryKey: ['matrix', classId],
        queryFn: () => api.get<MatrixAnswer>(`classes/${classId}/matrix`),
    });
    const [open, setOpen] = useState<{ person: number; entry: number } | null>(null);
    if (answer.error) {
        return <Trouble error={answer.error} again={() => void answer.refetch()} />;
    }
    if (!answer.data) {
        return <Waiting what="who does what" />;
    }
    const { people, entries, bring, choices, inclusion } = answer.data;
    const person = open && people[open.person];
    const entry = open && entries[open.entry];
    const cell = open && person?.cells[open.entry];
    const held = choices.filter((one) => !one.isEnded).length;
    return (
        <>
            <PageTitle
                title="Who does what"
                below={`${answer.data.class}: ${Math.floor(inclusion * 100)} % of everyone’s time is spent moving with the group`}
            >
                <Link className="button" to={`/classes/${classId}/readiness`}>
                    Check before class
                </Link>
                <a className="button" href={`/classes/${classId}/who/print`}>
                    Print, a line each
                </a>
                <Link className="button button-main" to={`/classes/${classId}/plan`}>
                    To the plan
                </Link>
            </PageTitle>
            {people.length === 0 || entries.length === 0 ? (
                <EmptyPlace
                    title={people.length === 0 ? 'Nobody is noted for this class' : 'Nothing is planned yet'}
                    action={
                        <Link
                            className="button button-main"
                            to={people.length === 0 ? '/people' : `/classes/${classId}/plan`}
                        >
                            {people.length === 0 ? 'To your people' : 'Plan this class'}
                        </Link>
                    }
                >
                    With people and movements, this page shows who does each one fully, adapted, or rests.
                </EmptyPlace>
            ) : (
                <div
                    className="overflow-x-auto rounded-2xl bg-white"
                    tabIndex={0}
                    role="group"
                    aria-label="People and movements"
                >
                    <table className="border-collapse text-[15px]">
                        <thead>
                            <tr>
                                <th
                                    scope="col"
                                    className="sticky left-0 z-10 min-w-44 bg-white px-3 py-2 text-left align-bottom"
                                >
                                    Name
                                </th>
                                {entries.map((one) => (
                                    <th
                                        key={one.id}
                                        scope="col"
                                        className={`h-44 w-11 p-0 align-bottom zone-${one.zone ?? 'none'}`}
                                    >
                                        <span className="flex flex-col items-center justify-end gap-1 pb-1">
                                            <span
                                                className="max-h-36 overflow-hidden font-normal [writing-mode:sideways-lr]"
                                                title={one.name}
                                            >
                                                {one.name}
                                            </span>
                                            <ZoneShape zone={one.zone} size={16} />
                                        </span>
                                    </th>
                                ))}
                                <th scope="col" className="px-3 text-left align-bottom">
                                    With the group
                                </th>
                                <th scope="col" className="whitespace-nowrap px-3 pb-2 text-left align-bottom">
                                    Left, right
                                </th>
                            </tr>
                        </thead>
                        <tbody>
                            {people.map((row, at) => (
                                <tr key={row.id} className="border-t border-hair">
                                    <th scope="row" className="sticky left-0 z-10 bg-white px-3 text-left">
                                        <a
                                            className="inline-flex min-h-11 items-center underline decoration-hair underline-offset-4 hover:decoration-ink"
                                            href={`/classes/${classId}/who/${row.id}`}
                                        >
                                            {row.name}
                                        </a>
                                    </th>
                                    {row.cells.map((one, column) => (
                                        <td key={entries[column]?.id} className="p-0">
                                            <button
                                                className={`grid h-11 w-11 place-items-center rounded-lg hover:bg-channel ${one.isChosen ? 'outline-2 -outline-offset-4 outline-ink' : ''}`}
                                                aria-label={`${row.name}, ${entries[column]?.name}: ${markWords[one.mark].toLowerCase()}, ${one.does}${one.isChosen ? ', your choice' : ''}`}
                                                onClick={() => setOpen({ person: at, entry: column })}
                                            >
                                                <MarkSign mark={one.mark} size={17} />
                                            </button>
                                        </td>
                                    ))}
                                    <td className="whitespace-nowrap px-3">{Math.floor(row.share * 100)} %</td>
                                    <td className="whitespace-nowrap px-3">
                                        {clock(row.left)}, {clock(row.right)}
                                        {!row.isBalanced && (
                                            <span className="ml-2 rounded bg-channel px-1.5">own balance</span>
                                        )}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            <p className="mt-3 flex flex-wrap gap-4 text-[15px]">
                {marks.map((mark) => (
                    <span key={mark} className="flex items-center gap-1.5">
                        <MarkSign mark={mark} size={14} /> {markWords[mark].toLowerCase()}
                    </span>
                ))}
                <span className="flex items-center gap-1.5">
                    <span className="h-4 w-4 rounded outline-2 outline-ink" /> your choice
                </span>
            </p>
            <div className="mt-6 grid gap-6 lg:grid-cols-2">
                <section>
                    <h2 className="mb-2 text-[20px]">What to bring</h2>
                    {bring.length === 0 ? (
                        <p className="text-ink-soft">Nothing is needed.</p>
                    ) : (
                        <ul className="space-y-1.5">
                            {bring.map((one) => (
                                <li
                                    key={one.id}
                                    className={`rounded-xl px-3 py-2 ${one.short > 0 ? 'bg-butter' : 'bg-white'}`}
                                >
                                    <strong>
                                        {one.needs} × {one.name.toLowerCase()}
                                    </strong>
                                    {one.has !== null && <span className="text-ink-soft"> ({one.has} there)</span>}
                                    {one.short > 0 && ` ${one.short} short: take ${one.standIns.join(' or ')} instead.`}
                                </li>
                            ))}
                        </ul>
                    )}
                </section>
                <section>
                    <h2 className="mb-2 text-[20px]">
                        Your choices{' '}
                        {held > 0 && <span className="text-ink-soft">({plural(held, 'holds', 'hold')})</span>}
                    </h2>
                    {choices.length === 0 ? (
                        <p className="text-ink-soft">
                            Everyone does what was worked out. Touch a mark to see why, or to choose otherwise.
                        </p>
                    ) : (
                        <ul className="space-y-1.5">
                            {choices.map((one) => (
                                <li
                                    key={one.id}
                                    className={`rounded-xl bg-white px-3 py-2 ${one.isEnded ? 'text-ink-soft' : ''}`}
                                >
                                    <strong>{one.person}</strong>, {one.what}: {one.reason}
                                    {one.despite.length > 0 && (
                                        <span className="block text-[15px]">
                                            Asked twice. Despite: {one.despite.join(' ')}
                                        </span>
                                    )}
                                    <span className="block text-[15px] text-ink-soft">
                                        {new Date(one.at).toLocaleString('en-GB', {
                                            dateStyle: 'medium',
                                            timeStyle: 'short',
                                        })}
                                        {one.isEnded && ', taken back'}
                                    </span>
                                </li>
                            ))}
                        </ul>
                    )}
                </section>
            </div>
            {person && entry && cell && (
                <Cell
                    classId={classId}
                    person={person}
                    entry={entry}
                    cell={cell}
                    onDone={(next) => {
                        queryClient.setQueryData(['matrix', classId], next);
                        void refresh('classes');
                    }}
                    onClose={() => setOpen(null)}
                />
            )}
        </>
    );
}
