import { onlineManager } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../api/client';
import { Autosave, type AutosaveOptions } from './autosave';
import { keep, readKept } from './kept';

interface Note {
    words: string;
    revision?: number;
}

let sent: Note[] = [];
let answers: (() => Promise<unknown>)[] = [];
const make = (options: Partial<AutosaveOptions<Note, { revision: number }>> = {}) =>
    new Autosave<Note, { revision: number }>({
        name: 'note',
        send: async (note) => {
            sent.push(note);
            return ((await answers.shift()?.()) ?? { revision: sent.length }) as { revision: number };
        },
        ...options,
    });
const kept = () => readKept<Note>('note');

beforeEach(() => {
    sent = [];
    answers = [];
    localStorage.clear();
    vi.useFakeTimers();
});
afterEach(() => {
    vi.useRealTimers();
    onlineManager.setOnline(true);
});

describe('an autosave', () => {
    it('sends after a moment of quiet, once for all that was changed meanwhile', async () => {
        const autosave = make({ wait: 600 });
        autosave.change({ words: 'on' });
        autosave.change({ words: 'one' });
        await vi.advanceTimersByTimeAsync(599);
        expect(sent).toEqual([]);
        expect(kept()).toEqual({ words: 'one' });
        expect(autosave.snapshot().state).toBe('changed');
        await vi.advanceTimersByTimeAsync(1);
        expect(sent).toEqual([{ words: 'one' }]);
        expect(kept()).toBeNull();
        expect(autosave.snapshot().state).toBe('saved');
    });

    it('is on its way before anything is drawn', () => {
        const states: string[] = [];
        const autosave = make();
        autosave.subscribe(() => states.push(autosave.snapshot().state));
        autosave.change({ words: 'now' });
        expect(sent).toEqual([{ words: 'now' }]);
        expect(states).toEqual(['changed', 'sending']);
    });

    it('waits for what another page of the same name has under way', async () => {
        let answer: (value: unknown) => void = () => undefined;
        answers.push(() => new Promise((done) => (answer = done)));
        make().change({ words: 'left behind' });
        const next = make();
        next.change({ words: 'written here' });
        await vi.advanceTimersByTimeAsync(50);
        expect(sent).toEqual([{ words: 'left behind' }]);
        answer({ revision: 1 });
        await vi.advanceTimersByTimeAsync(0);
        expect(sent.map(({ words }) => words)).toEqual(['left behind', 'written here']);
    });

    it('sends one after the other, the newest last, and on top of what was answered', async () => {
        let answer: (value: unknown) => void = () => undefined;
        answers.push(() => new Promise((done) => (answer = done)));
        const stored: boolean[] = [];
        const autosave = make({
            rebase: (newer, told) => ({ ...newer, revision: told.revision }),
            onStored: (_, isNewest) => stored.push(isNewest),
        });
        autosave.change({ words: 'first', revision: 4 });
        await vi.advanceTimersByTimeAsync(0);
        autosave.change({ words: 'second', revision: 4 });
        autosave.change({ words: 'third', revision: 4 });
        await vi.advanceTimersByTimeAsync(100);
        expect(sent).toHaveLength(1);
        answer({ revision: 5 });
        await vi.advanceTimersByTimeAsync(0);
        expect(sent).toEqual([
            { words: 'first', revision: 4 },
            { words: 'third', revision: 5 },
        ]);
        expect(stored).toEqual([false, true]);
        expect(kept()).toBeNull();
    });

    it('keeps what did not arrive and tries again after five seconds', async () => {
        answers.push(() => Promise.reject(new Error('no connection')));
        const autosave = make();
        autosave.change({ words: 'kept' });
        await vi.advanceTimersByTimeAsync(4999);
        expect(sent).toHaveLength(1);
        expect(autosave.snapshot()).toMatchObject({ state: 'failed', problem: { message: 'no connection' } });
        expect(kept()).toEqual({ words: 'kept' });
        await vi.advanceTimersByTimeAsync(1);
        expect(sent).toHaveLength(2);
        expect(autosave.snapshot()).toEqual({ state: 'saved', problem: null });
    });

    it('tries again as soon as the connection is back', async () => {
        answers.push(() => Promise.reject(new Error('no connection')));
        const autosave = make();
        const end = autosave.start();
        autosave.change({ words: 'kept' });
        await vi.advanceTimersByTimeAsync(0);
        onlineManager.setOnline(false);
        onlineManager.setOnline(true);
        await vi.advanceTimersByTimeAsync(0);
        expect(sent).toHaveLength(2);
        end();
    });

    it('does not repeat by itself what was refused in words, and sends it with the next change', async () => {
        answers.push(() => Promise.reject(new Refusal(422, 'The name is missing.')));
        const autosave = make();
        autosave.change({ words: '' });
        await vi.advanceTimersByTimeAsync(60_000);
        expect(sent).toHaveLength(1);
        expect(kept()).toEqual({ words: '' });
        autosave.change({ words: 'named' });
        await vi.advanceTimersByTimeAsync(0);
        expect(sent.at(-1)).toEqual({ words: 'named' });
    });

    it('repeats what failed on the side of the server', async () => {
        answers.push(() => Promise.reject(new Refusal(500, 'Something went wrong.')));
        make().change({ words: 'kept' });
        await vi.advanceTimersByTimeAsync(5000);
        expect(sent).toHaveLength(2);
    });

    it('gives up a document whose refusal was dealt with', async () => {
        answers.push(() => Promise.reject(new Refusal(409, 'Changed elsewhere.')));
        const autosave = make({ onRefused: (refusal) => refusal.status === 409 });
        autosave.change({ words: 'mine' });
        await vi.advanceTimersByTimeAsync(0);
        expect(autosave.pending).toBeNull();
        expect(kept()).toBeNull();
        expect(autosave.snapshot().state).toBe('saved');
    });

    it('sends at the next visit what was left here, and on leaving what waits', async () => {
        keep('note', { words: 'left behind' });
        const end = make({ wait: 600 }).start();
        await vi.advanceTimersByTimeAsync(0);
        expect(sent).toEqual([{ words: 'left behind' }]);
        end();

        const leaving = make({ wait: 600 });
        const leave = leaving.start();
        leaving.change({ words: 'last words' });
        leave();
        await vi.advanceTimersByTimeAsync(0);
        expect(sent.at(-1)).toEqual({ words: 'last words' });
    });

    it('only keeps what is noted, until it is asked to send', async () => {
        const autosave = make();
        autosave.note({ words: 'every second' });
        await vi.advanceTimersByTimeAsync(60_000);
        expect(sent).toEqual([]);
        expect(kept()).toEqual({ words: 'every second' });
        await autosave.flush();
        expect(sent).toEqual([{ words: 'every second' }]);
    });

    it('warns before the page is closed only when something waits that could not be kept here', async () => {
        const autosave = make({ wait: 600 });
        const end = autosave.start();
        const closing = () => {
            const event = new Event('beforeunload', { cancelable: true });
            window.dispatchEvent(event);
            return event.defaultPrevented;
        };
        autosave.change({ words: 'waits, and is kept' });
        expect(closing()).toBe(false);
        const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new Error('full');
        });
        localStorage.clear();
        autosave.change({ words: 'waits, and is not kept' });
        full.mockRestore();
        expect(closing()).toBe(true);
        await autosave.flush();
        expect(closing()).toBe(false);
        end();
    });
});
