import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { isLong, sample } from './long';
import { expect, expectAccessible, putLive, test } from './support';
import { large, openTile, rested, setViewer, tilesOf, viewed } from './viewing';

const NAMES = ['two-boats', 'the-whole-marsh', 'reels'];

/** Numbers that look like chance and are the same each time. */
function dice(seed: number): () => number {
    let state = seed;
    return () => {
        state = (state * 1103515245 + 12345) % 2147483648;
        return state / 2147483648;
    };
}

const WORDS = 'Kite wind marsh tide line sail reel spar cloth dyke '.repeat(40);

test('keeps picture, words, counter and controls apart in any window, with any words, for any shape, and all words can be come to', async ({ page }) => {
    test.setTimeout(180_000);
    await viewed(page, 'Any window', NAMES, {
        controls: { thumbnails: true },
        zoom: { slider: true, loupe: 'large' },
        giving: { download: 'large' },
    });
    await page.goto('/repairs');
    const roll = dice(11);
    const within = (least: number, most: number): number => Math.round(least + (most - least) * roll());
    const windows = [
        [240, 320],
        [390, 844],
        [844, 390],
        [820, 1180],
        [1280, 800],
        [1920, 1080],
        [3840, 2160],
        [320, 200],
        [640, 400],
        ...Array.from({ length: isLong ? 31 : 4 }, () => [within(240, 2400), within(320, 1400)]),
    ] as [number, number][];
    for (const [n, [width, height]] of windows.entries()) {
        const place = (['below', 'beside', 'asked'] as const)[n % 3];
        const ratio = Math.exp(Math.log(1 / 6) + (Math.log(10) - Math.log(1 / 6)) * roll());
        const letters = n % 4 === 0 ? 0 : within(1, 2000);
        await page.setViewportSize({ width, height });
        await tilesOf(page)
            .first()
            .evaluate(
                (link: HTMLAnchorElement, told) => {
                    const image = link.querySelector('img');
                    image?.setAttribute('width', String(Math.round(1600 * Math.min(1, told.ratio))));
                    image?.setAttribute('height', String(Math.round((1600 * Math.min(1, told.ratio)) / told.ratio)));
                    link.dataset['title'] = told.words.slice(0, Math.min(60, told.words.length));
                    link.dataset['about'] = told.words;
                    const pane = link.closest<HTMLElement>('[data-viewer]');
                    if (pane) pane.dataset['viewer'] = JSON.stringify({ ...(JSON.parse(pane.dataset['viewer'] ?? '{}') as object), words: told.place });
                },
                { ratio, place, words: WORDS.slice(0, letters) },
            );
        await openTile(page);
        if (place === 'asked' && letters > 0) await page.getByRole('button', { name: 'About this picture' }).click();
        await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(resolve)))));
        const seen = await page.evaluate(() => {
            const root = document.querySelector('zinc-viewer')?.shadowRoot as ShadowRoot;
            const box = (selector: string) =>
                [...root.querySelectorAll<HTMLElement>(selector)]
                    .filter((part) => part.checkVisibility({ visibilityProperty: true }))
                    .map((part) => {
                        const { left, top, right, bottom } = part.getBoundingClientRect();
                        return { name: part.className || part.tagName, left, top, right, bottom };
                    });
            const said = root.querySelector('.said') as HTMLElement;
            return {
                parts: [
                    ...box('.stage'),
                    ...box('.said'),
                    ...box('.thumbs'),
                    ...box('.count'),
                    ...box('.tools>*'),
                    ...box('.close'),
                    ...box('.previous'),
                    ...box('.next'),
                ],
                pic: box('.frame:not([style*=hidden]) .pic')[0],
                stage: box('.stage')[0],
                scrolls:
                    said.hidden ||
                    said.scrollHeight <= said.clientHeight + 1 ||
                    (getComputedStyle(said).overflowY === 'auto' && said.tabIndex === 0 && said.clientHeight >= 20),
            };
        });
        const told = `${width} x ${height}, ${place}, ${letters} letters, shape ${ratio.toFixed(2)}`;
        for (const [i, a] of seen.parts.entries()) {
            expect(
                a.left >= -0.5 && a.top >= -0.5 && a.right <= width + 0.5 && a.bottom <= height + 0.5,
                `${told}: ${a.name} sticks out ${JSON.stringify(a)}`,
            ).toBe(true);
            for (const b of seen.parts.slice(i + 1)) {
                const over = Math.min(a.right, b.right) - Math.max(a.left, b.left) > 0.5 && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 0.5;
                expect(over, `${told}: ${a.name} lies over ${b.name}`).toBe(false);
            }
        }
        const [pic, stage] = [seen.pic, seen.stage];
        if (!pic || !stage) throw new Error(`${told}: nothing is seen`);
        expect(
            pic.left >= stage.left - 0.5 && pic.right <= stage.right + 0.5 && pic.top >= stage.top - 0.5 && pic.bottom <= stage.bottom + 0.5,
            `${told}: the picture stays in its room`,
        ).toBe(true);
        expect(stage.bottom - stage.top, `${told}: there is room for a picture`).toBeGreaterThan(40);
        expect(seen.scrolls, `${told}: all words can be come to`).toBe(true);
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toHaveCount(0);
    }
});

