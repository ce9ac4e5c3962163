/**
 * Where a key leads among things in rows that one walks through by arrow keys; null where it leads nowhere.
 *
 * @param columns things in a row; 1 for a plain list, whose arrows all go one further
 */
export function placeAfter(key: string, place: number, count: number, columns = 1, rightToLeft = false): number | null {
    const on = rightToLeft ? -1 : 1;
    const by: Record<string, number> = { ArrowRight: on, ArrowLeft: -on, ArrowDown: columns, ArrowUp: -columns };
    const goal = key === 'Home' ? 0 : key === 'End' ? count - 1 : place + (by[key] ?? Number.NaN);
    return Number.isNaN(goal) || count === 0 ? null : Math.max(0, Math.min(count - 1, goal));
}

/** How many things stand in a row, told by where they stand. */
export function columnsOf(things: readonly HTMLElement[]): number {
    const next = things.findIndex((thing) => thing.offsetTop > (things[0]?.offsetTop ?? 0));
    return next > 0 ? next : Math.max(1, things.length);
}

/** Rows and columns that an arrow key goes in a table; undefined for other keys. */
export function stepOf(key: string): [rows: number, columns: number] | undefined {
    const steps: Record<string, [number, number]> = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] };
    return steps[key];
}
