import { act, useEffect } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { ownPage } from '../../testing/ownPage';
import { SearchFields, useSearch, type SearchState } from './useSearch';

const own = ownPage();
let state: SearchState;
let router: Awaited<ReturnType<typeof own.drawAt>>;
const opens = vi.fn();

function Searching({ inAddress, besides }: { inAddress: boolean; besides: Record<string, string> }) {
    const search = useSearch({ zone: 'hips' }, inAddress, besides);
    useEffect(() => {
        state = search;
    });
    return (
        <>
            <SearchFields filters={search.filters} set={search.set} onFirst={opens} />
            <button data-result>Side lean</button>
        </>
    );
}

async function show(address: string, inAddress = true, besides: Record<string, string> = {}) {
    router = await own.drawAt(address, <Searching inAddress={inAddress} besides={besides} />);
}

const change = (filters: Parameters<SearchState['set']>[0]) =>
    act(async () => {
        state.set(filters);
        await Promise.resolve();
    });

/** What the server was asked for last. */
const asked = () => {
    const addresses = vi
        .mocked(api.get)
        .mock.calls.map(([address]) => address)
        .filter((address) => address.startsWith('movements?'));
    return Object.fromEntries(new URLSearchParams(addresses.at(-1)?.slice('movements?'.length)));
};

beforeEach(() => {
    vi.spyOn(api, 'get').mockImplementation((address) =>
        Promise.resolve(
            address === 'groups'
                ? { groups: [{ id: 3, name: 'Tuesday' }] }
                : address === 'library'
                  ? { purposes: [], props: [] }
                  : { movements: [], found: 0 },
        ),
    );
    opens.mockReset();
});

afterEach(() => {
    vi.restoreAllMocks();
});

describe('looking for movements', () => {
    it('begins with what the address says, and asks the server for that', async () => {
        await show('/movements?words=calm&base=bed&page=7&odd=1');

        expect(state.filters).toEqual({ words: 'calm', base: 'bed' });
        expect(state.isNarrowed).toBe(true);
        expect(asked()).toEqual({ words: 'calm', base: 'bed', page: '1' });
    });

    it('writes what is chosen into the address, takes it out again, and leaves the rest of the address', async () => {
        await show('/movements?odd=1');
        await change({ words: 'shrug', base: 'wheelchair' });
        expect(router.state.location.search).toBe('?odd=1&words=shrug&base=wheelchair');

        await change({ base: '' });
        expect(router.state.location.search).toBe('?odd=1&words=shrug');

        await act(async () => {
            state.clear();
            await Promise.resolve();
        });
        expect(router.state.location.search).toBe('?odd=1');
        expect(state.isNarrowed).toBe(false);
    });

    it('keeps to itself where it is not a page of its own', async () => {
        await show('/classes/1/plan', false, { section: 'warm-up' });
        await change({ words: 'twist' });

        expect(router.state.location.search).toBe('');
        expect(asked()).toEqual({ zone: 'hips', words: 'twist', section: 'warm-up', page: '1' });
    });

    it('shows more of the same, and begins at the first again when something else is looked for', async () => {
        await show('/movements?words=calm');
        await act(async () => {
            state.more();
            await Promise.resolve();
        });
        expect(asked().page).toBe('2');

        await change({ words: 'calm breath' });
        expect(asked()).toEqual({ words: 'calm breath', page: '1' });
    });

    it('asks who can do it only of a group', async () => {
        await show('/movements?can=all');
        expect(asked()).toEqual({ page: '1' });
        expect(own.page.querySelector('[aria-label="Who can do it"]')).toBeNull();

        await change({ group: '3' });
        expect(asked()).toEqual({ group: '3', can: 'all', page: '1' });
        expect(own.page.querySelector<HTMLSelectElement>('[aria-label="Who can do it"]')?.value).toBe('all');
    });

    it('opens the first with Enter, and goes to it with the arrow', async () => {
        await show('/movements');
        const words = own.page.querySelector<HTMLInputElement>('input[type="search"]');
        const press = (key: string) =>
            act(() => words?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true })));

        await press('Enter');
        expect(opens).toHaveBeenCalledTimes(1);

        await press('ArrowDown');
        expect(document.activeElement?.textContent).toBe('Side lean');
    });
});
