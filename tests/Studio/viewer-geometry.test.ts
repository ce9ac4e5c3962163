import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bounded, fitted, greatest, scaledAt, WHOLE } from '../../resources/viewer/base/geometry';
import { fileOf, type Slide } from '../../resources/viewer/base/slides';

const side = fc.integer({ min: 40, max: 8000 });
const size = fc.record({ width: side, height: side });
const room = fc.record({ width: fc.integer({ min: 60, max: 3840 }), height: fc.integer({ min: 60, max: 2160 }) });
const place = fc.double({ min: -2000, max: 2000, noNaN: true });

describe('a picture in its room', () => {
    it('is whole, in its own shape, touches the room or has all its own pixels', () => {
        fc.assert(
            fc.property(size, room, (picture, within) => {
                const fit = fitted(picture, within);
                expect(fit.width).toBeLessThanOrEqual(within.width + 1);
                expect(fit.height).toBeLessThanOrEqual(within.height + 1);
                if (Math.min(fit.width, fit.height) > 1) expect(fit.width / fit.height / (picture.width / picture.height)).toBeCloseTo(1, 6);
                const touches = Math.abs(fit.width - within.width) < 0.01 || Math.abs(fit.height - within.height) < 0.01;
                expect(touches || fit.width === picture.width).toBe(true);
            }),
        );
    });

    it('is never drawn further than its edge, however it is thrown, and never smaller than whole', () => {
        fc.assert(
            fc.property(
                size,
                room,
                fc.double({ min: 0.1, max: 20, noNaN: true }),
                place,
                place,
                fc.integer({ min: 1, max: 8 }),
                (picture, within, scale, x, y, most) => {
                    const fit = fitted(picture, within);
                    const view = bounded({ scale, x, y }, fit, within, most);
                    expect(view.scale).toBeGreaterThanOrEqual(1);
                    expect(view.scale).toBeLessThanOrEqual(most);
                    for (const [drawn, free, off] of [
                        [fit.width * view.scale, within.width, view.x],
                        [fit.height * view.scale, within.height, view.y],
                    ] as const) {
                        // No gap opens on one side while something is cut off on the other.
                        const [before, after] = [free / 2 + off - drawn / 2, free / 2 - off - drawn / 2];
                        expect(Math.min(before, after) < -0.001 && Math.max(before, after) > 0.001).toBe(false);
                    }
                    // What is bounded stays as it is.
                    expect(bounded(view, fit, within, most)).toEqual(view);
                },
            ),
        );
    });

    it('keeps the point under the pointer where it is, and there and back is nothing', () => {
        fc.assert(
            fc.property(
                fc.double({ min: 1, max: 4, noNaN: true }),
                fc.double({ min: 1, max: 4, noNaN: true }),
                place,
                place,
                place,
                place,
                (from, to, x, y, px, py) => {
                    const view = { scale: from, x, y };
                    const next = scaledAt(view, to, { x: px, y: py });
                    // The point of the picture that lies there, in parts of its size: the same before and after.
                    expect((px - next.x) / next.scale).toBeCloseTo((px - view.x) / view.scale, 6);
                    const back = scaledAt(next, from, { x: px, y: py });
                    expect([back.x, back.y]).toEqual([expect.closeTo(x, 4), expect.closeTo(y, 4)]);
                },
            ),
        );
        expect(scaledAt(WHOLE, 2, { x: 0, y: 0 })).toEqual({ scale: 2, x: 0, y: 0 });
    });

    it('goes to so many times, or to one pixel of its own for each of the screen', () => {
        expect([
            greatest(4, { width: 800, height: 600 }, { width: 800, height: 600 }, 2),
            greatest(0, { width: 4000, height: 3000 }, { width: 1000, height: 750 }, 2),
        ]).toEqual([4, 2]);
        expect(greatest(0, { width: 800, height: 600 }, { width: 800, height: 600 }, 3)).toBe(1);
    });
});

describe('the file that is fetched', () => {
    it('is the narrowest that is wide enough, else the widest there is', () => {
        fc.assert(
            fc.property(
                fc.uniqueArray(fc.integer({ min: 100, max: 9000 }), { minLength: 1, maxLength: 20 }),
                fc.integer({ min: 1, max: 12000 }),
                (widths, wanted) => {
                    const files = [...widths].sort((a, b) => a - b);
                    const chosen = Number(/(\d+)\.webp$/.exec(fileOf({ at: '/media/x', files, href: '' } as unknown as Slide, wanted))?.[1]);
                    const enough = files.filter((one) => one >= wanted);
                    expect(chosen).toBe(enough.length > 0 ? Math.min(...enough) : Math.max(...files));
                },
            ),
        );
        expect(fileOf({ at: '', files: [], href: '/one.jpg' } as unknown as Slide, 500)).toBe('/one.jpg');
    });
});
