import { follow, type Hand } from '../controllers/fingers';
import { bounded, greatest, scaledAt, WHOLE, type Size, type View } from '../base/geometry';
import { indexAfter, intentOfSwipe, type Intent } from '../base/intents';
import type { Settings, Slide } from '../base/slides';
import { isRightToLeft, wantsLessMotion, type Say } from '../base/surroundings';
import { Frame } from './frame';

export interface StageEvents {
    /** Another slide is asked for, drawn so many px to the side already. */
    turn(intent: Intent, drawn: number): void;
    close(): void;
    /** How far it is enlarged now, and can be. */
    zoomed(scale: number, most: number): void;
}

/** px down from which letting go closes, and px a ms. */
const DROP = [110, 0.6] as const;

/** Share of the picture's width on either side where a click turns. */
const SIDE = 0.3;

/** Of one notch of a wheel, and of one press of a key or button. */
const NOTCH = 0.0016;
export const STEP = 1.35;

const SETTLE = { duration: 220, easing: 'cubic-bezier(.2,.7,.3,1)' };

/** Where pictures are seen: the one, and its neighbours ready beside it; enlarged, drawn about and turned by hand. */
export class Stage implements Hand {
    private readonly frames = new Map<number, Frame>();
    private index = -1;
    private most = 1;
    private begun: View = WHOLE;
    private way: 'pan' | 'across' | 'down' | null = null;
    private motion = 0;
    private sharpening = 0;
    private readonly sized: ResizeObserver;

    constructor(
        readonly element: HTMLElement,
        private readonly slides: readonly Slide[],
        private readonly settings: Settings,
        private readonly say: Say,
        private readonly events: StageEvents,
        signal: AbortSignal,
    ) {
        follow(element, this, signal);
        element.classList.toggle('zooms', settings.most !== 1);
        element.addEventListener('wheel', (event) => this.wheel(event), { signal, passive: false });
        element.addEventListener('pointermove', (event) => this.point(event), { signal });
        element.addEventListener('pointerleave', () => delete element.dataset['side'], { signal });
        this.sized = new ResizeObserver(() => this.resize());
        this.sized.observe(element);
        signal.addEventListener('abort', () => {
            this.sized.disconnect();
            cancelAnimationFrame(this.motion);
            clearTimeout(this.sharpening);
            for (const frame of this.frames.values()) frame.leave();
        });
    }

    get frame(): Frame | undefined {
        return this.frames.get(this.index);
    }

    /** Measured when it may have changed, and not with every move of a finger. */
    private room: Size = { width: 1, height: 1 };

    private told = 0;

    private survey(): void {
        this.room = { width: this.element.clientWidth, height: this.element.clientHeight };
    }

    /** 1 where the next picture lies to the right. */
    private get sign(): number {
        return isRightToLeft(this.element) ? -1 : 1;
    }

    /**
     * @param by 1 on, -1 back, 0 neither
     * @param how it comes: at once, after it was drawn so many px, or fading
     */
    go(index: number, by: number, how: 'at once' | 'fade' | number): void {
        const before = this.frame;
        const slide = this.slides[index];
        if (!slide) return;
        cancelAnimationFrame(this.motion);
        this.survey();
        this.index = index;
        const frame = this.ready(index);
        const wanted = new Set([index, ...(['next', 'previous'] as const).map((intent) => indexAfter(intent, index, this.slides.length, this.again))]);
        for (const one of wanted) this.ready(one);
        for (const [one, other] of this.frames) {
            other.element.style.transform = '';
            other.element.style.visibility = one === index || (other === before && how !== 'at once') ? '' : 'hidden';
            if (other !== frame) other.show(WHOLE);
            other.video?.pause();
            if (!wanted.has(one)) {
                this.frames.delete(one);
                if (other !== before || how === 'at once') other.leave();
            }
        }
        if (before && before !== frame && how !== 'at once' && !wantsLessMotion()) this.pass(before, frame, by, how);
        else if (before && before !== frame) this.gone(before);
        void frame.video?.play().catch(() => {});
        this.measure();
        frame.sharpen();
        // The one that comes next if nothing else is asked for, in the same sharpness, once this one has been asked for.
        if (by !== 0) this.frames.get(indexAfter(by > 0 ? 'next' : 'previous', index, this.slides.length, this.again))?.sharpen();
    }

