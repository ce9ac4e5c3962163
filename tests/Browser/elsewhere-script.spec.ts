import type { Browser, Page } from '@playwright/test';
import { NAMES, redesign } from './dressing';
import { kindsOf, pageOf, serve } from './hosts';
import { freePort } from './server';
import { SecondEngine } from './second-engine';
import { demo, expect, galleryOf, putLive, studioApi, test } from './support';

async function alone(page: Page, title: string, count: number, design: object = {}): Promise<string> {
    const id = await galleryOf(page, `Dressed: ${title}`, demo(...NAMES.slice(0, count)));
    if (Object.keys(design).length > 0) await redesign(page, id, design);
    await putLive(page, id);
    return id;
}

/** A page elsewhere, as somebody sees it who was never here. */
async function visit(browser: Browser, pages: Record<string, string>, look: (visitor: Page, address: string) => Promise<void>): Promise<void> {
    const { server, address } = await serve(Object.fromEntries(Object.entries(pages).map(([path, html]) => [path, { html }])));
    const context = await browser.newContext({ viewport: { width: 1000, height: 800 } });
    try {
        await look(await context.newPage(), address);
    } finally {
        await context.close();
        server.close();
    }
}

const tilesOf = (visitor: Page) => visitor.locator('zinc-gallery .zp-tiles li');

test('comes however the element gets onto a page, and says so in words where it cannot', async ({ page, browser, baseURL }) => {
    const id = await alone(page, 'however', 3);
    const element = `<zinc-gallery gallery="${id}" host="${baseURL}"></zinc-gallery>`;
    const script = `<script src="${baseURL}/embed.js" async></script>`;
    const link = `<a href="${baseURL}/embed/${id}">Dressed: however</a>`;
    const pages = {
        '/module': pageOf({}, [`${element}<script type="module" src="${baseURL}/embed.js"></script>`]),
        '/later': pageOf({}, [`${script}<script>addEventListener('load', () => (document.querySelector('#after').outerHTML = '${element}'))</script>`]),
        '/in-a-root': pageOf({}, [
            `${script}<div id="host"></div><script>document.querySelector('#host').attachShadow({ mode: 'open' }).innerHTML = '${element}'</script>`,
        ]),
        '/stripped': pageOf({}, [`<zinc-gallery>${link}</zinc-gallery>${script}`]),
        '/old': pageOf({}, [`<script src="${baseURL}/embed.js" data-gallery="${id}" async></script>`]),
        '/not-live': pageOf({}, [`<zinc-gallery gallery="${'0'.repeat(26)}" host="${baseURL}"></zinc-gallery>${script}`]),
        '/auf-deutsch': pageOf({ html: ' lang="de"' }, [`<zinc-gallery gallery="${'0'.repeat(26)}" host="${baseURL}"></zinc-gallery>${script}`]),
        '/lost': pageOf({}, [`<zinc-gallery></zinc-gallery>${script}`]),
    };
    await visit(browser, pages, async (visitor, address) => {
        const said: string[] = [];
        visitor.on('console', (message) => said.push(message.text()));
        for (const path of ['/module', '/later', '/in-a-root', '/stripped', '/old']) {
            await visitor.goto(address + path);
            await expect(tilesOf(visitor), path).toHaveCount(3);
            await expect(tilesOf(visitor).first().locator('img')).toBeVisible();
        }
        await visitor.goto(`${address}/not-live`);
        await expect(visitor.locator('zinc-gallery')).toContainText('This gallery is not to be seen at present.');
        await visitor.goto(`${address}/auf-deutsch`);
        await expect(visitor.locator('zinc-gallery')).toContainText('Diese Galerie ist zurzeit nicht zu sehen.');
        await visitor.goto(`${address}/lost`);
        await expect.poll(() => said.join()).toContain('has lost which gallery it is of');
        expect(said.filter((one) => /CORS/.test(one))).toEqual([]);
    });
});

