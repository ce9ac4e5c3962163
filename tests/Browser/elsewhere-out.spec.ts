import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join, normalize } from 'node:path';
import { NAMES, redesign } from './dressing';
import { demo, expect, expectAccessible, galleryOf, studioApi, test, tiles } from './support';

const TYPES: Record<string, string> = { html: 'text/html', css: 'text/css', js: 'text/javascript', webp: 'image/webp', jpg: 'image/jpeg' };

/** What was taken along, unpacked. */
async function unpacked(page: Page, path: string): Promise<string> {
    const folder = mkdtempSync(join(tmpdir(), 'along-'));
    const answer = await page.request.get(path);
    expect(answer.ok()).toBe(true);
    writeFileSync(join(folder, 'along.zip'), await answer.body());
    mkdirSync(join(folder, 'deep'));
    execFileSync('php', ['-r', '$z = new ZipArchive; $z->open($argv[1]); $z->extractTo($argv[2]);', '--', join(folder, 'along.zip'), join(folder, 'deep')]);
    return folder;
}

/** All files of a folder, by their paths in it. */
function filesIn(folder: string, under = ''): string[] {
    return readdirSync(join(folder, under)).flatMap((name) =>
        statSync(join(folder, under, name)).isDirectory() ? filesIn(folder, join(under, name)) : [join(under, name)],
    );
}

test('goes along as pages that ask for nothing but what is with them, from a folder and below any address', async ({ page, browser, browserName }) => {
    test.setTimeout(120_000);
    expect(browserName).toBe('chromium');
    const id = await galleryOf(page, 'Dressed: along', demo(...NAMES.slice(0, 5)));
    await redesign(page, id, { layout: { kind: 'rows', row_height: 180 }, viewer: { giving: { pages: true } } });
    const folder = await unpacked(page, `/studio/api/galleries/${id}/pages`);
    const files = filesIn(join(folder, 'deep'));
    expect(files).toContain('index.html');
    expect(files.filter((file) => /^pictures\/.*\.html$/.test(file))).toHaveLength(5);
    const asked = new Set<string>();
    const server = createServer((request, answer) => {
        const path = normalize(decodeURIComponent((request.url ?? '').split('?')[0] ?? '')).replace(/^\/some\/where\//, '');
        asked.add(path);
        const found = files.includes(path);
        answer.writeHead(found ? 200 : 404, { 'Content-Type': TYPES[path.split('.').pop() ?? ''] ?? 'text/plain' });
        answer.end(found ? readFileSync(join(folder, 'deep', path)) : '');
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const context = await browser.newContext({ viewport: { width: 1100, height: 800 } });
    const visitor = await context.newPage();
    const lost: string[] = [];
    // What a page still asked for when it was left is not lost.
    visitor.on(
        'requestfailed',
        (request) => request.failure()?.errorText === 'net::ERR_ABORTED' || lost.push(`${request.url()}: ${request.failure()?.errorText}`),
    );
    visitor.on('response', (answer) => answer.status() >= 400 && !answer.url().endsWith('/favicon.ico') && lost.push(answer.url()));
    visitor.on('pageerror', (error) => lost.push(error.message));
    try {
        for (const top of [`http://127.0.0.1:${(server.address() as AddressInfo).port}/some/where/`, `file://${folder}/deep/`]) {
            await visitor.goto(`${top}index.html`);
            const all = visitor.locator('.zp-tiles li');
            await expect(all).toHaveCount(5);
            for (const image of await all.locator('img').all()) {
                await image.scrollIntoViewIfNeeded();
                await expect.poll(() => image.evaluate((one: HTMLImageElement) => one.complete && one.naturalWidth > 0)).toBe(true);
            }
            await all.first().locator('a').click();
            await expect(visitor.locator('zinc-viewer .count')).toHaveText('1 of 5');
            await visitor.keyboard.press('ArrowRight');
            await expect(visitor.locator('zinc-viewer .count')).toHaveText('2 of 5');
            await visitor.keyboard.press('Escape');
            await expect(visitor.locator('zinc-viewer')).toHaveCount(0);
            // Without a script each picture has its page, and each page its neighbours.
            const own = await all.first().locator('a').getAttribute('href');
            await visitor.goto(new URL(own ?? '', `${top}index.html`).href);
            await expect(visitor.locator('.zp-one img')).toBeVisible();
            await visitor.locator('a[rel=next]').click();
            await expect(visitor.locator('.zp-one img')).toBeVisible();
            await visitor.locator('a[rel=up]').click();
            await expect(all).toHaveCount(5);
        }
        const foreign = files
            .filter((file) => /\.(html|css)$/.test(file))
            .filter((file) => /(?:src|href)="https?:|url\("?https?:/.test(readFileSync(join(folder, 'deep', file), 'utf8')));
        expect(foreign).toEqual([]);
        expect(lost).toEqual([]);
        // What looks for faults reads style sheets by itself, which a folder on the disk does not let it.
        await expectAccessible(visitor);
    } finally {
        await context.close();
        server.close();
        rmSync(folder, { recursive: true, force: true });
    }
});

test('brings in a gallery that somebody has: looked at first, by keyboard, then made', async ({ page }) => {
    await studioApi(page);
    const folder = mkdtempSync(join(tmpdir(), 'theirs-'));
    const [one, two] = demo(NAMES[0] ?? '', NAMES[1] ?? '');
    const code =
        '$z = new ZipArchive; $z->open($argv[1], ZipArchive::CREATE); $z->addFile($argv[2], "big/one.jpg"); $z->addFile($argv[3], "big/two.jpg"); $z->addFromString("index.html", "<h1>Dressed: theirs</h1><a href=big/two.jpg><img src=t/two.jpg alt=\\"Two kites\\"></a><a href=big/one.jpg>One kite</a><a href=big/three.jpg>Three</a>");';
    execFileSync('php', ['-r', code, '--', join(folder, 'theirs.zip'), one ?? '', two ?? '']);
    await page.goto('/studio/galleries');
    await page.getByLabel('A ZIP that a gallery is made of').setInputFiles(join(folder, 'theirs.zip'));
    const sheet = page.getByRole('dialog', { name: 'Bring in a gallery' });
    await expect(sheet).toContainText('Read from a page: 2 pictures, 1 named and not there.');
    await expect(sheet.getByLabel('What it is called')).toHaveValue('Dressed: theirs');
    await expect(sheet).toContainText('big/three.jpg');
    await expectAccessible(page);
    await sheet.getByRole('button', { name: 'Make the gallery' }).press('Enter');
    await sheet.getByRole('button', { name: 'Open it' }).press('Enter');
    await expect(tiles(page)).toHaveCount(2);
    await expect(page.getByRole('heading', { name: 'Dressed: theirs' }).or(page.getByText('Dressed: theirs')).first()).toBeVisible();
    rmSync(folder, { recursive: true, force: true });
});
