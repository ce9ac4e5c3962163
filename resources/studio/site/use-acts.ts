import { useInfiniteQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { api } from '../api/client';
import type { Act, GalleryAct } from '../api/types';

/** Of a gallery or of the pages; only those of a gallery show pictures. */
export type ToldAct = Act & Partial<Pick<GalleryAct, 'pictures'>>;

type Stretch = { acts: ToldAct[]; more: boolean };

/** What was done, the newest first, fetched stretch by stretch. */
export function useActs<History extends Stretch>(key: () => readonly unknown[], path: () => string) {
    const { data, refetch, hasNextPage, fetchNextPage } = useInfiniteQuery(
        computed(() => ({
            queryKey: key(),
            queryFn: ({ pageParam }: { pageParam: number | null }) => api.get<History>(pageParam === null ? path() : `${path()}?before=${pageParam}`),
            initialPageParam: null as number | null,
            getNextPageParam: (last: History) => (last.more ? last.acts.at(-1)?.id : undefined),
            staleTime: 0,
        })),
    );
    return {
        newest: computed(() => data.value?.pages[0]),
        acts: computed(() => data.value?.pages.flatMap((stretch): ToldAct[] => stretch.acts) ?? []),
        more: hasNextPage,
        earlier: () => fetchNextPage(),
        refetch,
    };
}
