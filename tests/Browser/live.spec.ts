import type { Page } from '@playwright/test';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { expect, expectAccessible, farthestOff, putLive, signIn, studioApi, test, tileBoxes, swipe } from './support';
import { stands } from './viewing';

const KITES = '/kites';
const DEMO = 'database/demo/pictures';

async function openFirst(page: Page): Promise<void> {
    await page.goto(KITES);
    await page.locator('.zp-tiles a').first().click();
    await expect(page.getByRole('dialog')).toBeVisible();
}

const count = (page: Page) => page.getByRole('dialog').locator('.count');

test('lays itself out without a script, exactly as the core says, at ten widths', async ({ browser, page }) => {
    await signIn(page);
    const card = page.getByRole('link', { name: /Kites for sale/ });
    const id = (await card.getAttribute('href'))?.split('/').at(-2);
    const gallery = (await (await page.request.get(`/studio/api/galleries/${id}`)).json()) as {
        design: object;
        items: { picture: { width: number; height: number } }[];
    };
    const ratios = gallery.items.map(({ picture }) => picture.width / picture.height);
    const plain = await browser.newContext({ javaScriptEnabled: false });
    const visitor = await plain.newPage();
    const windows = [276, 320, 390, 480, 634, 635, 768, 1024, 1280, 2596];
    const seen: Parameters<typeof farthestOff>[0] = [];
    for (const width of windows) {
        await visitor.setViewportSize({ width, height: 900 });
        await visitor.goto(KITES);
        const inner = await visitor.locator('.zp-tiles').evaluate((list) => list.getBoundingClientRect().width);
        seen.push({ inner, boxes: await tileBoxes(visitor) });
    }
    const worst = farthestOff(seen, ratios, gallery.design);
    console.log(`worst edge off by ${worst.toFixed(3)} px`);
    expect(worst).toBeLessThanOrEqual(1);
    await plain.close();
});

test('opens the large picture as a plain link without a script', async ({ browser }) => {
    const context = await browser.newContext({ javaScriptEnabled: false });
    const page = await context.newPage();
    await page.goto(KITES);
    await page.locator('.zp-tiles a').first().click();
    await expect(page).toHaveURL(/\/media\/[0-9a-f]{24}\/\d+\.jpg$/);
    await context.close();
});

test('does not shift while it loads 24 pictures, and asks nobody else', async ({ page }) => {
    const api = await studioApi(page);
    const { id } = await api<{ id: string }>('POST', 'galleries', { title: 'Two dozen' });
    for (const name of readdirSync(DEMO)
        .filter((file) => file.endsWith('.jpg'))
        .slice(0, 24))
        await api('POST', `galleries/${id}/pictures`, join(DEMO, name));
    const pages = await api<{ id: string; address: string }[]>('GET', 'pages');
    const pane = await api<{ id: string }>('POST', 'panes', { page_id: pages.find(({ address }) => address === '/repairs')?.id, gallery_id: id, spot: 1 });
    await putLive(page, id);
    await page.addInitScript(() => {
        const shifts: number[] = [];
        Object.assign(window, { shifts });
        new PerformanceObserver((list) => {
            for (const entry of list.getEntries()) shifts.push((entry as PerformanceEntry & { value: number }).value);
        }).observe({ type: 'layout-shift', buffered: true });
    });
    for (const size of [
        { width: 1280, height: 800 },
        { width: 390, height: 844 },
    ]) {
        await page.setViewportSize(size);
        await page.goto('/repairs', { waitUntil: 'networkidle' });
        const images = page.locator('.zp-tiles img');
        await expect(images).toHaveCount(24);
        await images.last().scrollIntoViewIfNeeded();
        await expect.poll(() => images.last().evaluate((image: HTMLImageElement) => image.complete && image.naturalWidth > 0)).toBe(true);
        expect(await page.evaluate(() => (window as unknown as { shifts: number[] }).shifts.reduce((sum, shift) => sum + shift, 0))).toBe(0);
        await expectAccessible(page);
    }
    await api('DELETE', `panes/${pane.id}`);
    await putLive(page, id);
});

test('walks through the large view by keys, and gives the focus back', async ({ page }) => {
    await openFirst(page);
    await expect(page.getByRole('button', { name: 'Close' })).toBeFocused();
    await expect(page.getByRole('dialog')).toContainText('Harbour diamond');
    await expect(count(page)).toHaveText('1 of 10');
    await expectAccessible(page);
    await page.keyboard.press('ArrowRight');
    await expect(count(page)).toHaveText('2 of 10');
    await expect(page.getByRole('dialog')).toContainText('flies in next to nothing');
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowLeft');
    await expect(count(page)).toHaveText('10 of 10');
    await page.keyboard.press('Home');
    await expect(count(page)).toHaveText('1 of 10');
    await page.keyboard.press('End');
    await expect(count(page)).toHaveText('10 of 10');
    for (let step = 0; step < 6; step++) {
        await page.keyboard.press('Tab');
        expect(await page.evaluate(() => document.activeElement?.tagName)).not.toBe('A');
    }
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    // Back to the tile of the picture that was seen last.
    await expect(page.locator('.zp-tiles a').last()).toBeFocused();
});

