/** A refusal of the API: problem details as of RFC 9457. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        readonly code: string,
        detail: string,
        readonly facts: Readonly<Record<string, unknown>> = {},
    ) {
        super(detail);
    }

    static of(status: number, body: unknown): Problem {
        const facts = (body ?? {}) as Record<string, unknown> & { code?: string; detail?: string };
        return new Problem(status, facts.code ?? 'failed', facts.detail ?? 'The server could not be reached. Nothing was changed; try again.', facts);
    }
}

/** The server could not be asked, or could not answer: the same may be sent again. */
export function isLineDown({ status }: Problem): boolean {
    return status === 0 || status === 429 || status >= 502;
}

/** The session has ended, or the page was open too long: one signs in again and goes on. */
export function isSignedOut({ status }: Problem): boolean {
    return status === 401 || status === 419;
}

/** What to tell a person of an error, whatever it is. */
export function messageOf(error: unknown): string {
    return error instanceof Problem ? error.message : 'That could not be done. Try again.';
}

/** The token that Laravel lays into a cookie for scripts of its own origin. */
export function csrfToken(): string {
    const found = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie);
    return found?.[1] ? decodeURIComponent(found[1]) : '';
}

async function send<T>(method: string, path: string, body?: unknown): Promise<T> {
    const isRaw = body instanceof FormData || body instanceof Blob;
    let response: Response;
    try {
        response = await fetch(`/studio/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': csrfToken(),
                ...(body === undefined || isRaw ? {} : { 'Content-Type': 'application/json' }),
            },
            ...(body === undefined ? {} : { body: isRaw ? body : JSON.stringify(body) }),
        });
    } catch {
        throw Problem.of(0, null);
    }
    const answer: unknown = response.status === 204 ? null : await response.json().catch(() => null);
    if (!response.ok) throw Problem.of(response.status, answer);
    return answer as T;
}

/** An address with the values that say something. */
export function withQuery(path: string, values: Record<string, string | number | boolean | null | undefined>): string {
    const query = new URLSearchParams();
    for (const [key, value] of Object.entries(values)) {
        if (value === true) query.set(key, '1');
        else if (value !== false && value !== '' && value !== null && value !== undefined) query.set(key, String(value));
    }
    return query.size > 0 ? `${path}?${query}` : path;
}

export const api = {
    get: <T>(path: string) => send<T>('GET', path),
    post: <T>(path: string, body: unknown) => send<T>('POST', path, body),
    /** A file as it is. */
    send: <T>(path: string, file: Blob) => send<T>('POST', path, file),
    put: <T>(path: string, body: unknown) => send<T>('PUT', path, body),
    patch: <T>(path: string, body: unknown) => send<T>('PATCH', path, body),
    delete: (path: string) => send<null>('DELETE', path),
};
