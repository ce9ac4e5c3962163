import { keepPreviousData, useQueries, useQueryClient } from '@tanstack/vue-query';
import { computed, ref, toValue, watch, type ComputedRef, type MaybeRefOrGetter } from 'vue';
import { STORE_PAGE, storePageQuery, type StoreFilter } from '../api/queries';
import type { StoredPicture } from '../api/types';

export interface UseStoreReturn {
    total: ComputedRef<number>;
    /** Nothing has been fetched yet. */
    isPending: ComputedRef<boolean>;
    /** Known pictures by their place in the whole list. */
    at: (place: number) => StoredPicture | undefined;
    /** The known pictures, by their place. */
    known: ComputedRef<ReadonlyMap<number, StoredPicture>>;
    /** Identifiers of the known pictures, in order. */
    ids: ComputedRef<string[]>;
    /** Fetches what lies in a stretch of places. */
    ensure: (from: number, to: number) => Promise<void>;
}

/** The pictures that fit a filter, fetched in stretches as they are needed. */
export function useStore(filter: MaybeRefOrGetter<StoreFilter>): UseStoreReturn {
    const queries = useQueryClient();
    const wanted = ref([0]);
    watch(
        () => toValue(filter),
        () => (wanted.value = [0]),
        { deep: true },
    );

    const results = useQueries({
        queries: computed(() => wanted.value.map((page) => ({ ...storePageQuery({ ...toValue(filter) }, page), placeholderData: keepPreviousData }))),
    });
    const known = computed(() => {
        const pictures = new Map<number, StoredPicture>();
        for (const { data } of results.value) data?.pictures.forEach((picture, index) => pictures.set(data.offset + index, picture));
        return pictures;
    });

    function pagesOf(from: number, to: number): number[] {
        const first = Math.floor(Math.max(0, from) / STORE_PAGE);
        return Array.from({ length: Math.floor(Math.max(from, to) / STORE_PAGE) - first + 1 }, (_, index) => first + index);
    }

    return {
        total: computed(() => results.value.find(({ data }) => data)?.data?.total ?? 0),
        isPending: computed(() => results.value.every(({ data }) => !data)),
        at: (place) => known.value.get(place),
        known,
        ids: computed(() => [...known.value.entries()].sort(([a], [b]) => a - b).map(([, { id }]) => id)),
        ensure: async (from, to) => {
            const pages = pagesOf(from, to);
            await Promise.all(pages.map((page) => queries.ensureQueryData(storePageQuery({ ...toValue(filter) }, page)).catch(() => undefined)));
            const missing = pages.filter((page) => !wanted.value.includes(page));
            if (missing.length > 0) wanted.value = [...wanted.value, ...missing];
        },
    };
}
