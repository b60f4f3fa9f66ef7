import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { memo, useDeferredValue, useState } from 'react';
import { useMovements } from '../../api/queries';
import type { MovementCard } from '../../api/types/answer-movements';
import { clock } from '../../parts/time';

/** How many are offered under what is typed. */
const OFFERED = 6;

/** Type to add without leaving the spine: "neck ro", Enter, the next. */
export const QuickAdd = memo(function QuickAdd({
    into,
    group,
    classId,
    section,
    onPick,
}: {
    into: string;
    group: number | null;
    classId: string;
    /** to which it is added */
    section: string;
    onPick: (section: string, movement: MovementCard) => void;
}) {
    const [words, setWords] = useState('');
    const asked = useDeferredValue(words.trim());
    return (
        <Combobox
            immediate={false}
            value={null}
            onChange={(movement: MovementCard | null) => {
                if (movement) {
                    onPick(section, movement);
                    setWords('');
                }
            }}
        >
            <ComboboxInput
                className="h-11 w-44 min-w-0 rounded-lg border-[1.5px] border-transparent bg-transparent px-2 text-[0.9375rem] placeholder:text-ink-soft hover:border-hair focus:border-rule focus:bg-white max-md:w-28"
                aria-label={`Type to add to ${into}`}
                placeholder="or type to add"
                autoComplete="off"
                displayValue={() => words}
                onChange={(event) => setWords(event.target.value)}
            />
            {asked !== '' && <Offered words={asked} group={group} of={{ class: classId, section }} />}
        </Combobox>
    );
});

function Offered({ words, group, of }: { words: string; group: number | null; of: Record<string, string> }) {
    const search = new URLSearchParams({
        words,
        ...of,
        ...(group ? { group: String(group) } : {}),
        page: '1',
    }).toString();
    const found = useMovements(search);
    const movements = found.data?.movements.slice(0, OFFERED) ?? [];
    return (
        <ComboboxOptions
            anchor="bottom start"
            className="z-40 w-80 rounded-2xl border-[1.5px] border-rule bg-white p-1.5 [--anchor-gap:4px]"
            data-offered={found.isPlaceholderData || !found.data ? undefined : words}
        >
            {movements.map((movement) => (
                <ComboboxOption
                    key={movement.id}
                    value={movement}
                    className="flex min-h-11 items-center gap-3 rounded-lg px-3 data-focus:bg-channel"
                >
                    <span className="min-w-0 flex-1 leading-tight">{movement.name}</span>
                    <span className="text-[0.9375rem] text-ink-soft">{clock(movement.seconds)}</span>
                </ComboboxOption>
            ))}
            {found.data?.found === 0 && (
                <p className="px-3 py-2">Nothing goes by these words. Fewer or other words may find it.</p>
            )}
        </ComboboxOptions>
    );
}