    private get again(): boolean {
        return this.settings.has.includes('again');
    }

    private ready(index: number): Frame {
        let frame = this.frames.get(index);
        if (!frame) {
            frame = new Frame(this.slides[index] as Slide, this.say, index + 1, this.slides.length);
            frame.place(this.room);
            frame.element.style.visibility = 'hidden';
            this.frames.set(index, frame);
            this.element.append(frame.element);
        }
        return frame;
    }

    private pass(before: Frame, frame: Frame, by: number, how: 'fade' | number): void {
        const away = -by * this.sign * this.room.width;
        const moves = how === 'fade' ? [{ opacity: 1 }, { opacity: 0 }] : [{ transform: `translateX(${how}px)` }, { transform: `translateX(${away}px)` }];
        const comes = how === 'fade' ? [{ opacity: 0 }, { opacity: 1 }] : [{ transform: `translateX(${how - away}px)` }, { transform: 'none' }];
        const timing = how === 'fade' ? { duration: 500, easing: 'ease-in-out' } : SETTLE;
        frame.element.animate(comes, timing);
        before.element.animate(moves, timing).onfinish = () => this.gone(before);
    }

    private gone(frame: Frame): void {
        if (frame === this.frame) return;
        frame.element.style.visibility = 'hidden';
        if (![...this.frames.values()].includes(frame)) frame.leave();
    }

    private resize(): void {
        this.survey();
        for (const frame of this.frames.values()) frame.place(this.room);
        this.measure();
        this.look(this.frame?.view ?? WHOLE);
    }

    private measure(): void {
        const { frame } = this;
        this.most = frame?.slide.kind === 'picture' ? greatest(this.settings.most, frame.slide, frame.fit, devicePixelRatio) : 1;
        this.told = frame?.view.scale ?? 1;
        this.events.zoomed(this.told, this.most);
    }

    /** Looks at the picture in another way, as far as that may be; a sharper file is fetched once it rests. */
    private look(view: View): void {
        const { frame } = this;
        if (!frame) return;
        const next = bounded(view, frame.fit, this.room, this.most);
        frame.show(next.scale === 1 ? WHOLE : next);
        if (next.scale !== this.told) {
            this.told = next.scale;
            this.element.classList.toggle('large', next.scale > 1);
            this.events.zoomed(next.scale, this.most);
        }
        clearTimeout(this.sharpening);
        this.sharpening = window.setTimeout(() => frame.sharpen(), 120);
    }

    /** px of a point from the middle of the stage. */
    private from(x: number, y: number): { x: number; y: number } {
        const box = this.element.getBoundingClientRect();
        return { x: x - box.left - box.width / 2, y: y - box.top - box.height / 2 };
    }

    zoomTo(scale: number, at: { x: number; y: number } = { x: 0, y: 0 }): void {
        const view = this.frame?.view;
        if (view) this.look(scaledAt(view, Math.min(Math.max(scale, 1), this.most), at));
    }

    get scale(): number {
        return this.frame?.view.scale ?? 1;
    }

    pan(dx: number, dy: number): void {
        // Whoever moves it holds what still goes on.
        cancelAnimationFrame(this.motion);
        const view = this.frame?.view;
        if (view) this.look({ ...view, x: view.x + dx, y: view.y + dy });
    }

    /** With Ctrl it is the browser's own zoom, or two fingers on a pad: that is left alone. */
    private wheel(event: WheelEvent): void {
        if (event.ctrlKey || event.metaKey || this.settings.most === 1 || (event.target as Element).closest('.text,video')) return;
        event.preventDefault();
        const notch = event.deltaMode === WheelEvent.DOM_DELTA_LINE ? 33 * event.deltaY : event.deltaY;
        this.zoomTo(this.scale * Math.exp(-notch * NOTCH), this.from(event.clientX, event.clientY));
    }

    begins(): boolean {
        cancelAnimationFrame(this.motion);
        this.begun = this.frame?.view ?? WHOLE;
        this.way = null;
        this.element.classList.add('held');
        return true;
    }

