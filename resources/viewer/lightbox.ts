import { indexAfter, intentOfKey, intentOfSwipe, type Intent } from './intents';
import type { Slide } from './slides';
import { LIGHTBOX } from './styles';

const ARROW = '<svg viewBox="0 0 24 24" aria-hidden="true"><path d="';
const MARKUP = `<dialog aria-label="Picture viewer"><div class="stage"><picture><source type="image/webp"><img alt=""></picture><video controls playsinline></video><div class="text" tabindex="0"></div></div><div class="words"><b></b><span></span><i></i><a></a></div><p class="count" aria-live="polite"></p><button type="button" class="previous" aria-label="Previous picture">${ARROW}M15 4 7 12l8 8"/></svg></button><button type="button" class="next" aria-label="Next picture">${ARROW}m9 4 8 8-8 8"/></svg></button><button type="button" class="close" aria-label="Close">${ARROW}M5 5l14 14M19 5 5 19"/></svg></button></dialog>`;

/** px kept free above and below a picture; only used to choose a file, not to lay out. */
const AROUND = 120;

let opened = 0;

/** The large view over the darkened page; one for each opening, gone when it is closed. */
export class Lightbox extends HTMLElement {
    static readonly tag = 'zinc-lightbox';
    private slides: readonly Slide[] = [];
    private index = 0;
    private giveBack: HTMLElement | null = null;
    private readonly mark = `zinc-pane-${++opened}`;
    private off = new AbortController();

    static open(slides: readonly Slide[], index: number): void {
        const box = document.createElement(Lightbox.tag) as Lightbox;
        document.body.append(box);
        box.show(slides, index);
    }

    disconnectedCallback(): void {
        this.off.abort();
    }

    private show(slides: readonly Slide[], index: number): void {
        const root = this.attachShadow({ mode: 'open' });
        root.innerHTML = `<style>${LIGHTBOX}</style>${MARKUP}`;
        this.slides = slides;
        this.giveBack = slides[index]?.link ?? null;
        this.dialog.classList.toggle('single', slides.length < 2);
        this.listen();
        this.turnTo(index);
        this.dialog.showModal();
        this.inner('.close').focus();
        history.pushState({ ...(history.state as object | null), zincPane: this.mark }, '');
    }

    private get dialog(): HTMLDialogElement {
        return this.inner<HTMLDialogElement>('dialog');
    }

    private inner<T extends HTMLElement = HTMLElement>(selector: string): T {
        return this.shadowRoot?.querySelector(selector) as T;
    }

    private listen(): void {
        const { dialog } = this;
        const signal = this.off.signal;
        let down: PointerEvent | null = null;
        let swiped = false;
        dialog.addEventListener('keydown', (event) => this.onKey(event), { signal });
        dialog.addEventListener('wheel', (event) => event.preventDefault(), { signal, passive: false });
        dialog.addEventListener('pointerdown', (event) => (down = event), { signal });
        dialog.addEventListener(
            'pointerup',
            (event) => {
                const intent =
                    down &&
                    !(down.target as Element).closest('video') &&
                    intentOfSwipe(event.clientX - down.clientX, event.clientY - down.clientY, this.isRightToLeft);
                swiped = Boolean(intent);
                this.follow(intent || null);
                down = null;
            },
            { signal },
        );
        dialog.addEventListener(
            'click',
            (event) => {
                if (!swiped) this.onClick(event);
                swiped = false;
            },
            { signal },
        );
        // Escape, and the back gesture of some telephones.
        dialog.addEventListener(
            'cancel',
            (event) => {
                event.preventDefault();
                this.close();
            },
            { signal },
        );
        window.addEventListener('popstate', () => this.leave(), { signal });
    }

    private get isRightToLeft(): boolean {
        return getComputedStyle(document.documentElement).direction === 'rtl';
    }

    private onKey(event: KeyboardEvent): void {
        // A video has arrow keys of its own.
        const intent =
            event.altKey || event.ctrlKey || event.metaKey || (event.target as Element).matches('video') ? null : intentOfKey(event.key, this.isRightToLeft);
        if (intent) event.preventDefault();
        this.follow(intent);
    }

    private onClick(event: MouseEvent): void {
        const target = event.target as Element;
        const button = target.closest('button');
        if (button?.matches('.previous')) this.follow('previous');
        else if (button?.matches('.next')) this.follow('next');
        else if (button) this.close();
        else if (target.matches('img')) this.onPicture(event, target);
        else if (!target.closest('.words,video,.text')) this.close();
    }

    private onPicture(event: MouseEvent, picture: Element): void {
        const { left, width } = picture.getBoundingClientRect();
        const late = event.clientX > left + width / 2;
        this.follow(late !== this.isRightToLeft ? 'next' : 'previous');
    }

    private follow(intent: Intent): void {
        if (intent && this.slides.length > 1) this.turnTo(indexAfter(intent, this.index, this.slides.length));
    }

    private turnTo(index: number): void {
        const slide = this.slides[index];
        if (!slide) return;
        this.index = index;
        this.dialog.dataset['kind'] = slide.kind;
        this.dialog.classList.toggle('clear', slide.clear);
        const video = this.inner<HTMLVideoElement>('video');
        video.pause();
        if (slide.kind === 'video') video.src = slide.href;
        this.inner('.text').innerHTML = slide.html;
        const image = this.inner<HTMLImageElement>('picture img');
        const room = Math.min(innerWidth, ((innerHeight - AROUND) * slide.width) / slide.height, slide.width);
        const sizes = `${Math.ceil(room)}px`;
        const source = this.inner('picture source') as unknown as HTMLSourceElement;
        source.sizes = sizes;
        source.srcset = slide.webp;
        image.width = slide.width;
        image.height = slide.height;
        image.alt = slide.alt;
        if (slide.kind === 'picture') image.src = slide.href;
        this.inner('.words b').textContent = slide.title;
        this.inner('.words span').textContent = slide.caption;
        this.inner('.words i').textContent = slide.credit;
        this.showLink(slide.leads);
        this.inner('.count').textContent = `${index + 1} of ${this.slides.length}`;
        this.fetchNeighbours(sizes);
    }

    /** A place of the page itself is gone to at once; another page says where it is. */
    private showLink(leads: string): void {
        const link = this.inner<HTMLAnchorElement>('.words a');
        link.hidden = leads === '';
        link.href = leads;
        link.textContent = leads === '' ? '' : leads.replace(/^(https?:\/\/|mailto:)/i, '').replace(/\/$/, '');
        link.onclick = () => {
            if (leads.startsWith('#')) this.leave();
        };
    }

    private fetchNeighbours(sizes: string): void {
        for (const intent of ['next', 'previous'] as const) {
            const slide = this.slides[indexAfter(intent, this.index, this.slides.length)];
            if (!slide) continue;
            if (slide.kind !== 'picture') continue;
            const ahead = new Image();
            ahead.sizes = sizes;
            ahead.srcset = slide.webp;
        }
    }

    /** By way of the history, so that "back" and "close" come to the same. */
    private close(): void {
        const state = history.state as { zincPane?: string } | null;
        if (state?.zincPane === this.mark) history.back();
        else this.leave();
    }

    private leave(): void {
        if (!this.isConnected) return;
        this.dialog.close();
        this.remove();
        this.giveBack?.focus();
    }
}
