import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api } from '../../api/client';
import { refresh } from '../../api/queries';
import { keep, readKept } from '../../parts/kept';
import type { ClassRow } from './classState';

/** A class that was begun and not ended: go on, or end it with what this device has of it. */
export function RunningClass({ running, onProblem }: { running: ClassRow; onProblem: (words: string) => void }) {
    const navigate = useNavigate();
    const led = running.running;
    const { mutate, isPending } = useMutation({
        mutationFn: () => {
            // What was written on this device when it was ended goes along.
            const written = readKept<{ attendance: Record<string, boolean>; note: string }>(`ending:${led}`);
            return api.post(`led/${led}/end`, { attendance: written?.attendance ?? {}, note: written?.note ?? '' });
        },
        onSuccess: async () => {
            keep(`ending:${led}`, null);
            keep(`leading:${led}`, null);
            await refresh('classes', 'led');
            await navigate(`/log/${led}`);
        },
        onError: (error) => onProblem(error.message),
    });
    return (
        <p className="mb-5 flex flex-wrap items-center gap-4 rounded-2xl bg-butter px-5 py-3">
            <span className="mr-auto">
                <strong>{running.title}</strong> is still running.
            </span>
            <Link className="button" to={`/led/${led}`}>
                Go on leading
            </Link>
            <button className="button" disabled={isPending} onClick={() => mutate()}>
                End it, and keep it in the log
            </button>
        </p>
    );
}
