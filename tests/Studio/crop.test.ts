import fc from 'fast-check';
import { describe, expect, inject, it } from 'vitest';
import { dragged, moved, ofRatio, sent, WHOLE, type Grip } from '../../resources/studio/tidy/crop';

const GRIPS: Grip[] = [-1, 0, 1].flatMap((x) => [-1, 0, 1].map((y) => ({ x, y }) as Grip)).filter(({ x, y }) => x !== 0 || y !== 0);
const share = fc.double({ min: -1.5, max: 1.5, noNaN: true });
const crop = fc
    .tuple(
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
    )
    .map(([left, top, width, height]) => ({ left, top, width: Math.min(width, 1 - left), height: Math.min(height, 1 - top) }));
const grip = fc.constantFrom(...GRIPS);
const ratio = fc.double({ min: 0.2, max: 5, noNaN: true });
const SLACK = 1e-9;

function expectWithin({ left, top, width, height }: typeof WHOLE): void {
    expect(Math.min(left, top)).toBeGreaterThanOrEqual(-SLACK);
    expect(left + width).toBeLessThanOrEqual(1 + SLACK);
    expect(top + height).toBeLessThanOrEqual(1 + SLACK);
    expect(Math.min(width, height)).toBeGreaterThan(0);
}

describe('the crop box', () => {
    it('never leaves the picture, however far it is dragged', () => {
        fc.assert(
            fc.property(crop, grip, share, share, fc.option(ratio), (box, corner, dx, dy, kept) => {
                expectWithin(dragged(box, corner, dx, dy, kept));
                expectWithin(moved(box, dx, dy));
            }),
        );
    });

    it('is never dragged smaller than PHP allows, and leaves the edges alone that are not held', () => {
        const { least } = inject('vocabulary').tidying;
        fc.assert(
            fc.property(crop, grip, share, share, (box, corner, dx, dy) => {
                const now = dragged(box, corner, dx, dy, null);
                expect(Math.min(now.width, now.height)).toBeGreaterThanOrEqual(Math.min(least, box.width, box.height) - SLACK);
                if (corner.x >= 0) expect(now.left).toBeCloseTo(box.left, 9);
                if (corner.x <= 0) expect(now.left + now.width).toBeCloseTo(box.left + box.width, 9);
                if (corner.y >= 0) expect(now.top).toBeCloseTo(box.top, 9);
                if (corner.y <= 0) expect(now.top + now.height).toBeCloseTo(box.top + box.height, 9);
            }),
        );
    });

    it('keeps a ratio that is to be kept, from the corner that stays', () => {
        fc.assert(
            fc.property(crop, grip, share, share, ratio, (box, corner, dx, dy, kept) => {
                const now = dragged(box, corner, dx, dy, kept);
                expect(now.width / now.height).toBeCloseTo(kept, 6);
                if (corner.x > 0) expect(now.left).toBeCloseTo(box.left, 9);
                if (corner.y < 0) expect(now.top + now.height).toBeCloseTo(box.top + box.height, 9);
            }),
        );
    });

    it('is moved without a change of its size', () => {
        fc.assert(
            fc.property(crop, share, share, (box, dx, dy) => {
                expect(moved(box, dx, dy)).toMatchObject({ width: box.width, height: box.height });
            }),
        );
        expect(moved({ left: 0.2, top: 0.2, width: 0.5, height: 0.5 }, 0.1, -0.1)).toEqual({
            left: expect.closeTo(0.3) as number,
            top: expect.closeTo(0.1) as number,
            width: 0.5,
            height: 0.5,
        });
    });

    it('of a shape is the largest there is, round the same middle where there is room', () => {
        fc.assert(
            fc.property(ratio, crop, (wanted, round) => {
                const box = ofRatio(wanted, round);
                expectWithin(box);
                expect(box.width / box.height).toBeCloseTo(wanted, 6);
                expect(Math.max(box.width, box.height)).toBeCloseTo(1, 9);
            }),
        );
        expect(ofRatio(0.5, { left: 0.3, top: 0, width: 0.4, height: 1 }).left).toBeCloseTo(0.25);
    });

    it('goes to the server as nothing where all of the picture is kept', () => {
        expect(sent(WHOLE)).toBeNull();
        expect(sent({ left: 0.123456789, top: 0, width: 0.5, height: 1 })).toEqual({ left: 0.12346, top: 0, width: 0.5, height: 1 });
        expect(sent({ left: 0, top: 0, width: 0.9998, height: 1 })).not.toBeNull();
    });
});
