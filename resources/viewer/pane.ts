import { Lightbox } from './lightbox';
import { Strip } from './strip';
import { slidesOf } from './slides';

/** Lets clicks on the tiles of a pane open the lightbox, and strips be stepped; without it they are plain links. */
export function enliven(pane: Element): void {
    pane.querySelectorAll<HTMLElement>('[data-strip]').forEach((list) => Strip.enliven(list));
    pane.addEventListener('click', (event) => {
        const { button, ctrlKey, metaKey, shiftKey, altKey } = event as MouseEvent;
        const link = (event.target as Element).closest<HTMLAnchorElement>('.zp-tiles>li>a');
        if (!link || button !== 0 || ctrlKey || metaKey || shiftKey || altKey) return;
        event.preventDefault();
        const slides = slidesOf(pane);
        Lightbox.open(
            slides,
            Math.max(
                0,
                slides.findIndex((slide) => slide.link === link),
            ),
        );
    });
}
