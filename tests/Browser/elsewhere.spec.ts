import type { Page } from '@playwright/test';
import { NAMES, redesign } from './dressing';
import { HOSTS, kindsOf, pageOf, serve, unfolded, WATCH_SHIFT } from './hosts';
import { sample } from './long';
import { demo, expect, farthestOff, galleryOf, putLive, studioApi, test, tileBoxes } from './support';

/** What is seen of a gallery on a page, wherever it stands in it. */
async function seen(visitor: Page, kind: string): Promise<{ pictures: number; loaded: number; narrowest: number }> {
    const root = kind === 'frame' || kind === 'oembed' ? visitor.frameLocator('iframe') : visitor;
    const images = root.locator('img');
    await expect(images.first()).toBeVisible();
    await expect
        .poll(() =>
            images.evaluateAll((all: HTMLImageElement[]) => all.filter((one) => one.loading === 'lazy' || (one.complete && one.naturalWidth > 0)).length),
        )
        .toBe(await images.count());
    return images.evaluateAll((all: HTMLImageElement[]) => ({
        pictures: all.length,
        loaded: all.filter((one) => one.complete && one.naturalWidth > 0).length,
        narrowest: Math.min(...all.map((one) => one.getBoundingClientRect().width)),
    }));
}

async function liveOne(
    page: Page,
    title: string,
    count: number,
    layout: object,
    finish: object = {},
): Promise<{ id: string; design: object; ratios: number[] }> {
    const id = await galleryOf(page, title, demo(...NAMES.slice(0, count)));
    const { design } = await redesign(page, id, { layout, finish });
    const api = await studioApi(page);
    const { items } = await api<{ items: { picture: { width: number; height: number } }[] }>('GET', `galleries/${id}`);
    await putLive(page, id);
    return { id, design, ratios: items.map(({ picture }) => picture.width / picture.height) };
}

test('stands in all five ways on pages that mean no good', async ({ page, browser }) => {
    test.setTimeout(300_000);
    const { id, design, ratios } = await liveOne(page, 'Dressed: five ways', 6, { kind: 'rows', row_height: 170, last_row: 'fill' });
    const kinds = await unfolded(page, await kindsOf(page, id));
    expect(kinds.map(({ kind }) => kind)).toEqual(['script', 'html', 'frame', 'images', 'oembed']);
    const pages = Object.fromEntries(
        Object.entries(HOSTS).flatMap(([name, host]) =>
            kinds.map(({ kind, pieces, policy }) => [
                `/${encodeURIComponent(name)}/${kind}`,
                {
                    html: pageOf(
                        host,
                        pieces.map(({ text }) => text),
                    ),
                    headers: host.headers?.(policy) ?? {},
                },
            ]),
        ),
    );
    const { server, address } = await serve(pages);
    const context = await browser.newContext({ viewport: { width: 1100, height: 1400 } });
    const visitor = await context.newPage();
    const strange: string[] = [];
    visitor.on('pageerror', (error) => strange.push(`${visitor.url()}: ${error.message}`));
    visitor.on(
        'console',
        (message) =>
            message.type() === 'error' &&
            !message.text().includes('favicon') &&
            !message.location().url.endsWith('favicon.ico') &&
            strange.push(`${visitor.url()}: ${message.text()}`),
    );
    try {
        for (const [name, { isTransformed }] of sample(Object.entries(HOSTS), 6)) {
            for (const { kind } of kinds) {
                await visitor.goto(`${address}/${encodeURIComponent(name)}/${kind}`);
                const { pictures, loaded, narrowest } = await seen(visitor, kind);
                expect([pictures, loaded > 0, narrowest > 40], `${name}, ${kind}`).toEqual([6, true, true]);
                if (isTransformed || !['script', 'html'].includes(kind)) continue;
                const inner = await visitor.locator('.zp-tiles').evaluate((list) => list.getBoundingClientRect().width);
                expect(inner, `${name}, ${kind}`).toBeGreaterThan(500);
                const off = name === 'words from right to left' ? 0 : farthestOff([{ inner, boxes: await tileBoxes(visitor) }], ratios, design);
                expect(off, `${name}, ${kind}`).toBeLessThanOrEqual(1);
            }
        }
        expect(strange).toEqual([]);
    } finally {
        await context.close();
        server.close();
    }
});

const ROOMS = [
    ['tiled rows', { kind: 'rows', row_height: 200 }, {}],
    ['masonry with captions', { kind: 'masonry', columns: 3 }, { captions: { place: 'below', title: true, lines: 2 } }],
    [
        'a grid on a ground, its first rows',
        { kind: 'grid', columns: 4, initial_view: 'rows', initial_rows: 1 },
        { ground: { colour: '#eeeeee', padding: 24, line: 'solid', width: 3 } },
    ],
    ['a strip', { kind: 'strip', row_height: 220 }, {}],
] as const;

for (const [what, layout, finish] of sample(ROOMS, 2)) {
    test(`keeps its room before it comes: ${what}`, async ({ page, browser }) => {
        const { id } = await liveOne(page, `Dressed: room`, 9, layout, finish);
        const kinds = (await kindsOf(page, id)).filter(({ kind }) => ['script', 'html', 'frame'].includes(kind));
        const { server, address } = await serve(
            Object.fromEntries(
                kinds.map(({ kind, pieces }) => [
                    `/${kind}`,
                    {
                        html: pageOf(
                            { head: '<style>body{margin:8px;font:20px/1.5 Georgia,serif}</style>' },
                            pieces.map(({ text }) => text),
                        ),
                    },
                ]),
            ),
        );
        try {
            for (const width of [390, 1280]) {
                const context = await browser.newContext({ viewport: { width, height: 900 } });
                await context.addInitScript(WATCH_SHIFT);
                const visitor = await context.newPage();
                // The page is read long before any of the gallery comes.
                for (const path of ['**/embed.js', '**/embed/*.json', '**/embed/*'])
                    await visitor.route(path, async (route) => {
                        await visitor.waitForFunction(() => performance.getEntriesByType('paint').length > 0);
                        await route.continue();
                    });
                for (const { kind } of kinds) {
                    await visitor.goto(`${address}/${kind}`);
                    await visitor.locator('#after').waitFor();
                    await seen(visitor, kind);
                    await visitor.waitForLoadState('networkidle');
                    const [shifted, shifts] = await visitor.evaluate(
                        () => [Reflect.get(window, 'shifted') as number, Reflect.get(window, 'shifts') as string[]] as const,
                    );
                    expect(shifted, `${kind} at ${width}: ${shifts.join('; ')}`).toBeLessThan(0.001);
                }
                await context.close();
            }
        } finally {
            server.close();
        }
    });
}
