import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import { api, messageOf, withQuery } from '../api/client';
import type { Item, OrderName } from '../api/types';
import type { UseGalleryReturn } from '../gallery-state/use-gallery';
import { announce } from '../shared/announce';

export interface UseOrderReturn {
    /** The order that is looked at, null when none is. */
    by: Ref<OrderName | null>;
    seed: Ref<number>;
    problem: Ref<string>;
    /** The items as they would stand, null when no order is looked at. */
    preview: ComputedRef<Item[] | null>;
    look: (by: OrderName, seed?: number) => Promise<void>;
    leave: () => void;
    keep: () => Promise<void>;
}

/** An order of the core, looked at before it is kept. */
export function useOrder(id: () => string, { gallery, act }: UseGalleryReturn): UseOrderReturn {
    const by = ref<OrderName | null>(null);
    const seed = ref(0);
    const problem = ref('');
    const places = ref<string[]>([]);

    const preview = computed(() => {
        if (by.value === null) return null;
        const items = new Map(gallery.value?.items.map((item) => [item.id, item]));
        return places.value.flatMap((place) => items.get(place) ?? []);
    });

    async function look(wanted: OrderName, wantedSeed?: number): Promise<void> {
        problem.value = '';
        seed.value = wantedSeed ?? Math.floor(Math.random() * useVocabulary().seeds);
        try {
            const { items } = await api.get<{ items: string[] }>(withQuery(`galleries/${id()}/order`, { by: wanted, seed: seed.value }));
            places.value = items;
            by.value = wanted;
            announce(`${useVocabulary().orders.find(({ value }) => value === wanted)?.label}: this is how it would be. Keep it or leave it.`);
        } catch (error) {
            problem.value = messageOf(error);
        }
    }

    return {
        by,
        seed,
        problem,
        preview,
        look,
        leave: () => (by.value = null),
        keep: async () => {
            if (await act('/order', { by: by.value, seed: seed.value })) announce('The new order is kept.');
            by.value = null;
        },
    };
}
