import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, nextTick, ref, type ComputedRef, type Ref } from 'vue';
import { api, messageOf } from '../api/client';
import { pagesQuery, siteQuery } from '../api/queries';
import type { Site, SitePage } from '../api/types';
import { announce } from '../shared/announce';

export interface UseSiteReturn {
    site: Ref<Site | undefined>;
    pages: ComputedRef<SitePage[]>;
    /** Whether the pages came yet. */
    isKnown: ComputedRef<boolean>;
    problem: Ref<string>;
    busy: Ref<boolean>;
    /** Does it, says so, and shows all that follows from it; whether it was done. */
    act: (work: () => Promise<unknown>, says: string) => Promise<boolean>;
    undo: () => Promise<void>;
    redo: () => Promise<void>;
}

/** The pages of the site and what is done to them; each act is kept at once and can be taken back. */
export function useSite(): UseSiteReturn {
    const queries = useQueryClient();
    const { data: site } = useQuery(siteQuery());
    const { data: known } = useQuery(pagesQuery());
    const problem = ref('');
    const busy = ref(false);
    let last: Promise<unknown> = Promise.resolve();
    const fresh = (key: string): Promise<void> => queries.invalidateQueries({ queryKey: [key] });

    /** One after another: each stands on what the one before it left. */
    function act(work: () => Promise<unknown>, says: string): Promise<boolean> {
        const done = last.then(async () => {
            problem.value = '';
            busy.value = true;
            try {
                await work();
                announce(says);
                return true;
            } catch (error) {
                problem.value = messageOf(error);
                return false;
            } finally {
                // First what is there at all: nothing more is asked of what is gone.
                await Promise.all(['pages', 'site', 'gallery'].map(fresh));
                await nextTick();
                await Promise.all(['pane', 'parts', 'galleries'].map(fresh));
                busy.value = false;
            }
        });
        last = done;
        return done;
    }

    /** What is meant is the last act once all that is on its way is done. */
    async function step(way: 'undo' | 'redo', says: string): Promise<void> {
        await last;
        const known = site.value?.[way];
        if (known) await act(() => api.post(`site/${way}`, { entry: known.entry }), `${says}: ${known.says}`);
    }

    return {
        isKnown: computed(() => known.value !== undefined),
        site,
        pages: computed(() => known.value ?? []),
        problem,
        busy,
        act,
        undo: () => step('undo', 'Taken back'),
        redo: () => step('redo', 'Done again'),
    };
}
