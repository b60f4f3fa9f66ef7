import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { refresh, usePeople } from '../../api/queries';
import type { FitAnswer } from '../../api/types/answer-fit';
import type { AnyPerson } from '../../api/types/answer-people';
import type { PlaceForm } from '../../api/types/place';
import { TextField } from '../../parts/Field';
import { Trouble } from '../../parts/States';
import { without } from '../../parts/without';
import type { ChangePlace } from './change';
import { ChairDrawing } from './ChairDrawing';
import { LookedAt } from './LookedAt';
import { Pieces } from './Pieces';

/** Millimetres. */
interface Measures {
    lowerLeg: number;
    thigh: number;
    shoe: number;
    elbow: number;
    shoulders: number;
}

/** Chair and person measured, what makes them fit, and what was looked at. */
export function ChairFit({ place, change }: { place: PlaceForm; change: ChangePlace }) {
    const people = usePeople();
    const [who, setWho] = useState<number | null>(null);
    const [which, setWhich] = useState(0);
    const [body, setBody] = useState<Measures>({ lowerLeg: 385, thigh: 480, shoe: 25, elbow: 225, shoulders: 420 });
    const person = people.data?.people.find((one) => one.id === who);
    const chairs = place.chairs ?? [];
    const chair = chairs[which] ?? { name: 'Common chair', height: 450, depth: 430 };
    const pieces = place.pieces ?? [];
    const asked = { height: chair.height, depth: chair.depth, armrest: chair.armrest ?? null, ...body, pieces };
    const fit = useQuery({
        queryKey: ['fit', asked],
        queryFn: () => api.post<FitAnswer>('fit', asked),
        staleTime: Infinity,
        placeholderData: (before) => before,
    });
    const number = (value: string) => Math.round(Number(value) || 0);
    const setChair = (by: Partial<typeof chair>) =>
        change((one) => ({
            ...one,
            chairs:
                chairs.length === 0
                    ? [{ ...chair, ...by }]
                    : chairs.map((other, at) => (at === which ? { ...other, ...by } : other)),
        }));
    const choose = (one: AnyPerson | undefined) => {
        setWho(one?.id ?? null);
        if (one?.person.measures) {
            setBody({ ...body, ...one.person.measures });
        }
    };
    const keepWith = async (done: string[]) => {
        if (person) {
            await api.put(`people/${person.id}`, {
                ...without(person.person, 'id'),
                measures: body,
                fit: { seat: chair.name, checks: done, date: new Date().toISOString().slice(0, 10) },
            });
            await refresh('groups');
        }
    };
    return (
        <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1fr)_420px]">
            <div className="space-y-5">
                <section className="card space-y-3">
                    <h2 className="text-[1.1875rem]">The chair</h2>
                    {chairs.length > 1 && (
                        <select
                            className="field"
                            aria-label="Chair"
                            value={which}
                            onChange={(event) => setWhich(Number(event.target.value))}
                        >
                            {chairs.map((one, at) => (
                                <option key={at} value={at}>
                                    {one.name}
                                </option>
                            ))}
                        </select>
                    )}
                    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
                        <TextField
                            label="Name"
                            value={chair.name}
                            onChange={(event) => setChair({ name: event.target.value || 'Chair' })}
                        />
                        <TextField
                            label="Seat height"
                            type="number"
                            value={chair.height}
                            onChange={(event) => setChair({ height: number(event.target.value) })}
                        />
                        <TextField
                            label="Seat depth"
                            type="number"
                            value={chair.depth}
                            onChange={(event) => setChair({ depth: number(event.target.value) })}
                        />
                        <TextField
                            label="Armrest"
                            type="number"
                            placeholder="none"
                            value={chair.armrest ?? ''}
                            onChange={(event) => {
                                const next = event.target.value
                                    ? { ...chair, armrest: number(event.target.value) }
                                    : without<NonNullable<PlaceForm['chairs']>[number], 'armrest'>(chair, 'armrest');
                                change((one) => ({
                                    ...one,
                                    chairs:
                                        chairs.length === 0
                                            ? [next]
                                            : chairs.map((other, at) => (at === which ? next : other)),
                                }));
                            }}
                        />
                    </div>
                    <button
                        className="button"
                        onClick={() =>
                            change((one) => ({
                                ...one,
                                chairs: [
                                    ...(chairs.length === 0 ? [chair] : chairs),
                                    { name: `Chair ${chairs.length + 1}`, height: 450, depth: 430 },
                                ],
                            }))
                        }
                    >
                        Note another kind of chair
                    </button>
                </section>
                <section className="card space-y-3">
                    <h2 className="text-[1.1875rem]">The person</h2>
                    <select
                        className="field"
                        aria-label="Person"
                        value={who ?? ''}
                        onChange={(event) =>
                            choose(people.data?.people.find((one) => one.id === Number(event.target.value)))
                        }
                    >
                        <option value="">Somebody, not stored</option>
                        {people.data?.people.map((one) => (
                            <option key={one.id} value={one.id}>
                                {one.person.name}
                            </option>
                        ))}
                    </select>
                    <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
                        {(
                            [
                                ['lowerLeg', 'Lower leg'],
                                ['thigh', 'Thigh'],
                                ['shoe', 'Shoe'],
                                ['elbow', 'Elbow height'],
                                ['shoulders', 'Shoulders'],
                            ] as const
                        ).map(([key, words]) => (
                            <TextField
                                key={key}
                                label={words}
                                type="number"
                                value={body[key]}
                                onChange={(event) => setBody({ ...body, [key]: number(event.target.value) })}
                            />
                        ))}
                    </div>
                    <p className="text-[0.9375rem] text-ink-soft">
                        All in millimetres: lower leg from heel to the hollow of the knee, thigh from the back to there.
                    </p>
                </section>
                <Pieces place={place} change={change} />
            </div>
            <div className="space-y-4 lg:sticky lg:top-4">
                {fit.error && <Trouble error={fit.error} />}
                {fit.data && (
                    <div className="card">
                        <ChairDrawing fit={fit.data} />
                        <ul className="space-y-1.5" aria-live="polite">
                            {fit.data.advice.map((one) => (
                                <li key={one}>{one}</li>
                            ))}
                        </ul>
                        <p className="mt-3 text-[0.9375rem] text-ink-soft">
                            {fit.data.hips
                                ? 'Hips level with the knees or a little higher. '
                                : 'The hips are lower than the knees. '}
                            {fit.data.feet ? 'Feet flat.' : 'Feet not flat.'}
                        </p>
                    </div>
                )}
                {person && <LookedAt person={person} onKeep={keepWith} />}
            </div>
        </div>
    );
}
