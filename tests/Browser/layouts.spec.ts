import type { Page } from '@playwright/test';
import { NAMES } from './dressing';
import { sample } from './long';
import { demo, designOf, expect, expectAccessible, farthestOff, galleryOf, putLive, studioApi, swipe, test, tileBoxes } from './support';
import { stands } from './viewing';

const LAYOUTS: Record<string, object> = {
    'rows, balanced': { kind: 'rows', last_row: 'balance' },
    'rows, centred, captions': { kind: 'rows', row_height: 160, last_row: 'centre', caption_lines: 2, gap: 15 },
    'rows, filled': { kind: 'rows', row_height: 300, last_row: 'fill', gap: 0 },
    masonry: { kind: 'masonry', columns: 4, gap: 12, caption_lines: 1 },
    mosaic: { kind: 'mosaic', row_height: 180, caption_lines: 0 },
    'mosaic, captions': { kind: 'mosaic', row_height: 240, gap: 5, caption_lines: 3 },
    'grid, balanced': { kind: 'grid', column_rule: 'count', columns: 5, shape: '4:3', last_row: 'balance' },
    'grid, filled, captions': { kind: 'grid', columns: 6, shape: '1:1', last_row: 'fill', caption_lines: 2 },
    'one per row': { kind: 'single', caption_lines: 1 },
    strip: { kind: 'strip', height: 360, caption_lines: 0 },
    slideshow: { kind: 'slideshow', height: 400 },
};

async function design(page: Page, id: string, wanted: object): Promise<{ design: object; ratios: number[] }> {
    const api = await studioApi(page);
    const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
    const change = { kind: 'design', design: 'finish' in wanted ? wanted : designOf({ ...wanted }) };
    const fresh = await api<{ design: object }>('PATCH', `galleries/${id}`, { version, change });
    const { items } = await api<{ items: { picture: { width: number; height: number } }[] }>('GET', `galleries/${id}`);
    return { design: fresh.design, ratios: items.map(({ picture }) => picture.width / picture.height) };
}

test('lays every layout out as the core says, at many widths', async ({ page }) => {
    test.setTimeout(300_000);
    const id = await galleryOf(page, 'All layouts', demo(...NAMES.slice(0, 19)));
    for (const [name, wanted] of Object.entries(LAYOUTS)) {
        const { design: made, ratios } = await design(page, id, wanted);
        const seen: Parameters<typeof farthestOff>[0] = [];
        for (const width of sample([276, 390, 560, 634, 800, 1100, 1280, 2596], 3)) {
            await page.setViewportSize({ width, height: 900 });
            await page.goto(`/studio/proof/${id}`);
            const inner = await page.locator('.zp-tiles').evaluate((list) => list.getBoundingClientRect().width);
            seen.push({ inner, boxes: await tileBoxes(page) });
            const list = await page.locator('.zp-tiles').evaluate((element) => ({ height: element.clientHeight, inside: element.scrollHeight }));
            expect(list.inside, `${name} at ${width}: nothing sticks out`).toBeLessThanOrEqual(list.height + 1);
        }
        const worst = farthestOff(seen, ratios, made);
        console.log(`${name}: worst edge off by ${worst.toFixed(3)} px`);
        expect(worst, name).toBeLessThanOrEqual(1);
    }
});

