import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { api } from '../../api/client';
import type { VersionAnswer } from '../../api/types/answer-version';
import { Trouble, Waiting } from '../../parts/States';
import { clock, hour } from '../../parts/time';

/** Of each entry: how it stands in the other version. */
type Known = Map<string, string>;

const known = (version: VersionAnswer): Known =>
    new Map(
        version.sections.flatMap((section) => section.entries.map((entry) => [entry.id, `${section.id} ${entry.how}`])),
    );

const useVersion = (classId: string, number: number) =>
    useQuery({
        queryKey: ['version', classId, number],
        queryFn: () => api.get<VersionAnswer>(`classes/${classId}/versions/${number}`),
        staleTime: Infinity,
    });

function Column({
    name,
    version,
    other,
    take,
}: {
    name: string;
    version: VersionAnswer;
    other: VersionAnswer;
    take: ReactNode;
}) {
    const there = known(other);
    return (
        <section aria-label={name} className="flex min-w-0 flex-col rounded-2xl bg-white px-4 py-3">
            <h3 className="text-[1.125rem]">{name}</h3>
            <p className="mb-2 text-[0.9375rem] text-ink-soft">
                {version.savedAt ? `Saved ${hour(version.savedAt)}, ` : ''}
                {clock(version.planned)} planned
            </p>
            {version.sections.map((section) => (
                <div key={section.id} className="mb-2">
                    <h4 className="font-semibold">{section.name}</h4>
                    <ol>
                        {section.entries.map((entry) => {
                            const was = there.get(entry.id);
                            const word =
                                was === undefined
                                    ? 'only here'
                                    : was === `${section.id} ${entry.how}`
                                      ? null
                                      : 'differs';
                            return (
                                <li
                                    key={entry.id}
                                    className={`rounded-lg px-2 py-1 leading-snug ${word ? 'bg-butter' : ''}`}
                                >
                                    {entry.name}
                                    {word && <strong className="ml-2 text-[0.9375rem]">{word}</strong>}
                                    <span className="block text-[0.9375rem] text-ink-soft">{entry.how}</span>
                                </li>
                            );
                        })}
                    </ol>
                    {section.entries.length === 0 && <p className="px-2 text-[0.9375rem] text-ink-soft">Empty</p>}
                </div>
            ))}
            <div className="sticky -bottom-5 mt-auto bg-white pb-5 pt-2">{take}</div>
        </section>
    );
}

/** Two versions of a class next to each other, with what differs marked, and a button under each. */
export function Beside({
    classId,
    left,
    right,
}: {
    classId: string;
    left: { name: string; number: number; take: ReactNode };
    right: { name: string; number: number; take: ReactNode };
}) {
    const [one, two] = [useVersion(classId, left.number), useVersion(classId, right.number)];
    const failed = one.error ? one : two.error ? two : null;
    if (failed?.error) {
        return <Trouble error={failed.error} again={() => void failed.refetch()} />;
    }
    if (!one.data || !two.data) {
        return <Waiting what="both versions" />;
    }
    return (
        <div className="grid gap-4 md:grid-cols-2">
            <Column name={left.name} version={one.data} other={two.data} take={left.take} />
            <Column name={right.name} version={two.data} other={one.data} take={right.take} />
        </div>
    );
}
