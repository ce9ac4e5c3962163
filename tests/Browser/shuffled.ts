/** In an order drawn from ORDER; as given where there is none. */
export function shuffled<T>(list: readonly T[], seed = Number(process.env['ORDER'] ?? 0)): T[] {
    const drawn = [...list];
    if (seed === 0) return drawn;
    // mulberry32: small, and the same everywhere.
    let state = seed >>> 0;
    const next = (): number => {
        state = (state + 0x6d2b79f5) >>> 0;
        let mixed = Math.imul(state ^ (state >>> 15), state | 1);
        mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
        return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
    };
    for (let left = drawn.length - 1; left > 0; left--) {
        const other = Math.floor(next() * (left + 1));
        [drawn[left], drawn[other]] = [drawn[other] as T, drawn[left] as T];
    }
    return drawn;
}
