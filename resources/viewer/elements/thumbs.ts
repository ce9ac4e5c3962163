import { fileOf, nameOf, ownFile, type Slide } from '../base/slides';
import type { Say } from '../base/surroundings';

/** Thumbnails on either side of the one that is seen; no more, however many there are. */
const AROUND = 12;

/** px of the screen that a thumbnail is wide. */
const WIDE = 160;

/** A strip of thumbnails to go anywhere near by. */
export class Thumbs {
    constructor(
        private readonly room: HTMLElement,
        private readonly slides: readonly Slide[],
        private readonly say: Say,
        private readonly go: (index: number) => void,
    ) {}

    show(index: number): void {
        const { room, slides } = this;
        const hadFocus = room.contains((room.getRootNode() as ShadowRoot).activeElement);
        const from = Math.max(0, Math.min(index - AROUND, slides.length - 2 * AROUND - 1));
        const known = new Map([...room.children].map((button) => [(button as HTMLElement).dataset['at'], button]));
        const buttons = slides.slice(from, from + 2 * AROUND + 1).map((slide, place) => known.get(String(from + place)) ?? this.button(slide, from + place));
        room.replaceChildren(...buttons);
        for (const button of buttons) button.removeAttribute('aria-current');
        const own = buttons[index - from] as HTMLElement | undefined;
        own?.setAttribute('aria-current', 'true');
        if (hadFocus) own?.focus();
        own?.scrollIntoView({ block: 'nearest', inline: 'center', behavior: 'instant' });
    }

    private button(slide: Slide, index: number): HTMLElement {
        const button = document.createElement('button');
        button.type = 'button';
        button.dataset['at'] = String(index);
        button.setAttribute('aria-label', nameOf(slide, this.say, index + 1, this.slides.length));
        button.addEventListener('click', () => this.go(index));
        if (slide.kind === 'text') button.textContent = '¶';
        else button.append(Object.assign(new Image(), { alt: '', src: ownFile(slide) || fileOf(slide, WIDE) }));
        return button;
    }
}
