import { useQueryClient } from '@tanstack/vue-query';
import { useDocumentVisibility, useIntervalFn } from '@vueuse/core';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { api } from '../api/client';
import { galleryQuery } from '../api/queries';
import type { Gallery } from '../api/types';

/** ms between two questions whether another window changed something. */
const EVERY = 2000;

/** Fetches a gallery anew when something of it changed elsewhere; while this window is busy with it, it waits. */
export function usePulse(id: MaybeRefOrGetter<string>, isBusy: () => boolean): void {
    const queries = useQueryClient();
    const visibility = useDocumentVisibility();
    useIntervalFn(() => void look(), EVERY);

    async function look(): Promise<void> {
        if (visibility.value === 'hidden' || isBusy()) return;
        const own = toValue(id);
        const { queryKey } = galleryQuery(own);
        const pulse = await api.get<{ stamp: string }>(`galleries/${own}/pulse`).catch(() => null);
        const known = queries.getQueryData<Gallery>(queryKey);
        if (pulse && known && pulse.stamp !== known.stamp && !isBusy()) await queries.invalidateQueries({ queryKey });
    }
}
