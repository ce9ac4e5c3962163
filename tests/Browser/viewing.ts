import { expect, type CDPSession, type Locator, type Page } from '@playwright/test';
import { demo, galleryOf, putLive, studioApi } from './support';

let title = '';

/** A gallery of demo pictures that is live on the page Repairs, with a viewer of its own. */
export async function viewed(page: Page, called: string, names: string[], viewer: object = {}, more: object = {}): Promise<{ id: string }> {
    title = called;
    const id = await galleryOf(page, title, demo(...names));
    const api = await studioApi(page);
    await setViewer(page, id, viewer, more);
    const pages = await api<{ id: string; address: string }[]>('GET', 'pages');
    await api('POST', 'panes', { page_id: pages.find(({ address }) => address === '/repairs')?.id, gallery_id: id, spot: 1 });
    await putLive(page, id);
    return { id };
}

export async function setViewer(page: Page, id: string, viewer: object, more: object = {}): Promise<void> {
    const api = await studioApi(page);
    const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, { version, change: { kind: 'design', design: { viewer, ...more } } });
}

/** Tiles of the gallery that was made viewable last; others may stand on the same page. */
export function tilesOf(page: Page): Locator {
    return page.getByRole('list', { name: title, exact: true }).locator('>li>a');
}

/** What a person sees of the open viewer. */
export function large(page: Page): { dialog: Locator; count: Locator; pic: Locator; stage: Locator; words: Locator } {
    const dialog = page.getByRole('dialog');
    return {
        dialog,
        count: dialog.locator('.count'),
        pic: dialog.locator('.frame:not([style*="hidden"]) .pic'),
        stage: dialog.locator('.stage'),
        words: dialog.locator('.said'),
    };
}

export async function openTile(page: Page, index = 0): Promise<void> {
    await tilesOf(page).nth(index).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await rested(page);
}

/** Until what moves has come to rest. */
export async function rested(page: Page): Promise<void> {
    await page.evaluate(async () => {
        const root = document.querySelector('zinc-viewer')?.shadowRoot;
        await Promise.all((root?.getAnimations() ?? []).map((animation) => animation.finished.catch(() => null)));
    });
}

/** Until an element stands where it stood for some frames. */
export async function stands(element: Locator): Promise<void> {
    await element.evaluate(async (drawn) => {
        let before = '';
        for (let same = 0; same < 10;) {
            await new Promise(requestAnimationFrame);
            const now = JSON.stringify(drawn.getBoundingClientRect());
            same = now === before ? same + 1 : 0;
            before = now;
        }
    });
}

/** How many times the size that fits the picture is drawn now. */
export function scaleOf(pic: Locator): Promise<number> {
    return pic.evaluate((element: HTMLElement) => element.getBoundingClientRect().width / element.offsetWidth);
}

/** px of the file that is drawn, and px of the screen that it is drawn in. */
export async function sharpness(pic: Locator): Promise<{ file: number; drawn: number; own: number }> {
    return pic.evaluate((element: HTMLElement) => {
        const image = element.querySelector<HTMLImageElement>('img:last-child');
        return {
            file: Number(/(\d+)\.webp/.exec(image?.currentSrc ?? '')?.[1] ?? 0),
            drawn: element.getBoundingClientRect().width * devicePixelRatio,
            own: image?.naturalWidth ?? 0,
        };
    });
}

type Point = { x: number; y: number };

/** Fingers on the screen, as the browser gets them from one. Each touch says when it was, so that a slow machine makes no slow finger. */
export class Fingers {
    /** s since the epoch of the last touch. */
    private time = 0;

    private constructor(private readonly session: CDPSession) {}

    static async of(page: Page): Promise<Fingers> {
        return new Fingers(await page.context().newCDPSession(page));
    }

    /** `ms` after the touch before; a gesture that begins does so now. */
    private send(type: 'touchStart' | 'touchMove' | 'touchEnd', points: Point[], ms?: number): Promise<unknown> {
        this.time = ms === undefined ? Math.max(Date.now() / 1000, this.time) : this.time + ms / 1000;
        return this.session.send('Input.dispatchTouchEvent', { type, touchPoints: points.map(({ x, y }, id) => ({ x, y, id })), timestamp: this.time });
    }

    async draw(from: Point, to: Point, steps = 8, pause = 12): Promise<void> {
        await this.send('touchStart', [from]);
        await this.move([from], [to], steps, pause);
        await this.send('touchEnd', [], pause);
    }

    private async move(from: Point[], to: Point[], steps: number, pause: number): Promise<void> {
        for (let step = 1; step <= steps; step++) {
            const share = step / steps;
            await this.send(
                'touchMove',
                from.map((point, index) => ({
                    x: point.x + ((to[index] as Point).x - point.x) * share,
                    y: point.y + ((to[index] as Point).y - point.y) * share,
                })),
                pause,
            );
        }
    }

    /** Two fingers that go apart, or together, by a factor about a point. */
    async pinch(middle: Point, from: number, to: number): Promise<void> {
        const pair = (apart: number): Point[] => [
            { x: middle.x - apart / 2, y: middle.y },
            { x: middle.x + apart / 2, y: middle.y },
        ];
        await this.send('touchStart', pair(from).slice(0, 1));
        await this.send('touchStart', pair(from), 12);
        await this.move(pair(from), pair(to), 8, 12);
        await this.send('touchEnd', [], 12);
    }

    async tapTwice(at: Point): Promise<void> {
        await this.send('touchStart', [at]);
        await this.send('touchEnd', [], 30);
        await this.send('touchStart', [at], 60);
        await this.send('touchEnd', [], 30);
    }

    /** Rests until what comes of it is there, and moves on. */
    async rest(at: Point, comes: Locator, then: Point): Promise<void> {
        await this.send('touchStart', [at]);
        await expect(comes).toHaveCount(1);
        await this.move([at], [then], 4, 20);
    }

    lift(): Promise<unknown> {
        return this.send('touchEnd', []);
    }
}