test('tries candidates, adopts one, and asks for a suggestion, by keyboard', async ({ page }) => {
    const id = await galleryOf(page, 'Candidates', demo(...NAMES.slice(0, 11)));
    await page.goto(`/studio/galleries/${id}/layout`);
    const candidates = page.getByRole('listbox', { name: 'Candidates' }).getByRole('option');
    await expect(candidates).toHaveCount(11);
    const snag = page.getByText('One more picture would complete the last row');
    await expect(snag).toBeVisible();
    await page.getByRole('button', { name: 'Balance the rows' }).press('Enter');
    await page.getByRole('button', { name: /^Rows/ }).press('Enter');
    await expect(page.getByRole('radio', { name: 'Balance' })).toBeChecked();
    await expect(snag).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(snag).toBeVisible();
    await expectAccessible(page);
    const wide = page.frameLocator('iframe[title^="Wide"]').locator('.zp-tiles');
    await expect(wide).toHaveCSS('display', 'grid');
    await candidates.first().focus();
    await expect(wide).toHaveCSS('display', 'flex');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect(wide).toHaveCSS('position', 'relative');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('link', { name: /Layout Masonry 3/ })).toBeVisible();
    await page.getByRole('radio', { name: 'Suggest' }).press('Space');
    const suggestions = page.getByRole('listbox', { name: 'Suggestions' }).getByRole('option');
    await expect(suggestions.first()).toContainText('.');
    await expect(suggestions).toHaveCount(4);
    const best = await suggestions.first().textContent();
    for (const quality of ['Full rows', 'Little crop', 'Even', 'No holes', 'Tile size', 'On a phone'])
        await page.getByRole('slider', { name: quality }).press('Home');
    await page.getByRole('slider', { name: 'Light' }).press('End');
    await expect(suggestions.first()).not.toHaveText(best ?? '');
    await expectAccessible(page);
    await page.getByRole('radio', { name: 'Crops' }).press('Space');
    await expect(page.getByText('0 % cut')).toHaveCount(11);
    await page.getByRole('slider', { name: 'Width of the Phone proof' }).focus();
    await page.keyboard.press('PageUp');
    await expect(page.getByRole('spinbutton', { name: 'Width of the Phone proof in px' })).toHaveValue('440');
    await page.getByRole('button', { name: /^Phone/ }).press('Enter');
    await page.getByRole('button', { name: 'Set columns on a phone' }).press('Enter');
    await expect(page.getByRole('button', { name: 'Leave it to itself' })).toBeVisible();
});

/** The gallery of the page /kites, which the tests below publish in other layouts. */
async function kites(page: Page): Promise<string> {
    const api = await studioApi(page);
    const { id } = (await api<{ id: string; title: string }[]>('GET', 'galleries')).find(({ title }) => title === 'Kites for sale') as { id: string };
    return id;
}

test('publishes what the proof shows, to the pixel', async ({ page, browser }) => {
    test.setTimeout(240_000);
    const api = await studioApi(page);
    const id = await kites(page);
    const layouts = [
        { kind: 'mosaic' },
        { kind: 'rows', last_row: 'centre', caption_lines: 1 },
        { kind: 'masonry', columns: 3, caption_lines: 0 },
        { kind: 'grid', columns: 4, shape: '5:7', last_row: 'fill' },
    ];
    for (const layout of sample(layouts, 2)) {
        await design(page, id, layout);
        const drawn = async (): Promise<string> => (await api<{ proof: { html: string } }>('GET', `galleries/${id}/laid-out`)).proof.html;
        // Other galleries want files of the same pictures; with each that is made meanwhile, the proof may choose another
        // than the page that is live. Then it is put live again, and looked at again.
        let differ: string[] = [];
        await expect
            .poll(
                async () => {
                    const before = await drawn();
                    await putLive(page, id);
                    differ = await widthsThatDiffer();
                    return before === (await drawn());
                },
                { intervals: [1000], timeout: 120_000 },
            )
            .toBe(true);
        expect(differ, `${layout.kind}: widths at which the pixels differ`).toEqual([]);
    }

    async function widthsThatDiffer(): Promise<string[]> {
        // Both with nothing in the cache: a browser prefers a larger file that it has to the one that fits.
        const visitor = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
        const owner = await (await browser.newContext({ storageState: await page.context().storageState() })).newPage();
        const found: string[] = [];
        for (const width of [1280, 390]) {
            for (const [each, address] of [[owner, `/studio/proof/${id}`] as const, [visitor, '/kites'] as const]) {
                await each.setViewportSize({ width, height: 900 });
                await each.goto(address);
                await each.evaluate(() => document.fonts.ready);
                for (const image of await each.locator('.zp-tiles img').all()) await image.evaluate((element: HTMLImageElement) => element.decode());
            }
            if (!(await settled(owner)).equals(await settled(visitor))) found.push(`${width}`);
        }
        await visitor.context().close();
        await owner.context().close();
        return found;
    }

    /** The tiles once they look the same twice: a busy machine paints a decoded picture a while after it is decoded. */
    async function settled(seen: Page): Promise<Buffer> {
        const shot = () => seen.locator('.zp-tiles').screenshot({ animations: 'disabled' });
        let before: Buffer = Buffer.alloc(0);
        let now: Buffer = await shot();
        for (let n = 0; n < 10 && !before.equals(now); n++) [before, now] = [now, await shot()];
        return now;
    }
});

