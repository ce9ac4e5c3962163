import { Upload } from 'tus-js-client';
import { csrfToken, Problem } from './client';
import type { Uploaded } from './types';

/** ms to wait before each new try after a lost connection; then it is given up. */
const TRY_AGAIN = [0, 800, 2000, 4000, 8000, 15_000];

/** Answers after which another try could end no other way. */
const FINAL = [400, 401, 403, 404, 413, 419, 422];

export interface SendOptions {
    galleryId: string | null;
    /** Which of the files that were dropped together it is; null when it came alone. */
    arrival: { batch: string; place: number } | null;
    partBytes: number;
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
            metadata: {
                filename: file.name,
                ...(options.galleryId === null ? {} : { gallery: options.galleryId }),
                ...(options.arrival === null ? {} : { batch: options.arrival.batch, place: String(options.arrival.place) }),
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
            onSuccess: ({ lastResponse }) => resolve(JSON.parse(lastResponse.getBody()) as Uploaded),
            onError: (error) => reject(problemOf(error, file.name)),
        });
        upload.start();
    });
}

function problemOf(error: Error, name: string): Problem {
    const answer = 'originalResponse' in error ? (error.originalResponse as { getStatus(): number; getBody(): string } | null) : null;
    if (answer === null) return new Problem(0, 'not-sent', `“${name}” could not be sent: the connection broke. Try again.`);
    try {
        return Problem.of(answer.getStatus(), JSON.parse(answer.getBody()));
    } catch {
        return new Problem(answer.getStatus(), 'not-sent', `“${name}” could not be sent (${answer.getStatus()}). Try again.`);
    }
}
