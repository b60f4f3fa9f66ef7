import { owner } from '../parts/kept';

const tokenCookie = document.querySelector<HTMLMetaElement>('meta[name="token-cookie"]')?.content ?? '';

/** What the server wants to see with every change, as it last gave it. */
export function token(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith(`${tokenCookie}=`));
    return decodeURIComponent(cookie?.slice(tokenCookie.length + 1) ?? '');
}

export interface Session {
    owner: string | null;
    demo: boolean;
}

async function ask(method: string, path: string, body?: unknown): Promise<Response> {
    return fetch(path, {
        method,
        headers: {
            Accept: 'application/json',
            'X-XSRF-TOKEN': token(),
            ...(body ? { 'Content-Type': 'application/json' } : {}),
        },
        body: body ? JSON.stringify(body) : undefined,
    });
}

/** Who is signed in by now; renews the token on the way. */
export const session = async (): Promise<Session> => (await (await ask('GET', '/session')).json()) as Session;

/** Signs in without leaving the page. Answers with what was wrong, or with null when it worked. */
export async function signInHere(
    path: '/sign-in' | '/sign-in/demo',
    body?: { email: string; password: string },
): Promise<string | null> {
    try {
        await session();
        const response = await ask('POST', path, body);
        const answer = (await response.json().catch(() => ({}))) as { message?: string; owner?: string };
        if (!response.ok) {
            return response.status === 429
                ? 'There were many tries in a short time. Please wait a minute and try again.'
                : (answer.message ?? 'That did not work. Please try again.');
        }
        if (answer.owner !== owner()) {
            // Somebody else's account: their own start page, and what was typed here stays kept for its owner.
            window.location.assign('/');
        }
        return null;
    } catch {
        return 'There is no connection just now. Your work is safe on this device.';
    }
}

export async function signOut(): Promise<void> {
    await ask('POST', '/sign-out').catch(() => undefined);
    window.location.assign('/sign-in');
}

interface Lapsed {
    demo: boolean;
    done: (signedIn: boolean) => void;
}

let waiting: Promise<boolean> | null = null;
let show: ((lapsed: Lapsed | null) => void) | null = null;

/** The one place that shows the request to sign in again. */
export function onLapsed(listener: (lapsed: Lapsed | null) => void): () => void {
    show = listener;
    return () => {
        show = null;
    };
}

/** Waits until somebody is signed in again, in place. All who ask meanwhile wait for the same answer. */
export function signedInAgain(): Promise<boolean> {
    waiting ??= (async () => {
        const now = await session().catch(() => null);
        if (now?.owner && now.owner === owner()) {
            return true;
        }
        if (!show) {
            window.location.assign('/sign-in');
            return false;
        }
        return new Promise<boolean>((done) => show?.({ demo: now?.demo ?? false, done }));
    })().finally(() => {
        waiting = null;
        show?.(null);
    });
    return waiting;
}

export type { Lapsed };
