import { useQueryClient } from '@tanstack/vue-query';
import { useEventListener } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { api, isLineDown, isSignedOut, messageOf, Problem } from '../api/client';
import { galleryQuery, sessionQuery } from '../api/queries';
import { sendFile } from '../api/send-file';
import type { Picture, Batch, Uploaded } from '../api/types';
import { useKeeping } from '../outbox/keeping';
import { useOutbox } from '../outbox/use-outbox';
import { posterFrame } from './poster-frame';

/** Files on their way at once; the server prepares no faster for more. */
/** Names of files of words. */
const WORDS = /\.vtt$/i;

const AT_ONCE = 3;

/** ms between looks at what is being prepared. */
const LOOK_AGAIN = 700;

export interface Upload {
    key: number;
    /** Where the picture is to go; null for the store alone. */
    galleryId: string | null;
    name: string;
    /** Null for what the server takes in by itself. */
    file: File | null;
    /** Which of the files that were dropped together it is. */
    arrival: { batch: string; place: number; of: number } | null;
    /** A file that was stopped goes on where it was; one that failed was not taken. */
    state: 'queued' | 'sending' | 'stopped' | 'preparing' | 'ready' | 'failed';
    /** Share sent, or of a batch taken in, 0 to 1. */
    sent: number;
    /** Where it is sent to, once the server knows of it. */
    url: string | null;
    thumbnail: string | null;
    note: string;
}

/** A file that was on its way when its window was closed: it goes on as soon as it is chosen again. */
export interface Missing {
    galleryId: string | null;
    name: string;
    bytes: number;
    arrival: Upload['arrival'];
    url: string | null;
}

let lastKey = 0;

