import { sequenceOf, fileOf, slideOf } from '../base/slides';
import { TILES } from '../base/surroundings';
import { Loupe } from './loupe';

/** ms that a finger rests on a tile before the loupe comes; a shorter press is a tap, a moved one scrolls the page. */
const REST = 350;

/** Of a tile's picture, all of it: what is cut off by its tile lies outside. */
function wholeBox(image: HTMLImageElement): DOMRect {
    const box = image.getBoundingClientRect();
    const [width, height] = [image.naturalWidth || 1, image.naturalHeight || 1];
    const { objectFit, objectPosition } = getComputedStyle(image);
    const scale = Math[objectFit === 'cover' ? 'max' : 'min'](box.width / width, box.height / height);
    const [x = 50, y = 50] = objectPosition.split(' ').map(parseFloat);
    const [w, h] = [width * scale, height * scale];
    return new DOMRect(box.left + ((box.width - w) * x) / 100, box.top + ((box.height - h) * y) / 100, w, h);
}

/** Lets a loupe follow the pointer, or a resting finger, over the tiles of a pane. */
export function lendLoupe(pane: HTMLElement): void {
    const { settings } = sequenceOf(pane.querySelector<HTMLAnchorElement>(TILES) ?? document.createElement('a'));
    const loupe = new Loupe(...settings.loupe, pane);
    let resting = 0;
    let byFinger = false;

    const tileOf = (event: PointerEvent): HTMLAnchorElement | null => {
        const [from] = event.composedPath();
        return from instanceof Element ? from.closest<HTMLAnchorElement>(TILES) : null;
    };
    const show = (event: PointerEvent, link = tileOf(event)): void => {
        const image = link?.querySelector('img');
        if (!link || !image || !image.complete) return loupe.hide();
        const box = wholeBox(image);
        const slide = slideOf(link);
        loupe.show(box, event.clientX, event.clientY, fileOf(slide, loupe.wanted(box)) || image.currentSrc, byFinger);
    };
    const end = (): void => {
        clearTimeout(resting);
        loupe.hide();
        // After a finger was lifted, the click that follows is not meant.
        if (byFinger) setTimeout(() => (byFinger = false), 50);
    };
    pane.addEventListener('pointermove', (event) => {
        if (event.pointerType === 'mouse' || byFinger) show(event);
        else clearTimeout(resting);
    });
    pane.addEventListener('pointerleave', end);
    pane.addEventListener('pointerdown', (event) => {
        if (event.pointerType === 'mouse') return loupe.hide();
        clearTimeout(resting);
        // Later it is no longer told where an event came from.
        const link = tileOf(event);
        resting = window.setTimeout(() => {
            byFinger = true;
            show(event, link);
        }, REST);
    });
    for (const sign of ['pointerup', 'pointercancel']) pane.addEventListener(sign, end);
    // While the loupe is out, the finger moves it and not the page, and its menu stays away.
    pane.addEventListener('touchmove', (event) => byFinger && event.preventDefault(), { passive: false });
    pane.addEventListener('contextmenu', (event) => (byFinger || resting > 0) && matchMedia('(hover: none)').matches && event.preventDefault());
    pane.addEventListener('click', (event) => byFinger && (event.preventDefault(), event.stopPropagation()), { capture: true });
}
