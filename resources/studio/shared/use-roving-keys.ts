import { toValue, type MaybeRefOrGetter, type Ref } from 'vue';
import { columnsOf, placeAfter } from './roving';

export interface UseRovingKeysOptions {
    /** What holds the things. */
    home: Ref<HTMLElement | undefined>;
    /** Selector of the things one walks through. */
    things: string;
    /** Things in a row: a number, or as they stand; 1 is a plain list. */
    columns?: MaybeRefOrGetter<number> | 'seen';
}

export interface UseRovingKeysReturn {
    /** Moves the focus by an arrow key, Home or End; tells the place it went to, null where the key is another. */
    walk: (event: KeyboardEvent) => number | null;
    focusOn: (place: number) => void;
}

/** One tab stop for many things: arrow keys move the focus among them, in the direction the page is read. */
export function useRovingKeys({ home, things, columns = 1 }: UseRovingKeysOptions): UseRovingKeysReturn {
    const all = (): HTMLElement[] => [...(home.value?.querySelectorAll<HTMLElement>(things) ?? [])];

    function focusOn(place: number): void {
        all()[place]?.focus();
    }

    return {
        focusOn,
        walk: (event) => {
            const list = all();
            const place = list.indexOf((event.target as Element).closest<HTMLElement>(things) as HTMLElement);
            const rightToLeft = home.value !== undefined && getComputedStyle(home.value).direction === 'rtl';
            const goal = placeAfter(event.key, place, list.length, columns === 'seen' ? columnsOf(list) : toValue(columns), rightToLeft);
            if (goal === null || event.altKey || event.ctrlKey || event.metaKey) return null;
            event.preventDefault();
            list[goal]?.focus();
            return goal;
        },
    };
}
