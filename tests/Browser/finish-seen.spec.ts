import type { Page } from '@playwright/test';
import { live, NAMES, redesign } from './dressing';
import { isLong, sample } from './long';
import { demo, expect, expectAccessible, farthestOff, galleryOf, makePictures, studioApi, test, tileBoxes, putLive } from './support';

test('keeps every tile where the core has it, whatever is around it, at many widths', { tag: '@long' }, async ({ page }) => {
    test.setTimeout(400_000);
    const id = await galleryOf(page, 'Dressed: boxes', demo(...NAMES.slice(0, 11)));
    const api = await studioApi(page);
    const { items } = await api<{ items: { picture: { width: number; height: number } }[] }>('GET', `galleries/${id}`);
    const ratios = items.map(({ picture }) => picture.width / picture.height);
    const edges = { line: 'double', width: 5, mount: 9, corners: 14, shadow_opacity: 40 };
    const ground = { padding: 30, margin: 12, line: 'solid', width: 3, corners: 20 };
    const below = { place: 'below', title: true, caption: true, lines: 3, hidden_within: 520 };
    const widths = sample(
        Array.from({ length: 30 }, (_, step) => Math.round(310 * (2600 / 310) ** (step / 29))),
        9,
    );
    for (const layout of [
        { kind: 'grid', columns: 4, last_row: 'fill', shape: '4:3' },
        { kind: 'masonry', columns: 4 },
        { kind: 'rows', row_height: 200, last_row: 'balance' },
        { kind: 'mosaic', row_height: 220 },
        { kind: 'strip', height: 380 },
        { kind: 'single' },
    ]) {
        const { design } = await redesign(page, id, { layout, finish: { edges, ground, captions: below, lettering: { size: 17 } } });
        const seen: Parameters<typeof farthestOff>[0] = [];
        await page.setViewportSize({ width: 800, height: 900 });
        await page.goto(`/studio/proof/${id}`);
        for (const width of widths) {
            await page.setViewportSize({ width, height: 900 });
            const inner = await page.locator('.zp-tiles').evaluate((list) => list.getBoundingClientRect().width);
            seen.push({ inner, boxes: await tileBoxes(page) });
            const out = await page.locator('.zp-tiles img').evaluateAll((images) => images.filter((image) => image.getBoundingClientRect().width < 1).length);
            expect(out, `${layout.kind} at ${width}: pictures without a place`).toBe(0);
            const captions = await page.locator('.zp-caption').evaluateAll((all) => all.filter((one) => one.getBoundingClientRect().height > 0).length);
            expect(captions, `${layout.kind} at ${width}, inner ${inner}: captions`).toBe(inner < 520 ? 0 : 11);
        }
        const worst = farthestOff(seen, ratios, design);
        console.log(`${layout.kind}, framed: worst edge off by ${worst.toFixed(3)} px`);
        expect(worst, layout.kind).toBeLessThanOrEqual(1);
    }
});

interface Sight {
    number: number;
    ratio: number;
    at: number;
    is_hard: boolean;
}

