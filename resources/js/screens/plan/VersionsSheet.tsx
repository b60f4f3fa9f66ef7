import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import type { VersionsAnswer } from '../../api/types/answer-versions';
import { Sheet } from '../../parts/Sheet';
import { Trouble, Waiting } from '../../parts/States';
import { dayAndHour, plural } from '../../parts/time';
import { Beside } from './Beside';

/** What the class was before, and versions that were set aside: each can be looked at and taken up again. */
export function VersionsSheet({
    classId,
    revision,
    onTake,
    onClose,
}: {
    classId: string;
    revision: number;
    onTake: (number: number) => Promise<boolean>;
    onClose: () => void;
}) {
    const [looked, setLooked] = useState<number | null>(null);
    const versions = useQuery({
        queryKey: ['versions', classId, revision],
        queryFn: () => api.get<VersionsAnswer>(`classes/${classId}/versions`),
    });
    return (
        <Sheet
            title={looked === null ? 'Earlier versions' : 'Now, and then'}
            open
            onClose={onClose}
            wide={looked !== null}
        >
            {looked !== null ? (
                <Beside
                    classId={classId}
                    left={{
                        name: 'As it is now',
                        number: revision,
                        take: (
                            <button className="button w-full" onClick={() => setLooked(null)}>
                                Keep it as it is
                            </button>
                        ),
                    }}
                    right={{
                        name: 'As it was then',
                        number: looked,
                        take: (
                            <button
                                className="button button-main w-full"
                                onClick={() => void onTake(looked).then((taken) => taken && onClose())}
                            >
                                Go on with this one
                            </button>
                        ),
                    }}
                />
            ) : versions.error ? (
                <Trouble error={versions.error} again={() => void versions.refetch()} />
            ) : !versions.data ? (
                <Waiting what="earlier versions" />
            ) : (
                <>
                    <p className="mb-3">
                        Every change is kept. Look at one beside the class as it is now; nothing changes until you take
                        it.
                    </p>
                    <ol className="space-y-1">
                        {versions.data.versions.map((one) => (
                            <li key={one.number}>
                                <button
                                    className="flex min-h-11 w-full items-center gap-3 rounded-xl bg-white px-4 py-2 text-left hover:outline hover:outline-[1.5px] hover:outline-ink disabled:bg-channel"
                                    disabled={one.number === versions.data.current}
                                    onClick={() => setLooked(one.number)}
                                >
                                    <span className="mr-auto">
                                        {one.savedAt ? dayAndHour(one.savedAt) : 'As it began'}
                                        <span className="block text-[0.9375rem] text-ink-soft">
                                            {plural(one.movements, 'movement', 'movements')}
                                        </span>
                                    </span>
                                    {one.number === versions.data.current && <strong>now</strong>}
                                    {one.isSetAside && <strong className="rounded bg-butter px-2">set aside</strong>}
                                </button>
                            </li>
                        ))}
                    </ol>
                </>
            )}
        </Sheet>
    );
}
