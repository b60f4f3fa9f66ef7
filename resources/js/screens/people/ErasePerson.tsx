import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { refresh } from '../../api/queries';
import type { TracesAnswer } from '../../api/types/answer-traces';
import { Sheet } from '../../parts/Sheet';
import { Trouble, Waiting } from '../../parts/States';

/** Erasing a person: what goes in any case, and where else their name stands, for the teacher to decide. */
export function ErasePerson({
    id,
    name,
    onClose,
    onErased,
}: {
    id: number;
    name: string;
    onClose: () => void;
    onErased: () => void;
}) {
    const found = useQuery({
        queryKey: ['traces', id],
        queryFn: () => api.get<TracesAnswer>(`people/${id}/traces`),
        gcTime: 0,
        staleTime: Infinity,
    });
    const [left, setLeft] = useState<string[]>([]);
    const [busy, setBusy] = useState(false);
    const [problem, setProblem] = useState<Error | null>(null);
    const traces = found.data?.traces ?? [];
    const erase = async () => {
        setBusy(true);
        try {
            await api.delete(`people/${id}`, {
                traces: traces.map((one) => one.id).filter((one) => !left.includes(one)),
            });
            await refresh('groups', 'classes', 'places', 'led');
            onErased();
        } catch (error) {
            setProblem(error as Error);
            setBusy(false);
        }
    };
    return (
        <Sheet title={`Erase ${name}?`} open onClose={onClose}>
            <p className="mb-4">
                Everything noted about {name} will be gone, in all groups: health, checks, choices, seats in your rooms.
                Past classes keep how many came, and nothing of who. Save their file first if they want to have it.
            </p>
            {found.isPending && <Waiting what="where else the name stands" />}
            {found.error && <Trouble error={found.error} again={() => void found.refetch()} />}
            {traces.length > 0 && (
                <fieldset className="card mb-4">
                    <legend className="sr-only">Where else the name stands</legend>
                    <h3 className="mb-1 text-[1.0625rem]">The name also stands in</h3>
                    <p className="mb-2 text-[0.9375rem] text-ink-soft">
                        Where it is ticked, “someone” takes its place, in earlier states of a plan too.
                    </p>
                    <ul className="max-h-72 space-y-1 overflow-y-auto">
                        {traces.map((one) => (
                            <li key={one.id}>
                                <label className="flex min-h-11 items-start gap-3 py-1.5">
                                    <input
                                        type="checkbox"
                                        className="mt-0.5 h-6 w-6 shrink-0 accent-ink"
                                        checked={!left.includes(one.id)}
                                        onChange={(event) =>
                                            setLeft(
                                                event.target.checked
                                                    ? left.filter((id) => id !== one.id)
                                                    : [...left, one.id],
                                            )
                                        }
                                    />
                                    <span>
                                        {one.where}
                                        <span className="block text-[0.9375rem] text-ink-soft">{one.words}</span>
                                    </span>
                                </label>
                            </li>
                        ))}
                    </ul>
                </fieldset>
            )}
            <p className="mb-5 text-[0.9375rem] text-ink-soft">
                Backups made before today still hold them; the daily ones are gone after seven days.
            </p>
            {problem && (
                <div className="mb-4">
                    <Trouble error={problem} />
                </div>
            )}
            <div className="flex flex-wrap justify-end gap-3">
                <button className="button" onClick={onClose} autoFocus>
                    Keep it
                </button>
                <button className="button button-main" disabled={busy || !found.data} onClick={() => void erase()}>
                    Erase {name}
                </button>
            </div>
        </Sheet>
    );
}
