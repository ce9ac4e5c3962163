import { intentOfKey } from './base/intents';
import { adopt, isRightToLeft, phrasesOf, wantsLessMotion, type Say } from './base/surroundings';
import { fill } from './base/trusted';

/** px by which what is scrolled may miss its place. */
const NEAR = 4;

const STYLE =
    '.zp-strip{position:relative}.zp-step{position:absolute;top:50%;z-index:1;translate:0 -50%;display:grid;place-items:center;width:44px;height:44px;margin:0;padding:0;border:0;border-radius:50%;background:rgb(16 20 23/.72);color:#fff;font:20px/1 system-ui,sans-serif;cursor:pointer}.zp-step[aria-disabled=true]{opacity:.35;cursor:default}.zp-step:focus-visible{outline:3px solid #fff;outline-offset:-5px}.zp-step svg{width:20px;height:20px;fill:none;stroke:currentColor;stroke-width:2.4}.zp-strip:dir(rtl)>.zp-step svg{scale:-1 1}.zp-back{inset-inline-start:10px}.zp-on{inset-inline-end:10px}.zp-pause{top:auto;bottom:10px;inset-inline-end:10px;translate:none;width:auto;padding:0 16px;border-radius:22px;font-size:14px}@media print{.zp-step{display:none}}';

/** A strip or a slideshow: steppers, and time. Without it the strip is scrolled by hand. */
export class Strip {
    private paused = wantsLessMotion();

    private constructor(
        private readonly list: HTMLElement,
        private readonly frame: HTMLElement,
        private readonly say: Say,
        private readonly back = Strip.button('zp-back', say('back'), 'm13 4-7 6 7 6'),
        private readonly on = Strip.button('zp-on', say('on'), 'm7 4 7 6-7 6'),
    ) {}

    static enliven(list: HTMLElement, pane: Element): void {
        if (list.parentElement?.classList.contains('zp-strip') || list.children.length < 2) return;
        const frame = document.createElement('div');
        frame.className = 'zp-strip';
        adopt(list.getRootNode(), STYLE);
        list.replaceWith(frame);
        const strip = new Strip(list, frame, phrasesOf(pane));
        frame.append(list, strip.back, strip.on);
        strip.start();
    }

    private static button(name: string, label: string, path: string): HTMLButtonElement {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = `zp-step ${name}`;
        button.setAttribute('aria-label', label);
        if (path) fill(button, `<svg viewBox="0 0 20 20" aria-hidden="true"><path d="${path}"/></svg>`);
        return button;
    }

    private start(): void {
        this.back.onclick = () => this.step(-1);
        this.on.onclick = () => this.step(1);
        this.list.addEventListener('keydown', (event) => {
            const intent = intentOfKey(event.key, isRightToLeft(this.list));
            if (!intent || event.target !== this.list || event.altKey || event.ctrlKey || event.metaKey) return;
            event.preventDefault();
            if (intent === 'next' || intent === 'previous') this.step(intent === 'next' ? 1 : -1);
            else this.scroll(intent === 'first' ? 0 : this.list.scrollWidth);
        });
        this.list.addEventListener('scroll', () => this.show(), { passive: true });
        this.show();
        const seconds = Number(this.list.dataset['seconds']);
        if (seconds > 0) this.time(seconds);
    }

    /** px that it was scrolled on, from where one begins to read, and px that are left. */
    private get way(): { done: number; left: number } {
        const { scrollLeft, scrollWidth, clientWidth } = this.list;
        const done = Math.abs(scrollLeft);
        return { done, left: scrollWidth - clientWidth - done };
    }

    /** To the next tile that does not begin at the edge where one begins to read; from the last one to the first. */
    private step(by: number, round = false): void {
        const { list, way } = this;
        const rightToLeft = isRightToLeft(list);
        const edge = list.getBoundingClientRect();
        const places = [...list.children].map((tile) => {
            const { left, right } = tile.getBoundingClientRect();
            return way.done + (rightToLeft ? edge.right - right : left - edge.left);
        });
        const next = by > 0 ? places.find((place) => place > way.done + NEAR) : places.reverse().find((place) => place < way.done - NEAR);
        this.scroll(round && by > 0 && way.left <= NEAR ? 0 : (next ?? way.done));
    }

    private scroll(to: number): void {
        this.list.scrollTo({ left: isRightToLeft(this.list) ? -to : to, behavior: wantsLessMotion() ? 'instant' : 'smooth' });
    }

    /** A button that can do nothing stays: whoever stands on it would lose the place. */
    private show(): void {
        this.back.setAttribute('aria-disabled', String(this.way.done < NEAR));
        this.on.setAttribute('aria-disabled', String(this.way.left < NEAR));
    }

    /** Stands still while it is pointed at or focused, behind a dialog, in a hidden tab, for those who want no motion, and when paused. */
    private time(seconds: number): void {
        const { frame } = this;
        const pause = Strip.button('zp-pause', '', '');
        const told = (): void => {
            const label = this.say(this.paused ? 'run' : 'hold');
            pause.textContent = label;
            pause.setAttribute('aria-label', label);
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
            return (hovers.matches && frame.matches(':hover')) || (focused !== null && focused !== pause) || document.querySelector('zinc-viewer') !== null;
        };
        let timer = 0;
        const tick = (): void => {
            // Its time ends with it; when it is put back, the first sign of life begins it again.
            if (!frame.isConnected) clearInterval(timer);
            else if (!this.paused && !document.hidden && !isHeld()) this.step(1, true);
        };
        const run = (): void => {
            clearInterval(timer);
            timer = window.setInterval(tick, seconds * 1000);
        };
        new IntersectionObserver(([seen]) => {
            if (seen?.isIntersecting && frame.isConnected) run();
        }).observe(frame);
        frame.addEventListener('zinc-gone', () => clearInterval(timer));
        frame.addEventListener('zinc-back', run);
        run();
    }
}
