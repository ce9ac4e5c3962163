import type { Page } from '@playwright/test';
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { live, NAMES } from './dressing';
import { pageOf, serve } from './hosts';
import { freePort } from './server';
import { demo, expect, expectAccessible, galleryOf, makePictures, studioApi, sure, test } from './support';

const KEY = 'seven grey herons';

/** Live on a page, and the addresses that anything of it is under. */
async function given(page: Page, origin: string): Promise<{ id: string; addresses: string[] }> {
    // Pictures that no other gallery shows.
    const id = await galleryOf(page, 'Dressed: under a password', makePictures(test.info().outputPath('pictures'), 4));
    const api = await studioApi(page);
    const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, { version, change: { kind: 'design', design: { viewer: { giving: { pages: true } } } } });
    await live(page, id);
    const html = await (await page.request.get('/repairs')).text();
    const addresses = [...new Set([...(html.match(/\/media\/[0-9a-f]{24}\/[a-z0-9.-]+/g) ?? []), ...(html.match(/\/pictures\/[0-9a-z/]+/g) ?? [])])];
    return {
        id,
        addresses: [
            ...addresses,
            `/embed/${id}`,
            `/embed/${id}.json`,
            `/embed/${id}.de.json`,
            `/feed/${id}.xml`,
            `/iiif/${id}/manifest.json`,
            `/oembed?url=${encodeURIComponent(`${origin}/repairs`)}`,
        ],
    };
}

/** A cache between visitors and the site, as shared ones are: it keeps whatever it is allowed to. */
async function cacheBefore(origin: string): Promise<{ address: string; stop: () => void }> {
    const folder = mkdtempSync(join(tmpdir(), 'cache-'));
    const port = await freePort();
    for (const name of ['cache', 'body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']) mkdirSync(join(folder, name));
    const temp = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']
        .map((name) => `${name}_temp_path ${folder}/${name === 'client_body' ? 'body' : name};`)
        .join('\n');
    writeFileSync(
        join(folder, 'nginx.conf'),
        `${process.getuid?.() === 0 ? 'user root; ' : ''}daemon off; pid ${folder}/pid; error_log ${folder}/error.log; events {} http { access_log off; ${temp} proxy_cache_path ${folder}/cache keys_zone=shared:1m; server { listen 127.0.0.1:${port}; location / { proxy_pass ${origin}; proxy_set_header Host ${new URL(origin).host}; proxy_cache shared; proxy_cache_revalidate on; add_header X-Cache $upstream_cache_status always; } } }`,
    );
    const nginx = spawn('nginx', ['-c', join(folder, 'nginx.conf'), '-p', folder], { env: { ...process.env, PATH: `${process.env['PATH']}:/usr/sbin` } });
    const address = `http://127.0.0.1:${port}`;
    await expect
        .poll(() => spawnSync('curl', ['-s', '-o', '/dev/null', '-w', '%{http_code}', `${address}/`, '--max-time', '2'], { encoding: 'utf8' }).stdout)
        .toBe('200');
    return {
        address,
        stop: () => {
            nginx.kill();
            rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
        },
    };
}

