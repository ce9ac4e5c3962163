import { useElementSize, useScroll } from '@vueuse/core';
import { computed, nextTick, type ComputedRef, type Ref } from 'vue';

/** px of height of a row, and of the names of the columns above them. */
export const ROW = 66;
export const HEAD = 34;

/** Rows above and below what is seen that are there already. */
const AHEAD = 8;

export interface UseRowsReturn {
    /** Rows that are drawn, in order: those that are seen or soon will be, and the one that has the keyboard. */
    drawn: ComputedRef<number[]>;
    /** Brings a row into sight and has it drawn. */
    reveal: (row: number) => Promise<void>;
}

/** Of a table of a thousand rows only those are drawn that one sees. */
export function useRows(home: Ref<HTMLElement | undefined>, count: () => number, standing: () => number): UseRowsReturn {
    const { y } = useScroll(home);
    const { height } = useElementSize(home);

    const drawn = computed(() => {
        const first = Math.max(0, Math.floor(y.value / ROW) - AHEAD);
        const last = Math.min(count() - 1, Math.ceil((y.value + height.value) / ROW) + AHEAD);
        const rows = Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => first + index);
        const here = standing();
        if (here < first && here < count()) rows.unshift(here);
        else if (here > last && here < count()) rows.push(here);
        return rows;
    });

    async function reveal(row: number): Promise<void> {
        const room = home.value;
        if (room) {
            const top = row * ROW;
            if (top < room.scrollTop) room.scrollTop = top;
            else if (top + ROW + HEAD > room.scrollTop + room.clientHeight) room.scrollTop = top + ROW + HEAD - room.clientHeight;
        }
        await nextTick();
    }

    return { drawn, reveal };
}
