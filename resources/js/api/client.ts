import { once } from './once';
import { signedInAgain, token } from './session';

/** What the server said no to, in words for the person. */
export class Refusal extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly body: Record<string, unknown> = {},
    ) {
        super(message);
    }

    /** The first sentence for each field. */
    get fields(): Record<string, string> {
        const errors = (this.body.errors ?? {}) as Record<string, string[]>;
        return Object.fromEntries(Object.entries(errors).map(([field, sentences]) => [field, sentences[0] ?? '']));
    }
}

/** The server could not be reached. */
class Unreachable extends Error {}

interface Ways {
    /** Does not ask to sign in again: for what goes on behind somebody who is busy. */
    quiet?: boolean;
    /** By which the server knows a request again that it has done already. */
    key?: string;
}

/** Signed out, or with a token that has been renewed in another tab. */
const lapsed = (status: number) => status === 401 || status === 419;

async function ask(method: string, path: string, body: unknown, key?: string): Promise<Response> {
    try {
        return await fetch(`/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': token(),
                ...(key ? { 'Idempotency-Key': key } : {}),
                ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
            },
            body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
        });
    } catch {
        throw new Unreachable('There is no connection just now. Your work is safe on this device.');
    }
}

async function send<T>(method: string, path: string, body?: unknown, { quiet = false, key }: Ways = {}): Promise<T> {
    let response = await ask(method, path, body, key);
    if (lapsed(response.status) && !quiet && (await signedInAgain())) {
        response = await ask(method, path, body, key);
    }
    if (response.status === 204) {
        return undefined as T;
    }
    const answer = (await response.json().catch(() => ({}))) as Record<string, unknown>;
    if (lapsed(response.status)) {
        throw new Refusal(
            response.status,
            'You are signed out. Your work is safe on this device; sign in again to keep it.',
            answer,
        );
    }
    if (!response.ok) {
        const message =
            typeof answer.message === 'string' && response.status < 500
                ? answer.message
                : 'Something went wrong on our side. Your work is safe; please try again.';
        throw new Refusal(response.status, message, answer);
    }
    return answer as T;
}

export const api = {
    get: <T>(path: string) => send<T>('GET', path),
    post: <T>(path: string, body: unknown = {}) => send<T>('POST', path, body),
    /** Makes something new: once, however often it is pressed, and also when the answer got lost. */
    make: <T>(path: string, body: unknown = {}) =>
        once(
            `${path} ${JSON.stringify(body)}`,
            (key) => send<T>('POST', path, body, { key }),
            // What broke on the server's side may have been done all the same.
            (problem) => problem instanceof Refusal && problem.status < 500,
        ),
    put: <T>(path: string, body: unknown, ways?: Ways) => send<T>('PUT', path, body, ways),
    delete: <T = undefined>(path: string, body?: unknown) => send<T>('DELETE', path, body),
};
