import type { Crop } from '../api/types';
import { useVocabulary } from '../api/vocabulary';

export const WHOLE: Crop = { left: 0, top: 0, width: 1, height: 1 };

/** A corner or an edge that is dragged: -1 is left or top, 1 right or bottom, 0 neither. */
export interface Grip {
    x: -1 | 0 | 1;
    y: -1 | 0 | 1;
}

const clamp = (value: number, least: number, most: number): number => Math.max(least, Math.min(most, value));

/** Moved by shares of the picture, within it. */
export function moved(crop: Crop, dx: number, dy: number): Crop {
    return { ...crop, left: clamp(crop.left + dx, 0, 1 - crop.width), top: clamp(crop.top + dy, 0, 1 - crop.height) };
}

/**
 * With one corner or edge dragged by shares of the picture.
 *
 * @param ratio width over height that is kept, in shares of the picture; null for any
 */
export function dragged(crop: Crop, grip: Grip, dx: number, dy: number, ratio: number | null): Crop {
    const { least } = useVocabulary().tidying;
    let left = crop.left;
    let top = crop.top;
    let right = crop.left + crop.width;
    let bottom = crop.top + crop.height;
    if (grip.x < 0) left = clamp(left + dx, 0, right - least);
    if (grip.x > 0) right = clamp(right + dx, left + least, 1);
    if (grip.y < 0) top = clamp(top + dy, 0, bottom - least);
    if (grip.y > 0) bottom = clamp(bottom + dy, top + least, 1);
    const free = { left, top, width: right - left, height: bottom - top };
    return ratio === null ? free : keptRatio(free, grip, ratio, crop);
}

/** Makes a freely dragged crop keep its ratio, from the corner or edge that stays. */
function keptRatio(free: Crop, grip: Grip, ratio: number, before: Crop): Crop {
    const byHeight = grip.x === 0;
    let width = byHeight ? free.height * ratio : free.width;
    let height = byHeight ? free.height : free.width / ratio;
    const anchorX = grip.x < 0 ? before.left + before.width : grip.x > 0 ? before.left : before.left + before.width / 2;
    const anchorY = grip.y < 0 ? before.top + before.height : grip.y > 0 ? before.top : before.top + before.height / 2;
    const roomX = grip.x < 0 ? anchorX : grip.x > 0 ? 1 - anchorX : 2 * Math.min(anchorX, 1 - anchorX);
    const roomY = grip.y < 0 ? anchorY : grip.y > 0 ? 1 - anchorY : 2 * Math.min(anchorY, 1 - anchorY);
    const scale = Math.min(1, roomX / width, roomY / height);
    width *= scale;
    height *= scale;
    return {
        left: grip.x < 0 ? anchorX - width : grip.x > 0 ? anchorX : anchorX - width / 2,
        top: grip.y < 0 ? anchorY - height : grip.y > 0 ? anchorY : anchorY - height / 2,
        width,
        height,
    };
}

/** The largest crop of a ratio (in shares of the picture) round the middle of another. */
export function ofRatio(ratio: number, round: Crop): Crop {
    const width = Math.min(1, ratio);
    const height = Math.min(1, 1 / ratio);
    return moved({ left: 0, top: 0, width, height }, round.left + round.width / 2 - width / 2, round.top + round.height / 2 - height / 2);
}

/** As the API has it: null for the whole, five decimals else. */
export function sent(crop: Crop): Crop | null {
    const round = (value: number): number => Math.round(value * 1e5) / 1e5;
    const whole = crop.width > 0.9999 && crop.height > 0.9999;
    return whole ? null : { left: round(crop.left), top: round(crop.top), width: round(crop.width), height: round(crop.height) };
}
