import { useCallback, useRef, useState } from 'react';
import { api, Refusal } from '../../../api/client';
import { refresh } from '../../../api/queries';
import type { OwnMovementAnswer } from '../../../api/types/answer-own';
import { useAutosave } from '../../../parts/autosave';
import { without } from '../../../parts/without';
import type { BodyUse, MovementFile } from '../../../api/types/movement';

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

/** Lets pictures show one step; null for the one that goes furthest. */
export const withShown = (steps: DraftStep[], shown: string | null): DraftStep[] =>
    steps.map((step) => (step.id === shown ? { ...step, shown: true } : without(step, 'shown')));

/** Sets or clears one angle, without leaving empty roles behind. */
export function withAngle(angles: AngleRoles, role: string, action: string, degrees: number | null): AngleRoles {
    const actions = degrees === null ? without(angles[role] ?? {}, action) : { ...angles[role], [action]: degrees };
    return Object.keys(actions).length > 0 ? { ...angles, [role]: actions } : without(angles, role);
}

export type HandUse = NonNullable<BodyUse['hands']>[number];
export type HandAt = { on: HandUse['on']; across: boolean };
export type OnHand = (who: HandUse['who'], place: HandAt | null) => void;

/** Where a hand lies in a step; undefined while it lies nowhere. */
export function handIn(body: BodyUse, who: HandUse['who'], step: DraftStep): HandUse | undefined {
    return body.hands?.find((one) => one.who === who && (one.in ? one.in.includes(step.id) : step.phase !== 'leave'));
}

/** The body with a hand laid somewhere in one step, or taken away from where it lay. */
export function withHand(
    body: BodyUse,
    who: HandUse['who'],
    step: DraftStep,
    steps: DraftStep[],
    place: HandAt | null,
): BodyUse {
    const all = steps.filter((one) => one.phase !== 'leave').map((one) => one.id);
    const others = (body.hands ?? []).flatMap((one): HandUse[] => {
        if (one.who !== who) {
            return [one];
        }
        const [first, ...more] = (one.in ?? all).filter((id) => id !== step.id);
        return first === undefined ? [] : [{ ...one, in: [first, ...more] }];
    });
    if (!place) {
        return { ...body, hands: others };
    }
    const same = others.findIndex(
        (one) => one.who === who && one.on === place.on && (one.across ?? false) === place.across,
    );
    return {
        ...body,
        hands:
            same >= 0
                ? replaceAt(others, same, (one) => ({ ...one, in: [...(one.in ?? []), step.id] as HandUse['in'] }))
                : [...others, { who, on: place.on, ...(place.across ? { across: true } : {}), in: [step.id] }],
    } as BodyUse;
}

/** Where a problem is, as someone sees it on this page. */
export function placeInWords(place: string, draft: Draft): string {
    const [kind, id, inner] = place.split('/');
    const find = <T extends { id: string }>(list: T[]) => list.find((one) => one.id === id) ?? list[Number(id)];
    if (kind === 'variations') {
        const rung = find(draft.variations);
        const step = draft.steps.findIndex((one) => one.id === inner);
        return rung ? `(ladder: ${rung.name}${step >= 0 ? `, step ${step + 1}` : ''})` : '(ladder)';
    }
    if (kind === 'steps') {
        const step = find(draft.steps);
        return step ? `(step ${draft.steps.indexOf(step) + 1})` : '(steps)';
    }
    return (
        { names: '(name)', aim: '(what it is for)', doses: '(dose)', cautions: '(care)', regions: '(what it works)' }[
            kind ?? ''
        ] ?? ''
    );
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
