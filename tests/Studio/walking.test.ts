import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { columnsOf, placeAfter, stepOf } from '../../resources/studio/shared/roving';

const ARROWS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'];

describe('walking among things by arrow keys', () => {
    it('stays among them', () => {
        fc.assert(
            fc.property(
                fc.integer({ min: 1, max: 40 }),
                fc.nat(39),
                fc.integer({ min: 1, max: 9 }),
                fc.constantFrom(...ARROWS, 'Home', 'End'),
                fc.boolean(),
                (count, at, columns, key, rtl) => {
                    const goal = placeAfter(key, at % count, count, columns, rtl);
                    expect(goal).toBeGreaterThanOrEqual(0);
                    expect(goal).toBeLessThan(count);
                },
            ),
        );
    });

    it('comes back by the opposite key where it was not at an edge', () => {
        const back: Record<string, string> = { ArrowLeft: 'ArrowRight', ArrowRight: 'ArrowLeft', ArrowUp: 'ArrowDown', ArrowDown: 'ArrowUp' };
        fc.assert(
            fc.property(
                fc.integer({ min: 30, max: 60 }),
                fc.integer({ min: 10, max: 19 }),
                fc.integer({ min: 1, max: 9 }),
                fc.constantFrom(...ARROWS),
                fc.boolean(),
                (count, at, columns, key, rtl) => {
                    const there = placeAfter(key, at, count, columns, rtl) as number;
                    expect(there).not.toBe(at);
                    expect(placeAfter(back[key] as string, there, count, columns, rtl)).toBe(at);
                },
            ),
        );
    });

    it('turns round in a page that is read from the right', () => {
        expect(placeAfter('ArrowRight', 4, 9, 3, false)).toBe(5);
        expect(placeAfter('ArrowRight', 4, 9, 3, true)).toBe(3);
        expect(placeAfter('ArrowDown', 4, 9, 3, true)).toBe(7);
        expect(placeAfter('Home', 4, 9, 3, true)).toBe(0);
        expect(placeAfter('End', 4, 9)).toBe(8);
    });

    it('is led nowhere by other keys, or where there is nothing', () => {
        for (const key of ['a', 'Tab', 'Enter', 'PageDown']) expect(placeAfter(key, 2, 5)).toBeNull();
        expect(placeAfter('End', 0, 0)).toBeNull();
    });

    it('counts the things in a row by where they stand', () => {
        const at = (...tops: number[]) => tops.map((offsetTop) => ({ offsetTop }) as HTMLElement);
        expect(columnsOf(at(0, 0, 0, 90, 90))).toBe(3);
        expect(columnsOf(at(12, 12))).toBe(2);
        expect(columnsOf(at(0, 90, 180))).toBe(1);
        expect(columnsOf([])).toBe(1);
    });

    it('knows the steps in a table', () => {
        expect(ARROWS.map((key) => stepOf(key))).toEqual([
            [0, -1],
            [0, 1],
            [-1, 0],
            [1, 0],
        ]);
        expect(stepOf('Home')).toBeUndefined();
    });
});
