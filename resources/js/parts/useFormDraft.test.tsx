import { act, useEffect } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { draftState, useFormDraft } from './useFormDraft';

interface State {
    base: string;
}

let page: HTMLElement;
let root: Root;
let draft: Pick<ReturnType<typeof useFormDraft<State>>, 'forget' | 'isRestored' | 'isTyped'>;

function Person({ base }: State) {
    const { form, save, forget, isRestored, isTyped } = useFormDraft<State>('person', { base });
    useEffect(() => {
        draft = { forget, isRestored, isTyped };
    }, [forget, isRestored, isTyped]);
    return (
        <form ref={form} onInput={save}>
            <input name="name" />
            <textarea name="note" />
            <select name="side">
                <option value="left">left</option>
                <option value="right">right</option>
            </select>
        </form>
    );
}

const field = (name: string) => page.querySelector(`[name="${name}"]`) as HTMLInputElement;
const open = (base = 'chair') => {
    page = document.createElement('div');
    root = createRoot(page);
    act(() => root.render(<Person base={base} />));
};
const type = (name: string, value: string) =>
    act(() => {
        field(name).value = value;
        field(name).dispatchEvent(new Event('input', { bubbles: true }));
    });
/** The page goes, as with a reload: what was in it is gone, what the tab keeps stays. */
const reload = (base = 'chair') => {
    act(() => root.unmount());
    open(base);
};

beforeEach(() => {
    vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
    sessionStorage.clear();
    document.head.innerHTML = '<meta name="owner" content="data:1">';
    open();
});
afterEach(() => act(() => root.unmount()));

describe('a form that is left half filled', () => {
    it('has what was typed when it is opened again, in every kind of field', () => {
        expect(draft.isRestored).toBe(false);
        type('name', 'Rosa');
        type('note', 'left knee, after four');
        type('side', 'right');
        expect(draft.isTyped).toBe(true);

        reload();
        expect(draft.isRestored).toBe(true);
        expect(['name', 'note', 'side'].map((name) => field(name).value)).toEqual([
            'Rosa',
            'left knee, after four',
            'right',
        ]);
    });

    it('counts what is chosen beside its fields as typed', () => {
        expect(draftState<State>('person')).toBeNull();
        act(() => root.render(<Person base="bed" />));
        expect(draft.isTyped).toBe(true);
        expect(draftState<State>('person')).toEqual({ base: 'bed' });
    });

    it('keeps nothing that was only looked at', () => {
        act(() => root.render(<Person base="chair" />));
        reload();
        expect(draft.isRestored).toBe(false);
        expect(sessionStorage).toHaveLength(0);
    });

    it('is forgotten when it was stored, and never comes up in another account', () => {
        type('name', 'Rosa');
        document.head.innerHTML = '<meta name="owner" content="data:2">';
        reload();
        expect(field('name').value).toBe('');

        document.head.innerHTML = '<meta name="owner" content="data:1">';
        reload();
        expect(field('name').value).toBe('Rosa');
        act(() => draft.forget());
        reload();
        expect(field('name').value).toBe('');
    });
});
