import { fileOf, nameOf, ownFile, sequenceOf, type Slide } from '../base/slides';
import { adopt, wantsLessMotion } from '../base/surroundings';
import { fill } from '../base/trusted';
import { fillWords } from './words';

const STYLE =
    '.zp-grown{position:relative;box-sizing:border-box;clear:both;padding:12px 0;cursor:zoom-out}.zp-grown img,.zp-grown video{display:block;width:auto;height:auto;max-width:100%;max-height:86vh;margin:0 auto}.zp-grown .zp-told{max-width:70ch;margin:10px auto 0;cursor:auto;overflow-wrap:anywhere}.zp-told :is(h2,p){margin:0 0 .3em;font-size:1em;white-space:pre-line}.zp-told h2{font-weight:600}.zp-fold{position:absolute;inset-block-start:18px;inset-inline-end:6px;width:44px;height:44px;border:0;border-radius:50%;background:rgb(16 20 23/.78);color:#fff;font:24px/1 system-ui,sans-serif;cursor:pointer}.zp-fold:focus-visible{outline:3px solid #fff;outline-offset:-5px}.zp-tiles>li.zp-open>a{outline:4px solid Highlight;outline-offset:-4px}';

/** px between what grew and the tiles around it. */
const AROUND = 4;

interface Grown {
    link: HTMLAnchorElement;
    panel: HTMLElement;
    off: AbortController;
}

const grown = new Map<Element, Grown>();

/** Lets a tile's picture grow where it stands; whatever of its gallery stood open folds away, and so does it on the next click. */
export function grow(link: HTMLAnchorElement): void {
    const pane = link.closest('[data-zinc-pane]');
    if (!pane) return;
    const before = grown.get(pane);
    // The tile that was clicked stays where it is in the window, whatever folds away above it.
    const top = link.getBoundingClientRect().top;
    if (before) fold(pane, before, before.link === link);
    if (before?.link !== link) unfold(pane, link);
    scrollBy({ top: link.getBoundingClientRect().top - top, behavior: 'instant' });
    if (before?.link !== link) grown.get(pane)?.panel.scrollIntoView({ block: 'nearest', behavior: wantsLessMotion() ? 'instant' : 'smooth' });
}

function unfold(pane: Element, link: HTMLAnchorElement): void {
    const { slides, say } = sequenceOf(link);
    const slide = slides.find((one) => one.link === link);
    const list = link.closest<HTMLElement>('.zp-tiles');
    if (!slide || !list) return;
    adopt(pane.getRootNode(), STYLE);
    const off = new AbortController();
    const panel = document.createElement('div');
    panel.className = 'zp-grown';
    panel.setAttribute('role', 'group');
    panel.setAttribute('aria-label', nameOf(slide, say, slides.indexOf(slide) + 1, slides.length));
    const shut = (): void => {
        const one = grown.get(pane);
        if (one) fold(pane, one, true);
    };
    panel.append(...(slide.kind === 'text' ? [] : [seen(slide, list)]), told(slide, shut));
    const button = Object.assign(document.createElement('button'), { type: 'button', className: 'zp-fold', textContent: '×' });
    button.setAttribute('aria-label', say('fold'));
    panel.append(button);
    panel.addEventListener(
        'click',
        ({ target }) => {
            if (!(target as Element).closest('a,video,.zp-told')) shut();
        },
        { signal: off.signal },
    );
    pane.addEventListener('keydown', (event) => void ((event as KeyboardEvent).key === 'Escape' && shut()), { signal: off.signal });
    link.setAttribute('aria-expanded', 'true');
    grown.set(pane, { link, panel, off });
    place(list, link, panel, off.signal);
}

function seen(slide: Slide, list: HTMLElement): HTMLElement {
    if (slide.kind === 'video') {
        const video = Object.assign(document.createElement('video'), { src: slide.href, controls: true, playsInline: true, poster: ownFile(slide) });
        void video.play().catch(() => {});
        return video;
    }
    const image = Object.assign(new Image(), { alt: slide.alt, src: ownFile(slide) || fileOf(slide, 1) });
    // It takes its room at once, whatever has come of it.
    image.width = slide.width;
    image.height = slide.height;
    const wide = Math.min(list.getBoundingClientRect().width, slide.width, (innerHeight * 0.86 * slide.width) / slide.height);
    const sharp = Object.assign(new Image(), { src: fileOf(slide, wide * devicePixelRatio) });
    void sharp.decode().then(
        () => (image.src = sharp.src),
        () => {},
    );
    return image;
}

function told(slide: Slide, leave: () => void): HTMLElement {
    const words = document.createElement('div');
    words.className = 'zp-told';
    if (slide.kind === 'text') fill(words, slide.html);
    else fillWords(words, slide, leave);
    return words;
}

/** Below its tile, the tiles that follow moved down; below the whole list where that is moved or has a height of its own. */
function place(list: HTMLElement, link: HTMLAnchorElement, panel: HTMLElement, signal: AbortSignal): void {
    const frame = list.closest('.zp-strip,.zp-drift');
    const tile = link.parentElement as HTMLElement;
    tile.classList.add('zp-open');
    if (frame) {
        frame.after(panel);
        return;
    }
    list.after(panel);
    const arrange = (): void => {
        const tiles = [...list.children] as HTMLElement[];
        for (const one of tiles) one.style.removeProperty('translate');
        for (const part of [list, panel]) for (const property of ['margin-bottom', 'margin-top']) part.style.removeProperty(property);
        const home = list.getBoundingClientRect();
        const boxes = tiles.map((one) => one.getBoundingClientRect());
        const own = boxes[tiles.indexOf(tile)];
        if (!own) return;
        // Those whose middle lies below its lower edge go down, the others stay.
        const moved = boxes.map((box) => box.top + box.height / 2 > own.bottom);
        const edge = Math.max(...boxes.filter((_, index) => !moved[index]).map(({ bottom }) => bottom));
        const first = Math.min(...boxes.filter((_, index) => moved[index]).map(({ top }) => top), home.bottom);
        const height = panel.offsetHeight;
        const by = Math.max(0, edge - first) + height + AROUND;
        tiles.forEach((one, index) => moved[index] && one.style.setProperty('translate', `0 ${by}px`));
        panel.style.marginTop = `${edge - home.bottom}px`;
        panel.style.marginBottom = `${Math.max(0, home.bottom + by - (edge + height))}px`;
    };
    arrange();
    const sized = new ResizeObserver(arrange);
    sized.observe(panel);
    sized.observe(list);
    signal.addEventListener('abort', () => sized.disconnect());
    if (!wantsLessMotion())
        panel.animate(
            [
                { opacity: 0, clipPath: 'inset(0 0 100% 0)' },
                { opacity: 1, clipPath: 'inset(0)' },
            ],
            { duration: 220, easing: 'ease-out' },
        );
}

function fold(pane: Element, { link, panel, off }: Grown, givesBack: boolean): void {
    const hadFocus = panel.contains((panel.getRootNode() as Document | ShadowRoot).activeElement);
    off.abort();
    panel.remove();
    grown.delete(pane);
    link.setAttribute('aria-expanded', 'false');
    link.parentElement?.classList.remove('zp-open');
    for (const tile of link.closest('.zp-tiles')?.children ?? []) (tile as HTMLElement).style.removeProperty('translate');
    if (givesBack && hadFocus) link.focus({ preventScroll: true });
}
