import { expect, test as base, type FrameLocator, type Locator, type Page } from '@playwright/test';
import type Axe from 'axe-core';
import { execFileSync } from 'node:child_process';
import { createReadStream, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { basename, join } from 'node:path';
import { PASSWORD, Server } from './server';

interface Own {
    trouble: string[];
    fresh: void;
}

/** Console errors and requests to other origins fail a test, unless it says that it expects them. */
export const test = base.extend<Own, { server: Server }>({
    server: [async ({}, use, { parallelIndex }) => use(Server.of(parallelIndex)), { scope: 'worker' }],
    baseURL: async ({ server }, use) => use(server.address),
    fresh: [
        async ({ server }, use) => {
            server.reset();
            await use();
        },
        { auto: true },
    ],
    trouble: [
        async ({ page, server }, use) => {
            const trouble: string[] = [];
            page.on('pageerror', (error) => trouble.push(error.message));
            page.on('console', (message) => {
                if (message.type() === 'error') trouble.push(`${message.text()} ${message.location().url}`);
            });
            page.on('request', (request) => {
                if (/^https?:/.test(request.url()) && !request.url().startsWith(server.address)) trouble.push(`foreign request ${request.url()}`);
            });
            await use(trouble);
            expect(trouble).toEqual([]);
        },
        { auto: true },
    ],
});

export { expect };

/** Lets the page in, by the API; people.spec.ts signs in as a person does. */
async function letIn(page: Page): Promise<void> {
    await page.request.get('/studio/api/session');
    const answer = await page.request.post('/studio/api/session', {
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': await tokenOf(page) },
        data: { email: 'owner@saltreed.example', password: PASSWORD },
    });
    expect(answer.ok(), await answer.text()).toBe(true);
}

async function tokenOf(page: Page): Promise<string> {
    return decodeURIComponent((await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '');
}

/** Signed in, at the galleries. */
export async function signIn(page: Page): Promise<void> {
    await letIn(page);
    await page.goto('/studio');
    await expect(page.getByRole('heading', { name: 'Galleries' })).toBeVisible();
}

type Send = <T>(method: string, path: string, body?: object | string) => Promise<T>;

/** The API as the studio speaks it, for what a test needs to be there; text for a body is the path of a picture file. */
export async function studioApi(page: Page): Promise<Send> {
    const { user } = (await (await page.request.get('/studio/api/session')).json()) as { user: object | null };
    if (!user) await letIn(page);
    return async <T>(method: string, path: string, body?: object | string) => {
        const sent = typeof body === 'string' ? { multipart: { picture: createReadStream(body) } } : { data: body };
        const answer = await page.request.fetch(`/studio/api/${path}`, {
            method,
            headers: { Accept: 'application/json', 'X-XSRF-TOKEN': await tokenOf(page) },
            ...sent,
        });
        expect(answer.ok(), await answer.text()).toBe(true);
        return (answer.status() === 204 ? null : await answer.json()) as T;
    };
}

/** As often as it takes: while files are being made, the answer says how many pictures are left. */
export async function putLive(page: Page, id: string): Promise<void> {
    const api = await studioApi(page);
    const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
    while (((await api<{ lacking?: number }>('POST', `galleries/${id}/live`, { version })).lacking ?? 0) > 0);
}

const DEMO = 'database/demo/pictures';

/** Pictures of the demo that are in the library: their identifiers; null where one is not. */
async function inLibrary(api: Send, files: string[]): Promise<string[] | null> {
    const all = await api<{ pictures: { id: string; name: string }[] }>('GET', 'pictures?limit=200');
    const ids = files.map((file) => all.pictures.find(({ name }) => name === basename(file))?.id);
    return ids.every((id) => id !== undefined) ? ids : null;
}

/** A gallery of picture files; its identifier. */
export async function galleryOf(page: Page, title: string, files: string[]): Promise<string> {
    const api = await studioApi(page);
    const { id } = await api<{ id: string }>('POST', 'galleries', { title });
    const known = files.length > 0 && files.every((file) => file.startsWith(DEMO)) ? await inLibrary(api, files) : null;
    if (known) await api('POST', `galleries/${id}/items`, { pictures: known });
    else for (const file of files) await api('POST', `galleries/${id}/pictures`, file);
    return id;
}

/** Paths of demo pictures. */
export function demo(...names: string[]): string[] {
    return names.map((name) => join(DEMO, `${name}.jpg`));
}

/** Chooses by its word in a drop-down list of the studio. */
export async function choose(page: Page, list: string, option: string): Promise<void> {
    await page.getByRole('combobox', { name: list }).press('Enter');
    await page.getByRole('option', { name: option, exact: true }).click();
}

/** The answer to "are you sure?", once it is asked; the button that asks may bear the same name. */
export function sure(page: Page, name: string): Locator {
    return page.locator('.el-popconfirm:visible').getByRole('button', { name, exact: true });
}

/** A page in the stage Pages as it is now, once it heeds what is done in it. */
export async function pageInStage(page: Page, title: string): Promise<FrameLocator> {
    const frame = `iframe[title^="${title}"]`;
    const heeds = ({ contentDocument: shown, src }: HTMLIFrameElement): boolean => shown?.URL === src && shown.querySelector('html[data-heeds]') !== null;
    await expect.poll(() => page.locator(frame).evaluate(heeds)).toBe(true);
    return page.frameLocator(frame);
}

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

export async function expectAccessible(page: Page): Promise<void> {
    await page.evaluate(AXE);
    // Proofs are whole pages within a page, whose landmarks would count twice; they are checked where they are live.
    const found = await page.evaluate(async (tags) => {
        const { axe } = window as unknown as { axe: typeof Axe };
        const { violations } = await axe.run({ exclude: ['iframe'] }, { runOnly: tags, iframes: false, resultTypes: ['violations'] });
        return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`);
    }, RULES);
    expect(found).toEqual([]);
}

/** The pictures of a gallery in the stage Pictures, all or those of a name. */
export function tiles(page: Page, options?: { name: RegExp }): Locator {
    return page.getByRole('listbox', { name: 'Pictures' }).getByRole('option', options);
}

/** JPEG files of noise, no two alike, and the same in every run; half as large as pictures of small websites often are. */
export function makePictures(folder: string, count: number): string[] {
    mkdirSync(folder, { recursive: true });
    return Array.from({ length: count }, (_, index) => {
        const path = join(folder, `picture ${index + 1}.jpg`);
        const shape = [
            [750, 500],
            [500, 750],
            [600, 600],
        ][index % 3] as [number, number];
        const code = `mt_srand(${index + 1});$i=imagecreatetruecolor(${shape.join(',')});for($n=0;$n<60;$n++)imagefilledellipse($i,mt_rand(0,750),mt_rand(0,750),mt_rand(10,300),mt_rand(10,300),mt_rand(0,0xffffff));imagejpeg($i,$argv[1],85);`;
        execFileSync('php', ['-r', code, '--', path]);
        return path;
    });
}

/** A JPEG file all of one colour, with a little noise, so that no two are alike. */
export function makePlain(folder: string, rgb: number): string {
    mkdirSync(folder, { recursive: true });
    const path = join(folder, `plain ${rgb.toString(16)}.jpg`);
    const code = `$i=imagecreatetruecolor(900,600);imagefill($i,0,0,${rgb});for($n=0;$n<40;$n++)imagesetpixel($i,random_int(0,899),random_int(0,599),${rgb}+random_int(0,9));imagejpeg($i,$argv[1],90);`;
    execFileSync('php', ['-r', code, '--', path]);
    return path;
}

export function makeBroken(folder: string): string {
    const path = join(folder, 'broken.jpg');
    writeFileSync(path, 'this is not a picture');
    return path;
}

/** A finger drawn sideways over the screen, px. */
export async function swipe(page: Page, from: number, to: number, y: number): Promise<void> {
    const session = await page.context().newCDPSession(page);
    const at = (x: number) => [{ x, y }];
    const begun = Date.now() / 1000;
    await session.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(from), timestamp: begun });
    // Each touch says when it was: a slow machine makes no slow finger.
    for (let step = 1; step <= 8; step++) {
        await session.send('Input.dispatchTouchEvent', {
            type: 'touchMove',
            touchPoints: at(from + ((to - from) * step) / 8),
            timestamp: begun + 0.02 * step,
        });
    }
    await session.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [], timestamp: begun + 0.18 });
}

export type TileBox = Record<'left' | 'top' | 'width' | 'height', number>;

/** The part of a design that a layout asks for, and captions of so many lines below. */
export function designOf({ caption_lines: lines = 0, ...layout }: Record<string, unknown>): object {
    return { layout, finish: { captions: lines === 0 ? { place: 'none' } : { place: 'below', lines } } };
}

/** How far, in px, any edge that was seen is off from what the core computes at the same widths. */
export function farthestOff(seen: { inner: number; boxes: TileBox[] }[], ratios: number[], design: object): number {
    const facts = [seen.map(({ inner }) => inner), ratios, design].map((fact) => JSON.stringify(fact));
    const told = JSON.parse(execFileSync('php', ['tests/Browser/boxes.php', ...facts], { encoding: 'utf8', maxBuffer: 1 << 26 })) as TileBox[][];
    const off = seen.flatMap(({ boxes }, at) => {
        expect(boxes).toHaveLength(ratios.length);
        return boxes.flatMap((box, index) =>
            (['left', 'top', 'width', 'height'] as const).map((edge) => Math.abs(box[edge] - (told[at]?.[index]?.[edge] ?? NaN))),
        );
    });
    return Math.max(...off);
}

/** Boxes of the tiles of the first pane, from the top left corner of its list. */
export async function tileBoxes(page: Page): Promise<TileBox[]> {
    return page
        .locator('.zp-tiles')
        .first()
        .evaluate((list) => {
            const home = list.getBoundingClientRect();
            return [...list.children].map((tile) => {
                const box = tile.getBoundingClientRect();
                return { left: box.left - home.left, top: box.top - home.top, width: box.width, height: box.height };
            });
        });
}
