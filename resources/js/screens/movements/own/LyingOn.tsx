import { Choice } from '../../../parts/Field';
import { plural } from '../../../parts/time';

interface Contact<On extends string> {
    who: 'work' | 'other' | 'both';
    on: On;
    in?: string[];
}

interface Props<On extends string, One extends Contact<On>> {
    title: string;
    /** What is said before the two choices: whose, and on what. */
    labels: [string, string];
    who: [One['who'], string][];
    places: readonly (readonly [On, string])[];
    /** What else is true of one, yes or no. */
    checks: [keyof One, string][];
    most: number;
    add: string;
    first: One;
    contacts: One[];
    onChange: (contacts: One[]) => void;
}

/** What hands or elbows lie on in a shape, one line each. */
export function LyingOn<On extends string, One extends Contact<On>>(props: Props<On, One>) {
    const { contacts, onChange } = props;
    const set = (at: number, by: Partial<Contact<On>> | Partial<Record<keyof One, boolean>>) =>
        onChange(contacts.map((one, index) => (index === at ? { ...one, ...by } : one)));
    return (
        <fieldset className="space-y-2">
            <legend className="mb-1 font-semibold">{props.title}</legend>
            {contacts.map((contact, at) => (
                <div key={at} className="flex flex-wrap items-end gap-2">
                    <Choice
                        label={props.labels[0]}
                        value={contact.who}
                        options={props.who}
                        onChange={(event) => set(at, { who: event.target.value as One['who'] })}
                    />
                    <Choice
                        label={props.labels[1]}
                        value={contact.on}
                        options={props.places}
                        onChange={(event) => set(at, { on: event.target.value as On })}
                    />
                    {props.checks.map(([check, words]) => (
                        <label key={words} className="flex min-h-11 items-center gap-2">
                            <input
                                type="checkbox"
                                className="h-5 w-5 accent-ink"
                                checked={contact[check] === true}
                                onChange={(event) =>
                                    set(at, { [check]: event.target.checked } as Partial<Record<keyof One, boolean>>)
                                }
                            />
                            {words}
                        </label>
                    ))}
                    {contact.in && (
                        <span className="min-h-11 content-center text-[0.9375rem] text-ink-soft">
                            in {plural(contact.in.length, 'step', 'steps')}
                        </span>
                    )}
                    <button
                        type="button"
                        className="button button-quiet px-3"
                        onClick={() => onChange(contacts.filter((_, index) => index !== at))}
                    >
                        Remove
                    </button>
                </div>
            ))}
            <button
                type="button"
                className="button"
                disabled={contacts.length >= props.most}
                onClick={() => onChange([...contacts, props.first])}
            >
                {props.add}
            </button>
        </fieldset>
    );
}
