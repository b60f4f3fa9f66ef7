import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Refusal } from '../../api/client';
import { refresh } from '../../api/queries';
import type { PlanAnswer } from '../../api/types/answer-plan';
import { useAutosave } from '../../parts/autosave';

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

/** A class's plan with silent saving, and the steps that only the server can take: undo, redo, a remedy. */
export function usePlan(classId: string) {
    const [answer, setAnswer] = useState<PlanAnswer | null>(null);
    const [error, setError] = useState<Error | null>(null);
    const [conflict, setConflict] = useState<Conflict | null>(null);
    const [said, setSaid] = useState<string | null>(null);
    const base = useRef<PlanAnswer | null>(null);

    const take = useCallback((next: PlanAnswer) => {
        base.current = next;
        setAnswer(next);
        setError(null);
    }, []);

    const [autosave, saving] = useAutosave<Draft, PlanAnswer>({
        name: `plan:${classId}`,
        send: (draft) => api.put<PlanAnswer>(`classes/${classId}/plan`, draft),
        onStored: take,
        rebase: (newer, stored) => ({ ...newer, revision: stored.revision }),
        onRefused: ({ status, body, message }, draft) => {
            if (status === 409) {
                setConflict({
                    yours: body.yours as number,
                    yourPlan: draft.plan,
                    theirs: body.theirs as PlanAnswer,
                });
            } else if (status === 422) {
                setSaid(message);
            }
            return status === 409 || status === 422;
        },
    });

    const load = useCallback(async () => {
        try {
            // What an earlier visit left here comes first, so that the answer has it.
            await autosave.flush();
            take(await api.get<PlanAnswer>(`classes/${classId}/plan`));
        } catch (problem) {
            setError(problem as Error);
        }
    }, [autosave, classId, take]);

    useEffect(() => {
        queueMicrotask(() => void load());
        return () => {
            void refresh('classes');
        };
    }, [load]);

    const edit = useCallback(
        (change: (plan: PlanDocument) => PlanDocument) => {
            const revision = autosave.pending?.revision ?? base.current?.revision;
            const current = autosave.pending?.plan ?? base.current?.plan;
            if (!current || revision === undefined) {
                return;
            }
            const plan = change(current);
            if (plan !== current) {
                autosave.change({ revision, plan });
            }
        },
        [autosave],
    );

    /** Waits for open saves, then asks the server for a step: undo, redo, a remedy. */
    const step = useCallback(
        async (path: string, body: Record<string, unknown> = {}) => {
            await autosave.flush();
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
        [autosave, classId, load, take],
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

    return {
        answer,
        error,
        isUnsaved: saving.state === 'failed',
        conflict,
        said,
        setSaid,
        load,
        saveNow: () => void autosave.flush(),
        edit,
        step,
        settle,
    };
}

export type PlanState = ReturnType<typeof usePlan>;