test('takes the letters, colours and scheme of the words around it, and shows a link where no script runs', async ({ page, browser }) => {
    const id = await galleryOf(page, 'Dressed: among words', demo(...NAMES.slice(0, 3)));
    const api = await studioApi(page);
    const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, { version, change: { kind: 'about', about: { shows_title: true } } });
    await putLive(page, id);
    const [line] = await kindsOf(page, id);
    const dark = pageOf(
        { head: '<style>:root{color-scheme:dark}body{background:#101010;color:rgb(240, 200, 100);font-family:Courier New,monospace}</style>' },
        [line?.pieces[0]?.text ?? ''],
    );
    await visit(browser, { '/': dark }, async (visitor, address) => {
        await visitor.goto(address);
        await expect(tilesOf(visitor)).toHaveCount(3);
        const title = visitor.locator('zinc-gallery .zp-title');
        await expect(title).toHaveCSS('color', 'rgb(240, 200, 100)');
        await expect(title).toHaveCSS('font-family', /Courier/);
        await expect(title).toHaveCSS('color-scheme', 'dark');
    });
    const context = await browser.newContext({ javaScriptEnabled: false });
    const { server, address } = await serve({ '/': { html: dark } });
    const reader = await context.newPage();
    await reader.goto(address);
    await expect(reader.getByRole('link', { name: 'Dressed: among words' })).toBeVisible();
    // No room is kept for what will not come.
    expect(await reader.locator('zinc-gallery').evaluate((element) => element.getBoundingClientRect().height)).toBeLessThan(60);
    await reader.getByRole('link').click();
    await expect(reader.locator('img').first()).toBeVisible();
    await context.close();
    server.close();
});

test('waits where it is not seen, is there when it is, and comes back with the page', async ({ page, browser }) => {
    const id = await alone(page, 'waits', 4, { layout: { kind: 'grid', columns: 2 } });
    const [line] = await kindsOf(page, id);
    const piece = line?.pieces[0]?.text ?? '';
    const pages = {
        '/folded': pageOf({}, [`<details><summary>Open</summary>${piece}</details>`]),
        '/narrow': pageOf({}, [`<div id="box" style="width:0;overflow:hidden">${piece}</div>`]),
        '/away': pageOf({}, ['<p>Another page</p>']),
    };
    await visit(browser, pages, async (visitor, address) => {
        await visitor.goto(`${address}/folded`);
        await visitor.waitForLoadState('networkidle');
        await visitor.getByText('Open').click();
        await expect(tilesOf(visitor)).toHaveCount(4);
        const drawn = await tilesOf(visitor)
            .first()
            .locator('img')
            .evaluate((image: HTMLImageElement) => image.getBoundingClientRect().width);
        await expect
            .poll(() =>
                tilesOf(visitor)
                    .first()
                    .locator('img')
                    .evaluate((image: HTMLImageElement) => Number(/(\d+)\.\w+$/.exec(image.currentSrc)?.[1])),
            )
            .toBeGreaterThanOrEqual(drawn - 1);
        const file = await tilesOf(visitor)
            .first()
            .locator('img')
            .evaluate((image: HTMLImageElement) => Number(/(\d+)\.\w+$/.exec(image.currentSrc)?.[1]));
        expect(file).toBeLessThan(drawn * 1.3);
        await visitor.goto(`${address}/narrow`);
        await visitor.waitForLoadState('networkidle');
        await expect(tilesOf(visitor)).toHaveCount(0);
        await visitor.evaluate(() => document.querySelector('#box')?.setAttribute('style', 'width:600px'));
        await expect(tilesOf(visitor)).toHaveCount(4);
        await visitor.goto(`${address}/away`);
        await visitor.goBack();
        await visitor.evaluate(() => document.querySelector('#box')?.setAttribute('style', 'width:600px'));
        await expect(tilesOf(visitor)).toHaveCount(4);
    });
});

test('leaves nothing running when it is taken off the page, and goes on when it is put back', async ({ page, browser, baseURL }) => {
    const id = await alone(page, 'timers', 4, { layout: { kind: 'slideshow', seconds: 2 } });
    const watch = `<script>const on = new Set(); const [begin, end] = [window.setInterval, window.clearInterval]; window.setInterval = (...told) => { const id = begin(...told); on.add(id); return id; }; window.clearInterval = (id) => { on.delete(id); end(id); }; window.running = () => on.size;</script>`;
    const html = pageOf({ head: watch }, [`<zinc-gallery gallery="${id}" host="${baseURL}"></zinc-gallery><script src="${baseURL}/embed.js" async></script>`]);
    await visit(browser, { '/': html }, async (visitor, address) => {
        const running = (): Promise<number> => visitor.evaluate(() => (Reflect.get(window, 'running') as () => number)());
        await visitor.goto(address);
        await expect(tilesOf(visitor)).toHaveCount(4);
        await expect.poll(running).toBe(1);
        await visitor.evaluate(() => {
            const gallery = document.querySelector('zinc-gallery') as HTMLElement;
            gallery.remove();
            Reflect.set(window, 'kept', gallery);
        });
        expect(await running()).toBe(0);
        await visitor.evaluate(() => document.body.append(Reflect.get(window, 'kept') as Node));
        await expect(tilesOf(visitor)).toHaveCount(4);
        await expect.poll(running).toBe(1);
        for (let time = 0; time < 5; time++) await visitor.evaluate(() => document.body.append(document.querySelector('zinc-gallery') as Node));
        await expect.poll(running).toBe(1);
    });
});

