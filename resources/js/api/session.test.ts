import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { onLapsed, session, signedInAgain, signInHere, token, type Lapsed } from './session';

/** How each address answers: status and body. */
let answers: Record<string, [number, unknown]>;
let asked: { way: string; body: unknown }[];
const went = vi.fn();

beforeEach(() => {
    answers = { 'GET /session': [200, { owner: 'data:1', demo: true }] };
    asked = [];
    went.mockClear();
    document.head.innerHTML = '<meta name="owner" content="data:1">';
    vi.stubGlobal('location', { assign: went });
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
        const way = `${init.method} ${path}`;
        asked.push({ way, body: init.body ? JSON.parse(init.body as string) : null });
        const [status, body] = answers[way] ?? [404, {}];
        return status === 0
            ? Promise.reject(new TypeError('no connection'))
            : Promise.resolve(new Response(typeof body === 'string' ? body : JSON.stringify(body), { status }));
    });
});
afterEach(() => vi.unstubAllGlobals());

describe('signing in without leaving the page', () => {
    const who = { email: 'rosa@kind-chair.example', password: 'a long password' };

    it('fetches what the server wants to see first, then signs in, and stays', async () => {
        answers['POST /sign-in'] = [200, { owner: 'data:1' }];
        expect(await signInHere('/sign-in', who)).toBeNull();
        expect(asked).toEqual([
            { way: 'GET /session', body: null },
            { way: 'POST /sign-in', body: who },
        ]);
        expect(went).not.toHaveBeenCalled();
    });

    it('goes to the start page where it is somebody else, so that nothing of the first is seen', async () => {
        answers['POST /sign-in'] = [200, { owner: 'data:2' }];
        expect(await signInHere('/sign-in', who)).toBeNull();
        expect(went).toHaveBeenCalledWith('/');
    });

    it('tells in words what was wrong', async () => {
        answers['POST /sign-in'] = [422, { message: 'The password is another one.' }];
        expect(await signInHere('/sign-in', who)).toBe('The password is another one.');
        answers['POST /sign-in'] = [429, { message: 'Too Many Attempts.' }];
        expect(await signInHere('/sign-in', who)).toMatch(/wait a minute/);
        answers['POST /sign-in'] = [500, '<html>'];
        expect(await signInHere('/sign-in', who)).toBe('That did not work. Please try again.');
        answers['GET /session'] = [0, null];
        expect(await signInHere('/sign-in', who)).toMatch(/no connection/);
        expect(went).not.toHaveBeenCalled();
    });
});

describe('a session that may have ended', () => {
    it('goes on where it was renewed in another tab, without asking', async () => {
        const shown = vi.fn();
        onLapsed(shown);
        expect(await signedInAgain()).toBe(true);
        expect(shown.mock.calls).toEqual([[null]]);
        expect(await session()).toEqual({ owner: 'data:1', demo: true });
    });

    it('asks for somebody else signed in meanwhile as well, and says whether it is the demo', async () => {
        answers['GET /session'] = [200, { owner: 'data:2', demo: true }];
        const seen: (Lapsed | null)[] = [];
        onLapsed((lapsed) => {
            seen.push(lapsed);
            lapsed?.done(false);
        });
        expect(await signedInAgain()).toBe(false);
        expect(seen.map((lapsed) => lapsed?.demo)).toEqual([true, undefined]);
    });

    it('asks anew the next time', async () => {
        answers['GET /session'] = [200, { owner: null, demo: false }];
        let times = 0;
        onLapsed((lapsed) => {
            times += lapsed ? 1 : 0;
            lapsed?.done(true);
        });
        await signedInAgain();
        await signedInAgain();
        expect(times).toBe(2);
    });

    it('leads to the page for it where nothing on this one can ask', async () => {
        answers['GET /session'] = [0, null];
        onLapsed(() => undefined)();
        expect(await signedInAgain()).toBe(false);
        expect(went).toHaveBeenCalledWith('/sign-in');
    });
});

it('has nothing to show with a change while the server has given nothing', () => {
    expect(token()).toBe('');
});
