import { useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useGroups, useLibrary, useMovements } from '../../api/queries';
import { vocabulary } from '../../api/types/words';

export type Filters = Partial<
    Record<
        'zone' | 'direction' | 'breath' | 'base' | 'prop' | 'purpose' | 'minutes' | 'group' | 'can' | 'words',
        string
    >
>;

const NAMES = ['words', 'zone', 'direction', 'breath', 'base', 'prop', 'purpose', 'minutes', 'group', 'can'] as const;

/**
 * What is looked for in the library, and what the server found.
 *
 * @param inAddress whether it stays in the address, to come back to and to pass on
 * @param besides what the server is told besides what was chosen
 */
export function useSearch(initial: Filters = {}, inAddress = false, besides: Record<string, string> = {}) {
    const [params, setParams] = useSearchParams();
    // What is typed is kept here; the address follows it, because an address is too slow to type into.
    const [filters, setOwn] = useState<Filters>(() =>
        inAddress
            ? Object.fromEntries(NAMES.flatMap((name) => (params.get(name) ? [[name, params.get(name) ?? '']] : [])))
            : initial,
    );
    const [page, setPage] = useState(1);
    const setFilters = (next: Filters) => {
        setOwn(next);
        if (!inAddress) {
            return;
        }
        setParams(
            (before) => {
                const after = new URLSearchParams(before);
                for (const name of NAMES) {
                    if (next[name]) {
                        after.set(name, next[name]);
                    } else {
                        after.delete(name);
                    }
                }
                return after;
            },
            { replace: true },
        );
    };
    const given = Object.fromEntries(
        Object.entries(filters).filter(([key, value]) => value && (key !== 'can' || filters.group)),
    );
    const search = useDeferredValue(new URLSearchParams({ ...given, ...besides, page: String(page) }).toString());
    const result = useMovements(search);
    const set = (change: Filters) => {
        setPage(1);
        setFilters({ ...filters, ...change });
    };
    return {
        filters,
        set,
        clear: () => {
            setPage(1);
            setFilters({});
        },
        more: () => setPage(page + 1),
        result,
        isNarrowed: Object.keys(given).length > 0,
    };
}

export type SearchState = ReturnType<typeof useSearch>;

const pick = 'field w-auto min-w-0 max-w-full flex-auto px-2';

/** Words and choices that narrow the library; each is a plain question a teacher has. */
export function SearchFields({
    filters,
    set,
    onFirst,
}: Pick<SearchState, 'filters' | 'set'> & { onFirst?: () => void }) {
    const library = useLibrary();
    const groups = useGroups();
    const [open, setOpen] = useState(false);
    const narrowed = (['purpose', 'direction', 'breath', 'base', 'prop', 'minutes', 'group'] as const).filter(
        (key) => filters[key],
    ).length;
    const choice = (key: keyof Filters, label: string, options: readonly (readonly [string, string])[]) => (
        <select
            className={`${pick} ${filters[key] ? 'border-2 border-ink font-semibold' : ''}`}
            aria-label={label}
            value={filters[key] ?? ''}
            onChange={(event) => set({ [key]: event.target.value })}
        >
            {options.map(([value, words]) => (
                <option key={value} value={value}>
                    {words}
                </option>
            ))}
        </select>
    );
    return (
        <div className="space-y-2">
            <input
                className="field"
                type="search"
                aria-label="Find a movement"
                placeholder="In everyday words: shrug, twist, calm breath"
                value={filters.words ?? ''}
                onChange={(event) => set({ words: event.target.value })}
                onKeyDown={(event) => {
                    if (event.key === 'Enter') {
                        event.preventDefault();
                        onFirst?.();
                    } else if (event.key === 'ArrowDown') {
                        event.preventDefault();
                        document.querySelector<HTMLElement>('[data-result]')?.focus();
                    }
                }}
            />
            <button
                type="button"
                className="button w-full md:hidden"
                aria-expanded={open}
                onClick={() => setOpen(!open)}
            >
                {open ? 'Fewer choices' : narrowed > 0 ? `More choices (${narrowed} chosen)` : 'More choices'}
            </button>
            <div className={`flex-wrap gap-2 ${open ? 'flex' : 'hidden md:flex'}`}>
                {choice('purpose', 'What for', [
                    ['', 'For any purpose'],
                    ...(library.data?.purposes.map((purpose) => [purpose.id, purpose.name] as const) ?? []),
                ])}
                {choice('direction', 'Direction of the spine', [
                    ['', 'Any direction'],
                    ['fold', 'Fold forward'],
                    ['arch', 'Arch back'],
                    ['lean', 'Lean to the sides'],
                    ['turn', 'Turn'],
                ])}
                {choice('breath', 'Breath', [
                    ['', 'Any breath'],
                    ['with-breath', 'Moves with the breath'],
                    ['still', 'Held for breaths'],
                    ['as-it-comes', 'Breath as it comes'],
                    ['pauses', 'With pauses'],
                ])}
                {choice('base', 'Base', [['', 'Any base'], ...vocabulary.base])}
                {choice('prop', 'Props', [
                    ['', 'With or without props'],
                    ['none', 'Needs nothing'],
                    ...(library.data?.props.map((prop) => [prop.id, prop.name] as const) ?? []),
                ])}
                {choice('minutes', 'Time', [
                    ['', 'Any length'],
                    ['1', 'Up to 1 minute'],
                    ['2', 'Up to 2 minutes'],
                    ['3', 'Up to 3 minutes'],
                ])}
                {(groups.data?.groups.length ?? 0) > 0 &&
                    choice('group', 'Group', [
                        ['', 'For anyone'],
                        ...(groups.data?.groups.map((group) => [String(group.id), `For ${group.name}`] as const) ?? []),
                    ])}
                {filters.group &&
                    choice('can', 'Who can do it', [
                        ['', 'Whoever can'],
                        ['all', 'Everyone can'],
                        ['most', 'Most can'],
                    ])}
            </div>
        </div>
    );
}
