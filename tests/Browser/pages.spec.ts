import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isLong } from './long';
import { freePort } from './server';
import { demo, expect, expectAccessible, galleryOf, pageInStage, putLive, signIn, studioApi, test } from './support';

type SitePage = {
    id: string;
    title: string;
    address: string;
    menu_label: string | null;
    parent: string | null;
    panes: { id: string; spot: number; place: { width: string; px: number } }[];
};

const pages = async (page: Page): Promise<SitePage[]> => (await studioApi(page))('GET', 'pages');
const pageAt = async (page: Page, address: string): Promise<SitePage> => (await pages(page)).find((one) => one.address === address) as SitePage;

/** A page of its own with some paragraphs, which is taken off again. */
async function ownPage(page: Page, title: string, words: string[]): Promise<SitePage> {
    const api = await studioApi(page);
    const { id } = await api<{ id: string }>('POST', 'pages', { title });
    const { seen, parts } = await api<{ seen: string; parts: object[] }>('GET', `pages/${id}/parts`);
    await api('PUT', `pages/${id}/parts`, { seen, parts: [...parts, ...words.map((html, index) => ({ id: `w${index}`, kind: 'paragraph', html }))] });
    return (await pages(page)).find((one) => one.id === id) as SitePage;
}

const LONG = 'Every kite begins as a paper pattern on the bench by the window. '.repeat(9);

test('a page is made, put in the menu under another by keyboard, renamed, put live, and taken off', async ({ page, trouble }) => {
    await signIn(page);
    await page.goto('/studio/site');
    await page.getByRole('button', { name: 'New page' }).click();
    await page.getByLabel('Title of the new page').fill('Kites to mend');
    await page.keyboard.press('Enter');
    const entry = page.getByRole('button', { name: /^Kites to mend/ });
    await expect(entry).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('switch', { name: 'In the menu' }).press('Space');
    await expect(entry).toContainText('in the menu as “Kites to mend”');
    await page.getByRole('textbox', { name: 'Address /' }).fill('With Blanks');
    await page.getByRole('textbox', { name: 'Address /' }).press('Enter');
    await expect(page.getByText(/address takes an address of small letters/)).toBeVisible();
    // The browser notes every refusal of the server.
    trouble.length = 0;
    await page.getByRole('textbox', { name: 'Address /' }).fill('repairs/kites');
    await page.getByRole('textbox', { name: 'Address /' }).press('Enter');
    await expect.poll(async () => (await pages(page)).some(({ address }) => address === '/repairs/kites')).toBe(true);
    // Up in the list until it stands below Repairs.
    await entry.focus();
    for (let step = 0; step < 8 && (await pageAt(page, '/repairs/kites')).parent === null; step++) {
        const before = await pages(page);
        const at = before.findIndex(({ address }) => address === '/repairs/kites');
        await page.keyboard.press(before[at - 1]?.title === 'Repairs' ? 'Alt+ArrowRight' : 'Alt+ArrowUp');
        await expect
            .poll(async () => JSON.stringify((await pages(page)).map(({ id, parent }) => [id, parent])))
            .not.toBe(JSON.stringify(before.map(({ id, parent }) => [id, parent])));
        await expect(entry).toBeFocused();
    }
    expect((await pageAt(page, '/repairs/kites')).parent).toBe((await pageAt(page, '/repairs')).id);
    await expectAccessible(page);
    await page.getByRole('link', { name: /^Not live/ }).click();
    await expect(page.getByRole('checkbox', { name: 'Kites to mend' })).toBeChecked();
    await page.getByRole('button', { name: 'Put live what is ticked' }).click();
    await expect(page.getByText('It is live.', { exact: true })).toBeVisible();
    const live = await (await page.request.get('/repairs/kites')).text();
    expect(live).toMatch(/<li><a href="\/repairs">Repairs<\/a><ul><li><a href="\/repairs\/kites" aria-current="page">Kites to mend<\/a>/);
    await page.getByRole('link', { name: /^Pages/ }).click();
    await entry.click();
    await page.getByRole('button', { name: 'Take the page off' }).click();
    await page.getByRole('button', { name: 'Take it off', exact: true }).click();
    await expect(entry).toHaveCount(0);
    expect((await page.request.get('/repairs/kites')).status()).toBe(404);
    await page.getByRole('button', { name: /^Undo:/ }).click();
    await expect(entry).toBeVisible();
    // Nothing is asked of what is gone.
    await page.goto('/studio/galleries');
    await (
        await studioApi(page)
    )('DELETE', `pages/${(await pageAt(page, '/repairs/kites')).id}`);
});

