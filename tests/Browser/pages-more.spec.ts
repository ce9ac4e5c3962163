import type { Page } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demo, expect, galleryOf, pageInStage, putLive, signIn, studioApi, test } from './support';

type SitePage = { id: string; title: string; address: string; panes: { id: string; place: { width: string; px: number } }[] };

const LONG = 'Every kite begins as a paper pattern on the bench by the window. '.repeat(9);

async function pageAt(page: Page, address: string): Promise<SitePage> {
    return (await (await studioApi(page))<SitePage[]>('GET', 'pages')).find((one) => one.address === address) as SitePage;
}

/** A page of its own with some paragraphs. */
async function written(page: Page, title: string, words: string[]): Promise<string> {
    const api = await studioApi(page);
    const { id } = await api<{ id: string }>('POST', 'pages', { title });
    const { seen, parts } = await api<{ seen: string; parts: object[] }>('GET', `pages/${id}/parts`);
    await api('PUT', `pages/${id}/parts`, { seen, parts: [...parts, ...words.map((html, index) => ({ id: `w${index}`, kind: 'paragraph', html }))] });
    return id;
}

test('two who write on one page keep what each wrote, and are asked where both wrote the same; a line that is down loses nothing', async ({
    page,
    browser,
    trouble,
}) => {
    await signIn(page);
    const id = await written(page, 'Written by two', ['First', 'Second']);
    const api = await studioApi(page);
    const words = async (): Promise<string[]> => (await api<{ parts: { html: string }[] }>('GET', `pages/${id}/parts`)).parts.map(({ html }) => html);
    const other = await (await browser.newContext()).newPage();
    await signIn(other);
    const field = (window: Page, part: number) => window.getByRole('textbox', { name: `Paragraph, part ${part}` });
    for (const window of [page, other]) {
        await window.goto(`/studio/site?page=${id}`);
        await expect(field(window, 3)).toHaveText('Second');
    }
    const add = async (window: Page, part: number, more: string): Promise<void> => {
        await field(window, part).focus();
        await window.keyboard.press('Control+End');
        await window.keyboard.type(more);
    };
    await add(other, 3, ' by Ben');
    await expect.poll(words).toEqual(['Written by two', 'First', 'Second by Ben']);
    await add(page, 2, ' by Ann');
    await expect.poll(words).toEqual(['Written by two', 'First by Ann', 'Second by Ben']);
    await expect(field(page, 3)).toHaveText('Second by Ben');
    // The line goes down here while the other goes on.
    await page.context().setOffline(true);
    await add(page, 3, ', says Ann');
    await expect(page.getByText(/kept here, and sent as soon as it can be/)).toBeVisible();
    await other.reload();
    await add(other, 3, ', says Ben');
    await expect.poll(async () => (await other.request.get(`/studio/api/pages/${id}/parts`)).text()).toContain('says Ben');
    await page.context().setOffline(false);
    await expect(page.getByText(/Somebody else wrote on “Written by two” in the meantime/)).toBeVisible();
    await expect(field(page, 3)).toHaveText('Second by Ben, says Ann');
    // Closed and opened again, it is asked again: neither is lost.
    await page.reload();
    await expect(page.getByRole('group', { name: 'Whose words stay' })).toBeVisible();
    await page.getByRole('button', { name: 'Put mine in their place' }).press('Enter');
    await expect.poll(words).toEqual(['Written by two', 'First by Ann', 'Second by Ben, says Ann']);
    await expect(page.getByRole('group', { name: 'Whose words stay' })).toHaveCount(0);
    await other.context().close();
    await page.goto('/studio/galleries');
    await api('DELETE', `pages/${id}`);
    // The browser notes every line that was down, and every refusal.
    trouble.splice(0, trouble.length, ...trouble.filter((said) => !/Failed to load resource/.test(said)));
});

