import { Link } from 'react-router';
import { useGroups } from '../../api/queries';
import type { ClassRow } from './classState';
import { useKept } from '../../parts/kept';

/** What a new teacher does first, with what is done already; put away when she likes, and to be had again under Help. */
export function FirstSteps({ classes, onNew }: { classes: ClassRow[]; onNew: () => void }) {
    const groups = useGroups();
    const [skipped, setSkipped] = useKept<boolean>('first-steps-skipped', () => false);
    const [alone, setAlone] = useKept<boolean>('first-steps-alone', () => false);
    const people = groups.data?.groups.reduce((sum, group) => sum + group.people.length, 0) ?? 0;
    const planned = classes.find((row) => row.planned > 0) ?? classes[0];
    if (skipped || !groups.data || classes.some((row) => row.led > 0)) {
        return null;
    }
    const steps = [
        {
            name: 'Who comes',
            done: people > 0 || alone,
            says:
                people > 0
                    ? `${people} noted.`
                    : alone
                      ? 'Just a class, nobody noted.'
                      : 'Initials are enough, with what they sit on and what to be careful with.',
            does: (
                <>
                    <Link className="button" to="/people">
                        {people > 0 ? 'Note more' : 'Note people'}
                    </Link>
                    {people === 0 && !alone && (
                        <button className="button button-quiet" onClick={() => setAlone(true)}>
                            Just a class
                        </button>
                    )}
                </>
            ),
        },
        {
            name: 'A class',
            done: planned !== undefined && planned.planned > 0,
            says: planned
                ? `${planned.title} is begun.`
                : 'Three are made for whoever comes, thirteen shapes are ready, or begin with nothing.',
            does: planned ? (
                <Link className="button" to={`/classes/${planned.id}/plan`}>
                    Go on planning
                </Link>
            ) : (
                <button className="button" onClick={onNew}>
                    Make a class
                </button>
            ),
        },
        {
            name: 'Lead it',
            done: false,
            says: 'From the plan, by the clock or at your own time. Try it alone first; the log can be removed.',
            does: planned && planned.planned > 0 && (
                <Link className="button" to={`/classes/${planned.id}/plan`}>
                    To the class
                </Link>
            ),
        },
    ];
    const now = steps.find((step) => !step.done);
    return (
        <section aria-label="First steps" className="card mb-5">
            <div className="mb-2 flex items-center gap-3">
                <h2 className="mr-auto text-[1.25rem]">First steps</h2>
                <button className="button button-quiet" onClick={() => setSkipped(true)}>
                    I know my way
                </button>
            </div>
            <ol className="grid gap-4 md:grid-cols-3">
                {steps.map((step, index) => (
                    <li
                        key={step.name}
                        aria-current={step === now ? 'step' : undefined}
                        className={`rounded-xl border-[1.5px] px-4 py-3 ${step === now ? 'border-ink' : 'border-hair'}`}
                    >
                        <h3 className="text-[1.125rem]">
                            {index + 1}. {step.name}
                            {step.done && <span className="font-sans text-[0.9375rem] font-normal">, done</span>}
                        </h3>
                        <p className="mb-3 mt-1 text-[0.9375rem] text-ink-soft">{step.says}</p>
                        <span className="flex flex-wrap gap-2">{step.does}</span>
                    </li>
                ))}
            </ol>
        </section>
    );
}
