import { afterEach, describe, expect, it, vi } from 'vitest';
import { fetchFigure } from './queries';

const answer = (status: number, body: unknown) => Promise.resolve(new Response(JSON.stringify(body), { status }));
const keysOf = (url: unknown) => decodeURIComponent(String(url).split('keys=')[1] ?? '').split(',');

afterEach(() => vi.unstubAllGlobals());

describe('figures asked for in one moment', () => {
    it('all fail when their request fails, and none waits for ever', async () => {
        vi.stubGlobal('fetch', () => answer(500, {}));
        const all = await Promise.allSettled(['a', 'b', 'a'].map(fetchFigure));
        expect(all.map((one) => one.status)).toEqual(['rejected', 'rejected', 'rejected']);
    });

    it('travel together, each key once, and no more than can be drawn at once', async () => {
        const asked: string[][] = [];
        vi.stubGlobal('fetch', (url: unknown) => {
            const keys = keysOf(url);
            asked.push(keys);
            return answer(200, {
                figures: Object.fromEntries(keys.map((key) => [key, [{ role: 'body', d: key }]])),
            });
        });
        const keys = [...Array(950).keys(), 7].map(String);
        const drawn = await Promise.all(keys.map(fetchFigure));
        expect(drawn.map((shapes) => Number(shapes[0]?.d))).toEqual([...Array(950).keys(), 7]);
        expect(Math.max(...asked.map((one) => one.length))).toBeLessThanOrEqual(400);
        expect(new Set(asked.flat()).size).toBe(asked.flat().length);
    });

    it('are answered in part when one of several requests fails', async () => {
        vi.stubGlobal('fetch', (url: unknown) =>
            keysOf(url).includes('0') ? answer(500, {}) : answer(200, { figures: {} }),
        );
        const all = await Promise.allSettled([...Array(150).keys()].map((key) => fetchFigure(String(key))));
        expect([all[0]?.status, all[149]?.status]).toEqual(['rejected', 'fulfilled']);
    });

    it('are nothing where there is no such figure, and are asked for again after a failure', async () => {
        vi.stubGlobal('fetch', () => answer(500, {}));
        await expect(fetchFigure('a')).rejects.toThrow();

        vi.stubGlobal('fetch', () => answer(200, { figures: { a: [{ role: 'body', d: 'M1' }] } }));
        expect(await Promise.all(['a', 'gone'].map(fetchFigure))).toEqual([[{ role: 'body', d: 'M1' }], []]);
    });
});
