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
import type { ChangePlace } from './PlacePage';

const checks = {
    chair: [
        'Four legs, no wheels, floor not slippery',
        'Does not tip when leaned on',
        'Water and bell in reach',
        'Shoes or bare feet looked at',
    ],
    wheelchair: [
        'Brakes on',
        'Feet on plates, or plates swung away',
        'Casters forward',
        'Anti-tip bars',
        'Belt kept, unless the person’s plan says otherwise',
    ],
    bed: ['Brakes on', 'Backrest angle written down', 'Rail side known', 'Heels free'],
} as const;

interface Measures {
    lowerLeg: number;
    thigh: number;
    shoe: number;
    elbow: number;
    shoulders: number;
}

/** The person on the chair as they would sit, to scale, from measured millimetres. */
function Drawing({
    fit,
    chair,
    body,
}: {
    fit: FitAnswer;
    chair: NonNullable<PlaceForm['chairs']>[number];
    body: Measures;
}) {
    const raised = fit.stack?.height ?? 0;
    const seat = chair.height + fit.raiseSeat;
    const floor = 1250;
    const knee = floor - raised - body.lowerLeg - body.shoe;
    const hip = floor - seat - 60;
    const front = 260 + chair.depth;
    const kneeX = 260 + fit.cushionBehind + body.thigh;
    return (
        <svg viewBox="0 0 1100 1320" className="h-[420px] w-full" role="img" aria-label={fit.advice.join(' ')}>
            <line x1="40" y1={floor} x2="1060" y2={floor} stroke="var(--color-rule)" strokeWidth="8" />
            <path
                d={`M250 ${floor - chair.height - 480}V${floor}M250 ${floor - chair.height}H${front}V${floor}`}
                fill="none"
                stroke="var(--color-chair)"
                strokeWidth="26"
                strokeLinecap="round"
                strokeLinejoin="round"
            />
            {chair.armrest !== undefined && (
                <path
                    d={`M250 ${floor - chair.height - chair.armrest}h${chair.depth * 0.75}v${chair.armrest}`}
                    fill="none"
                    stroke="var(--color-chair)"
                    strokeWidth="22"
                    strokeLinecap="round"
                />
            )}
            {fit.raiseSeat > 0 && (
                <rect
                    x="262"
                    y={floor - seat}
                    width={chair.depth - 20}
                    height={fit.raiseSeat}
                    rx="14"
                    fill="var(--color-butter-deep)"
                    stroke="var(--color-ink)"
                    strokeWidth="4"
                />
            )}
            {fit.cushionBehind > 0 && (
                <rect
                    x="264"
                    y={hip - 330}
                    width={fit.cushionBehind}
                    height="330"
                    rx="14"
                    fill="var(--color-butter-deep)"
                    stroke="var(--color-ink)"
                    strokeWidth="4"
                />
            )}
            {fit.stack && raised > 0 && (
                <g>
                    {Object.entries(fit.stack.pieces).map(([name, count], index, all) => {
                        const each = raised / all.reduce((sum, [, many]) => sum + many, 0);
                        const below = all.slice(0, index).reduce((sum, [, many]) => sum + many, 0);
                        return Array.from({ length: count }, (_, at) => (
                            <rect
                                key={`${name}${at}`}
                                x={kneeX - 60}
                                y={floor - each * (below + at + 1)}
                                width="240"
                                height={each - 2}
                                rx="6"
                                fill="var(--color-butter-deep)"
                                stroke="var(--color-ink)"
                                strokeWidth="4"
                            />
                        ));
                    })}
                </g>
            )}
            <g stroke="var(--color-ink)" strokeLinecap="round" strokeLinejoin="round" fill="none">
                <path
                    d={`M${320 + fit.cushionBehind} ${hip - 470}L${320 + fit.cushionBehind} ${hip}`}
                    strokeWidth="120"
                />
                <path d={`M${320 + fit.cushionBehind} ${hip - 560}V${hip - 480}`} strokeWidth="60" />
                <path d={`M${320 + fit.cushionBehind} ${hip}L${kneeX} ${knee}`} strokeWidth="76" />
                <path d={`M${kneeX} ${knee}V${floor - raised - 40}h110`} strokeWidth="62" />
            </g>
            <circle cx={320 + fit.cushionBehind} cy={hip - 630} r="95" fill="var(--color-ink)" />
            <line
                x1={320 + fit.cushionBehind}
                x2="1040"
                y1={hip}
                y2={hip}
                stroke="var(--color-butter-rule)"
                strokeWidth="5"
                strokeDasharray="14 12"
            />
            <text x="1040" y={hip - 14} fontSize="40" textAnchor="end" fill="var(--color-ink)">
                hips
            </text>
            <text x={kneeX + 190} y={floor - 14} fontSize="40" fill="var(--color-ink)">
                {raised > 0 ? `${raised} mm` : ''}
            </text>
        </svg>
    );
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
    const setPiece = (at: number, by: Partial<(typeof pieces)[number]>) =>
        change((one) => ({
            ...one,
            pieces: pieces.map((other, index) => (index === at ? { ...other, ...by } : other)),
        }));
    const kind = person?.person.base === 'wheelchair' ? 'wheelchair' : person?.person.base === 'bed' ? 'bed' : 'chair';
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
                    <h2 className="text-[19px]">The chair</h2>
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
                    <h2 className="text-[19px]">The person</h2>
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
                    <p className="text-[15px] text-ink-soft">
                        All in millimetres: lower leg from heel to the hollow of the knee, thigh from the back to there.
                    </p>
                </section>
                <section className="card space-y-3">
                    <h2 className="text-[19px]">Blocks and books at hand</h2>
                    {pieces.map((piece, at) => (
                        <div key={at} className="flex flex-wrap items-end gap-3">
                            <div className="min-w-32 flex-1">
                                <TextField
                                    label="What"
                                    value={piece.name}
                                    onChange={(event) => setPiece(at, { name: event.target.value || 'block' })}
                                />
                            </div>
                            <div className="w-28">
                                <TextField
                                    label="Height"
                                    type="number"
                                    value={piece.height}
                                    onChange={(event) =>
                                        setPiece(at, { height: Math.max(1, number(event.target.value)) })
                                    }
                                />
                            </div>
                            <div className="w-24">
                                <TextField
                                    label="How many"
                                    type="number"
                                    value={piece.count}
                                    onChange={(event) => setPiece(at, { count: number(event.target.value) })}
                                />
                            </div>
                            <button
                                className="button"
                                onClick={() =>
                                    change((one) => ({ ...one, pieces: pieces.filter((_, index) => index !== at) }))
                                }
                            >
                                Remove
                            </button>
                        </div>
                    ))}
                    <button
                        className="button"
                        onClick={() =>
                            change((one) => ({
                                ...one,
                                pieces: [
                                    ...pieces,
                                    {
                                        name: pieces.length === 0 ? 'block' : 'book',
                                        height: pieces.length === 0 ? 50 : 25,
                                        count: 4,
                                    },
                                ],
                            }))
                        }
                    >
                        Add blocks or books
                    </button>
                </section>
            </div>
            <div className="space-y-4 lg:sticky lg:top-4">
                {fit.error && <Trouble error={fit.error} />}
                {fit.data && (
                    <div className="card">
                        <Drawing fit={fit.data} chair={chair} body={body} />
                        <ul className="space-y-1.5" aria-live="polite">
                            {fit.data.advice.map((one) => (
                                <li key={one}>{one}</li>
                            ))}
                        </ul>
                        <p className="mt-3 text-[15px] text-ink-soft">
                            {fit.data.hips
                                ? 'Hips level with the knees or a little higher. '
                                : 'The hips are lower than the knees. '}
                            {fit.data.feet ? 'Feet flat.' : 'Feet not flat.'}
                        </p>
                    </div>
                )}
                {person && (
                    <section className="card">
                        <h2 className="mb-1 text-[19px]">Looked at, with {person.person.name}</h2>
                        <ul>
                            {checks[kind].map((words) => {
                                const done = person.person.fit?.checks ?? [];
                                return (
                                    <li key={words}>
                                        <label className="flex min-h-11 items-center gap-3">
                                            <input
                                                type="checkbox"
                                                className="h-5 w-5 accent-ink"
                                                checked={done.includes(words)}
                                                onChange={(event) =>
                                                    void keepWith(
                                                        event.target.checked
                                                            ? [...done, words]
                                                            : done.filter((one) => one !== words),
                                                    )
                                                }
                                            />
                                            {words}
                                        </label>
                                    </li>
                                );
                            })}
                        </ul>
                        <p className="mt-1 text-[15px] text-ink-soft">
                            {person.person.fit?.date
                                ? `Last looked at on ${person.person.fit.date}.`
                                : 'Not looked at yet.'}
                        </p>
                        <button className="button mt-2" onClick={() => void keepWith(person.person.fit?.checks ?? [])}>
                            Keep these measures with {person.person.name}
                        </button>
                    </section>
                )}
            </div>
        </div>
    );
}
