import type { Browser, Page, ViewportSize } from '@playwright/test';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { NAMES, redesign } from './dressing';
import { demo, expect, expectAccessible, farthestOff, galleryOf, putLive, studioApi, test, tileBoxes } from './support';

/** A page of a site elsewhere, whose style sheet means no good. */
function foreign(lines: string): Promise<Server> {
    const hostile =
        '*{margin:33px!important;border:7px solid red!important;opacity:.4!important;font:40px cursive!important;transition:all 9s!important;float:right}li{display:none!important}';
    const html = `<!doctype html><html lang="en"><title>Elsewhere</title><style>${hostile}</style><body><main><h1>Elsewhere</h1><div id="place">${lines}</div><p id="after">After</p></main><div style="height:2000px"></div>`;
    const server = createServer((request, answer) => {
        answer.writeHead(request.url === '/' ? 200 : 404, { 'Content-Type': 'text/html' }).end(request.url === '/' ? html : '');
    });
    return new Promise((resolve) => server.listen(0, '127.0.0.1', () => resolve(server)));
}

const addressOf = (server: Server): string => `http://127.0.0.1:${(server.address() as AddressInfo).port}/`;

/** The line that puts a gallery onto a page elsewhere. */
const lineOf = (host: string | undefined, id: string): string => `<script src="${host}/embed.js" data-gallery="${id}" async></script>`;

/** Visits pages elsewhere, each with such lines, as somebody who was never here. */
async function elsewhere(
    browser: Browser,
    viewport: ViewportSize,
    pages: string[],
    look: (visitor: Page, addresses: string[]) => Promise<void>,
): Promise<void> {
    const servers = await Promise.all(pages.map(foreign));
    const context = await browser.newContext({ viewport });
    try {
        await look(await context.newPage(), servers.map(addressOf));
    } finally {
        await context.close();
        servers.forEach((server) => server.close());
    }
}

/** Live without standing on any page of its own site. */
async function liveAlone(
    page: Page,
    count: number,
    title: string,
    finish: object,
    layout: object = {},
): Promise<{ id: string; design: object; ratios: number[] }> {
    const id = await galleryOf(page, title, demo(...NAMES.slice(0, count)));
    const api = await studioApi(page);
    const { items, version } = await api<{ version: number; items: { id: string; picture: { width: number; height: number } }[] }>('GET', `galleries/${id}`);
    const words = Object.fromEntries(items.map(({ id: item }, index) => [item, { title: `Kite ${index + 1}`, alt: 'A kite' }]));
    await api('PATCH', `galleries/${id}`, { version, change: { kind: 'words', words } });
    const { design } = await redesign(page, id, { layout, finish });
    await putLive(page, id);
    return { id, design, ratios: items.map(({ picture }) => picture.width / picture.height) };
}

test('keeps its finish, its boxes and its captions on a page elsewhere that means no good', async ({ page, browser, baseURL }) => {
    const edges = { line: 'double', width: 6, mount: 8, corners: 10, shadow_opacity: 30 };
    const below = { place: 'below', title: true, caption: false, lines: 2, hidden_within: 420 };
    const finish = {
        edges,
        captions: below,
        ground: { colour: '#f2ead8', padding: 24, line: 'solid', width: 2 },
        own: { classes: 'theirs', css: '.zp-caption{font-style:italic}' },
    };
    const { id, design, ratios } = await liveAlone(page, 9, 'Dressed: elsewhere', finish, { kind: 'rows', row_height: 180, last_row: 'fill' });
    await elsewhere(browser, { width: 1280, height: 900 }, [lineOf(baseURL, id)], async (visitor, [address]) => {
        const strange: string[] = [];
        visitor.on('pageerror', (error) => strange.push(error.message));
        await visitor.goto(address ?? '');
        const tiles = visitor.locator('zinc-gallery .zp-tiles li');
        await expect(tiles).toHaveCount(9);
        const seen: Parameters<typeof farthestOff>[0] = [];
        for (const width of [1280, 900, 640, 390]) {
            await visitor.setViewportSize({ width, height: 900 });
            const inner = await visitor.locator('zinc-gallery .zp-tiles').evaluate((list) => list.getBoundingClientRect().width);
            seen.push({ inner, boxes: await tileBoxes(visitor) });
            const captions = await visitor
                .locator('zinc-gallery .zp-caption')
                .evaluateAll((all) => all.filter((one) => one.getBoundingClientRect().height > 0).length);
            expect(captions, `at ${width}, inner ${inner}`).toBe(inner < 420 ? 0 : 9);
        }
        expect(farthestOff(seen, ratios, design)).toBeLessThanOrEqual(1);
        const first = tiles.first();
        await expect(first).toHaveCSS('border-top-width', '6px');
        await expect(first).toHaveCSS('border-top-style', 'double');
        await expect(first).toHaveCSS('padding-top', '8px');
        await expect(first).toHaveCSS('opacity', '1');
        await expect(visitor.locator('zinc-gallery .zp-caption').first()).toHaveCSS('font-style', 'italic');
        await expect(visitor.locator('zinc-gallery .zp.theirs')).toHaveCSS('background-color', 'rgb(242, 234, 216)');
        // And the page has kept what it does to its own.
        await expect(visitor.locator('#after')).toHaveCSS('border-top-width', '7px');
        await expect(visitor.locator('#after')).toHaveCSS('font-style', 'normal');
        expect(strange).toEqual([]);
    });
});

