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
export class Unreachable extends Error {}

function token(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
    return decodeURIComponent(cookie?.slice('XSRF-TOKEN='.length) ?? '');
}

async function send<T>(method: string, path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': token(),
                ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
            },
            body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
        });
    } catch {
        throw new Unreachable('There is no connection just now. Your work is safe on this device.');
    }
    if (response.status === 401 || response.status === 419) {
        window.location.assign('/sign-in');
    }
    if (response.status === 204) {
        return undefined as T;
    }
    const answer = (await response.json().catch(() => ({}))) as Record<string, unknown>;
    if (!response.ok) {
        const message = typeof answer.message === 'string' && response.status < 500 ? answer.message : 'Something went wrong on our side. Your work is safe; please try again.';
        throw new Refusal(response.status, message, answer);
    }
    return answer as T;
}

export const api = {
    get: <T>(path: string) => send<T>('GET', path),
    post: <T>(path: string, body: unknown = {}) => send<T>('POST', path, body),
    put: <T>(path: string, body: unknown) => send<T>('PUT', path, body),
    delete: <T = undefined>(path: string) => send<T>('DELETE', path),
};
