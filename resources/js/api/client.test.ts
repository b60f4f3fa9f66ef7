import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, Refusal } from './client';
import { onLapsed, type Lapsed } from './session';

let signedIn = false;
let asked: string[] = [];
const answer = (status: number, body: unknown) =>
    Promise.resolve(new Response(status === 204 ? null : JSON.stringify(body), { status }));

beforeEach(() => {
    signedIn = false;
    asked = [];
    document.head.innerHTML = '<meta name="owner" content="data:1">';
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
        asked.push(`${init.method} ${path}`);
        if (path === '/session') {
            return answer(200, { owner: signedIn ? 'data:1' : null, demo: false });
        }
        return signedIn ? answer(200, { saved: init.body }) : answer(401, { message: 'Unauthenticated.' });
    });
});
afterEach(() => vi.unstubAllGlobals());

describe('a session that has ended', () => {
    it('is begun again in place, once for all who wait, and what was sent is sent again', async () => {
        const shown: (Lapsed | null)[] = [];
        onLapsed((lapsed) => {
            shown.push(lapsed);
            if (lapsed) {
                setTimeout(() => {
                    signedIn = true;
                    lapsed.done(true);
                }, 5);
            }
        });
        const all = await Promise.all([
            api.put<{ saved: string }>('one', { a: 1 }),
            api.put<{ saved: string }>('two', { b: 2 }),
        ]);
        expect(all.map((one) => one.saved)).toEqual(['{"a":1}', '{"b":2}']);
        expect(shown.filter(Boolean)).toHaveLength(1);
        expect(shown.at(-1)).toBeNull();
    });

    it('tells that the work is safe when somebody puts it off', async () => {
        onLapsed((lapsed) => lapsed?.done(false));
        const refusal = await api.put('one', {}).catch((error: unknown) => error);
        expect(refusal).toBeInstanceOf(Refusal);
        expect((refusal as Refusal).message).toContain('safe on this device');
    });

    it('is not asked about when only the token was old', async () => {
        let isRenewed = false;
        vi.stubGlobal('fetch', (path: string) => {
            if (path === '/session') {
                isRenewed = true;
                return answer(200, { owner: 'data:1', demo: false });
            }
            return isRenewed ? answer(204, null) : answer(419, {});
        });
        const shown = vi.fn();
        onLapsed(shown);
        await api.put('one', {});
        expect(shown.mock.calls.filter(([lapsed]) => lapsed !== null)).toEqual([]);
    });

    it('does not break in on what goes on quietly', async () => {
        const shown = vi.fn();
        onLapsed(shown);
        await expect(api.put('led/1', {}, { quiet: true })).rejects.toMatchObject({ status: 401 });
        expect(shown).not.toHaveBeenCalled();
        expect(asked).toEqual(['PUT /api/led/1']);
    });
});
