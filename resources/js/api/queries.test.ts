import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from './client';
import { fetchFigure } from './queries';

let asked: string[][];
/** How the server answers; by default with one shape for each key. */
let answer: (keys: string[]) => unknown;

beforeEach(() => {
    asked = [];
    answer = (keys) => ({ figures: Object.fromEntries(keys.map((key) => [key, [{ role: 'body', d: `M${key}` }]])) });
    vi.spyOn(api, 'get').mockImplementation((address) => {
        const keys = decodeURIComponent(address.replace('figures?keys=', '')).split(',');
        asked.push(keys);
        return new Promise((give) => {
            give(answer(keys));
        });
    });
});

afterEach(() => vi.restoreAllMocks());

describe('figures that are asked for in the same moment', () => {
    it('travel in one request, each of them once', async () => {
        const shapes = await Promise.all(['a/x/chair/left', 'b/y/bed/left', 'a/x/chair/left'].map(fetchFigure));

        expect(asked).toEqual([['a/x/chair/left', 'b/y/bed/left']]);
        expect(shapes.map(([shape]) => shape?.d)).toEqual(['Ma/x/chair/left', 'Mb/y/bed/left', 'Ma/x/chair/left']);
    });

    it('go a hundred at a time, as many as the server draws at once', async () => {
        await Promise.all(Array.from({ length: 101 }, (_, at) => fetchFigure(`m${at}`)));

        expect(asked.map((keys) => keys.length)).toEqual([100, 1]);
    });

    it('are nothing where the server knows no such figure, and the others are there', async () => {
        answer = () => ({ figures: { known: [{ role: 'body', d: 'M1' }] } });

        expect(await Promise.all([fetchFigure('known'), fetchFigure('gone')])).toEqual([
            [{ role: 'body', d: 'M1' }],
            [],
        ]);
    });

    it('fail together where the connection is away, and can be asked for again', async () => {
        answer = () => {
            throw new Error('away');
        };
        const [one, other] = [fetchFigure('a'), fetchFigure('b')];
        await expect(one).rejects.toThrow('away');
        await expect(other).rejects.toThrow('away');

        answer = () => ({ figures: { a: [{ role: 'body', d: 'M2' }] } });
        expect(await fetchFigure('a')).toEqual([{ role: 'body', d: 'M2' }]);
        expect(asked).toEqual([['a', 'b'], ['a']]);
    });
});
