import type { LeadAnswer, LeadEntry } from '../../api/types/answer-lead';

/** What to remember of whom: before the first breath all that holds for the class, later what this movement touches. */
export function Reminders({ lead, entry, hasBegun }: { lead: LeadAnswer; entry: LeadEntry; hasBegun: boolean }) {
    const all = hasBegun ? entry.reminders : lead.people.map((person) => ({ person: person.id, watch: person.always }));
    const told = all.filter((one) => one.watch.length > 0);
    const look = hasBegun ? entry.look : '';
    if (told.length === 0 && !look) {
        return null;
    }
    return (
        <section
            aria-label={hasBegun ? 'To remember now' : 'To remember before you begin'}
            className={hasBegun ? 'mt-3 shrink-0' : 'shrink-0'}
        >
            <ul
                data-lines
                className={`tells-more flex flex-wrap pb-1 gap-x-6 overflow-y-auto text-[1.25rem] leading-[1.6875rem] ${hasBegun ? 'max-h-[7rem] [@media(max-height:620px)]:max-h-[3.625rem]' : 'max-h-[8.6875rem] [@media(max-height:790px)]:max-h-[7rem] [@media(max-height:620px)]:max-h-[5.3125rem]'}`}
                tabIndex={0}
            >
                {look && <li className="font-semibold">{look}</li>}
                {told.map((one) => (
                    <li key={one.person}>
                        <strong className="text-butter-night">
                            {lead.people.find((person) => person.id === one.person)?.name}:
                        </strong>{' '}
                        {one.watch.join(' ')}
                    </li>
                ))}
            </ul>
        </section>
    );
}
