/** Whether `bin/test long` runs: everything. The short run takes a sample. */
export const isLong = process.env['ZINC_LONG'] === '1';

/** All of a list in the long run; so many of it in the short one, from its first to its last. */
export function sample<T>(list: readonly T[], few: number): T[] {
    if (isLong || list.length <= few) return [...list];
    return Array.from({ length: few }, (_, at) => list[Math.round((at * (list.length - 1)) / Math.max(1, few - 1))] as T);
}
