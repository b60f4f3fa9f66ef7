import type { AnyPerson } from '../../api/types/answer-people';

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

interface Props {
    person: AnyPerson;
    onKeep: (checks: string[]) => Promise<void>;
}

/** What was looked at with the person in the seat, to be ticked off. */
export function LookedAt({ person, onKeep }: Props) {
    const kind = person.person.base === 'wheelchair' ? 'wheelchair' : person.person.base === 'bed' ? 'bed' : 'chair';
    return (
        <section className="card">
            <h2 className="mb-1 text-[1.1875rem]">Looked at, with {person.person.name}</h2>
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
                                        void onKeep(
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
            <p className="mt-1 text-[0.9375rem] text-ink-soft">
                {person.person.fit?.date ? `Last looked at on ${person.person.fit.date}.` : 'Not looked at yet.'}
            </p>
            <button className="button mt-2" onClick={() => void onKeep(person.person.fit?.checks ?? [])}>
                Keep these measures with {person.person.name}
            </button>
        </section>
    );
}
