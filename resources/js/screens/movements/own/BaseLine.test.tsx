import { act, useState } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { BaseLine } from './BaseLine';
import type { ForBase } from './baseWords';

let page: HTMLElement;
let root: Root;
const keep = vi.fn<(forBase: ForBase) => void>();

function Editor({ forBase }: { forBase: ForBase }) {
    const [now, setNow] = useState(forBase);
    const set = (next: ForBase) => {
        setNow(next);
        keep(next);
    };
    return <BaseLine who="wheelchair" label="In a wheelchair" forBase={now} onChange={set} />;
}

const show = (forBase: ForBase) => act(() => root.render(<Editor forBase={forBase} />));
const press = () => act(() => page.querySelector('button')?.click());

beforeEach(() => {
    vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
    page = document.createElement('div');
    root = createRoot(page);
});
afterEach(() => act(() => root.unmount()));

it('says that the figure follows the line, leaves it behind when asked, and brings it back', () => {
    const told: ForBase = { wheelchair: { say: 'Hands on the armrests.', hands: [{ who: 'both', on: 'armrest' }] } };
    show(told);
    expect(page.textContent).toContain('has the arms where this line had them');
    press();
    expect(keep).toHaveBeenLastCalledWith({ wheelchair: 'Hands on the armrests.' });
    expect(page.textContent).toContain('the same there as on a chair');
    press();
    expect(keep).toHaveBeenLastCalledWith(told);
});

it('says nothing of a line that nothing is drawn by', () => {
    show({ wheelchair: 'Brakes on.' });
    expect(page.querySelector('button')).toBeNull();
});