test('is the same to a screen reader as is written down here', async ({ page }) => {
    await viewed(page, 'Heard', NAMES, { controls: { thumbnails: true }, words: { place: 'below' } });
    await page.goto('/repairs');
    await openTile(page);
    await expect(page.getByRole('status')).toHaveText('Picture 1 of 3. Boats on the creek');
    await expect(page.getByRole('dialog', { name: 'Heard' })).toMatchAriaSnapshot(`
      - dialog "Heard":
        - button "Make smaller" [disabled]
        - button "Enlarge"
        - button "Play slideshow"
        - button "Full screen"
        - button "Share"
        - button "Close"
        - button "Previous picture"
        - img "Three small boats on still water in the morning"
        - button "Next picture"
        - group "About this picture":
          - heading "Boats on the creek" [level=2]
        - group "All pictures":
          - button "Boats on the creek"
          - button "The whole marsh"
          - button "Reels"
        - status: Picture 1 of 3. Boats on the creek
    `);
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('status')).toHaveText(/^Picture 2 of 3\. The whole marsh/);
    // Nobody tabs out of it into the page behind.
    for (let stop = 0; stop < 20; stop++) {
        await page.keyboard.press('Tab');
        expect(await page.evaluate(() => document.activeElement?.closest('main'))).toBeNull();
    }
    await page.keyboard.press('Escape');
});

test(
    'reads from right to left where its page does, bears forced colours, 200 and 400 per cent, and is accessible in every state',
    { tag: '@long' },
    async ({ page }) => {
        const { id } = await viewed(page, 'States', NAMES, {
            controls: { thumbnails: true },
            zoom: { slider: true, loupe: 'large' },
            giving: { download: 'large' },
        });
        await page.goto('/repairs');
        for (const [name, act] of [
            ['whole', async () => {}],
            ['enlarged', () => page.keyboard.press('+')],
            ['next', () => page.keyboard.press('ArrowRight')],
            ['playing', () => page.getByRole('button', { name: 'Play slideshow' }).click()],
        ] as const) {
            await openTile(page);
            await act();
            await test.step(name, () => expectAccessible(page));
            await page.keyboard.press('Escape');
        }
        for (const place of sample(['beside', 'over', 'asked'] as const, 1)) {
            await setViewer(page, id, { words: { place }, backdrop: { colour: '#f7f3ea', opacity: 60, blur: 12 } });
            await putLive(page, id);
            await page.reload();
            await openTile(page);
            if (place === 'asked') await page.getByRole('button', { name: 'About this picture' }).click();
            await expect(large(page).words).toBeVisible();
            await expectAccessible(page);
            await page.keyboard.press('Escape');
        }
        await page.emulateMedia({ forcedColors: 'active' });
        await openTile(page);
        await expectAccessible(page);
        await page.keyboard.press('Escape');
        await page.emulateMedia({ forcedColors: 'none' });
        // A window of 1280 px read at 200 and at 400 per cent.
        for (const [width, height] of [
            [640, 400],
            [320, 200],
        ] as const) {
            await page.setViewportSize({ width, height });
            await openTile(page);
            await expectAccessible(page);
            await page.keyboard.press('Escape');
            await expect(page.getByRole('dialog')).toHaveCount(0);
        }
        await page.setViewportSize({ width: 1280, height: 800 });
        await page.evaluate(() => (document.documentElement.dir = 'rtl'));
        await openTile(page);
        const [next, previous] = await Promise.all(
            ['Next picture', 'Previous picture'].map((name) => page.getByRole('button', { name, exact: true }).boundingBox()),
        );
        expect(next?.x).toBeLessThan(previous?.x ?? 0);
        const { count, stage } = large(page);
        await page.keyboard.press('ArrowLeft');
        await expect(count).toHaveText('2 of 3');
        await rested(page);
        const room = await stage.boundingBox();
        const pic = await large(page).pic.boundingBox();
        if (!room || !pic) throw new Error('no stage');
        await page.mouse.click(pic.x + pic.width * 0.08, pic.y + pic.height / 2);
        await expect(count).toHaveText('3 of 3');
        await expectAccessible(page);
        await page.keyboard.press('Escape');
    },
);

