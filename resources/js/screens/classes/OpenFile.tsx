import { useState } from 'react';
import type { WhoIsWho } from '../../api/types/answer-who-is-who';
import { Sheet } from '../../parts/Sheet';
import { probably, SamePerson } from '../../parts/WhoIsWho';

export type Decided = Record<string, number | null>;

/** Asks who is who before a class with people is opened. */
export function OpenFile({
    asked,
    onClose,
    onDecided,
}: {
    asked: WhoIsWho;
    onClose: () => void;
    onDecided: (people: Decided) => void;
}) {
    const [people, setPeople] = useState<Decided>(() =>
        Object.fromEntries(asked.people.map((one) => [one.key, probably(one.like)])),
    );
    const [busy, setBusy] = useState(false);
    return (
        <Sheet title="Do you know them already?" open onClose={onClose}>
            <p className="mb-4">
                The file has people in it who may be here already. For those who are, what you have noted stays as it
                is, and nobody is here twice.
            </p>
            <ul className="mb-5 space-y-3">
                {asked.people.map((one) => (
                    <li key={one.key}>
                        <strong className="mb-1 block">{one.name}</strong>
                        <SamePerson
                            name={one.name}
                            like={one.like}
                            value={people[one.key] ?? null}
                            onChange={(id) => setPeople({ ...people, [one.key]: id })}
                        />
                    </li>
                ))}
            </ul>
            <div className="flex flex-wrap justify-end gap-3">
                <button className="button" onClick={onClose}>
                    Not now
                </button>
                <button
                    className="button button-main"
                    disabled={busy}
                    onClick={() => {
                        setBusy(true);
                        onDecided(people);
                    }}
                >
                    Open the class
                </button>
            </div>
        </Sheet>
    );
}