test('a gallery is placed, made half wide and drawn wider by fingers', async ({ browser }) => {
    const context = await browser.newContext({ hasTouch: true, viewport: { width: 1180, height: 820 } });
    const page = await context.newPage();
    await signIn(page);
    const own = await written(page, 'Touched', [LONG, 'Two']);
    const id = await galleryOf(page, 'By fingers', demo('against-the-cloud', 'box-crimson'));
    await page.goto(`/studio/galleries/${id}/pages`);
    await page.getByRole('button', { name: /^Touched/ }).tap();
    const proof = await pageInStage(page, 'Touched');
    await proof.locator('[data-spot="1"] button').tap();
    await expect(page.getByText('stands here', { exact: true })).toBeVisible();
    await page.getByText('Half', { exact: true }).tap();
    await expect(proof.locator('[data-pane]')).toHaveCSS('float', 'inline-start');
    const edge = page.getByRole('slider', { name: 'Width of By fingers here' });
    const box = await edge.boundingBox();
    if (!box) throw new Error('No edge.');
    // Large enough for a finger (WCAG 2.5.8).
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(14);
    const client = await context.newCDPSession(page);
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', by: number) =>
        client.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x: x + by, y }] });
    await send('touchStart', 0);
    for (const by of [10, 25, 40, 60]) await send('touchMove', by);
    await send('touchEnd', 60);
    await expect.poll(async () => (await pageAt(page, '/touched')).panes[0]?.place.width).toBe('px');
    expect((await pageAt(page, '/touched')).panes[0]?.place.px).toBeGreaterThan(560);
    await page.goto('/studio/galleries');
    const api = await studioApi(page);
    await api('DELETE', `pages/${own}`);
    await api('DELETE', `galleries/${id}`);
    await context.close();
});

test('on a page that reads from right to left all stands the other way round, and nothing sticks out', async ({ page, browser, trouble }) => {
    const file = join(mkdtempSync(join(tmpdir(), 'zp-')), 'yamin.html');
    writeFileSync(
        file,
        `<!doctype html><html dir="rtl" lang="he"><head><meta charset="utf-8"><title>Yamin</title><style>body{margin:0 24px;font:18px/1.5 serif}</style></head><body><h1>Yamin</h1><p>${LONG}</p><p>Two</p></body></html>`,
    );
    await signIn(page);
    const api = await studioApi(page);
    await page.goto('/studio/site');
    await page.getByLabel('An HTML page, or a ZIP of some').setInputFiles(file);
    await expect(page.getByText('The page is there.', { exact: true }).first()).toBeVisible();
    const id = await galleryOf(page, 'Other way', demo('against-the-cloud', 'box-crimson'));
    await page.goto(`/studio/galleries/${id}/pages`);
    await page.getByRole('button', { name: /^Yamin/ }).click();
    await (await pageInStage(page, 'Yamin')).locator('[data-spot="1"] button').press('Enter');
    await expect(page.getByText('stands here', { exact: true })).toBeVisible();
    await page.getByRole('radio', { name: 'Half' }).press('Space');
    await expect.poll(async () => (await pageAt(page, '/yamin')).panes[0]?.place.width).toBe('half');
    await putLive(page, id);
    const visitor = await (await browser.newContext()).newPage();
    for (const width of [390, 1280]) {
        await visitor.setViewportSize({ width, height: 900 });
        await visitor.goto('/yamin');
        const seen = await visitor.evaluate(() => {
            const { left, right, width: wide } = (document.querySelector('.zp-pane') as Element).getBoundingClientRect();
            const [first, second] = [...document.querySelectorAll('.zp-tiles > li')].map((tile) => tile.getBoundingClientRect().left);
            return { left, right, wide, order: (first ?? 0) > (second ?? 0), out: document.documentElement.scrollWidth };
        });
        expect(seen.right).toBeCloseTo(width - 24, 0);
        expect(seen.wide).toBeCloseTo(width === 390 ? 342 : (1280 - 48) / 2 - 14, 0);
        expect([seen.order, seen.out <= width]).toEqual([true, true]);
    }
    await visitor.context().close();
    await page.goto('/studio/galleries');
    await api('DELETE', `pages/${(await pageAt(page, '/yamin')).id}`);
    await api('DELETE', `galleries/${id}`);
    trouble.splice(0, trouble.length, ...trouble.filter((said) => !/Blocked script execution/.test(said)));
});

