import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, reactive, toRef, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import { api, isSignedOut, Problem } from '../api/client';
import { galleryQuery } from '../api/queries';
import type { Change, Gallery, GalleryChanged, Lacking } from '../api/types';
import type { Place } from '../outbox/entries';
import { withChange } from '../outbox/shown';
import { useOutbox, type Clash } from '../outbox/use-outbox';

export type { Clash };

interface GalleryState {
    busy: number;
    /** Pictures whose files are still being made before the gallery goes live. */
    lacking: number;
    problem: string;
}

/** Acts on each gallery, shared by the parts of its screen. */
const states = reactive(new Map<string, GalleryState>());

function stateOf(id: string): GalleryState {
    if (!states.has(id)) states.set(id, { busy: 0, lacking: 0, problem: '' });
    return states.get(id) as GalleryState;
}

export interface UseGalleryReturn {
    /** With all that was changed here, whether the server has it yet or not. */
    gallery: ComputedRef<Gallery | undefined>;
    state: ComputedRef<GalleryState & { clash: Clash | null; waiting: number }>;
    error: Ref<Error | null>;
    /** @param pause ms to wait for more of it, as while one types */
    change: (change: Change, pause?: number) => Promise<boolean>;
    /** Any other act of the API on the gallery that answers with what it changed. */
    act: (path: string, body: object) => Promise<boolean>;
    /** @param entry the act that is meant, where it is another person's */
    undo: (entry?: number) => Promise<boolean>;
    redo: () => Promise<boolean>;
    /** @param pages that go live along with it */
    putLive: (pages?: string[]) => Promise<boolean>;
    /** Once the server has all that was changed; false where it cannot have it now. */
    flush: () => Promise<boolean>;
    settle: (keep: 'mine' | 'theirs') => void;
    reload: () => Promise<void>;
    keep: (answer: GalleryChanged) => Promise<void>;
    /** Says what went wrong, or nothing any more. */
    tell: (problem: string) => void;
}

export function useGallery(id: MaybeRefOrGetter<string>): UseGalleryReturn {
    const queries = useQueryClient();
    const outbox = useOutbox();
    const current = toRef(id);
    const place = computed<Place>(() => `gallery:${current.value}`);
    const { data: known, error } = useQuery(computed(() => galleryQuery(current.value)));
    const gallery = computed(() => known.value && outbox.of(place.value).reduce((seen, { change }) => (change ? withChange(seen, change) : seen), known.value));
    const state = computed(() => {
        const own = stateOf(current.value);
        const waiting = outbox.of(place.value);
        return {
            ...own,
            busy: own.busy + waiting.filter(({ id: entry }) => entry === outbox.sending).length,
            problem: own.problem || (outbox.problems.get(place.value) ?? ''),
            clash: outbox.clashes.get(place.value) ?? null,
            waiting: waiting.length,
        };
    });

    /** @returns whether it was done */
    async function act(path: string, body: object): Promise<boolean> {
        const own = current.value;
        const mine = stateOf(own);
        mine.problem = '';
        mine.busy++;
        try {
            if (!(await outbox.flushed(`gallery:${own}`))) {
                mine.problem = 'Some of your changes are not saved yet. This can be done once they are.';
                return false;
            }
            for (;;) {
                const version = queries.getQueryData<Gallery>(galleryQuery(own).queryKey)?.version;
                const answer = await api.post<GalleryChanged | Lacking>(`galleries/${own}${path}`, {
                    version,
                    ...(outbox.shows === null ? {} : { shows: outbox.shows }),
                    ...body,
                });
                mine.lacking = 'lacking' in answer ? answer.lacking : 0;
                if ('lacking' in answer) continue;
                await outbox.keep(answer);
                if (answer.gone > 0)
                    mine.problem =
                        answer.gone === 1
                            ? 'One picture was deleted for good since, and cannot come back. All else did.'
                            : `${answer.gone} pictures were deleted for good since, and cannot come back. All else did.`;
                return true;
            }
        } catch (error_) {
            if (!(error_ instanceof Problem)) throw error_;
            if (isSignedOut(error_)) outbox.signedOut = true;
            else mine.problem = error_.message;
            if (error_.code === 'stale-version') await queries.invalidateQueries({ queryKey: galleryQuery(own).queryKey });
            return false;
        } finally {
            mine.lacking = 0;
            mine.busy--;
        }
    }

    return {
        gallery,
        state,
        error,
        keep: outbox.keep,
        reload: async () => void (await queries.invalidateQueries({ queryKey: galleryQuery(current.value).queryKey })),
        change: (change, pause = 0) => {
            stateOf(current.value).problem = '';
            return outbox.change(current.value, change, pause);
        },
        act,
        undo: (entry) => act('/undo', entry === undefined ? {} : { entry }),
        redo: () => act('/redo', {}),
        putLive: (pages = []) => act('/live', pages.length > 0 ? { pages } : {}),
        flush: () => outbox.flushed(place.value),
        settle: (choice) => outbox.settle(place.value, choice),
        tell: (problem) => (stateOf(current.value).problem = problem),
    };
}
