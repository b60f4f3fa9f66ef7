import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { once } from './once';

beforeEach(() => vi.useFakeTimers({ now: 1_000_000 }));
afterEach(() => vi.useRealTimers());

let sent: string[] = [];
const press = (what: string, outcome: () => Promise<string>) =>
    once(
        what,
        (key) => {
            sent.push(key);
            return outcome();
        },
        (problem) => problem === 'refused',
    );
const fine = () => Promise.resolve('made');

beforeEach(() => {
    sent = [];
});

it('sends a double click once, and the same wish later again', async () => {
    const both = await Promise.all([press('a', fine), press('a', fine)]);
    expect([both, sent.length]).toEqual([['made', 'made'], 1]);
    vi.advanceTimersByTime(1000);
    await press('a', fine);
    expect(sent).toHaveLength(1);
    vi.advanceTimersByTime(1000);
    await press('a', fine);
    expect(sent).toHaveLength(2);
    expect(sent[0]).not.toBe(sent[1]);
});

it('keeps what differs apart', async () => {
    await Promise.all([press('b', fine), press('c', fine)]);
    expect(sent).toHaveLength(2);
});

it('sends what got lost under the same key, and what was refused under a new one', async () => {
    await expect(press('d', () => Promise.reject(new Error('gone')))).rejects.toThrow('gone');
    vi.advanceTimersByTime(60_000);
    await press('d', fine);
    expect(sent[0]).toBe(sent[1]);
    await expect(press('e', () => Promise.reject('refused'))).rejects.toBe('refused');
    await press('e', fine);
    expect(sent[2]).not.toBe(sent[3]);
});