test('opens from a gallery elsewhere, in a shadow root, under a strict policy and a transformed ancestor, again after it was taken out, in the page’s language', async ({
    page,
    browser,
    baseURL,
}) => {
    const { id } = await viewed(page, 'Elsewhere seen', NAMES);
    const html = `<!doctype html><html lang="de"><title>Elsewhere</title><h1>Seite</h1><div id="frame" style=""><script src="${baseURL}/embed.js" data-gallery="${id}" async></script></div><p id="end">Ende</p></html>`;
    const policy = `default-src 'none'; script-src ${baseURL}; connect-src ${baseURL}; img-src ${baseURL}; media-src ${baseURL}; style-src 'none'`;
    const server = createServer((request, response) => {
        if (request.url !== '/') return void response.writeHead(204).end();
        response.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8', 'Content-Security-Policy': policy });
        response.end(html.replace(' style=""', ''));
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const visitor = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    const refused: string[] = [];
    visitor.on('console', (message) => message.type() === 'error' && refused.push(message.text()));
    await visitor.goto(`http://127.0.0.1:${(server.address() as AddressInfo).port}/`);
    const tile = visitor.locator('zinc-gallery .zp-tiles>li>a').first();
    await expect(tile).toBeVisible();
    // It is laid out, though no style element may be: three beside each other.
    const tops = await visitor.locator('zinc-gallery .zp-tiles>li').evaluateAll((tiles) => tiles.map((one) => Math.round(one.getBoundingClientRect().top)));
    expect(new Set(tops).size).toBeLessThan(tops.length);
    await visitor.evaluate(() => ((document.getElementById('frame') as HTMLElement).style.transform = 'rotate(2deg) scale(.8)'));
    await tile.click();
    const dialog = visitor.getByRole('dialog', { name: 'Elsewhere seen' });
    await expect(visitor.getByRole('button', { name: 'Nächstes Bild', exact: true })).toBeVisible();
    const box = await dialog.boundingBox();
    expect([box?.x, box?.y, box?.width, box?.height].map((one) => Math.round(one ?? -1))).toEqual([0, 0, 1280, 800]);
    await visitor.getByRole('button', { name: 'Nächstes Bild', exact: true }).click();
    await expect(large(visitor).count).toHaveText('2 von 3');
    await expect
        .poll(() =>
            large(visitor)
                .pic.locator('img')
                .last()
                .evaluate((image: HTMLImageElement) => image.naturalWidth),
        )
        .toBeGreaterThan(0);
    await visitor.keyboard.press('Escape');
    await expect(dialog).toHaveCount(0);
    // Taken out and put back, it is alive as before.
    await visitor.evaluate(() => {
        const gallery = document.querySelector('zinc-gallery') as Element;
        gallery.remove();
        (document.getElementById('end') as Element).before(gallery);
    });
    await tile.click();
    await expect(dialog).toBeVisible();
    await visitor.keyboard.press('Escape');
    await expect(dialog).toHaveCount(0);
    expect(refused).toEqual([]);
    server.close();
    await visitor.context().close();
});

test('puts nothing before the first picture, and fetches what a click needs when it is pointed at', async ({ page, trouble }) => {
    await viewed(page, 'Late', NAMES);
    const asked: string[] = [];
    page.on('request', (request) => asked.push(new URL(request.url()).pathname));
    // No idle moment comes here.
    await page.addInitScript(() => Object.assign(window, { requestIdleCallback: () => 0 }));
    await page.goto('/repairs', { waitUntil: 'load' });
    const isViewer = (path: string): boolean => path.startsWith('/assets/zinc-pane-viewer-');
    expect(asked.filter(isViewer)).toEqual([]);
    await tilesOf(page).first().hover();
    await expect.poll(() => asked.filter(isViewer).length).toBe(1);
    await openTile(page);
    await page.keyboard.press('Escape');
    expect(asked.filter(isViewer)).toHaveLength(1);
    // Where it cannot be had, the plain link leads on.
    await page.route('**/zinc-pane-viewer-*', (route) => route.abort());
    await page.reload();
    await tilesOf(page).first().click();
    await expect(page).toHaveURL(/\/media\/[0-9a-f]{24}\/\d+\.jpg$/);
    await page.unrouteAll();
    expect(trouble.splice(0).every((one) => one.includes('ERR_FAILED'))).toBe(true);
});
