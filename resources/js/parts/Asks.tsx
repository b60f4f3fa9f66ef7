import type { RungAsk } from '../api/types/answer-movement';

/** What a rung asks of a body, with whom it is not for. */
export function Asks({ asks }: { asks: RungAsk[] }) {
    if (asks.length === 0) {
        return <p className="text-ink-soft">It asks nothing that anybody has to be kept from.</p>;
    }
    return (
        <ul className="space-y-1" data-asks>
            {asks.map((ask) => (
                <li key={ask.demand} className="flex flex-wrap gap-x-2">
                    <span>
                        {ask.name.charAt(0).toUpperCase() + ask.name.slice(1)}
                        {ask.measure && <span className="text-ink-soft"> {ask.measure}</span>}
                    </span>
                    {ask.people.length > 0 && (
                        <strong className="rounded bg-butter px-1.5 text-[0.9375rem]">
                            not for {ask.people.join(', ')}
                        </strong>
                    )}
                    {ask.tooLongFor.length > 0 && (
                        <strong className="rounded bg-butter px-1.5 text-[0.9375rem]">
                            too long at once for {ask.tooLongFor.join(', ')}
                        </strong>
                    )}
                    {ask.notFor.length > 0 && (
                        <span className="rounded bg-butter px-1.5 text-[0.9375rem]">
                            not for: {ask.notFor.join('; ')}
                        </span>
                    )}
                    {ask.heldFor.length > 0 && (
                        <span className="rounded bg-channel px-1.5 text-[0.9375rem]">
                            less for: {ask.heldFor.join('; ')}
                        </span>
                    )}
                </li>
            ))}
        </ul>
    );
}
