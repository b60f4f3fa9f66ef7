import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Refusal } from '../../api/client';
import { refresh } from '../../api/queries';
import type { PlanAnswer } from '../../api/types/answer-plan';
import { keep, readKept } from '../../parts/kept';

export type PlanDocument = PlanAnswer['plan'];

export interface Conflict {
    yours: number;
    yourPlan: PlanDocument;
    theirs: PlanAnswer;
}

interface Draft {
    revision: number;
    plan: PlanDocument;
}

const draftName = (classId: string) => `plan:${classId}`;
/** Milliseconds until what did not reach the server is sent again. */
const RETRY = 5000;

/**
 * A class's plan with silent saving. Edits are sent one after the other; what has not reached the
 * server yet is kept on this device and sent again.
 */
export function usePlan(classId: string) {
    const [answer, setAnswer] = useState<PlanAnswer | null>(null);
    const [error, setError] = useState<Error | null>(null);
    const [unsaved, setUnsaved] = useState(false);
    const [conflict, setConflict] = useState<Conflict | null>(null);
    const [said, setSaid] = useState<string | null>(null);
    const base = useRef<PlanAnswer | null>(null);
    const pending = useRef<PlanDocument | null>(null);
    const sending = useRef(false);
    // Who put off signing in again is asked with the next change, and not every few seconds.
    const isSignedOut = useRef(false);

    const take = useCallback((next: PlanAnswer) => {
        base.current = next;
        setAnswer(next);
        setError(null);
    }, []);

    const flush = useCallback(async () => {
        if (sending.current) {
            return;
        }
        sending.current = true;
        while (pending.current && base.current) {
            const plan: PlanDocument = pending.current;
            const revision: number = base.current.revision;
            try {
                const next = await api.put<PlanAnswer>(`classes/${classId}/plan`, { revision, plan });
                if (pending.current === plan) {
                    pending.current = null;
                    keep(draftName(classId), null);
                    setUnsaved(false);
                }
                take(next);
            } catch (problem) {
                if (problem instanceof Refusal && problem.status === 409) {
                    setConflict({
                        yours: problem.body.yours as number,
                        yourPlan: plan,
                        theirs: problem.body.theirs as PlanAnswer,
                    });
                    pending.current = null;
                    keep(draftName(classId), null);
                    setUnsaved(false);
                } else if (problem instanceof Refusal && problem.status === 422) {
                    setSaid(problem.message);
                    pending.current = null;
                    keep(draftName(classId), null);
                    setUnsaved(false);
                } else {
                    setUnsaved(true);
                    isSignedOut.current = problem instanceof Refusal && [401, 419].includes(problem.status);
                }
                break;
            }
        }
        sending.current = false;
    }, [classId, take]);

    const load = useCallback(async () => {
        try {
            const fresh = await api.get<PlanAnswer>(`classes/${classId}/plan`);
            take(fresh);
            const draft = readKept<Draft>(draftName(classId));
            if (draft) {
                pending.current = draft.plan;
                base.current = { ...fresh, revision: draft.revision };
                setUnsaved(true);
                void flush();
            }
        } catch (problem) {
            setError(problem as Error);
        }
    }, [classId, flush, take]);

    useEffect(() => {
        queueMicrotask(() => void load());
        return () => {
            void refresh('classes');
        };
    }, [load]);

    useEffect(() => {
        const again = () => void flush();
        const warn = (event: BeforeUnloadEvent) => {
            if (pending.current) {
                event.preventDefault();
            }
        };
        // The server can be away while the network is there, and come back without a sign.
        const timer = setInterval(() => pending.current && !isSignedOut.current && again(), RETRY);
        window.addEventListener('online', again);
        window.addEventListener('beforeunload', warn);
        return () => {
            clearInterval(timer);
            window.removeEventListener('online', again);
            window.removeEventListener('beforeunload', warn);
        };
    }, [flush]);

    const edit = useCallback(
        (change: (plan: PlanDocument) => PlanDocument) => {
            const current = pending.current ?? base.current?.plan;
            if (!current || !base.current) {
                return;
            }
            const plan = change(current);
            if (plan === current) {
                return;
            }
            pending.current = plan;
            keep(draftName(classId), { revision: base.current.revision, plan } satisfies Draft);
            void flush();
        },
        [classId, flush],
    );

    /** Waits for open saves, then asks the server for a step: undo, redo, a remedy. */
    const step = useCallback(
        async (path: string, body: Record<string, unknown> = {}) => {
            while (sending.current) {
                await new Promise((done) => setTimeout(done, 20));
            }
            try {
                take(
                    await api.post<PlanAnswer>(`classes/${classId}/${path}`, {
                        revision: base.current?.revision,
                        ...body,
                    }),
                );
                return true;
            } catch (problem) {
                setSaid((problem as Error).message);
                if (problem instanceof Refusal && problem.status === 409) {
                    void load();
                }
                return false;
            }
        },
        [classId, load, take],
    );

    const settle = useCallback(
        async (mine: boolean) => {
            if (!conflict) {
                return;
            }
            take(
                mine
                    ? await api.put<PlanAnswer>(`classes/${classId}/current`, { revision: conflict.yours })
                    : conflict.theirs,
            );
            setConflict(null);
        },
        [classId, conflict, take],
    );

    return { answer, error, unsaved, conflict, said, setSaid, load, flush, edit, step, settle };
}