test('leaves the picture in sight that was seen last, wherever the first one was', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 500 });
    await openFirst(page);
    await page.keyboard.press('End');
    await expect(count(page)).toHaveText('10 of 10');
    await page.keyboard.press('Escape');
    const last = page.locator('.zp-tiles a').last();
    await expect(last).toBeFocused();
    // A browser that goes back puts the page where it was before, a frame or two later.
    await stands(last);
    await expect(last).toBeInViewport();
    // Pages that come after go back as ever.
    expect(await page.evaluate(() => history.scrollRestoration)).toBe('auto');
});

test('turns by arrows and by a click on either side of the picture', async ({ page }) => {
    await openFirst(page);
    await page.getByRole('button', { name: 'Next picture', exact: true }).click();
    await expect(count(page)).toHaveText('2 of 10');
    await page.getByRole('button', { name: 'Previous picture', exact: true }).click();
    await expect(count(page)).toHaveText('1 of 10');
    const picture = page.getByRole('dialog').locator('.frame:not([style*="hidden"]) .pic');
    const box = await picture.boundingBox();
    if (!box) throw new Error('no picture');
    await page.mouse.click(box.x + box.width * 0.9, box.y + box.height / 2);
    await expect(count(page)).toHaveText('2 of 10');
    await page.mouse.click(box.x + box.width * 0.2, box.y + box.height / 2);
    await expect(count(page)).toHaveText('1 of 10');
});

test('turns by swipe', async ({ browser }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const page = await context.newPage();
    await openFirst(page);
    await swipe(page, 300, 80, 400);
    await expect(count(page)).toHaveText('2 of 10');
    await swipe(page, 80, 300, 400);
    await expect(count(page)).toHaveText('1 of 10');
    await expectAccessible(page);
    await context.close();
});

test('closes by X, by a click outside and by the back button, and stays on the page', async ({ page }) => {
    for (const close of [() => page.getByRole('button', { name: 'Close' }).click(), () => page.mouse.click(100, 420), () => page.goBack()]) {
        await openFirst(page);
        await close();
        await expect(page.getByRole('dialog')).toHaveCount(0);
        await expect(page).toHaveURL(/\/kites$/);
        await expect(page.locator('.zp-tiles a').first()).toBeFocused();
    }
});

test('closes once however often it is asked to, and opens what is clicked while it does', async ({ page }) => {
    await page.goto('/');
    await openFirst(page);
    // A browser takes its time to go back in its history; all of this comes before it has.
    await page.evaluate(() => {
        const close = document.querySelector('zinc-viewer')?.shadowRoot?.querySelector<HTMLElement>('.close');
        close?.click();
        close?.click();
        document.querySelectorAll<HTMLElement>('.zp-tiles a')[1]?.click();
    });
    await expect(count(page)).toHaveText(/^2 of /);
    await Promise.all([page.keyboard.press('Escape'), page.keyboard.press('Escape')]);
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page.locator('.zp-tiles a').nth(1)).toBeFocused();
    await expect(page).toHaveURL(/\/kites$/);
    // The page goes back as ever, though two were open one after the other.
    await stands(page.locator('.zp-tiles a').nth(1));
    expect(await page.evaluate(() => history.scrollRestoration)).toBe('auto');
    await page.goBack();
    await expect(page).toHaveURL(/\/$/);
});

test("keeps the visitors' script small", async ({ page }) => {
    await page.goto(KITES);
    const bytes = async (file: string): Promise<number> => gzipSync(await (await page.request.get(file)).body(), { level: 9 }).length;
    const own = await page.locator('script[data-viewer]').getAttribute('src');
    const [first = 0, elsewhere = 0, more = 0] = await Promise.all([own ?? '', '/embed.js', '/viewer.js'].map(bytes));
    console.log(`visitors' script ${first} bytes gzip before a click (${elsewhere} elsewhere), ${more} more for it`);
    expect(first).toBeLessThanOrEqual(4 * 1024);
    expect(elsewhere).toBeLessThanOrEqual(5 * 1024);
    expect(first + more).toBeLessThanOrEqual(18 * 1024);
});
