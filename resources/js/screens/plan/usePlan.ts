import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api, Refusal } from '../../api/client';
import { refresh } from '../../api/queries';
import type { Finding, PlanAnswer } from '../../api/types/answer-plan';
import { useAutosave } from '../../parts/autosave';
import { shown, whole, type Newcomer } from './shown';
import { arriveAt, begin, goBack, goForward, goOn, type Trail } from './trail';

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
    const [trail, setTrail] = useState<Trail<PlanDocument> | null>(null);
    const walked = useRef<Trail<PlanDocument> | null>(null);
    const [newcomers, setNewcomers] = useState<ReadonlyMap<string, Newcomer>>(new Map());

    const walk = useCallback((next: Trail<PlanDocument>) => {
        walked.current = next;
        setTrail(next);
    }, []);
    const take = useCallback((next: PlanAnswer) => {
        base.current = next;
        setAnswer(next);
        setError(null);
    }, []);
    /** An answer that the teacher did not write herself: loaded, chosen of two, undone, a remedy. */
    const arrive = useCallback(
        (next: PlanAnswer, isNew = false) => {
            take(next);
            const from = walked.current;
            walk(!from ? begin(next.plan) : isNew ? goOn(from, next.plan) : arriveAt(from, next.plan));
        },
        [take, walk],
    );

    const [autosave, saving] = useAutosave<Draft, PlanAnswer>({
        name: `plan:${classId}`,
        send: async (draft) => {
            const known = base.current?.entries ?? [];
            const next = await api.put<PlanAnswer>(`classes/${classId}/plan`, {
                ...draft,
                have: known.map(({ tag }) => tag),
            });
            return whole(next, known);
        },
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
            arrive(await api.get<PlanAnswer>(`classes/${classId}/plan`));
        } catch (problem) {
            setError(problem as Error);
        }
    }, [arrive, autosave, classId]);

    useEffect(() => {
        queueMicrotask(() => void load());
        return () => {
            void refresh('classes');
        };
    }, [load]);

    const write = useCallback(
        (plan: PlanDocument) => {
            const revision = autosave.pending?.revision ?? base.current?.revision;
            if (revision !== undefined) {
                autosave.change({ revision, plan });
            }
        },
        [autosave],
    );

    const edit = useCallback(
        (change: (plan: PlanDocument) => PlanDocument, newcomer?: Newcomer & { id: string }) => {
            const current = autosave.pending?.plan ?? base.current?.plan;
            const plan = current && change(current);
            if (!plan || plan === current) {
                return;
            }
            // On its way before it is drawn: the answer is worked out meanwhile.
            write(plan);
            if (newcomer) {
                setNewcomers((known) => new Map(known).set(newcomer.id, newcomer));
            }
            walk(walked.current ? goOn(walked.current, plan) : begin(plan));
        },
        [autosave, walk, write],
    );

    /** Waits for open saves, then asks the server for a step: undo, redo, a remedy. */
    const ask = useCallback(
        async (path: string, body: Record<string, unknown> = {}) => {
            await autosave.flush();
            return api.post<PlanAnswer>(`classes/${classId}/${path}`, { revision: base.current?.revision, ...body });
        },
        [autosave, classId],
    );

    const settled = useCallback(
        async (which: { finding: string } | { all: true }) => {
            try {
                arrive(await ask('remedies', which), true);
                return true;
            } catch (problem) {
                setSaid((problem as Error).message);
                if (problem instanceof Refusal && problem.status === 409) {
                    void load();
                }
                return false;
            }
        },
        [arrive, ask, load],
    );
    const remedy = useCallback((finding: string) => settled({ finding }), [settled]);
    const remedyAll = useCallback(() => settled({ all: true }), [settled]);

    /** What has not reached the server is undone here, also without a connection; what has, by the server. */
    const step = useCallback(
        async (way: 'undo' | 'redo') => {
            const here = () => {
                const next = walked.current && (way === 'undo' ? goBack(walked.current) : goForward(walked.current));
                if (next) {
                    walk(next);
                    write(next.now);
                }
                return next !== null;
            };
            if (autosave.pending && here()) {
                return;
            }
            try {
                arrive(await ask(way));
            } catch (problem) {
                if (problem instanceof Refusal || !here()) {
                    setSaid((problem as Error).message);
                }
                if (problem instanceof Refusal && problem.status === 409) {
                    void load();
                }
            }
        },
        [arrive, ask, autosave, load, walk, write],
    );

    const settle = useCallback(
        async (mine: boolean) => {
            if (!conflict) {
                return;
            }
            arrive(
                mine
                    ? await api.put<PlanAnswer>(`classes/${classId}/current`, { revision: conflict.yours })
                    : conflict.theirs,
            );
            setConflict(null);
        },
        [arrive, classId, conflict],
    );

    const pending = autosave.pending?.plan ?? null;
    const seen = useMemo(() => answer && shown(answer, pending, newcomers), [answer, newcomers, pending]);

    const findingOf = useCallback(
        (entry: string, kind: Finding['kind']) =>
            base.current?.findings.find((one) => one.entry === entry && one.kind === kind),
        [],
    );

    /** Makes a stored version the class as it is now. */
    const takeUp = useCallback(
        async (revision: number) => {
            try {
                await autosave.flush();
                arrive(await api.put<PlanAnswer>(`classes/${classId}/current`, { revision }), true);
                return true;
            } catch (problem) {
                setSaid((problem as Error).message);
                return false;
            }
        },
        [arrive, autosave, classId],
    );

    return {
        answer: seen,
        takeUp,
        findingOf,
        canUndo: (answer?.canUndo ?? false) || (trail?.past.length ?? 0) > 0,
        canRedo: (answer?.canRedo ?? false) || (trail?.next.length ?? 0) > 0,
        error,
        isUnsaved: saving.state === 'failed',
        conflict,
        said,
        setSaid,
        load,
        saveNow: () => void autosave.flush(),
        edit,
        remedy,
        remedyAll,
        step,
        settle,
    };
}

export type PlanState = ReturnType<typeof usePlan>;