test('shows the rest when it is asked for, page by page, and a slideshow that can be held, with and without a script', async ({ page, browser }) => {
    const id = await kites(page);
    const plain = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    async function publish(layout: object): Promise<void> {
        await design(page, id, layout);
        await putLive(page, id);
        await page.goto('/kites');
        await plain.goto('/kites');
    }
    await publish({ kind: 'rows', initial_view: 'rows', initial_rows: 1 });
    const all = await plain.locator('.zp-tiles>li').count();
    const shown = await plain.locator('.zp-tiles>li:visible').count();
    expect(shown).toBeGreaterThan(0);
    expect(shown).toBeLessThan(all);
    await plain.locator('summary').press('Enter');
    await expect(plain.locator('.zp-tiles>li:visible')).toHaveCount(all);
    await expectAccessible(page);

    await publish({ kind: 'grid', columns: 3, initial_view: 'pages', initial_rows: 1 });
    await expect(plain.locator('.zp-tiles>li:visible')).toHaveCount(3);
    await plain.getByRole('radio', { name: '2', exact: true }).press('Space');
    await expect(plain.getByRole('list', { name: /page 2/ })).toBeVisible();
    await expectAccessible(page);

    await page.clock.install();
    await publish({ kind: 'slideshow', seconds: 1, initial_view: 'all' });
    const place = () => page.locator('.zp-tiles').evaluate((list) => Math.round(list.scrollLeft));
    await page.mouse.move(5, 5);
    await expect.poll(place, { timeout: 5000 }).toBeGreaterThan(0);
    const holds = async (by: string): Promise<void> => {
        const tile = page.locator('.zp-tiles>li').first();
        // What began to turn comes to its end.
        await stands(tile);
        const held = await place();
        await page.clock.runFor(1800);
        await stands(tile);
        expect(await place(), by).toBe(held);
    };
    const goesOn = async (after: string): Promise<void> => {
        const held = await place();
        await expect.poll(place, { message: after, timeout: 5000 }).not.toBe(held);
    };
    await page.locator('.zp-tiles').hover();
    await holds('pointed at');
    await page.mouse.move(5, 5);
    await goesOn('pointed elsewhere');
    await page.locator('.zp-tiles').focus();
    await page.keyboard.press('ArrowRight');
    await holds('focused');
    await page.locator('.zp-tiles').blur();
    await goesOn('focused elsewhere');
    const hide = (hidden: boolean) => page.evaluate((value) => Object.defineProperty(document, 'hidden', { configurable: true, get: () => value }), hidden);
    await hide(true);
    await holds('in a hidden tab');
    await hide(false);
    await goesOn('shown again');
    await page.getByRole('button', { name: 'Pause the slideshow' }).press('Enter');
    await holds('paused');
    await page.getByRole('button', { name: 'Play the slideshow' }).press('Enter');
    await goesOn('played');
    await page.getByRole('button', { name: 'Pause the slideshow' }).press('Enter');
    await expectAccessible(page);
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.reload();
    await expect(page.getByRole('button', { name: 'Play the slideshow' })).toBeVisible();

    await publish({ kind: 'strip', seconds: 0 });
    await page.locator('.zp-tiles').focus();
    await page.keyboard.press('ArrowRight');
    await expect.poll(place).toBeGreaterThan(0);
    await page.getByRole('button', { name: 'Previous pictures' }).click();
    await expect.poll(place).toBe(0);
    // By a finger, which comes to rest at the edge of a tile, also without a script.
    const hand = await (
        await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, javaScriptEnabled: false })
    ).newPage();
    await hand.goto('/kites');
    const strip = hand.locator('.zp-tiles');
    await strip.scrollIntoViewIfNeeded();
    const box = await strip.boundingBox();
    await swipe(hand, 340, 60, Math.round((box?.y ?? 0) + 60));
    const offEdge = () =>
        strip.evaluate((list) => Math.min(...[...list.children].slice(1).map((tile) => Math.abs((tile as HTMLElement).offsetLeft - list.scrollLeft))));
    await expect.poll(offEdge).toBeLessThanOrEqual(1);
    await hand.context().close();
    await expectAccessible(page);
    await plain.context().close();
});
