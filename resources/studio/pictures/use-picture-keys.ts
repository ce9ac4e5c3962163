import { nextTick, type ComputedRef, type Ref } from 'vue';
import type { Item } from '../api/types';
import { columnsOf, placeAfter } from '../shared/roving';
import type { UseSelectionReturn } from '../shared/use-selection';
import { useSought } from '../shared/use-sought';

export interface UsePictureKeysOptions {
    /** What holds the tiles. */
    mat: Ref<HTMLElement | undefined>;
    /** Those that are shown. */
    items: Ref<Item[]>;
    /** All of the gallery. */
    all: ComputedRef<Item[]>;
    selection: UseSelectionReturn;
    /** Place from 0 of the first that is chosen, in the gallery. */
    firstPlace: ComputedRef<number>;
    acts: { tidy: (item: Item | undefined) => void; hide: () => void; takeOut: () => void; moveTo: (place: number) => void };
}

export interface UsePictureKeysReturn {
    onKey: (event: KeyboardEvent, index: number) => Promise<void>;
    focusOn: (index: number) => Promise<void>;
}

/** The keyboard among the pictures of a gallery: walking, choosing, moving, and what can be done to them. */
export function usePictureKeys({ mat, items, all, selection, firstPlace, acts }: UsePictureKeysOptions): UsePictureKeysReturn {
    const { chosen, active } = selection;

    async function focusOn(index: number): Promise<void> {
        const item = items.value[index];
        if (!item) return;
        active.value = item.id;
        await nextTick();
        mat.value?.querySelector<HTMLElement>(`[data-item="${item.id}"]`)?.focus();
    }

    async function step(key: string, by: number, id: string): Promise<void> {
        if (!chosen.value.has(id)) selection.set([id]);
        acts.moveTo(key === 'Home' ? 0 : key === 'End' ? all.value.length : firstPlace.value + by);
        await nextTick();
        await focusOn(items.value.findIndex((item) => item.id === id));
    }

    /** To another tile; with Shift the stretch from where one stood is chosen. */
    async function walk(event: KeyboardEvent, goal: number): Promise<void> {
        const to = Math.max(0, Math.min(goal, items.value.length - 1));
        const anchor = active.value;
        await focusOn(to);
        const id = items.value[to]?.id;
        if (event.shiftKey && anchor !== undefined && id !== undefined) {
            active.value = anchor;
            selection.pick(id, event);
            mat.value?.querySelector<HTMLElement>(`[data-item="${id}"]`)?.focus();
        }
    }

    /** @returns whether it was a key of choosing */
    function choose(event: KeyboardEvent, id: string): boolean {
        if (event.key === ' ' || event.key === 'Enter') selection.pick(id, event);
        else if (event.key.toLowerCase() === 'a' && (event.ctrlKey || event.metaKey)) selection.all();
        else if (event.key === 'Escape') selection.none();
        else return false;
        event.preventDefault();
        return true;
    }

    async function onKey(event: KeyboardEvent, index: number): Promise<void> {
        const tiles = [...(mat.value?.querySelectorAll<HTMLElement>('.tile') ?? [])];
        const goal = placeAfter(event.key, index, items.value.length, columnsOf(tiles));
        const id = items.value[index]?.id ?? '';
        const letter = event.ctrlKey || event.metaKey ? '' : event.key.toLowerCase();
        if (goal !== null) {
            event.preventDefault();
            await (event.altKey ? step(event.key, goal - index, id) : walk(event, goal));
        } else if (choose(event, id)) {
            return;
        } else if (letter === 't') {
            acts.tidy(items.value[index]);
        } else if (chosen.value.size > 0 && event.key === 'Delete') {
            acts.takeOut();
        } else if (chosen.value.size > 0 && letter === 'h') {
            acts.hide();
        }
    }

    useSought(items, (place, item) => {
        selection.set([item]);
        void focusOn(place);
    });

    return { onKey, focusOn };
}