test('fits its frame, and its large view into what is seen of the frame', async ({ page, browser }) => {
    const id = await alone(page, 'framed', 9, { layout: { kind: 'single' } });
    const frame = (await kindsOf(page, id)).find(({ kind }) => kind === 'frame');
    await visit(browser, { '/': pageOf({}, [frame?.pieces[0]?.text ?? '']) }, async (visitor, address) => {
        await visitor.goto(address);
        const inner = visitor.frameLocator('iframe');
        await expect(inner.locator('.zp-tiles li')).toHaveCount(9);
        const fits = (): Promise<number> =>
            inner.locator('body').evaluate((body) => document.documentElement.clientHeight - body.getBoundingClientRect().height);
        await expect.poll(fits).toBeGreaterThanOrEqual(0);
        expect(await fits()).toBeLessThanOrEqual(1);
        await inner.locator('li').nth(4).scrollIntoViewIfNeeded();
        await inner.locator('li').nth(4).locator('a').click();
        const dialog = inner.locator('zinc-viewer dialog');
        await expect(dialog).toBeVisible();
        const box = await dialog.boundingBox();
        expect(box?.height).toBeLessThanOrEqual(801);
        expect(box?.y).toBeGreaterThanOrEqual(-1);
        await inner.getByRole('button', { name: 'Close' }).click();
        await expect(dialog).toHaveCount(0);
    });
});

test('fetches files as wide as they are drawn in a second engine, which measures nothing by itself', { tag: '@long' }, async ({ page }) => {
    test.setTimeout(180_000);
    const id = await alone(page, 'second engine', 8, { layout: { kind: 'grid', columns: 4 } });
    const kinds = await kindsOf(page, id, 700);
    const pieces = (of: string): string[] => kinds.find(({ kind }) => kind === of)?.pieces.map(({ text }) => text) ?? [];
    const body = '<main style="width:700px"><!-- here --></main>';
    const { server, address } = await serve({
        '/script': { html: pageOf({ body }, pieces('script')) },
        '/html': { html: pageOf({ body }, pieces('html')) },
        '/frame': { html: pageOf({ body }, pieces('frame')) },
        '/images': { html: pageOf({ body }, pieces('images')) },
    });
    const engine = await SecondEngine.start(await freePort());
    try {
        await engine.resize(1500, 900);
        for (const path of ['script', 'html']) {
            await engine.go(`${address}/${path}`);
            const root = path === 'script' ? "document.querySelector('zinc-gallery').shadowRoot" : 'document';
            await expect.poll(() => engine.ask<number>(`${root}?.querySelectorAll('.zp-tiles img').length ?? 0`)).toBe(8);
            await engine.ask(`(async () => { for (const image of ${root}.querySelectorAll('img')) { image.loading = 'eager'; await image.decode(); } })()`);
            const seen = await engine.ask<{ drawn: number; file: number; offered: number[] }[]>(
                `[...${root}.querySelectorAll('img')].map((image) => { const { width, height } = image.getBoundingClientRect(); const cover = getComputedStyle(image).objectFit === 'cover'; return { drawn: cover ? Math.max(width, height * image.getAttribute('width') / image.getAttribute('height')) : width, file: Number(/(\\d+)\\.\\w+$/.exec(image.currentSrc)[1]), offered: image.parentElement.querySelector('source').srcset.match(/\\d+(?=w)/g).map(Number) }; })`,
            );
            for (const { drawn, file, offered } of seen)
                expect(file, `${path}, drawn ${drawn}`).toBe(offered.find((width) => width >= drawn - 1) ?? Math.max(...offered));
        }
        for (const path of ['frame', 'images']) {
            await engine.go(`${address}/${path}`);
            await expect.poll(() => engine.ask<number>(`document.querySelectorAll('iframe, a > img').length`)).toBe(path === 'frame' ? 1 : 8);
        }
        expect(engine.errors).toEqual([]);
    } finally {
        await engine.stop();
        server.close();
    }
});
