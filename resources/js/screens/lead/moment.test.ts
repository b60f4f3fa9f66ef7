import { describe, expect, it } from 'vitest';
import type { Beat, LeadAnswer } from '../../api/types/answer-lead';
import { part } from './cueParts';
import { endingAt, momentOf } from './moment';
import { Player } from './player';

const beat = (start: number, entry: string, side: 'left' | 'right' | null, kind: Beat['kind'] = 'cycle') =>
    ({ start, length: 10, entry, side, kind, unit: 1, units: 1, words: '', breath: 'in' }) as unknown as Beat;
const lead = { entries: [{ id: 'a' }, { id: 'b' }] } as unknown as LeadAnswer;
const at = (seconds: number, beats: Beat[]) => {
    let now = 0;
    const player = new Player(beats, 1, () => now);
    player.go();
    now = seconds * 1000;
    return momentOf(player, lead);
};

describe('the moment of a class', () => {
    const beats = [beat(0, 'a', 'left'), beat(10, 'a', 'left', 'change'), beat(20, 'a', 'right'), beat(30, 'b', null)];

    it('names what comes: the other side first, the next movement after it, then the end', () => {
        expect(at(5, beats)).toMatchObject({ order: 0, share: 0.5, nextIsSameMovement: true, coming: { id: 'b' } });
        expect(at(5, beats)?.next?.side).toBe('right');
        expect(at(25, beats)).toMatchObject({ nextIsSameMovement: false, coming: { id: 'b' }, next: { entry: 'b' } });
        const last = at(35, beats);
        expect(last?.entry.id).toBe('b');
        expect(last?.next).toBeUndefined();
        expect(last?.coming).toBeUndefined();
    });

    it('goes by what is done, not by how it is written: a set begins again', () => {
        const set = [beat(0, 'a', null), beat(10, 'b', 'left'), beat(20, 'b', 'right'), beat(30, 'a', null)];
        expect(at(15, set)).toMatchObject({ nextIsSameMovement: true, coming: { id: 'a' } });
        expect(at(25, set)).toMatchObject({ nextIsSameMovement: false, coming: { id: 'a' } });
        expect(at(35, set)?.coming).toBeUndefined();
    });

    it('keeps long words in view while they are said, over quick beats, and is quiet then', () => {
        const quick = (start: number, words: string) =>
            ({ ...beat(start, 'a', null), length: 1, words }) as unknown as Beat;
        // Four words take two seconds, and stay for a second and a half.
        const spoken = [quick(0, 'Up go the heels.'), ...[1, 2, 3, 4].map((start) => quick(start, ''))];
        expect(at(0.5, spoken)?.said).toBe('Up go the heels.');
        expect(at(3.4, spoken)?.said).toBe('Up go the heels.');
        expect(at(3.6, spoken)?.said).toBeNull();
    });

    it('does not keep the words of another side', () => {
        const spoken = [{ ...beat(0, 'a', 'left'), length: 1, words: 'One two three four.' }, beat(1, 'a', 'right')];
        expect(at(1.5, spoken as Beat[])?.said).toBeNull();
    });

    it('is nothing when nothing is planned', () => {
        expect(at(0, [])).toBeNull();
    });
});

describe('a cue', () => {
    const sentence = (letters: number) => `${'a'.repeat(letters - 2)}. `;

    it('stays whole up to 90 letters and comes in parts from 91 on', () => {
        expect(part('b'.repeat(90), 0.9)).toHaveLength(90);
        const long = sentence(60) + sentence(60).replaceAll('a', 'c');
        expect(part(long, 0.49)).toMatch(/^a+\.$/);
        expect(part(long, 0.5)).toMatch(/^c+\.$/);
        expect(part(long, 1)).toMatch(/^c+\.$/);
    });

    it('joins short sentences up to 84 letters in a part', () => {
        const words = sentence(42) + sentence(42) + 'The end is here now.';
        expect(part(words, 0)).toHaveLength(83);
        expect(part(words, 0.99)).toBe('The end is here now.');
        expect(part(sentence(42) + sentence(43) + 'The end is here now.', 0)).toHaveLength(41);
    });
});

describe('when a class ends', () => {
    const minutes = (ms: number) => Math.round(ms / 6000) / 10;

    it('is the plan at the beginning, at the usual pace where that is known', () => {
        expect(minutes(endingAt(0, 0, 0, 2400, 2400))).toBe(40);
        expect(minutes(endingAt(0, 0, 0, 2400, 2640))).toBe(44);
    });

    it('goes more and more by how this class goes', () => {
        // Twenty minutes of plan took twenty-four: what is left is drawn to that, past half of it.
        const half = minutes(endingAt(0, 1440, 1200, 2400, 2400));
        expect(half).toBeGreaterThan(22);
        expect(half).toBeLessThan(24);
        expect(endingAt(0, 2900, 2400, 2400, 2400)).toBe(0);
    });
});
