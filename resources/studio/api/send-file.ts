import { csrfToken, Problem } from './client';
import type { Uploaded } from './types';

/**
 * Sends one picture file into a gallery.
 *
 * @param place that it is to have in the gallery, from 0
 * @param onProgress share sent, 0 to 1 (fetch tells none, so this is an XMLHttpRequest)
 */
export function sendFile(galleryId: string, file: File, place: number, onProgress: (share: number) => void): Promise<Uploaded> {
    return new Promise((resolve, reject) => {
        const request = new XMLHttpRequest();
        const body = new FormData();
        body.append('picture', file, file.name);
        body.append('place', String(place));
        request.open('POST', `/studio/api/galleries/${galleryId}/pictures`);
        request.setRequestHeader('Accept', 'application/json');
        request.setRequestHeader('X-XSRF-TOKEN', csrfToken());
        request.responseType = 'json';
        request.upload.addEventListener('progress', (event) => onProgress(event.total > 0 ? event.loaded / event.total : 0));
        request.addEventListener('load', () => {
            if (request.status >= 200 && request.status < 300) resolve(request.response as Uploaded);
            else reject(Problem.of(request.status, request.response));
        });
        request.addEventListener('error', () => reject(new Problem(0, 'not-sent', `“${file.name}” could not be sent: the connection broke. Try again.`)));
        request.send(body);
    });
}
