import { computed, ref, toValue, watch, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import type { Item } from '../api/types';

export interface UseShownItemsReturn {
    /** All of the gallery, whatever is looked for. */
    all: ComputedRef<Item[]>;
    /** Those that are shown, as they may be dragged about. */
    items: Ref<Item[]>;
    /** What is looked for among the words of the pictures. */
    wanted: Ref<string>;
    /** The place of one in the gallery, from 1. */
    placeOf: (id: string) => number;
}

/**
 * The pictures of a gallery as they are shown: in an order that is looked at, and only those that are looked for.
 *
 * @param preview the items in another order; null where none is looked at
 */
export function useShownItems(known: () => Item[] | undefined, preview: MaybeRefOrGetter<Item[] | null>): UseShownItemsReturn {
    const wanted = ref('');
    const items = ref<Item[]>([]);
    const all = computed(() => known() ?? []);
    const inOrder = computed(() => toValue(preview) ?? all.value);
    const places = computed(() => new Map(inOrder.value.map(({ id }, place) => [id, place + 1])));

    const isWanted = ({ words, picture }: Item): boolean =>
        [words.title, words.caption, words.alt, words.description, words.credit, picture?.name ?? '']
            .join('\n')
            .toLocaleLowerCase()
            .includes(wanted.value.trim().toLocaleLowerCase());

    watch([inOrder, wanted], () => (items.value = inOrder.value.filter(isWanted)), { immediate: true });

    return { all, items, wanted, placeOf: (id) => places.value.get(id) ?? 0 };
}
