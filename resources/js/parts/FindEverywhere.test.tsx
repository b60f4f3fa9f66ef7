import { act, useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { ownPage } from '../testing/ownPage';
import { FindEverywhere } from './FindEverywhere';
import { changeSettings } from './settings';

const own = ownPage();
let router: Awaited<ReturnType<typeof own.drawAt>>;
let found: Record<string, { id: string; name: string; more?: string }[]>;
const adds = vi.fn();

function Page() {
    const [open, setOpen] = useState(false);
    return (
        <>
            <input aria-label="a note" />
            <FindEverywhere
                open={open}
                setOpen={setOpen}
                here={[{ title: 'On this page', all: [{ name: 'Add a movement', go: adds }] }]}
            />
        </>
    );
}

const press = (key: string, more: KeyboardEventInit = {}, target: EventTarget = document.body) =>
    act(() => target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more })));

const words = () => document.querySelector<HTMLInputElement>('input[aria-label="Find anything"]');

const look = async (for_: string) => {
    const input = words();
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
    await act(async () => {
        set?.call(input, for_);
        input?.dispatchEvent(new Event('input', { bubbles: true }));
        await Promise.resolve();
    });
};

/** Waits until the answer is on the page, however long that takes. */
const until = (is: () => boolean) =>
    vi.waitFor(async () => {
        await act(() => new Promise((done) => setTimeout(done, 5)));
        expect(is()).toBe(true);
    });

const headings = () => [...document.querySelectorAll('section h3')].map((heading) => heading.textContent);

beforeEach(async () => {
    found = { movements: [{ id: 'side-lean', name: 'side lean', more: 'spine' }], people: [], classes: [], places: [] };
    vi.spyOn(api, 'get').mockImplementation(() => Promise.resolve({ found }));
    changeSettings({ keys: true });
    adds.mockReset();
    router = await own.drawAt('/classes', <Page />);
});

afterEach(() => {
    vi.restoreAllMocks();
});

describe('finding from everywhere', () => {
    it('opens with the stroke, but not while somebody types', async () => {
        await press('/', {}, own.page.querySelector('input') as HTMLElement);
        expect(words()).toBeNull();

        await press('/');
        expect(words()).not.toBeNull();
    });

    it('leaves the stroke alone where keys are turned off, and opens with Control and K all the same', async () => {
        changeSettings({ keys: false });
        await press('/');
        expect(words()).toBeNull();

        await press('k', { ctrlKey: true }, own.page.querySelector('input') as HTMLElement);
        expect(words()).not.toBeNull();
    });

    it('asks nothing for no words, and tells what goes by them', async () => {
        await press('/');
        await look('   ');
        expect(api.get).not.toHaveBeenCalled();
        expect(document.body.textContent).toContain('Everyday words do');
    });

    it('shows what this page can do first, then what the server found, and opens the first with Enter', async () => {
        await press('/');
        await look('movement');
        await until(() => headings().includes('Movements'));
        expect(headings().slice(0, 2)).toEqual(['On this page', 'Movements']);

        await act(() => words()?.form?.dispatchEvent(new Event('submit', { bubbles: true, cancelable: true })));
        expect(adds).toHaveBeenCalledTimes(1);
        expect(words()).toBeNull();
    });

    it('goes to what is pressed, with its name written as a name', async () => {
        await press('/');
        await look('lean');
        await until(() => headings().includes('Movements'));
        const one = [...document.querySelectorAll('section button')].find((button) =>
            button.textContent?.startsWith('Side lean'),
        );
        await act(async () => {
            (one as HTMLElement).click();
            await Promise.resolve();
        });

        expect(router.state.location.pathname).toBe('/movements/side-lean');
        expect(words()).toBeNull();
    });

    it('says that nothing goes by words that find nothing', async () => {
        found = { movements: [] };
        await press('/');
        await look('zzz');

        await until(() => document.body.textContent.includes('Nothing goes by these words.'));
        expect(headings()).toEqual([]);
    });
});
