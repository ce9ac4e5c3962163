/** Share of its size that the glass stands above a finger. */
const ABOVE = 0.7;

/** A round magnifier over a picture; it lies in the top layer, where nothing around it moves or cuts it. */
export class Loupe {
    private readonly element = document.createElement('div');
    private readonly image = new Image();

    /**
     * @param size px across
     * @param strength times
     * @param home that it lies in
     */
    constructor(
        private readonly size: number,
        private readonly strength: number,
        home: ParentNode & Node,
    ) {
        const { element, image } = this;
        element.popover = 'manual';
        element.setAttribute('aria-hidden', 'true');
        Object.assign(element.style, {
            position: 'fixed',
            inset: '0 auto auto 0',
            width: `${size}px`,
            height: `${size}px`,
            margin: '0',
            padding: '0',
            border: '3px solid #fff',
            borderRadius: '50%',
            boxShadow: '0 2px 14px rgb(0 0 0/.5)',
            background: '#101417',
            overflow: 'hidden',
            pointerEvents: 'none',
            boxSizing: 'border-box',
        });
        image.alt = '';
        Object.assign(image.style, { position: 'absolute', maxWidth: 'none', transformOrigin: '0 0' });
        element.append(image);
        home.append(element);
    }

    /**
     * Shows what is under a point.
     *
     * @param box of the whole picture, in the window
     * @param byFinger the glass stands above the point, which a finger would hide
     */
    show(box: DOMRect, x: number, y: number, src: string, byFinger: boolean): void {
        const { element, image, size, strength } = this;
        const above = byFinger ? size * ABOVE : 0;
        if (image.getAttribute('src') !== src) image.src = src;
        const within = (value: number, least: number, most: number): number => Math.min(Math.max(value, least), most);
        const [px, py] = [within(x, box.left, box.right) - box.left, within(y, box.top, box.bottom) - box.top];
        image.style.width = `${box.width * strength}px`;
        image.style.height = `${box.height * strength}px`;
        image.style.transform = `translate(${size / 2 - 3 - px * strength}px,${size / 2 - 3 - py * strength}px)`;
        const top = y - size / 2 - above < 0 && above > 0 ? y + above : y - size / 2 - above;
        element.style.transform = `translate(${x - size / 2}px,${top}px)`;
        if (!element.matches(':popover-open')) element.showPopover();
    }

    /** px of the screen that what it shows is wide. */
    wanted(box: DOMRect): number {
        return box.width * this.strength * devicePixelRatio;
    }

    hide(): void {
        if (this.element.matches(':popover-open')) this.element.hidePopover();
    }

    leave(): void {
        this.element.remove();
    }
}