/** What a screenshot of the caption's box says: how white letters stand out from the mean light of its lightest twentieth. */
async function measured(page: Page, number: number): Promise<number> {
    const box = page.locator(`.zp-n${number} .zp-over`);
    await box.scrollIntoViewIfNeeded();
    await page.locator(`.zp-n${number} img`).evaluate((image: HTMLImageElement) => image.decode());
    // Only px that lie in it wholly: the others have something of what is around it.
    const { x, y, width, height } = (await box.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    const [left, top] = [Math.ceil(x), Math.ceil(y)];
    const shot = (await page.screenshot({ clip: { x: left, y: top, width: Math.floor(x + width) - left, height: Math.floor(y + height) - top } })).toString(
        'base64',
    );
    return page.evaluate(async (png) => {
        const image = new Image();
        image.src = `data:image/png;base64,${png}`;
        await image.decode();
        const canvas = new OffscreenCanvas(image.width, image.height);
        const paint = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D;
        paint.drawImage(image, 0, 0);
        const { data } = paint.getImageData(0, 0, image.width, image.height);
        const light = (value: number): number => (value / 255 <= 0.04045 ? value / 255 / 12.92 : ((value / 255 + 0.055) / 1.055) ** 2.4);
        const lights: number[] = [];
        for (let at = 0; at < data.length; at += 4) {
            lights.push(0.2126 * light(data[at] ?? 0) + 0.7152 * light(data[at + 1] ?? 0) + 0.0722 * light(data[at + 2] ?? 0));
        }
        lights.sort((one, other) => other - one);
        const worst = lights.slice(0, Math.round(0.05 * lights.length));
        return 1.05 / (worst.reduce((sum, one) => sum + one, 0) / worst.length + 0.05);
    }, shot);
}

test('computes of captions what a screenshot shows, and leaves none hard to read once it was mended', async ({ page }) => {
    test.setTimeout(400_000);
    const noise = isLong ? makePictures(test.info().outputPath('noise'), 60 - NAMES.length) : [];
    const id = await galleryOf(page, 'Dressed: captions', [...demo(...sample(NAMES, 12)), ...noise]);
    const api = await studioApi(page);
    const { items, version } = await api<{ items: { id: string }[]; version: number }>('GET', `galleries/${id}`);
    const count = items.length;
    const words = Object.fromEntries(items.map(({ id: item }, index) => [item, { title: `Number ${index + 1}`, alt: 'A picture' }]));
    await api('PATCH', `galleries/${id}`, { version, change: { kind: 'words', words } });
    const captions = { place: 'over', title: true, caption: false, lines: 1, opacity: 40, ground: '#101417' };
    await redesign(page, id, { layout: { kind: 'grid', columns: 4, shape: '1:1' }, finish: { captions } });
    const told = async (): Promise<{ captions: Sight[]; mends: { part: object }[]; hard: number }> =>
        (await api<{ legibility: { captions: Sight[]; mends: { part: object }[]; hard: number } }>('GET', `galleries/${id}/laid-out`)).legibility;
    const compare = async (sights: Sight[]): Promise<number[]> => {
        const off: number[] = [];
        for (const at of new Set(sights.map((sight) => sight.at))) {
            await page.setViewportSize({ width: at + 36, height: 900 });
            // Anew at each width: a browser keeps a wider file that it has already, which visitors there never had.
            await page.goto(`/studio/proof/${id}`);
            await page.addStyleTag({ content: '.zp-said{color:transparent!important}' });
            for (const { number, ratio } of sights.filter((sight) => sight.at === at)) {
                const seen = await measured(page, number);
                off.push(Math.abs(ratio / seen - 1));
            }
        }
        return off;
    };
    // Files that the design lacks are made beside: only once they are there do all see the same.
    await putLive(page, id);
    const before = await told();
    expect(before.captions).toHaveLength(count);
    expect(before.hard).toBeGreaterThan(isLong ? 10 : 1);
    const off = await compare(before.captions);
    console.log(
        `computed and measured apart by at most ${(100 * Math.max(...off)).toFixed(1)} %, ${(100 * (off.reduce((a, b) => a + b) / off.length)).toFixed(1)} % on the mean`,
    );
    expect(Math.max(...off)).toBeLessThanOrEqual(0.05);
    await redesign(page, id, before.mends[0]?.part ?? {});
    await putLive(page, id);
    const after = await told();
    expect(after.hard).toBe(0);
    await page.goto(`/studio/proof/${id}`);
    await page.addStyleTag({ content: '.zp-said{color:transparent!important}' });
    await page.setViewportSize({ width: 1156, height: 900 });
    for (const { number } of after.captions) expect(await measured(page, number), `caption ${number}`).toBeGreaterThanOrEqual(4.5);
});

test('is accessible in the ready finishes, wide and on a phone, in forced colours, and whole on paper', { tag: '@long' }, async ({ page }) => {
    test.setTimeout(300_000);
    const id = await galleryOf(page, 'Dressed: all', demo(...NAMES.slice(0, 7)));
    const api = await studioApi(page);
    const { cards } = await api<{ cards: { name: string; source: string; part: object }[] }>('GET', `galleries/${id}/finishes`);
    const shipped = cards.filter(({ source }) => source === 'shipped');
    expect(shipped).toHaveLength(6);
    for (const { name, part } of sample(shipped, 2)) {
        await redesign(page, id, part);
        const address = await live(page, id);
        for (const width of [1280, 390]) {
            await page.setViewportSize({ width, height: 844 });
            await page.goto(address);
            // What arrives is looked at once it has come.
            await page.evaluate(() => document.querySelectorAll('.zp-waits').forEach((tile) => tile.classList.remove('zp-waits')));
            await page.mouse.move(5, 5);
            await expectAccessible(page);
            expect(await page.evaluate(() => document.documentElement.scrollWidth), `${name} at ${width}`).toBeLessThanOrEqual(width);
        }
        await page.emulateMedia({ forcedColors: 'active' });
        await expectAccessible(page);
        await page.emulateMedia({ forcedColors: null, media: 'print' });
        for (const tile of await page.locator('.zp-tiles>li').all()) await expect(tile, name).toHaveCSS('opacity', '1');
        for (const image of await page.locator('.zp-tiles img').all()) await expect(image, name).toHaveCSS('filter', 'none');
        await page.emulateMedia({ media: null });
    }
});

test('comes to a gallery that stands far down its page, in both proofs, and stays at the top for one that is in sight', async ({ page }) => {
    const api = await studioApi(page);
    const all = await api<{ id: string; title: string }[]>('GET', 'galleries');
    for (const title of ['Night flying', 'Long Wind Day']) {
        await page.goto(`/studio/galleries/${all.find((one) => one.title === title)?.id}/finish`);
        for (const name of ['Wide', 'Phone']) {
            const seen = (): Promise<{ share: number; scrolled: number }> =>
                page
                    .frameLocator(`iframe[title^="${name}"]`)
                    .locator('.zp-proof')
                    .evaluate((pane) => ({ share: pane.getBoundingClientRect().top / innerHeight, scrolled: scrollY }));
            await expect.poll(async () => (await seen()).share, `${title}, ${name}`).toBeLessThan(0.6);
            const { share, scrolled } = await seen();
            expect(share).toBeGreaterThanOrEqual(0);
            if (title === 'Long Wind Day') expect(scrolled).toBe(0);
            else expect(scrolled).toBeGreaterThan(200);
        }
    }
});
