import { act } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { PlanAnswer } from '../../api/types/answer-plan';
import { changeSettings } from '../../parts/settings';
import { ownPage } from '../../testing/ownPage';
import type { DoseLimits, SideName } from './edits';
import type { PlanDocument } from './usePlan';
import { usePlanKeys } from './usePlanKeys';
import type { Selection } from './useSelection';

const ids = ['a', 'b', 'c'];
const answer = {
    plan: {
        sections: [
            { id: 'main', kind: 'head-to-toe', entries: ids.map((id) => ({ id, movement: id, dose: { breaths: 4 } })) },
        ],
    },
    entries: [
        { id: 'a', sides: 'midline' },
        { id: 'b', sides: 'one-sided' },
        { id: 'c', sides: 'midline' },
    ],
    findings: [{ key: 'sides:b', entry: 'b' }],
} as unknown as PlanAnswer;
const doses = { breaths: { most: 6, step: 1 } } as unknown as DoseLimits;

const own = ownPage();
let plan: PlanDocument;
let chosen: { id: string | null; until: string | null; side: SideName | null };
const does = { onAdd: vi.fn(), onPeople: vi.fn(), onPrint: vi.fn(), onLead: vi.fn(), onHelp: vi.fn(), step: vi.fn() };

function Keys() {
    const selection = {
        selected: chosen.id,
        until: chosen.until,
        run: chosen.until ? ids.slice(ids.indexOf(chosen.id ?? ''), ids.indexOf(chosen.until) + 1) : [chosen.id],
        side: chosen.side,
        select: (id: string | null, _focus?: boolean, extend?: boolean) => {
            chosen = extend ? { ...chosen, until: id } : { id, until: null, side: null };
        },
        setSide: (side: SideName | null) => {
            chosen = { ...chosen, side };
        },
        list: { current: null },
    } as unknown as Selection;
    usePlanKeys({ ...answer, plan }, doses, selection, {
        ...does,
        edit: (change) => {
            plan = change(plan);
        },
    });
    return (
        <>
            <div data-keys>
                <button data-select aria-pressed="true">
                    b
                </button>
                <input />
            </div>
            <button id="elsewhere">elsewhere</button>
            <button data-finding="sides:b">settle</button>
        </>
    );
}

/** Presses a key where the focus is; whether the page still does what it does with it. */
function press(key: string, more: KeyboardEventInit = {}, at = '[data-select]'): boolean {
    let goesOn = true;
    act(() => {
        const target = own.page.querySelector(at) as HTMLElement;
        goesOn = target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }));
    });
    own.draw(<Keys />);
    return goesOn;
}
const entries = () => plan.sections.flatMap((section) => section.entries);
const order = () => entries().map(({ id }) => id);

beforeEach(() => {
    vi.stubGlobal('CSS', { escape: (words: string) => words });
    changeSettings({ keys: true });
    Object.values(does).forEach((one) => one.mockClear());
    plan = answer.plan;
    chosen = { id: 'b', until: null, side: null };
    own.draw(<Keys />);
});

describe('the keys of a class', () => {
    it('go from movement to movement and stop at both ends', () => {
        press('ArrowUp');
        expect(chosen.id).toBe('a');
        press('ArrowUp');
        expect(chosen.id).toBe('a');
        press('ArrowDown');
        press('ArrowDown');
        press('ArrowDown');
        expect(chosen.id).toBe('c');
    });

    it('move a movement with Alt, and choose neighbours with Shift to make them a set', () => {
        press('ArrowUp', { altKey: true });
        expect(order()).toEqual(['b', 'a', 'c']);

        plan = answer.plan;
        press('ArrowDown', { shiftKey: true });
        expect(chosen).toMatchObject({ id: 'b', until: 'c' });
        expect(press('s')).toBe(false);
        expect(new Set(entries().map((entry) => entry.group))).toEqual(new Set([undefined, expect.any(String)]));
    });

    it('leave a letter alone where it has nothing to do: a set of one', () => {
        expect(press('s')).toBe(true);
        expect(press('r')).toBe(true);
        expect(entries().every((entry) => entry.group === undefined)).toBe(true);
    });

    it('choose a side where there is one, and both again', () => {
        press('ArrowLeft');
        expect(chosen.side).toBe('left');
        press('ArrowRight');
        expect(chosen.side).toBeNull();
        press('ArrowRight');
        expect(chosen.side).toBe('right');
    });

    it('make the dose one more and one fewer', () => {
        ['+', '+', '+', '+'].forEach((key) => press(key));
        expect(entries()[1]?.dose, 'no more than there may be').toEqual({ breaths: 6 });
        press('-');
        expect(entries()[1]?.dose).toEqual({ breaths: 5 });
        expect(entries()[0]?.dose).toEqual({ breaths: 4 });
    });

    it('take a movement out and go on to its neighbour, at the end to the one before', () => {
        press('Delete');
        expect([order(), chosen.id]).toEqual([['a', 'c'], 'c']);
    });

    it('add after the chosen one, and go to a finding', () => {
        press('Enter');
        expect(does.onAdd).toHaveBeenCalledWith({ section: 'main', index: 2 });
        press('1');
        expect(document.activeElement).toBe(own.page.querySelector('[data-finding]'));
        expect(press('2')).toBe(false);
    });
});

describe('keys where they are not meant', () => {
    it('take nothing out from elsewhere, and start nothing', () => {
        for (const key of ['Delete', 'l', 'p', 'w', '+', 'ArrowDown', 'Enter']) {
            expect(press(key, {}, '#elsewhere')).toBe(true);
        }
        expect(plan).toBe(answer.plan);
        expect(chosen.id).toBe('b');
        expect(does.onLead).not.toHaveBeenCalled();
        // The list of keys can be had everywhere.
        press('?', {}, '#elsewhere');
        expect(does.onHelp).toHaveBeenCalledOnce();
    });

    it('are letters in a field', () => {
        for (const key of ['Delete', 'l', '+', '?', 'z']) {
            expect(press(key, { ctrlKey: key === 'z' }, 'input')).toBe(true);
        }
        expect(plan).toBe(answer.plan);
        expect(does.step).not.toHaveBeenCalled();
        expect(does.onHelp).not.toHaveBeenCalled();
    });

    it('do nothing as single keys once they are switched off; arrows, Enter and undo stay', () => {
        act(() => changeSettings({ keys: false }));
        for (const key of ['l', 'w', '+', '?', '1']) {
            expect(press(key)).toBe(true);
        }
        expect(plan).toBe(answer.plan);
        expect(does.onLead).not.toHaveBeenCalled();
        press('ArrowDown');
        expect(chosen.id).toBe('c');
        press('z', { ctrlKey: true }, '#elsewhere');
        press('Z', { ctrlKey: true, shiftKey: true }, '#elsewhere');
        expect(does.step.mock.calls).toEqual([['undo'], ['redo']]);
    });

    it('leave the browser its own keys', () => {
        expect(press('p', { ctrlKey: true })).toBe(true);
        expect(press('l', { metaKey: true })).toBe(true);
        expect(does.onPrint).not.toHaveBeenCalled();
        expect(does.onLead).not.toHaveBeenCalled();
    });
});
