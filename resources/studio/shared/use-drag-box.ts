import { useEventListener } from '@vueuse/core';
import { computed, ref, type ComputedRef, type CSSProperties, type Ref } from 'vue';

/** px a pointer moves before it draws a box and is no click. */
const BEGINS = 5;

export interface UseDragBoxOptions {
    /** What scrolls, and holds the things. */
    room: Ref<HTMLElement | undefined>;
    /** Selector of the things; each tells its identifier by data-item. */
    things: string;
    /** Called with what the box touches, and whether it adds to what was chosen before. */
    onBox: (ids: string[], adds: boolean) => void;
    /** Called for a click beside all things. */
    onMiss: () => void;
}

/** Choosing with a box drawn over the things, begun beside them. */
export function useDragBox({ room, things, onBox, onMiss }: UseDragBoxOptions): { box: ComputedRef<CSSProperties | null> } {
    const from = ref<{ x: number; y: number }>();
    const to = ref<{ x: number; y: number }>();

    function at(event: PointerEvent): { x: number; y: number } {
        const { left, top } = (room.value as HTMLElement).getBoundingClientRect();
        return { x: event.clientX - left + (room.value?.scrollLeft ?? 0), y: event.clientY - top + (room.value?.scrollTop ?? 0) };
    }

    const frame = computed(() => {
        if (!from.value || !to.value) return null;
        const [left, right] = [from.value.x, to.value.x].sort((a, b) => a - b) as [number, number];
        const [top, bottom] = [from.value.y, to.value.y].sort((a, b) => a - b) as [number, number];
        return right - left < BEGINS && bottom - top < BEGINS ? null : { left, right, top, bottom };
    });

    function touched(): string[] {
        const home = room.value;
        const area = frame.value;
        if (!home || !area) return [];
        const { left, top } = home.getBoundingClientRect();
        const [dx, dy] = [home.scrollLeft - left, home.scrollTop - top];
        return [...home.querySelectorAll<HTMLElement>(things)].flatMap((thing) => {
            const rect = thing.getBoundingClientRect();
            const isIn = rect.right + dx > area.left && rect.left + dx < area.right && rect.bottom + dy > area.top && rect.top + dy < area.bottom;
            return isIn ? [thing.dataset['item'] ?? ''] : [];
        });
    }

    useEventListener(room, 'pointerdown', (event: PointerEvent) => {
        const target = event.target as Element;
        if (event.button !== 0 || event.pointerType === 'touch' || target.closest(`${things}, button, a, input, select, textarea, label, [role="dialog"]`))
            return;
        // The scroll bar lies outside the client area.
        if (event.offsetX > (room.value?.clientWidth ?? 0) && target === room.value) return;
        from.value = to.value = at(event);
        room.value?.setPointerCapture(event.pointerId);
    });
    useEventListener(room, 'pointermove', (event: PointerEvent) => {
        if (!from.value) return;
        to.value = at(event);
        if (frame.value) onBox(touched(), event.ctrlKey || event.metaKey || event.shiftKey);
    });
    useEventListener(room, ['pointerup', 'pointercancel'], () => {
        if (from.value && !frame.value) onMiss();
        from.value = to.value = undefined;
    });

    return {
        box: computed(() => {
            const area = frame.value;
            return area && { left: `${area.left}px`, top: `${area.top}px`, width: `${area.right - area.left}px`, height: `${area.bottom - area.top}px` };
        }),
    };
}