test('the menu is ordered by dragging', async ({ page }) => {
    await signIn(page);
    const api = await studioApi(page);
    const made = [await ownPage(page, 'Drag one', []), await ownPage(page, 'Drag two', [])];
    await page.goto('/studio/site');
    const [one, two] = ['Drag one', 'Drag two'].map((name) => page.getByRole('button', { name: new RegExp(`^${name}`) }));
    await two?.scrollIntoViewIfNeeded();
    const [from, to] = [await two?.boundingBox(), await one?.boundingBox()];
    if (!from || !to) throw new Error('Not seen.');
    await page.mouse.move(from.x + 60, from.y + 12);
    await page.mouse.down();
    await page.mouse.move(from.x + 60, from.y - 4, { steps: 4 });
    await page.mouse.move(to.x + 60, to.y + 4, { steps: 12 });
    await page.mouse.up();
    const order = async (): Promise<number> => {
        const titles = (await pages(page)).map(({ title }) => title);
        return titles.indexOf('Drag two') - titles.indexOf('Drag one');
    };
    await expect.poll(order).toBe(-1);
    for (const { id } of made) await api('DELETE', `pages/${id}`);
});

test('a gallery is placed, made half wide beside text, dragged to 558 px, and moved below a second one', async ({ page }) => {
    await signIn(page);
    const api = await studioApi(page);
    const own = await ownPage(page, 'Places', [LONG, 'Two', 'Three']);
    const id = await galleryOf(page, 'Boats here', demo('against-the-cloud', 'box-crimson'));
    await page.goto(`/studio/galleries/${id}/pages`);
    await page.getByRole('button', { name: /^Places/ }).click();
    const proof = await pageInStage(page, 'Places');
    // A place lights up under the keyboard too.
    const spot = proof.locator('[data-spot="1"] button');
    await spot.focus();
    await expect(spot).toHaveCSS('opacity', /^(1|0\.94)$/);
    await page.keyboard.press('Enter');
    await expect(page.getByText('stands here', { exact: true })).toBeVisible();
    await page.getByRole('radio', { name: 'Half' }).press('Space');
    await page.getByRole('radio', { name: 'Right' }).press('Space');
    const pane = proof.locator('[data-pane]');
    await expect(pane).toHaveCSS('float', 'inline-end');
    const box = async () => pane.evaluate((element) => element.getBoundingClientRect());
    expect((await box()).width).toBeCloseTo(546, 0);
    // Text flows beside it.
    const { bottom } = await box();
    const text = await proof.locator('p', { hasText: 'Every kite' }).evaluate((element, until) => {
        const range = document.createRange();
        range.selectNodeContents(element);
        return Math.max(...[...range.getClientRects()].filter(({ top }) => top < until).map(({ right }) => right));
    }, bottom);
    expect(text).toBeLessThan((await box()).left);
    const edge = page.getByRole('slider', { name: 'Width of Boats here here' });
    const grip = await edge.boundingBox();
    if (!grip) throw new Error('No edge.');
    const scale = ((await page.locator('iframe[title^="Places"]').boundingBox())?.width ?? 0) / 1280;
    await page.mouse.move(grip.x + 7, grip.y + 20);
    await page.mouse.down();
    await page.mouse.move(grip.x + 7 - 60, grip.y + 20, { steps: 3 });
    await page.mouse.move(grip.x + 7 - (574 - 546) * scale, grip.y + 20, { steps: 4 });
    await expect(page.locator('.mark').first()).toBeVisible();
    await expect(page.locator('.edge .px')).toContainText(/5[67]\d px/);
    await page.mouse.up();
    await expect.poll(async () => (await pageAt(page, '/places')).panes[0]?.place.width).toBe('px');
    // And to the px by keyboard.
    await edge.focus();
    for (let i = 0; i < 30 && Number(await edge.getAttribute('aria-valuenow')) !== 558; i++)
        await page.keyboard.press(Number(await edge.getAttribute('aria-valuenow')) > 558 ? 'Shift+ArrowLeft' : 'Shift+ArrowRight');
    await expect.poll(async () => (await pageAt(page, '/places')).panes[0]?.place.px).toBe(558);
    await expect(page.getByRole('radio', { name: '558 px' })).toBeChecked();
    // A second one below, which the first is moved past.
    await (await pageInStage(page, 'Places')).locator('[data-spot="2"] button').press('Enter');
    await expect(page.getByText('stands here 2 times')).toBeVisible();
    await page.getByRole('radio', { name: '#boats-here', exact: true }).press('Space');
    await page.getByRole('button', { name: 'Move it' }).press('Enter');
    await (await pageInStage(page, 'Places')).locator('[data-spot="4"] button').press('Enter');
    await expect.poll(async () => (await pageAt(page, '/places')).panes.map(({ spot: at }) => at)).toEqual([2, 4]);
    await expectAccessible(page);
    // On a phone the half is whole.
    await page.getByRole('radio', { name: '#boats-here-2' }).press('Space');
    await page.getByRole('radio', { name: 'Half' }).press('Space');
    await expect.poll(async () => (await pageAt(page, '/places')).panes[0]?.place.width).toBe('half');
    await page.getByRole('radio', { name: 'Phone' }).press('Space');
    // While the proof is drawn anew there is nothing to measure.
    const wide = (): Promise<number> =>
        pane
            .first()
            .evaluate((element) => element.getBoundingClientRect().width)
            .catch(() => 0);
    await expect.poll(wide).toBeCloseTo(354, 0);
    // Nothing is asked of what is gone.
    await page.goto('/studio/galleries');
    await api('DELETE', `pages/${own.id}`);
    await api('DELETE', `galleries/${id}`);
});

