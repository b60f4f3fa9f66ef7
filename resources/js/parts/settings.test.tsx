import { act } from 'react';
import { createRoot } from 'react-dom/client';
import { beforeEach, describe, expect, it, vi } from 'vitest';

const root = document.documentElement;

/** The settings as a page finds them that is opened now. */
async function opened() {
    vi.resetModules();
    return import('./settings');
}

beforeEach(() => {
    vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
    localStorage.clear();
    document.head.innerHTML = '<meta name="owner" content="data:1">';
    delete root.dataset.light;
    delete root.dataset.letters;
});

describe('how a device shows things', () => {
    it('is as usual until somebody says otherwise, and stays so over a reload', async () => {
        const first = await opened();
        expect(first.settings()).toEqual({ keys: true, cues: true, letters: 100, light: 'device' });
        first.changeSettings({ letters: 130 });
        first.changeSettings({ light: 'dark' });

        expect((await opened()).settings()).toEqual({ keys: true, cues: true, letters: 130, light: 'dark' });
    });

    it('is put on the page at once, and light is left to the device where nothing was chosen', async () => {
        const { changeSettings, show } = await opened();
        show();
        expect(root.dataset).toEqual(expect.objectContaining({ letters: '100' }));
        expect(root.dataset.light).toBeUndefined();
        changeSettings({ light: 'dark', letters: 115 });
        expect({ ...root.dataset }).toMatchObject({ light: 'dark', letters: '115' });
        changeSettings({ light: 'device' });
        expect(root.dataset.light).toBeUndefined();
    });

    it('is told to all who show it, and a setting that came later has its usual value', async () => {
        localStorage.setItem('kind-chair:data:1:settings', JSON.stringify({ keys: false }));
        const { changeSettings, useSettings } = await opened();
        const Shown = () => JSON.stringify(useSettings());
        const page = document.createElement('div');
        const tree = createRoot(page);
        act(() => tree.render(<Shown />));
        expect(JSON.parse(page.textContent)).toEqual({ keys: false, cues: true, letters: 100, light: 'device' });
        act(() => changeSettings({ cues: false }));
        expect(JSON.parse(page.textContent)).toMatchObject({ keys: false, cues: false });
        act(() => tree.unmount());
    });
});

it('says the same words again as new ones, so that they are heard again', async () => {
    const { say, useSaid } = await import('./say');
    const Said = () => useSaid();
    const page = document.createElement('div');
    const tree = createRoot(page);
    act(() => tree.render(<Said />));
    act(() => say('Saved'));
    const first = page.textContent;
    act(() => say('Saved'));
    expect(page.textContent).not.toBe(first);
    expect([first, page.textContent].map((words) => words.trim())).toEqual(['Saved', 'Saved']);
    act(() => tree.unmount());
});
