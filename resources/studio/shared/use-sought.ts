import { nextTick, onMounted, toValue, type MaybeRefOrGetter } from 'vue';
import { useRoute } from 'vue-router';

/**
 * Who comes for one item of a gallery finds it at once: the address says which.
 *
 * @param find with the place that it has, once the items are drawn
 */
export function useSought(items: MaybeRefOrGetter<readonly { id: string }[]>, find: (place: number, id: string) => void): void {
    const sought = useRoute()?.query['item'];
    onMounted(async () => {
        const place = toValue(items).findIndex(({ id }) => id === sought);
        if (place < 0) return;
        await nextTick();
        find(place, String(sought));
    });
}