for (const layout of [
    { kind: 'mosaic', row_height: 200 },
    { kind: 'rows', row_height: 260 },
    { kind: 'grid', columns: 5 },
]) {
    test(`fetches files as wide as they are drawn in whatever place it gets elsewhere: ${layout.kind}`, async ({ page, browser, baseURL }) => {
        const { id } = await liveAlone(page, 7, 'Dressed: narrow place', {}, layout);
        await elsewhere(
            browser,
            { width: 1900, height: 3000 },
            [`<div style="width:620px!important;max-width:90%">${lineOf(baseURL, id)}</div>`],
            async (visitor, [address]) => {
                await visitor.goto(address ?? '');
                await expect(visitor.locator('zinc-gallery .zp-tiles li')).toHaveCount(7);
                await visitor.waitForLoadState('networkidle');
                const files = await visitor.locator('zinc-gallery img').evaluateAll((images: HTMLImageElement[]) =>
                    images.map((image) => {
                        const { width, height } = image.getBoundingClientRect();
                        const [wide, high] = ['width', 'height'].map((side) => Number(image.getAttribute(side))) as [number, number];
                        const offered = image.parentElement?.querySelector('source')?.srcset.match(/\d+(?=w)/g) ?? [];
                        return {
                            drawn: getComputedStyle(image).objectFit === 'cover' ? Math.max(width, (height * wide) / high) : width,
                            file: Number(/(\d+)\.\w+$/.exec(image.currentSrc)?.[1]),
                            offered: offered.map(Number),
                        };
                    }),
                );
                for (const { drawn, file, offered } of files)
                    expect(file, `drawn ${drawn}`).toBe(offered.find((width) => width >= drawn - 1) ?? Math.max(...offered));
            },
        );
    });
}

test('lets tiles arrive elsewhere too, by one script for all galleries, and leaves them whole without it', async ({ page, browser, baseURL }) => {
    const rising = await liveAlone(page, 4, 'Dressed: rising elsewhere', { arrival: { way: 'rise', duration: 300 } });
    const still = await liveAlone(page, 4, 'Dressed: still elsewhere', {});
    await elsewhere(
        browser,
        { width: 1000, height: 700 },
        [`<div style="height:1500px"></div>${lineOf(baseURL, rising.id)}${lineOf(baseURL, rising.id)}`, lineOf(baseURL, still.id)],
        async (visitor, [both, one]) => {
            const fetched: string[] = [];
            visitor.on('request', (request) => request.url().includes('arrival') && fetched.push(request.url()));
            await visitor.goto(both ?? '');
            const waiting = visitor.locator('zinc-gallery li.zp-waits');
            await expect(waiting).toHaveCount(8);
            await visitor.locator('zinc-gallery').first().scrollIntoViewIfNeeded();
            await visitor.evaluate(() => scrollTo(0, document.body.scrollHeight));
            await visitor.locator('zinc-gallery').last().scrollIntoViewIfNeeded();
            await expect(waiting).toHaveCount(0);
            expect(fetched).toEqual([`${baseURL}/arrival.js`]);
            await visitor.goto(one ?? '');
            await expect(visitor.locator('zinc-gallery .zp-tiles li')).toHaveCount(4);
            expect(fetched).toHaveLength(1);
            // Where the script is refused, nothing waits for it.
            await visitor.route('**/arrival.js', (route) => route.abort());
            await visitor.goto(both ?? '');
            await expect(visitor.locator('zinc-gallery .zp-tiles li')).toHaveCount(8);
            await expect(waiting).toHaveCount(0);
            await expect(visitor.locator('zinc-gallery .zp-tiles li').last()).toHaveCSS('opacity', '1');
        },
    );
});

test('stands on its ground picture elsewhere, and is accessible there', async ({ page, browser, baseURL }) => {
    const api = await studioApi(page);
    const other = await galleryOf(page, 'Dressed: ground', demo(NAMES[0] ?? ''));
    const { items } = await api<{ items: { picture: { id: string } }[] }>('GET', `galleries/${other}`);
    const finish = { ground: { picture: items[0]?.picture.id, padding: 40 }, captions: { place: 'over', title: true, opacity: 85 } };
    const { id } = await liveAlone(page, 3, 'Dressed: on a ground', finish);
    await elsewhere(browser, { width: 1100, height: 800 }, [lineOf(baseURL, id)], async (visitor, [address]) => {
        const answers: [string, number][] = [];
        visitor.on('response', (answer) => answers.push([answer.url(), answer.status()]));
        await visitor.goto(address ?? '');
        await expect(visitor.locator('zinc-gallery .zp-tiles li')).toHaveCount(3);
        // The styles of the page would be found; what is ours is looked at alone.
        await visitor.evaluate(() => document.querySelectorAll('style').forEach((style) => style.remove()));
        await expectAccessible(visitor);
        await visitor.waitForLoadState('networkidle');
        const media = answers.filter(([url]) => url.includes('/media/'));
        expect(media.length).toBeGreaterThan(3);
        expect(media.filter(([url, status]) => status >= 400 || !url.startsWith(baseURL ?? ''))).toEqual([]);
    });
});
