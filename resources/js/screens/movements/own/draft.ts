import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Refusal } from '../../../api/client';
import { refresh } from '../../../api/queries';
import type { OwnMovementAnswer } from '../../../api/types/answer-own';
import { keep, readKept } from '../../../parts/kept';
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

const nameOf = (key: string) => `movement:${key}`;

/** A draft that stores itself: on the server a moment after each change, and on the device until it is there. */
export function useDraft(answer: OwnMovementAnswer) {
    const [draft, setDraft] = useState(
        () => readKept<Draft>(nameOf(answer.key)) ?? (answer.document as unknown as Draft),
    );
    const [told, setTold] = useState(answer);
    const [state, setState] = useState<'saved' | 'saving' | 'unsaved'>('saved');
    const [problem, setProblem] = useState<Error | null>(null);
    const newest = useRef(draft);
    const timer = useRef<number>(undefined);

    const save = useCallback(async () => {
        window.clearTimeout(timer.current);
        const sent = newest.current;
        setState('saving');
        try {
            const reply = await api.put<OwnMovementAnswer>(`own/${answer.key}`, { document: sent });
            if (newest.current === sent) {
                keep(nameOf(answer.key), null);
                setTold(reply);
                setState('saved');
                setProblem(null);
            }
        } catch (error) {
            setState('unsaved');
            setProblem(error as Error);
        }
    }, [answer.key]);

    const change: Change = useCallback(
        (by) => {
            const next = by(newest.current);
            newest.current = next;
            setDraft(next);
            setState('unsaved');
            keep(nameOf(answer.key), next);
            window.clearTimeout(timer.current);
            timer.current = window.setTimeout(() => void save(), 700);
        },
        [answer.key, save],
    );

    useEffect(() => {
        if (readKept(nameOf(answer.key))) {
            timer.current = window.setTimeout(() => void save(), 0);
        }
        return () => {
            // On leaving, what waits is sent at once; discarding and keeping leave nothing that waits.
            if (readKept(nameOf(answer.key))) {
                void save();
            }
            window.clearTimeout(timer.current);
        };
    }, [answer.key, save]);

    const keepVersion = async (): Promise<OwnMovementAnswer | null> => {
        await save();
        try {
            const reply = await api.post<OwnMovementAnswer>(`own/${answer.key}/keep`);
            keep(nameOf(answer.key), null);
            await refresh('own', 'movements', 'figure', 'motion');
            return reply;
        } catch (error) {
            setProblem(error as Error);
            if (error instanceof Refusal && Array.isArray(error.body.problems)) {
                setTold(error.body as unknown as OwnMovementAnswer);
            }
            return null;
        }
    };

    const discard = async () => {
        window.clearTimeout(timer.current);
        keep(nameOf(answer.key), null);
        await api.post(`own/${answer.key}/discard`);
        await refresh('own', 'movements');
    };

    return { draft, change, told, state, problem, save, keep: keepVersion, discard };
}