test(
    'is locked by keyboard, and then in reach of nobody, also by way of a shared cache, until the password is told',
    { tag: '@long' },
    async ({ page, browser, baseURL, trouble }) => {
        test.setTimeout(180_000);
        const { id, addresses } = await given(page, baseURL ?? '');
        const cache = await cacheBefore(baseURL ?? '');
        const context = await browser.newContext();
        const visitor = await context.newPage();
        const opened = async (host: string): Promise<string[]> => {
            const open: string[] = [];
            for (const address of addresses) {
                const answer = await visitor.request.get(host + address, { maxRedirects: 0 });
                const said = answer.headers()['content-type']?.startsWith('image/') ? 'picture' : await answer.text();
                if (said === 'picture' || /\/media\//.test(said)) open.push(address);
            }
            return open;
        };
        try {
            // Everything is in the cache before it is locked; what never changes meaning stays there, under addresses that nobody is told any more.
            expect(await opened(baseURL ?? '')).toEqual(addresses);
            await visitor.request.get(`${cache.address}/repairs`);
            await page.goto(`/studio/galleries/${id}/elsewhere`);
            await page.locator('.el-collapse-item__header', { hasText: 'Password' }).press('Enter');
            await page.getByLabel('Password', { exact: true }).fill('short');
            await page.getByRole('button', { name: 'Lock it' }).press('Enter');
            await expect(page.getByText('The password has 5 characters; it needs at least 8.')).toBeVisible();
            await expectAccessible(page);
            await page.getByLabel('Password', { exact: true }).fill(KEY);
            await page.getByRole('button', { name: 'Lock it' }).press('Enter');
            await expect(page.getByText('Locked: visitors are asked for the password')).toBeVisible();
            expect(await opened(baseURL ?? '')).toEqual([]);
            expect((await opened(cache.address)).filter((address) => !address.startsWith('/media/'))).toEqual([]);

            await visitor.goto('/repairs');
            const form = visitor.locator('form.zp-lock');
            await expect(form).toContainText('This gallery is locked.');
            await expectAccessible(visitor);
            await form.getByLabel('Password').fill('nine white egrets');
            await visitor.keyboard.press('Enter');
            await expect(visitor.getByRole('alert')).toHaveText('This is not the password.');
            await expectAccessible(visitor);
            await visitor.getByLabel('Password').fill(KEY);
            await visitor.keyboard.press('Enter');
            await expect(visitor).toHaveURL(/\/repairs$/);
            await expect(visitor.locator('.zp-tiles li')).toHaveCount(4);
            await expect
                .poll(() =>
                    visitor
                        .locator('.zp-tiles img')
                        .first()
                        .evaluate((image: HTMLImageElement) => image.complete && image.naturalWidth > 0),
                )
                .toBe(true);
            // The page of a picture asks as well, and leads back to it.
            const other = await browser.newContext();
            const second = await other.newPage();
            const own = addresses.find((address) => address.startsWith('/pictures/')) ?? '';
            await second.goto(own);
            await second.getByLabel('Password').fill(KEY);
            await second.keyboard.press('Enter');
            await expect(second).toHaveURL(new RegExp(`${own}$`));
            await expect(second.locator('.zp-one img')).toBeVisible();
            // Through the cache the one who knows it sees it, and the next one does not.
            await other.addCookies([
                { name: 'zinc_pane_open', value: (await other.cookies()).find(({ name }) => name === 'zinc_pane_open')?.value ?? '', url: cache.address },
            ]);
            await second.goto(`${cache.address}/repairs`);
            await expect(second.locator('.zp-tiles li')).toHaveCount(4);
            const stranger = await (await browser.newContext()).newPage();
            await stranger.goto(`${cache.address}/repairs`);
            await expect(stranger.locator('form.zp-lock')).toBeVisible();
            await expect(stranger.locator('.zp-tiles')).toHaveCount(0);
            await stranger.context().close();
            await other.close();
            await page.getByRole('button', { name: 'Unlock …' }).press('Enter');
            await sure(page, 'Unlock').click();
            await expect(page.getByText('Anyone may see it.')).toBeVisible();
            expect((await opened(baseURL ?? '')).length).toBe(addresses.length);
        } finally {
            cache.stop();
            await context.close();
        }
        // The refusal of the short one.
        expect(trouble.filter((one) => one.includes('422'))).toHaveLength(1);
        trouble.length = 0;
    },
);

test('says to a page that may not have it that it may not, and tells of it in Site', async ({ page, browser, baseURL }) => {
    const id = await galleryOf(page, 'Dressed: for friends', demo(...NAMES.slice(0, 2)));
    await live(page, id);
    const html = pageOf({}, [
        `<zinc-gallery gallery="${id}" host="${baseURL}"></zinc-gallery><script src="${baseURL}/embed.js" async></script><iframe src="${baseURL}/embed/${id}" title="Framed"></iframe>`,
    ]);
    const [friend, stranger] = [await serve({ '/': { html } }), await serve({ '/': { html } })];
    const context = await browser.newContext();
    const visitor = await context.newPage();
    try {
        await page.goto(`/studio/galleries/${id}/elsewhere`);
        await page.locator('.el-collapse-item__header', { hasText: 'Who may embed it' }).press('Enter');
        await page.getByRole('radio', { name: 'Only these sites' }).press('Space');
        await page.getByLabel('Their addresses, one a line').fill(`${friend.address}\n`);
        await page.getByRole('button', { name: 'Say so' }).press('Enter');
        await expect(page.locator('.el-collapse-item__header', { hasText: 'Who may embed it' })).toContainText(`Only ${friend.address}`);
        await visitor.goto(friend.address);
        await expect(visitor.locator('zinc-gallery .zp-tiles li')).toHaveCount(2);
        await expect(visitor.frameLocator('iframe').locator('.zp-tiles li')).toHaveCount(2);
        await visitor.goto(stranger.address);
        await expect(visitor.locator('zinc-gallery')).toContainText('This gallery is not meant for this site.');
        await expect(visitor.frameLocator('iframe').locator('.zp-tiles')).toHaveCount(0);
        await page.goto('/studio/site?view=elsewhere');
        await expect(page.getByText(stranger.address)).toBeVisible();
        await expectAccessible(page);
    } finally {
        await context.close();
        friend.server.close();
        stranger.server.close();
    }
});
