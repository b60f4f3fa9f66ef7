import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { api } from '../../api/client';
import type { LookAnswer, LookRow, LookSum } from '../../api/types/answer-look';
import { Trouble, Waiting } from '../../parts/States';
import { clock, plural } from '../../parts/time';
import { useLate } from '../../parts/useLate';
import { ZoneShape } from '../../parts/ZoneShape';

const WORDS: Record<LookRow['what'], string> = {
    same: '',
    new: 'new',
    gone: 'gone',
    moved: 'moved',
    dose: 'other dose',
    changed: 'changed',
};

/** A class beside what it could become, or beside another: what moves, and what time, sides and people become. */
export function Look({
    classId,
    question,
    names = ['Now', 'Then'],
    children,
}: {
    classId: string;
    question: Record<string, unknown>;
    names?: [string, string];
    /** what can be done with it */
    children: (answer: LookAnswer) => ReactNode;
}) {
    const [all, setAll] = useState(false);
    const asks = JSON.stringify(question);
    const look = useQuery({
        queryKey: ['look', classId, asks],
        queryFn: () => api.post<LookAnswer>(`classes/${classId}/look`, question),
        placeholderData: keepPreviousData,
        gcTime: 0,
        retry: false,
    });
    const isLate = useLate(look.isPlaceholderData);
    if (look.error) {
        return <Trouble error={look.error} />;
    }
    if (!look.data) {
        return <Waiting what="what would become of it" />;
    }
    const { before, after, rows, steps } = look.data;
    const changed = rows.filter(({ what }) => what !== 'same');
    const shown = all ? rows : changed;
    return (
        <div
            className="space-y-4"
            data-look={look.isPlaceholderData ? undefined : ''}
            data-late={isLate || undefined}
            aria-busy={look.isPlaceholderData}
        >
            {steps.length > 0 && (
                <ul className="list-disc pl-5 font-semibold">
                    {steps.map((step) => (
                        <li key={step}>{step}</li>
                    ))}
                </ul>
            )}
            <Sums before={before} after={after} names={names} />
            {look.data.gap !== null && (
                <p className="text-ink-soft">
                    {look.data.gap === 0
                        ? 'Nothing that keeps as much is lost less.'
                        : `Within ${Math.max(0.1, Math.ceil(look.data.gap * 1000) / 10)} % of the least that can be lost.`}
                </p>
            )}
            <div data-worked>
                {shown.length === 0 && <p>Every row stays as it is.</p>}
                <ol>
                    {shown.map((row, at) => (
                        <li
                            key={at}
                            className="flex min-h-9 items-center gap-3 border-b border-hair py-1"
                            data-change={row.what}
                        >
                            <ZoneShape zone={row.zone} size={18} />
                            <span
                                className={`min-w-0 flex-1 leading-tight ${row.what === 'gone' ? 'text-ink-soft line-through' : row.what === 'same' ? '' : 'font-semibold'}`}
                            >
                                {row.name}
                            </span>
                            <span className="text-right text-[0.9375rem] leading-tight text-ink-soft">
                                {doses(row)}
                            </span>
                            <span className="w-20 text-right text-[0.9375rem]">{WORDS[row.what]}</span>
                        </li>
                    ))}
                </ol>
                {rows.length > changed.length && (
                    <button
                        type="button"
                        className="button button-quiet mt-1 px-3"
                        aria-expanded={all}
                        onClick={() => setAll(!all)}
                    >
                        {all ? 'Only what changes' : `All ${plural(rows.length, 'row')}`}
                    </button>
                )}
            </div>
            {children(look.data)}
        </div>
    );
}

function doses({ before, after }: LookRow): string {
    if (before && after && before.dose !== after.dose) {
        return `${before.dose} → ${after.dose}`;
    }
    return (after ?? before)?.dose ?? '';
}

function Sums({ before, after, names }: { before: LookSum; after: LookSum; names: [string, string] }) {
    const rows: [string, string, string][] = [
        ['Time', of(before), of(after)],
        ['Left', clock(before.left), clock(after.left)],
        ['Right', clock(before.right), clock(after.right)],
        ['To settle', String(before.toSettle), String(after.toSettle)],
        ...(before.included === null || after.included === null
            ? []
            : ([['Take part', share(before.included), share(after.included)]] as [string, string, string][])),
        ...before.zones
            .map((zone, at): [string, string, string] => [
                zone.name,
                clock(zone.seconds),
                clock(after.zones[at]?.seconds ?? 0),
            ])
            .filter(([, was, is]) => was !== is),
    ];
    return (
        <table className="w-full text-left" data-worked>
            <thead className="text-[0.9375rem] text-ink-soft">
                <tr>
                    <th className="font-normal">
                        <span className="sr-only">What</span>
                    </th>
                    <th className="text-right font-normal">{names[0]}</th>
                    <th className="text-right font-normal">{names[1]}</th>
                </tr>
            </thead>
            <tbody>
                {rows.map(([name, was, is]) => (
                    <tr key={name} className="border-t border-hair">
                        <th scope="row" className="py-1 font-normal">
                            {name}
                        </th>
                        <td className="text-right tabular-nums">{was}</td>
                        <td className={`text-right tabular-nums ${was === is ? '' : 'font-bold'}`}>{is}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

const of = (sum: LookSum) => `${clock(sum.seconds)} of ${Math.round(sum.slot / 60)}`;
const share = (part: number) => `${Math.round(part * 100)} %`;