/** Files on their way in; goes on while one works elsewhere in the studio. */
export const useUploads = defineStore('uploads', () => {
    const queries = useQueryClient();
    const outbox = useOutbox();
    const keeping = useKeeping<Missing>('zinc-uploads');
    const uploads = ref<Upload[]>([]);
    const missing = ref<Missing[]>([]);
    const open = computed(() => uploads.value.filter(({ state }) => state === 'queued' || state === 'sending' || state === 'stopped'));

    useEventListener('beforeunload', (event) => {
        if (open.value.length > 0) event.preventDefault();
    });
    useEventListener('online', goOn);
    watch(
        () => outbox.signedOut,
        (is) => !is && goOn(),
    );
    watch([open, missing], note, { deep: true });
    void keeping.left().then((left) => (missing.value = left));

    /** What would be missing if the window were closed now. */
    function note(): void {
        keeping.write([
            ...missing.value,
            ...open.value.flatMap(({ file, galleryId, name, arrival, url }) => (file ? [{ galleryId, name, bytes: file.size, arrival, url }] : [])),
        ]);
    }

    function entry(galleryId: string | null, name: string, file: File | null, arrival: Upload['arrival'], url: string | null = null): Upload {
        return { key: ++lastKey, galleryId, name, file, arrival, state: 'queued', sent: 0, url, thumbnail: null, note: '' };
    }

    function add(galleryId: string | null, files: File[]): void {
        const batch = crypto.randomUUID();
        files.forEach((file, place) => uploads.value.push(entry(galleryId, file.name, file, { batch, place, of: files.length })));
        startNext();
    }

    /** Files that are chosen again go on where they were; the others are none of those that are missing. */
    function bring(files: File[]): void {
        for (const file of files) {
            const one = missing.value.find(({ name, bytes }) => name === file.name && bytes === file.size);
            if (!one) continue;
            missing.value = missing.value.filter((other) => other !== one);
            uploads.value.push(entry(one.galleryId, one.name, file, one.arrival, one.url));
        }
        startNext();
    }

    function forget(): void {
        missing.value = [];
    }

    /** Shows what the server takes in by itself, from a card or a shelf. */
    function watchBatch(galleryId: string | null, batch: Batch): void {
        const upload = entry(galleryId, batch.name, null, null);
        upload.state = 'preparing';
        uploads.value.push(upload);
        void followBatch(uploads.value.find(({ key }) => key === upload.key) ?? upload, batch);
    }

    /** From the beginning. */
    function retry(upload: Upload): void {
        Object.assign(upload, { state: 'queued', sent: 0, note: '', url: null });
        startNext();
    }

    /** All that were stopped, each where it was. */
    function goOn(): void {
        for (const upload of uploads.value.filter(({ state }) => state === 'stopped')) Object.assign(upload, { state: 'queued', note: '' });
        startNext();
    }

    function clear(): void {
        uploads.value = uploads.value.filter(({ state }) => state !== 'ready' && state !== 'failed');
    }

    function startNext(): void {
        const sending = uploads.value.filter(({ state }) => state === 'sending').length;
        const queued = uploads.value.filter(({ state }) => state === 'queued');
        // The words of a video come after all videos that are on their way: they go with one of them.
        const first = queued.filter(({ name }) => !WORDS.test(name));
        const next = first.length > 0 || sending > 0 ? first : queued;
        for (const upload of next.slice(0, AT_ONCE - sending)) void send(upload);
    }

    async function send(upload: Upload): Promise<void> {
        if (!upload.file) return;
        upload.state = 'sending';
        try {
            const { limits } = await queries.ensureQueryData(sessionQuery());
            const outcome = await sendFile(upload.file, {
                galleryId: upload.galleryId,
                arrival: upload.arrival,
                partBytes: limits.part_bytes,
                url: upload.url,
                onUrl: (url) => (upload.url = url),
                onProgress: (share) => {
                    upload.sent = share;
                    upload.note = '';
                },
                onTrouble: () => (upload.note = 'The connection was lost; going on as soon as it is back.'),
            });
            await take(upload, upload.file, outcome);
        } catch (error) {
            stop(upload, error);
        }
        startNext();
    }

    /** A lost line or an ended session stops a file; a refusal is its end. */
    function stop(upload: Upload, error: unknown): void {
        const isOut = error instanceof Problem && isSignedOut(error);
        if (isOut) outbox.signedOut = true;
        upload.state = isOut || (error instanceof Problem && isLineDown(error)) ? 'stopped' : 'failed';
        upload.note = isOut ? 'Waits for you to sign in.' : messageOf(error);
    }

    async function take(upload: Upload, file: File, outcome: Uploaded): Promise<void> {
        upload.state = 'preparing';
        if ('batch' in outcome) {
            void followBatch(upload, outcome.batch);
            return;
        }
        upload.note = outcome.notice ?? '';
        upload.thumbnail = outcome.picture.thumbnail;
        if (outcome.picture.kind === 'video' && !outcome.known) await givePoster(outcome.picture, file).catch(() => undefined);
        refresh(upload);
        void follow(upload, outcome.picture);
    }

    /** A video stands there by a picture of itself until another is chosen. */
    async function givePoster(video: Picture, file: File): Promise<void> {
        const { limits } = await queries.ensureQueryData(sessionQuery());
        const frame = await posterFrame(URL.createObjectURL(file), file.name);
        const outcome = await sendFile(frame, {
            galleryId: null,
            arrival: null,
            partBytes: limits.part_bytes,
            onProgress: () => undefined,
            onTrouble: () => undefined,
        });
        if ('picture' in outcome) await api.patch(`pictures/${video.id}`, { poster: outcome.picture.id });
    }

    async function follow(upload: Upload, picture: Picture): Promise<void> {
        let seen = picture;
        while (seen.state === 'preparing') {
            await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN));
            seen = await api.get<Picture>(`pictures/${picture.id}`).catch(() => seen);
        }
        upload.state = seen.state;
        upload.thumbnail = seen.thumbnail ?? upload.thumbnail;
        upload.note = seen.failure ?? upload.note;
        refresh(upload);
    }

    async function followBatch(upload: Upload, begun: Batch): Promise<void> {
        let batch = begun;
        for (;;) {
            const before = upload.sent;
            upload.sent = batch.total > 0 ? batch.outcomes.length / batch.total : 0;
            upload.note = `${batch.outcomes.length} of ${batch.total} taken in${batch.state === 'held' ? '; the server cannot write just now, and it goes on by itself' : ''}`;
            if (upload.sent !== before) refresh(upload);
            if (batch.state === 'done' || batch.state === 'failed') break;
            await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN));
            batch = await api.get<Batch>(`batches/${batch.id}`).catch(() => batch);
        }
        const failed = batch.outcomes.filter(({ state }) => state === 'failed');
        upload.state = batch.state === 'failed' ? 'failed' : 'ready';
        upload.note = [`${batch.outcomes.length - failed.length} of ${batch.total} taken`, ...failed.map(({ note }) => note)].join('\n');
        refresh(upload);
    }

    function refresh({ galleryId }: Upload): void {
        if (galleryId !== null) void queries.invalidateQueries({ queryKey: galleryQuery(galleryId).queryKey });
        void queries.invalidateQueries({ queryKey: ['galleries'] });
        void queries.invalidateQueries({ queryKey: ['store'] });
        void queries.invalidateQueries({ queryKey: ['sources'] });
    }

    return { uploads, missing, add, bring, forget, watchBatch, retry, goOn, clear };
});
