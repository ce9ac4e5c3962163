import { computed, ref, toValue, watch, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';

/** Keys that count while choosing; a mouse and a keyboard event both have them. */
type Keys = Pick<MouseEvent, 'shiftKey' | 'ctrlKey' | 'metaKey'>;

export interface UseSelectionReturn {
    chosen: Ref<Set<string>>;
    /** In their order. */
    list: ComputedRef<string[]>;
    /** Where the keyboard stands, and a stretch begins. */
    active: Ref<string | undefined>;
    pick: (id: string, keys: Keys) => void;
    all: () => void;
    none: () => void;
    set: (ids: Iterable<string>) => void;
}

/** Choosing some of many things in order: one, one more, a stretch, all. */
export function useSelection(ids: MaybeRefOrGetter<readonly string[]>): UseSelectionReturn {
    const chosen = ref(new Set<string>());
    const active = ref<string>();
    const list = computed(() => toValue(ids).filter((id) => chosen.value.has(id)));

    watch(
        () => toValue(ids),
        (now) => {
            const there = new Set(now);
            if ([...chosen.value].some((id) => !there.has(id))) chosen.value = new Set([...chosen.value].filter((id) => there.has(id)));
            if (active.value !== undefined && !there.has(active.value)) active.value = undefined;
        },
    );

    function pick(id: string, { shiftKey, ctrlKey, metaKey }: Keys): void {
        if (shiftKey && active.value !== undefined) {
            const all = toValue(ids);
            const [from = 0, to = 0] = [all.indexOf(active.value), all.indexOf(id)].sort((a, b) => a - b);
            chosen.value = new Set([...(ctrlKey || metaKey ? chosen.value : []), ...all.slice(from, to + 1)]);
            return;
        }
        if (ctrlKey || metaKey) {
            const next = new Set(chosen.value);
            if (!next.delete(id)) next.add(id);
            chosen.value = next;
        } else {
            chosen.value = new Set([id]);
        }
        active.value = id;
    }

    return {
        chosen,
        list,
        active,
        pick,
        all: () => (chosen.value = new Set(toValue(ids))),
        none: () => (chosen.value = new Set()),
        set: (wanted) => (chosen.value = new Set(wanted)),
    };
}
