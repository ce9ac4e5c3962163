import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, reactive, toRef, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import { api, Problem } from '../api/client';
import { galleryQuery } from '../api/queries';
import type { Change, Gallery } from '../api/types';

/** A change that met a newer version: what came first, and what the person wanted. */
export interface Clash {
    message: string;
    change: Change;
}

interface Bench {
    busy: number;
    problem: string;
    clash: Clash | null;
    /** Changes go one after another, each on the version the one before it made. */
    line: Promise<unknown>;
}

/** One bench for each gallery, shared by the parts of its screen. */
const benches = reactive(new Map<string, Bench>());

function benchOf(id: string): Bench {
    const known = benches.get(id);
    if (known) return known;
    benches.set(id, { busy: 0, problem: '', clash: null, line: Promise.resolve() });
    return benches.get(id) as Bench;
}

const STALE = 'stale-version';

export interface UseGalleryReturn {
    gallery: Ref<Gallery | undefined>;
    bench: ComputedRef<Bench>;
    error: Ref<Error | null>;
    change: (change: Change) => Promise<void>;
    undo: () => Promise<void>;
    redo: () => Promise<void>;
    putLive: () => Promise<boolean>;
    settle: (keep: 'mine' | 'theirs') => Promise<void>;
    reload: () => Promise<void>;
}

export function useGallery(id: MaybeRefOrGetter<string>): UseGalleryReturn {
    const queries = useQueryClient();
    const current = toRef(id);
    const { data: gallery, error } = useQuery(computed(() => galleryQuery(current.value)));
    const bench = computed(() => benchOf(current.value));

    function keep(fresh: Gallery): void {
        queries.setQueryData(galleryQuery(fresh.id).queryKey, fresh);
        void queries.invalidateQueries({ queryKey: ['galleries'] });
    }

    /** @returns whether it was done */
    function act(path: string, method: 'post' | 'patch', body: object, change?: Change): Promise<boolean> {
        const mine = benchOf(current.value);
        const key = galleryQuery(current.value).queryKey;
        const done = mine.line.then(async () => {
            mine.busy++;
            mine.problem = '';
            try {
                const version = queries.getQueryData<Gallery>(key)?.version;
                keep(await api[method]<Gallery>(path, { version, ...body }));
                return true;
            } catch (error_) {
                if (!(error_ instanceof Problem)) throw error_;
                if (error_.code === STALE && change) mine.clash = { message: error_.message, change };
                else mine.problem = error_.message;
                return false;
            } finally {
                mine.busy--;
            }
        });
        mine.line = done.catch(() => undefined);
        return done;
    }

    const root = (): string => `galleries/${current.value}`;

    async function reload(): Promise<void> {
        await queries.invalidateQueries({ queryKey: galleryQuery(current.value).queryKey });
    }

    return {
        gallery,
        bench,
        error,
        reload,
        change: async (change) => void (await act(root(), 'patch', { change }, change)),
        undo: async () => void (await act(`${root()}/undo`, 'post', {})),
        redo: async () => void (await act(`${root()}/redo`, 'post', {})),
        putLive: () => act(`${root()}/live`, 'post', {}),
        settle: async (choice) => {
            const mine = benchOf(current.value);
            const clash = mine.clash;
            mine.clash = null;
            await reload();
            if (choice === 'mine' && clash) await act(root(), 'patch', { change: clash.change }, clash.change);
        },
    };
}