test('text beside a gallery or a single picture has room for its lines, whichever side it is on', async ({ page, browser }) => {
    await signIn(page);
    const api = await studioApi(page);
    const own = await written(page, 'Beside it', [LONG, 'Short.', LONG]);
    const id = await galleryOf(page, 'Beside text', demo('against-the-cloud'));
    const { id: pane } = await api<{ id: string }>('POST', 'panes', { page_id: own, gallery_id: id, spot: 1 });
    const visitor = await (await browser.newContext()).newPage();
    const lines = () =>
        visitor.evaluate(() => {
            const { left, right, top, bottom } = (document.querySelector('.zp-pane, .zp-single') as Element).getBoundingClientRect();
            const rects = [...document.querySelectorAll('main p, p')]
                .map((one) => one.getBoundingClientRect())
                .filter((one) => one.top < bottom && one.bottom > top);
            const range = document.createRange();
            const widths = [...document.querySelectorAll('p')].flatMap((one) => {
                range.selectNodeContents(one);
                const seen = [...range.getClientRects()].filter(
                    (line) => line.top >= top && line.bottom <= bottom && (line.left >= right || line.right <= left),
                );
                return seen.length > 1 ? [Math.max(...seen.map(({ width }) => width))] : [];
            });
            return { beside: rects.length, widest: Math.max(0, ...widths) };
        });
    const shown = async (): Promise<void> => {
        await api('POST', 'site/live', { galleries: {}, pages: [own] });
        await putLive(page, id);
        for (const width of [1280, 1000, 700]) {
            await visitor.setViewportSize({ width, height: 900 });
            await visitor.goto('/beside-it');
            const { beside, widest } = await lines();
            expect([beside > 0, widest > (width === 1280 ? 400 : 200)], `${width}: ${widest}`).toEqual([true, true]);
        }
    };
    for (const place of [
        { width: 'half', side: 'start' },
        { width: 'half', side: 'end' },
        { width: 'px', px: 320, side: 'start' },
    ]) {
        await api('PATCH', `panes/${pane}`, { place });
        await shown();
    }
    await api('DELETE', `panes/${pane}`);
    const { items } = await api<{ items: { picture: { id: string } }[] }>('GET', `galleries/${id}`);
    for (const side of ['start', 'end']) {
        const { seen, parts } = await api<{ seen: string; parts: { kind: string }[] }>('GET', `pages/${own}/parts`);
        const rest = parts.filter(({ kind }) => kind !== 'picture');
        await api('PUT', `pages/${own}/parts`, {
            seen,
            parts: [rest[0], { id: 'alone', kind: 'picture', picture: items[0]?.picture.id, side }, ...rest.slice(1)],
        });
        await shown();
    }
    await visitor.context().close();
    await api('DELETE', `pages/${own}`);
    await api('DELETE', `galleries/${id}`);
});

test('on a slow line nothing moves: each gallery has its room from the beginning, wherever it stands', async ({ browser }) => {
    for (const width of [390, 1280]) {
        const context = await browser.newContext({ viewport: { width, height: 844 } });
        await context.addInitScript(() => {
            const all = ((window as unknown as { moved: number[] }).moved = [] as number[]);
            new PerformanceObserver((list) => {
                for (const entry of list.getEntries()) all.push((entry as unknown as { value: number }).value);
            }).observe({ type: 'layout-shift', buffered: true });
        });
        const page = await context.newPage();
        const client = await context.newCDPSession(page);
        await client.send('Network.emulateNetworkConditions', { offline: false, latency: 300, downloadThroughput: 60_000, uploadThroughput: 30_000 });
        for (const path of ['/', '/find-us', '/long-wind-day']) {
            await page.goto(path, { waitUntil: 'load', timeout: 60_000 });
            await page.evaluate(() => document.fonts.ready);
            await page.mouse.wheel(0, 2000);
            await page.waitForLoadState('networkidle');
            const moved = await page.evaluate(() => (window as unknown as { moved: number[] }).moved.reduce((sum, one) => sum + one, 0));
            expect(moved, `${path} at ${width}`).toBeLessThan(0.02);
        }
        await context.close();
    }
});
