import { Upload } from 'tus-js-client';
import { api, csrfToken, Problem } from './client';
import type { Uploaded } from './types';

/** ms to wait before each new try after a lost connection; then it is given up. */
const TRY_AGAIN = [0, 800, 2000, 4000, 8000, 15_000];

/** Answers after which another try could end no other way. */
const FINAL = [400, 401, 403, 404, 413, 419, 422];

export interface SendOptions {
    galleryId: string | null;
    /** Which of the files that were dropped together it is; null when it came alone. */
    arrival: { batch: string; place: number; of: number } | null;
    partBytes: number;
    /** A gallery is to be made of it, once somebody has looked at what was understood. */
    purpose?: 'gallery';
    /** Where it was being sent to before: it goes on there. */
    url?: string | null;
    /** Called once the server knows of it. */
    onUrl?: (url: string) => void;
    /** Share sent, 0 to 1. */
    onProgress: (share: number) => void;
    /** Called when the connection was lost and is tried again. */
    onTrouble: () => void;
}

/** Sends one file in parts; after a lost connection it goes on where it broke. */
export function sendFile(file: File, options: SendOptions): Promise<Uploaded> {
    return new Promise((resolve, reject) => {
        const upload = new Upload(file, {
            endpoint: '/studio/api/uploads',
            chunkSize: options.partBytes,
            retryDelays: TRY_AGAIN,
            storeFingerprintForResuming: false,
            ...(options.url ? { uploadUrl: options.url } : {}),
            onUploadUrlAvailable: () => options.onUrl?.(upload.url ?? ''),
            metadata: {
                filename: file.name,
                ...(options.purpose ? { purpose: options.purpose } : {}),
                ...(options.galleryId === null ? {} : { gallery: options.galleryId }),
                ...(options.arrival === null ? {} : { batch: options.arrival.batch, place: String(options.arrival.place), of: String(options.arrival.of) }),
            },
            onBeforeRequest: (request) => {
                request.setHeader('Accept', 'application/json');
                request.setHeader('X-XSRF-TOKEN', csrfToken());
            },
            onShouldRetry: (error) => {
                const status = error.originalResponse?.getStatus() ?? 0;
                const again = !FINAL.includes(status);
                if (again) options.onTrouble();
                return again;
            },
            onProgress: (sent, total) => options.onProgress(total > 0 ? sent / total : 0),
            onSuccess: ({ lastResponse }) => resolve(outcomeOf(lastResponse.getBody(), upload.url ?? '')),
            onError: (error) => reject(problemOf(error, file.name)),
        });
        upload.start();
    });
}

/** The answer to the last part tells it; where that never came, the server is asked. */
function outcomeOf(body: string, url: string): Uploaded | Promise<Uploaded> {
    return body === '' ? api.get<Uploaded>(`uploads/${url.split('/').at(-1)}/outcome`) : (JSON.parse(body) as Uploaded);
}

function problemOf(error: Error, name: string): Problem {
    const answer = 'originalResponse' in error ? (error.originalResponse as { getStatus(): number; getBody(): string } | null) : null;
    if (answer === null) return new Problem(0, 'not-sent', `“${name}” could not be sent on: the line is down. It goes on where it was.`);
    try {
        return Problem.of(answer.getStatus(), JSON.parse(answer.getBody()));
    } catch {
        return new Problem(answer.getStatus(), 'not-sent', `“${name}” could not be sent (${answer.getStatus()}). Try again.`);
    }
}