test('half, text, wide and edge to edge stand as the core says, at six widths, and nothing sticks out', async ({ page, browser }) => {
    await signIn(page);
    const api = await studioApi(page);
    const own = await ownPage(page, 'Widths', [LONG, 'Two', 'Three', 'Four']);
    const id = await galleryOf(page, 'Wide and narrow', demo('against-the-cloud'));
    const wanted = [{ width: 'half', side: 'end' }, { width: 'text', side: 'middle' }, { width: 'wide' }, { width: 'edges' }];
    const panes: string[] = [];
    for (const [index, place] of wanted.entries()) {
        const { id: pane } = await api<{ id: string }>('POST', 'panes', { page_id: own.id, gallery_id: id, spot: index + 1 });
        await api('PATCH', `panes/${pane}`, { place });
        panes.push(pane.slice(-12).toLowerCase());
    }
    await putLive(page, id);
    const context = await browser.newContext();
    const visitor = await context.newPage();
    for (const width of [320, 390, 620, 640, 1024, 1280]) {
        await visitor.setViewportSize({ width, height: 900 });
        await visitor.goto('/widths');
        const seen = await visitor.evaluate((ids) => ids.map((one) => document.querySelector(`.zp-at-${one}`)?.getBoundingClientRect().width ?? 0), panes);
        const column = Math.min(width - 36, 1120);
        expect(seen.map(Math.round)).toEqual([width < 624 ? column : column / 2 - 14, Math.min(684, column), column, width]);
        // What a picture says of its size is what it is.
        const sizes = await visitor.evaluate(
            (ids) => ids.map((one) => document.querySelector<HTMLImageElement>(`.zp-at-${one} img`)?.getBoundingClientRect().width ?? 0),
            panes,
        );
        expect(Math.max(...sizes)).toBeLessThanOrEqual(width);
        expect(await visitor.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    }
    await context.close();
    await api('DELETE', `pages/${own.id}`);
    await api('DELETE', `galleries/${id}`);
});

test('a page of windows-1252 is brought in, shown as it is without its scripts, and written back byte for byte', async ({ page, trouble }) => {
    const folder = mkdtempSync(join(tmpdir(), 'zp-'));
    const html = Buffer.from(
        '<html><head><title>Käse</title><meta charset="windows-1252"><style>p{color:rgb(1,2,3)}</style></head><body onload="document.body.innerHTML=0"><h1>Grüße</h1><p>Eins<p>Zwei</body></html>',
        'latin1',
    );
    writeFileSync(join(folder, 'kaese.html'), html);
    await signIn(page);
    const api = await studioApi(page);
    await page.goto('/studio/site');
    await page.getByLabel('An HTML page, or a ZIP of some').setInputFiles(join(folder, 'kaese.html'));
    await expect(page.getByRole('region', { name: 'Pages' }).getByText('The page is there.')).toBeVisible();
    await expect(page.getByText(/do not run here/)).toBeVisible();
    const own = await pageAt(page, '/kaese');
    expect(own.title).toBe('Käse');
    const id = await galleryOf(page, 'Straße', demo('against-the-cloud'));
    await page.goto(`/studio/galleries/${id}/pages`);
    await page.getByRole('button', { name: /^Käse/ }).click();
    const proof = await pageInStage(page, 'Käse');
    await expect(proof.getByRole('heading', { name: 'Grüße' })).toBeVisible();
    await expect(proof.locator('p').first()).toHaveCSS('color', 'rgb(1, 2, 3)');
    await proof.locator('[data-spot="1"] button').focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('stands here', { exact: true })).toBeVisible();
    await putLive(page, id);
    const live = await (await page.request.get('/kaese')).body();
    const without = live
        .toString('latin1')
        .replace(/<style data-zinc-pane[^\n]*\n/, '')
        .replace(/<script src="\/assets\/zinc-pane[^\n]*\n/, '')
        .replace(/<div class="zp-pane.*?<\/ul><\/div><\/div>/s, '');
    expect(without).toBe(html.toString('latin1'));
    const visitor = await page.context().newPage();
    await visitor.goto('/kaese');
    await expect(visitor.getByRole('heading', { name: 'Grüße' })).toBeVisible();
    await expect(visitor.getByRole('list', { name: 'Straße' })).toBeVisible();
    await visitor.close();
    await page.goto('/studio/galleries');
    await api('DELETE', `pages/${own.id}`);
    await api('DELETE', `galleries/${id}`);
    // The frame says that its scripts were held back; that is what is wanted.
    trouble.splice(0, trouble.length, ...trouble.filter((said) => !/script|inline event handler/i.test(said)));
});

test('what was edited is seen at once through a caching proxy, many times', async ({ page, baseURL }) => {
    test.setTimeout(300_000);
    const folder = mkdtempSync(join(tmpdir(), 'zp-proxy-'));
    const port = await freePort();
    writeFileSync(
        join(folder, 'nginx.conf'),
        `daemon on; user root; pid ${folder}/pid; error_log ${folder}/log; events {} http { access_log off; proxy_cache_path ${folder}/cache keys_zone=all:10m; client_body_temp_path ${folder}/b; proxy_temp_path ${folder}/p; fastcgi_temp_path ${folder}/f; uwsgi_temp_path ${folder}/u; scgi_temp_path ${folder}/s; server { listen 127.0.0.1:${port}; location / { proxy_pass ${baseURL ?? ''}; proxy_set_header Host ${new URL(baseURL ?? '').host}; proxy_cache all; proxy_cache_revalidate on; } } }`,
    );
    const nginx = (...more: string[]): Buffer =>
        execFileSync('nginx', ['-e', join(folder, 'log'), '-c', join(folder, 'nginx.conf'), ...more], {
            env: { ...process.env, PATH: `${process.env['PATH'] ?? ''}:/usr/sbin` },
        });
    nginx();
    try {
        const api = await studioApi(page);
        const id = await galleryOf(page, 'Seen at once', demo('against-the-cloud', 'box-crimson'));
        await api('POST', 'panes', { page_id: (await pageAt(page, '/repairs')).id, gallery_id: id, spot: 1 });
        const through = async (): Promise<string> => (await fetch(`http://127.0.0.1:${port}/repairs`)).text();
        for (let round = 1; round <= (isLong ? 50 : 8); round++) {
            const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
            await api('PATCH', `galleries/${id}`, { version, change: { kind: 'design', design: { layout: { gap: round } } } });
            await putLive(page, id);
            expect(await through()).toContain(`gap:${round}px`);
            expect(await through()).toContain(`gap:${round}px`);
        }
    } finally {
        nginx('-s', 'stop');
    }
});