    draws(dx: number, dy: number): void {
        this.way ??= this.scale > 1 ? 'pan' : Math.abs(dx) >= Math.abs(dy) ? 'across' : 'down';
        const { frame, way } = this;
        if (!frame) return;
        if (way === 'pan') return this.look({ ...this.begun, x: this.begun.x + dx, y: this.begun.y + dy });
        if (way === 'down') {
            frame.element.style.transform = `translateY(${Math.max(0, dy)}px)`;
            return;
        }
        if (this.slides.length < 2) return;
        const other = this.frames.get(indexAfter(dx * this.sign < 0 ? 'next' : 'previous', this.index, this.slides.length, this.again));
        // At the end that stops, it gives a little and comes back.
        const drawn = !other || other === frame ? dx / 4 : dx;
        for (const one of this.frames.values()) one.element.style.visibility = one === frame || one === other ? '' : 'hidden';
        frame.element.style.transform = `translateX(${drawn}px)`;
        if (other && other !== frame) other.element.style.transform = `translateX(${drawn + (dx < 0 ? 1 : -1) * this.room.width}px)`;
    }

    lets(dx: number, dy: number, vx: number, vy: number): void {
        this.element.classList.remove('held');
        const { way, frame } = this;
        if (!frame) return;
        if (way === 'pan') return this.glide(vx, vy);
        if (way === 'down' && (dy > DROP[0] || (vy > DROP[1] && dy > 30))) return this.events.close();
        // A short quick draw is meant as well as a long one.
        const intent = way === 'across' ? intentOfSwipe(Math.abs(vx) > 0.5 ? dx * 3 : dx / 1.5, dy, this.sign < 0) : null;
        const can = intent && indexAfter(intent, this.index, this.slides.length, this.again) !== this.index;
        if (can) return this.events.turn(intent, dx);
        for (const one of this.frames.values()) {
            if (one === frame && !wantsLessMotion()) one.element.animate([{ transform: one.element.style.transform || 'none' }, { transform: 'none' }], SETTLE);
            one.element.style.transform = '';
            if (one !== frame) one.element.style.visibility = 'hidden';
        }
    }

    /** Goes on for a while as it was thrown. */
    private glide(vx: number, vy: number): void {
        if (wantsLessMotion() || Math.hypot(vx, vy) < 0.1) return;
        let before = performance.now();
        const on = (now: number): void => {
            const time = Math.min(now - before, 40);
            before = now;
            this.pan(vx * time, vy * time);
            const slower = Math.exp(-time / 180);
            [vx, vy] = [vx * slower, vy * slower];
            if (Math.hypot(vx, vy) > 0.02) this.motion = requestAnimationFrame(on);
        };
        this.motion = requestAnimationFrame(on);
    }

    pinches(by: number, x: number, y: number): void {
        this.look(scaledAt(this.begun, Math.min(Math.max(this.begun.scale * by, 1), this.most), this.from(x, y)));
    }

    pinched(): void {
        this.element.classList.remove('held');
    }

    taps(event: PointerEvent, times: number): void {
        this.element.classList.remove('held');
        const side = this.sideOf(event);
        if (side === 'outside') return this.events.close();
        if (event.pointerType === 'mouse' && side) return this.events.turn(side, 0);
        if (times % 2 === 0 && this.most > 1) this.zoomTo(this.scale > 1 ? 1 : Math.min(this.most, 2.5), this.from(event.clientX, event.clientY));
    }

    /** On which side of the picture a point is; null for its middle, or where sides do nothing. */
    private sideOf({ clientX, clientY, target }: PointerEvent): 'next' | 'previous' | 'outside' | null {
        const { frame } = this;
        if (!frame || frame.slide.kind !== 'picture') return (target as Element).closest('.text,video,.missing') ? null : 'outside';
        // Where it comes to rest, while it is still on its way there.
        const { fit, view } = frame;
        const { x, y } = this.from(clientX, clientY);
        const [across, down] = [(x - view.x) / (fit.width * view.scale), (y - view.y) / (fit.height * view.scale)];
        if (Math.abs(across) > 0.5 || Math.abs(down) > 0.5) return 'outside';
        if (this.scale > 1 || this.slides.length < 2 || !this.settings.has.includes('sides')) return null;
        if (Math.abs(across) < 0.5 - SIDE) return null;
        return across > 0 === this.sign > 0 ? 'next' : 'previous';
    }

    /** Shows what a click here would do. */
    private point(event: PointerEvent): void {
        if (event.pointerType !== 'mouse') return;
        const side = this.sideOf(event);
        if (side && side !== 'outside') this.element.dataset['side'] = side;
        else delete this.element.dataset['side'];
    }
}
