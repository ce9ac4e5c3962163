import { useQueryClient } from '@tanstack/vue-query';
import { ref, type Ref } from 'vue';
import { useAsking } from '../account/use-asking';
import { api, messageOf } from '../api/client';
import type { Change, GalleryChanged } from '../api/types';

/** A mend of one gallery among those that are mended together. */
export interface GalleryMend {
    gallery: string;
    title: string;
    version: number;
    label: string;
    change: Change;
}

interface Done {
    gallery: string;
    version: number;
    entry: number;
}

export interface UseMendAllReturn {
    problem: Ref<string>;
    busy: Ref<boolean>;
    /** What was mended last, and can be taken back at once. */
    done: Ref<Done[]>;
    mend: (mends: readonly GalleryMend[]) => Promise<boolean>;
    takeBack: () => Promise<boolean>;
}

/** The same kind of snag, mended in several galleries as one act, which one undo takes back. */
export function useMendAll(): UseMendAllReturn {
    const queries = useQueryClient();
    const { problem, busy, ask } = useAsking();
    const done = ref<Done[]>([]);

    const refresh = (): Promise<unknown> => Promise.all(['snags', 'galleries', 'gallery'].map((key) => queries.invalidateQueries({ queryKey: [key] })));

    /** What one gallery refuses leaves the others mended, and told so. */
    async function mend(mends: readonly GalleryMend[]): Promise<boolean> {
        done.value = [];
        const made: Done[] = [];
        const refused: string[] = [];
        const isDone = await ask(async () => {
            for (const { gallery, title, version, change } of mends) {
                try {
                    const answer = await api.patch<GalleryChanged>(`galleries/${gallery}`, { version, change });
                    if (answer.undo) made.push({ gallery, version: answer.version, entry: answer.undo.entry });
                } catch (error) {
                    refused.push(`${title}: ${messageOf(error)}`);
                }
            }
        });
        done.value = made;
        if (refused.length > 0) problem.value = refused.join(' ');
        await refresh();
        return isDone && refused.length === 0;
    }

    async function takeBack(): Promise<boolean> {
        const isBack = await ask(async () => {
            for (let last = done.value.at(-1); last; last = done.value.at(-1)) {
                await api.post(`galleries/${last.gallery}/undo`, { version: last.version, entry: last.entry });
                done.value.pop();
            }
        });
        await refresh();
        return isBack;
    }

    return { problem, busy, done, mend, takeBack };
}
