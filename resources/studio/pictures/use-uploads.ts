import { useQueryClient } from '@tanstack/vue-query';
import { useEventListener } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { api, Problem } from '../api/client';
import { galleryQuery } from '../api/queries';
import { sendFile } from '../api/send-file';
import type { Gallery, Picture } from '../api/types';

export const ACCEPTED = '.jpg,.jpeg,.png,.webp,.gif,.avif,.heic,.heif,image/*';

/** Files on their way at once; the server prepares no faster for more. */
const AT_ONCE = 3;

/** ms between looks at a picture that is being prepared. */
const LOOK_AGAIN = 700;

export interface Upload {
    key: number;
    galleryId: string;
    file: File;
    /** Pictures in the gallery before the files of this batch came. */
    base: number;
    batch: number;
    state: 'queued' | 'sending' | 'preparing' | 'ready' | 'failed';
    /** Share sent, 0 to 1. */
    sent: number;
    thumbnail: string | null;
    note: string;
}

let lastKey = 0;

/** Files on their way into galleries; goes on while one works elsewhere in the studio. */
export const useUploads = defineStore('uploads', () => {
    const queries = useQueryClient();
    const uploads = ref<Upload[]>([]);
    const open = computed(() => uploads.value.filter(({ state }) => state === 'queued' || state === 'sending'));

    useEventListener('beforeunload', (event) => {
        if (open.value.length > 0) event.preventDefault();
    });

    function add(galleryId: string, files: File[]): void {
        const batch = ++lastKey;
        const base = queries.getQueryData<Gallery>(galleryQuery(galleryId).queryKey)?.items.length ?? 0;
        for (const file of files) {
            uploads.value.push({ key: ++lastKey, galleryId, file, base, batch, state: 'queued', sent: 0, thumbnail: null, note: '' });
        }
        startNext();
    }

    function retry(upload: Upload): void {
        Object.assign(upload, { state: 'queued', sent: 0, note: '' });
        startNext();
    }

    function clear(): void {
        uploads.value = uploads.value.filter(({ state }) => state !== 'ready' && state !== 'failed');
    }

    function startNext(): void {
        const sending = uploads.value.filter(({ state }) => state === 'sending').length;
        for (const upload of uploads.value.filter(({ state }) => state === 'queued').slice(0, AT_ONCE - sending)) void send(upload);
    }

    /** Files are sent side by side; each says where it belongs, so that they stand as they were dropped. */
    function placeOf({ base, batch, key }: Upload): number {
        return base + uploads.value.filter((other) => other.batch === batch && other.key < key && other.state !== 'failed').length;
    }

    async function send(upload: Upload): Promise<void> {
        upload.state = 'sending';
        try {
            const { picture, notice } = await sendFile(upload.galleryId, upload.file, placeOf(upload), (share) => (upload.sent = share));
            upload.note = notice ?? '';
            upload.thumbnail = picture.thumbnail;
            upload.state = 'preparing';
            void queries.invalidateQueries({ queryKey: galleryQuery(upload.galleryId).queryKey });
            void queries.invalidateQueries({ queryKey: ['galleries'] });
            void follow(upload, picture);
        } catch (error) {
            upload.state = 'failed';
            upload.note = error instanceof Problem ? error.message : `“${upload.file.name}” could not be taken. Try again.`;
        }
        startNext();
    }

    async function follow(upload: Upload, picture: Picture): Promise<void> {
        let seen = picture;
        while (seen.state === 'preparing') {
            await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN));
            seen = await api.get<Picture>(`pictures/${picture.id}`).catch(() => seen);
        }
        upload.state = seen.state;
        upload.note = seen.failure ?? upload.note;
        void queries.invalidateQueries({ queryKey: galleryQuery(upload.galleryId).queryKey });
    }

    return { uploads, add, retry, clear };
});
