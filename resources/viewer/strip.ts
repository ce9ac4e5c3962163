import { intentOfKey } from './intents';

/** px by which what is scrolled may miss its place. */
const NEAR = 4;

/** A strip or a slideshow: steppers, and time. Without it the strip is scrolled by hand. */
export class Strip {
    static readonly style = `.zp-step{position:absolute;top:50%;z-index:1;translate:0 -50%;display:grid;place-items:center;width:44px;height:44px;margin:0;padding:0;border:0;border-radius:50%;background:rgb(16 20 23/.72);color:#fff;font:20px/1 system-ui,sans-serif;cursor:pointer}.zp-step:disabled{display:none}.zp-step:focus-visible{outline:3px solid #fff;outline-offset:-5px}.zp-back{inset-inline-start:10px}.zp-on{inset-inline-end:10px}.zp-pause{top:auto;bottom:10px;inset-inline-end:10px;translate:none;width:auto;padding:0 16px;border-radius:22px;font-size:14px}`;

    private paused = false;

    private constructor(
        private readonly list: HTMLElement,
        private readonly back: HTMLButtonElement,
        private readonly on: HTMLButtonElement,
    ) {}

    static enliven(list: HTMLElement): void {
        if (list.parentElement?.classList.contains('zp-strip') || list.children.length < 2) return;
        const frame = document.createElement('div');
        frame.className = 'zp-strip';
        frame.style.position = 'relative';
        const style = document.createElement('style');
        style.textContent = Strip.style;
        list.replaceWith(frame);
        const strip = new Strip(list, Strip.button('zp-back', 'Previous pictures', '‹'), Strip.button('zp-on', 'Next pictures', '›'));
        frame.append(style, list, strip.back, strip.on);
        strip.start(frame);
    }

    private static button(name: string, label: string, sign: string): HTMLButtonElement {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = `zp-step ${name}`;
        button.setAttribute('aria-label', label);
        button.textContent = sign;
        return button;
    }

    private start(frame: HTMLElement): void {
        this.back.onclick = () => this.step(-1);
        this.on.onclick = () => this.step(1);
        this.list.addEventListener('keydown', (event) => {
            const intent = intentOfKey(event.key, this.isRightToLeft);
            if ((intent !== 'next' && intent !== 'previous') || event.target !== this.list) return;
            event.preventDefault();
            this.step(intent === 'next' ? 1 : -1);
        });
        this.list.addEventListener('scroll', () => this.show(), { passive: true });
        this.show();
        const seconds = Number(this.list.dataset['seconds']);
        if (seconds > 0) this.time(frame, seconds);
    }

    private get isRightToLeft(): boolean {
        return getComputedStyle(this.list).direction === 'rtl';
    }

    /** px that it was scrolled on, from where one begins to read, and px that are left. */
    private get way(): { done: number; left: number } {
        const { scrollLeft, scrollWidth, clientWidth } = this.list;
        const done = Math.abs(scrollLeft);
        return { done, left: scrollWidth - clientWidth - done };
    }

    /** To the next tile that does not begin at the edge where one begins to read; from the last one to the first. */
    private step(by: number, round = false): void {
        const { list, way, isRightToLeft } = this;
        const edge = list.getBoundingClientRect();
        const places = [...list.children].map((tile) => {
            const { left, right } = tile.getBoundingClientRect();
            return way.done + (isRightToLeft ? edge.right - right : left - edge.left);
        });
        const next = by > 0 ? places.find((place) => place > way.done + NEAR) : places.reverse().find((place) => place < way.done - NEAR);
        const to = round && by > 0 && way.left <= NEAR ? 0 : (next ?? way.done);
        const smooth = !matchMedia('(prefers-reduced-motion: reduce)').matches;
        list.scrollTo({ left: isRightToLeft ? -to : to, behavior: smooth ? 'smooth' : 'instant' });
    }

    private show(): void {
        this.back.disabled = this.way.done < NEAR;
        this.on.disabled = this.way.left < NEAR;
    }

    /** Stands still while it is pointed at or focused, in a hidden tab, for those who want no motion, and when paused. */
    private time(frame: HTMLElement, seconds: number): void {
        const still = matchMedia('(prefers-reduced-motion: reduce)');
        this.paused = still.matches;
        const pause = Strip.button('zp-pause', '', '');
        const told = (): void => {
            pause.textContent = this.paused ? 'Play' : 'Pause';
            pause.setAttribute('aria-label', this.paused ? 'Play the slideshow' : 'Pause the slideshow');
        };
        pause.onclick = () => {
            this.paused = !this.paused;
            told();
        };
        told();
        frame.append(pause);
        // A finger leaves :hover behind. Who pressed "Play" by keyboard still stands on that button.
        const hovers = matchMedia('(hover: hover)');
        const isHeld = (): boolean => {
            const focused = frame.querySelector(':focus-visible');
            return (hovers.matches && frame.matches(':hover')) || (focused !== null && focused !== pause);
        };
        setInterval(() => {
            if (!this.paused && !document.hidden && !isHeld()) this.step(1, true);
        }, seconds * 1000);
    }
}
