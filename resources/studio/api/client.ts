/** A refusal of the API: problem details as of RFC 9457. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        readonly code: string,
        detail: string,
    ) {
        super(detail);
    }

    static of(status: number, body: unknown): Problem {
        const { code, detail } = (body ?? {}) as { code?: string; detail?: string };
        return new Problem(status, code ?? 'failed', detail ?? 'The server could not be reached. Nothing was changed; try again.');
    }
}

/** The token that Laravel lays into a cookie for scripts of its own origin. */
export function csrfToken(): string {
    const found = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie);
    return found?.[1] ? decodeURIComponent(found[1]) : '';
}

async function send<T>(method: string, path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
        response = await fetch(`/studio/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': csrfToken(),
                ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
            },
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        });
    } catch {
        throw Problem.of(0, null);
    }
    const answer: unknown = response.status === 204 ? null : await response.json().catch(() => null);
    if (!response.ok) throw Problem.of(response.status, answer);
    return answer as T;
}

export const api = {
    get: <T>(path: string) => send<T>('GET', path),
    post: <T>(path: string, body: unknown) => send<T>('POST', path, body),
    patch: <T>(path: string, body: unknown) => send<T>('PATCH', path, body),
    delete: (path: string) => send<null>('DELETE', path),
};
