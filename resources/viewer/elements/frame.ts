import { fitted, WHOLE, type Size, type View } from '../base/geometry';
import { fileOf, nameOf, ownFile, type Slide } from '../base/slides';
import type { Say } from '../base/surroundings';
import { fill } from '../base/trusted';

/** One slide in the stage: what the page has of it at once, and the right file over it when that is there. */
export class Frame {
    readonly element = document.createElement('div');
    fit: Size = { width: 1, height: 1 };
    view: View = WHOLE;
    private readonly pic = document.createElement('div');
    private high: HTMLImageElement | null = null;
    private asked = '';
    private readonly off = new AbortController();

    constructor(
        readonly slide: Slide,
        private readonly say: Say,
        number: number,
        count: number,
    ) {
        this.element.className = slide.clear ? 'frame clear' : 'frame';
        const name = nameOf(slide, say, number, count);
        if (slide.kind === 'text') this.showText(name);
        else if (slide.kind === 'video') this.showVideo(name);
        else this.showPicture(slide.alt || name);
    }

    get video(): HTMLVideoElement | null {
        return this.element.querySelector('video');
    }

    private showText(name: string): void {
        const text = document.createElement('div');
        text.className = 'text';
        text.tabIndex = 0;
        text.setAttribute('role', 'group');
        text.setAttribute('aria-label', name);
        text.dir = 'auto';
        fill(text, this.slide.html);
        this.element.append(text);
    }

    private showVideo(name: string): void {
        const { slide } = this;
        const video = document.createElement('video');
        video.controls = true;
        video.playsInline = true;
        video.preload = 'metadata';
        video.setAttribute('aria-label', name);
        video.poster = ownFile(slide) || fileOf(slide, 1000);
        if (slide.track) {
            // Words from another host are read only by one who asks as nobody in particular.
            if (new URL(slide.track, location.href).origin !== location.origin) video.crossOrigin = 'anonymous';
            const track = Object.assign(document.createElement('track'), { kind: 'captions', src: slide.track, default: true });
            track.label = this.say('words');
            video.append(track);
        }
        video.src = slide.href;
        this.element.append(video);
    }

    private showPicture(name: string): void {
        this.pic.className = 'pic';
        this.pic.setAttribute('role', 'img');
        this.pic.setAttribute('aria-label', name);
        const own = ownFile(this.slide);
        if (own) this.pic.append(this.layer(own));
        this.element.append(this.pic);
    }

    private layer(src: string): HTMLImageElement {
        const image = new Image();
        image.alt = '';
        image.decoding = 'async';
        image.draggable = false;
        image.src = src;
        return image;
    }

    /** As large as the room allows. */
    place(room: Size): void {
        if (this.slide.kind !== 'picture') return;
        this.fit = fitted(this.slide, room);
        this.pic.style.width = `${this.fit.width}px`;
        this.pic.style.height = `${this.fit.height}px`;
    }

    show(view: View): void {
        this.view = view;
        this.pic.style.transform = view === WHOLE ? '' : `translate(${view.x}px,${view.y}px) scale(${view.scale})`;
    }

    /** Fetches the file that is as wide as it is drawn, in px of the screen; the one before stays until it is there. */
    sharpen(): void {
        if (this.slide.kind !== 'picture') return;
        const src = fileOf(this.slide, this.fit.width * this.view.scale * devicePixelRatio);
        if (src === this.asked) return;
        this.asked = src;
        const image = this.layer(src);
        image.decode().then(
            () => this.come(image, src),
            () => this.fail(image, src),
        );
    }

    private come(image: HTMLImageElement, src: string): void {
        if (this.off.signal.aborted || src !== this.asked) return;
        this.element.querySelector('.missing')?.remove();
        this.pic.hidden = false;
        this.pic.append(image);
        this.high?.remove();
        this.high = image;
    }

    /** Decoding may be refused for want of memory where the picture itself can be shown. */
    private fail(image: HTMLImageElement, src: string): void {
        if (this.off.signal.aborted || src !== this.asked) return;
        if (image.complete && image.naturalWidth > 0) return this.come(image, src);
        this.asked = '';
        // What the page has of it is better than a word about what is missing.
        if (this.pic.querySelector('img')) return;
        const missing = document.createElement('div');
        missing.className = 'missing';
        const again = Object.assign(document.createElement('button'), { type: 'button', textContent: this.say('again') });
        again.onclick = () => {
            missing.remove();
            this.sharpen();
        };
        missing.append(Object.assign(document.createElement('p'), { textContent: this.say('missing') }), again);
        this.pic.hidden = true;
        this.element.querySelector('.missing')?.remove();
        this.element.append(missing);
    }

    /** Where the picture is drawn, in the window. */
    get box(): DOMRect {
        return this.pic.getBoundingClientRect();
    }

    /** The large file goes with it, so that no more than a few are kept. */
    leave(): void {
        this.off.abort();
        const { video } = this;
        if (video) {
            video.pause();
            video.removeAttribute('src');
            video.load();
        }
        this.element.remove();
    }
}
