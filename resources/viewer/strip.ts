/** A strip or a slideshow: steppers, and time. Without it the strip is scrolled by hand. */
export class Strip {
    static readonly style = `.zp-step{position:absolute;top:50%;z-index:1;translate:0 -50%;display:grid;place-items:center;width:44px;height:44px;margin:0;padding:0;border:0;border-radius:50%;background:rgb(16 20 23/.72);color:#fff;font:20px/1 system-ui,sans-serif;cursor:pointer}.zp-step:disabled{display:none}.zp-step:focus-visible{outline:3px solid #fff;outline-offset:-5px}.zp-back{left:10px}.zp-on{right:10px}.zp-pause{top:auto;bottom:10px;right:10px;translate:none;width:auto;padding:0 16px;border-radius:22px;font-size:14px}`;

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
            const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
            if (by === 0 || event.target !== this.list) return;
            event.preventDefault();
            this.step(by);
        });
        this.list.addEventListener('scroll', () => this.show(), { passive: true });
        this.show();
        const seconds = Number(this.list.dataset['seconds']);
        if (seconds > 0) this.time(frame, seconds);
    }

    /** To the next tile that does not begin at the left edge; from the last one to the first. */
    private step(by: number, round = false): void {
        const { list } = this;
        const places = [...list.children].map((tile) => (tile as HTMLElement).offsetLeft);
        const now = list.scrollLeft;
        const next = by > 0 ? places.find((place) => place > now + 4) : places.reverse().find((place) => place < now - 4);
        const atEnd = by > 0 && now >= list.scrollWidth - list.clientWidth - 4;
        const smooth = !matchMedia('(prefers-reduced-motion: reduce)').matches;
        list.scrollTo({ left: atEnd && round ? 0 : (next ?? now), behavior: smooth ? 'smooth' : 'instant' });
    }

    private show(): void {
        const { scrollLeft, scrollWidth, clientWidth } = this.list;
        this.back.disabled = scrollLeft < 4;
        this.on.disabled = scrollLeft > scrollWidth - clientWidth - 4;
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
