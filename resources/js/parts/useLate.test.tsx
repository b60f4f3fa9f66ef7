import { act } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useLate } from './useLate';

let page: HTMLElement;
let root: Root;

function Answer({ isWaiting }: { isWaiting: boolean }) {
    return useLate(isWaiting) ? 'late' : 'calm';
}

const look = (isWaiting: boolean) => act(() => root.render(<Answer isWaiting={isWaiting} />));
const wait = (milliseconds: number) => act(() => vi.advanceTimersByTime(milliseconds));

beforeEach(() => {
    vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
    vi.useFakeTimers();
    page = document.createElement('div');
    root = createRoot(page);
});
afterEach(() => {
    act(() => root.unmount());
    vi.useRealTimers();
});

it('shows nothing of an answer that comes before anybody would notice', () => {
    look(true);
    wait(199);
    expect(page.textContent).toBe('calm');
    look(false);
    wait(1000);
    expect(page.textContent).toBe('calm');
});

it('shows one that is late until it comes, and counts anew for the next', () => {
    look(true);
    wait(200);
    expect(page.textContent).toBe('late');
    look(false);
    expect(page.textContent).toBe('calm');
    look(true);
    wait(199);
    expect(page.textContent).toBe('calm');
});
