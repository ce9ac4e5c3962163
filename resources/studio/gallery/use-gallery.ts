import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, reactive, toRef, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import { api, Problem } from '../api/client';
import { galleryQuery } from '../api/queries';
import type { Change, ClashValue, Gallery } from '../api/types';
import { takeBack } from '../shared/use-echo';

/** A change that met a newer version in which the same was changed: what each wants. */
export interface Clash {
    values: ClashValue[];
    again: () => Promise<boolean>;
}

interface GalleryState {
    busy: number;
    /** Pictures whose files are still being made before the gallery goes live. */
    lacking: number;
    problem: string;
    clash: Clash | null;
    /** Changes go one after another, each on the version the one before it made. */
    queue: Promise<unknown>;
}

/** The answer to putting live as long as visitors would lack files. */
interface Lacking {
    lacking: number;
}

/** The state of each gallery, shared by the parts of its screen. */
const states = reactive(new Map<string, GalleryState>());

function stateOf(id: string): GalleryState {
    const known = states.get(id);
    if (known) return known;
    states.set(id, { busy: 0, lacking: 0, problem: '', clash: null, queue: Promise.resolve() });
    return states.get(id) as GalleryState;
}

const STALE = 'stale-version';

/** How often a change is made again by itself when others change other things all the time. */
const TRIES = 4;

export interface UseGalleryReturn {
    gallery: Ref<Gallery | undefined>;
    state: ComputedRef<GalleryState>;
    error: Ref<Error | null>;
    change: (change: Change) => Promise<boolean>;
    /** Any other act of the API on the gallery that answers with it. */
    act: (path: string, body: object) => Promise<boolean>;
    undo: () => Promise<boolean>;
    redo: () => Promise<boolean>;
    putLive: () => Promise<boolean>;
    settle: (keep: 'mine' | 'theirs') => Promise<void>;
    reload: () => Promise<void>;
    keep: (fresh: Gallery) => void;
}

export function useGallery(id: MaybeRefOrGetter<string>): UseGalleryReturn {
    const queries = useQueryClient();
    const current = toRef(id);
    const { data: gallery, error } = useQuery(computed(() => galleryQuery(current.value)));
    const state = computed(() => stateOf(current.value));

    function keep(fresh: Gallery): void {
        queries.setQueryData(galleryQuery(fresh.id).queryKey, fresh);
        void queries.invalidateQueries({ queryKey: ['galleries'] });
    }

    async function fetchNewest(gallery: string): Promise<void> {
        await queries.fetchQuery({ ...galleryQuery(gallery), staleTime: 0 });
    }

    /** @returns whether it was done */
    function send(path: string, method: 'post' | 'patch', body: object): Promise<boolean> {
        const own = current.value;
        const mine = stateOf(own);
        const sent = mine.queue.then(async () => {
            mine.busy++;
            mine.problem = '';
            try {
                const done = await attempt(own, path, method, body, TRIES);
                if (!done) takeBack();
                return done;
            } finally {
                mine.lacking = 0;
                mine.busy--;
            }
        });
        mine.queue = sent.catch(() => undefined);
        return sent;
    }

    async function attempt(own: string, path: string, method: 'post' | 'patch', body: object, tries: number): Promise<boolean> {
        const mine = stateOf(own);
        try {
            const version = queries.getQueryData<Gallery>(galleryQuery(own).queryKey)?.version;
            const answer = await api[method]<Gallery | Lacking>(`galleries/${own}${path}`, { version, ...body });
            mine.lacking = 'lacking' in answer ? answer.lacking : 0;
            if ('lacking' in answer) return attempt(own, path, method, body, tries);
            keep(answer);
            return true;
        } catch (error_) {
            if (!(error_ instanceof Problem)) throw error_;
            const clashes = error_.facts['clashes'] as ClashValue[] | undefined;
            if (error_.code !== STALE || method !== 'patch' || !clashes) {
                mine.problem = error_.message;
                return false;
            }
            await fetchNewest(own);
            // Where the other window changed something else, both changes stand.
            if (clashes.length === 0 && tries > 0) return attempt(own, path, method, body, tries - 1);
            mine.clash = { values: clashes, again: () => send(path, method, body) };
            return false;
        }
    }

    return {
        gallery,
        state,
        error,
        keep,
        reload: async () => void (await queries.invalidateQueries({ queryKey: galleryQuery(current.value).queryKey })),
        change: (change) => send('', 'patch', { change }),
        act: (path, body) => send(path, 'post', body),
        undo: () => send('/undo', 'post', {}),
        redo: () => send('/redo', 'post', {}),
        putLive: () => send('/live', 'post', {}),
        settle: async (choice) => {
            const mine = stateOf(current.value);
            const clash = mine.clash;
            mine.clash = null;
            if (choice === 'mine' && clash) await clash.again();
        },
    };
}
