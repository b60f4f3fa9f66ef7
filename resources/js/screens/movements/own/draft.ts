import { useCallback, useRef, useState } from 'react';
import { api, Refusal } from '../../../api/client';
import { refresh } from '../../../api/queries';
import type { OwnMovementAnswer } from '../../../api/types/answer-own';
import { useAutosave } from '../../../parts/autosave';
import { without } from '../../../parts/without';
import type { MovementFile } from '../../../api/types/movement';

/** A draft has the shape of a movement, with fields perhaps still empty. */
export type Draft = MovementFile;
export type Change = (change: (draft: Draft) => Draft) => void;
export type DraftStep = Draft['steps'][number];
export type DraftRung = Draft['variations'][number];
export type AngleRoles = NonNullable<DraftStep['angles']>;

export const newId = (name: string) => `${name}-${Math.random().toString(36).slice(2, 6)}`;

export const replaceAt = <T>(list: T[], index: number, change: (one: T) => T): T[] =>
    list.map((one, at) => (at === index ? change(one) : one));

export function moved<T>(list: T[], index: number, by: number): T[] {
    const copy = [...list];
    const [one] = copy.splice(index, 1);
    if (one !== undefined) {
        copy.splice(index + by, 0, one);
    }
    return copy;
}

/** Sets or clears one angle, without leaving empty roles behind. */
export function withAngle(angles: AngleRoles, role: string, action: string, degrees: number | null): AngleRoles {
    const actions = degrees === null ? without(angles[role] ?? {}, action) : { ...angles[role], [action]: degrees };
    return Object.keys(actions).length > 0 ? { ...angles, [role]: actions } : without(angles, role);
}

/** A draft that stores itself: on the server a moment after each change, and on the device until it is there. */
export function useDraft(answer: OwnMovementAnswer) {
    const [told, setTold] = useState(answer);
    const [problem, setProblem] = useState<Error | null>(null);
    const [autosave, saving] = useAutosave<Draft, OwnMovementAnswer>({
        name: `movement:${answer.key}`,
        wait: 700,
        send: (document) => api.put<OwnMovementAnswer>(`own/${answer.key}`, { document }),
        onStored: (reply) => {
            setTold(reply);
            setProblem(null);
        },
    });
    const [draft, setDraft] = useState(() => autosave.pending ?? (answer.document as unknown as Draft));
    const newest = useRef(draft);

    const change: Change = useCallback(
        (by) => {
            newest.current = by(newest.current);
            setDraft(newest.current);
            autosave.change(newest.current);
        },
        [autosave],
    );

    const keepVersion = async (): Promise<OwnMovementAnswer | null> => {
        await autosave.flush();
        try {
            const reply = await api.post<OwnMovementAnswer>(`own/${answer.key}/keep`);
            await refresh('own', 'movements', 'figure', 'motion');
            return reply;
        } catch (error) {
            if (error instanceof Refusal && Array.isArray(error.body.problems)) {
                setTold(error.body as unknown as OwnMovementAnswer);
            } else {
                setProblem(error as Error);
            }
            return null;
        }
    };

    const discard = async () => {
        autosave.forget();
        await api.post(`own/${answer.key}/discard`);
        await refresh('own', 'movements');
    };

    return {
        draft,
        change,
        told,
        state: saving.state,
        problem: saving.problem ?? problem,
        save: () => autosave.flush(),
        keep: keepVersion,
        discard,
    };
}
