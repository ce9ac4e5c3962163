import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { extname, join } from 'node:path';
import { expect, expectAccessible, galleryOf, makePictures, pageInStage, putLive, signIn, studioApi, sure, test } from './support';

type SitePage = { id: string; title: string; address: string };

const FOLDER = mkdtempSync(join(tmpdir(), 'zp-'));
const FILES: Record<string, string | Buffer> = {
    'index.html':
        '<!doctype html><html><head><title>Harbour</title><link rel="stylesheet" href="css/all.css"></head><body><h1>Harbour</h1><p>Boats.</p><p>More.</p><a href="sub/prices.html">Prices</a></body></html>',
    'sub/prices.html':
        '<!doctype html><html><head><title>Prices</title><link rel="stylesheet" href="../css/all.css"><script src="../all.js"></script></head><body><h1>Prices</h1><p>Ten.</p><img src="../boat.png" alt="A boat"></body></html>',
    'css/all.css': 'p { color: rgb(4, 5, 6) }',
    'all.js': 'document.title = "run"',
    'boat.png': Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64'),
};

function zipped(): string {
    const from = join(FOLDER, 'site');
    for (const [name, contents] of Object.entries(FILES)) {
        mkdirSync(join(from, name, '..'), { recursive: true });
        writeFileSync(join(from, name), contents);
    }
    const code =
        '$z=new ZipArchive;$z->open($argv[1],ZipArchive::CREATE);foreach(array_slice($argv,3) as $f)$z->addFile("$argv[2]/$f",$f);$z->addFromString("../out.html","slipped");$z->close();';
    execFileSync('php', ['-r', code, '--', join(FOLDER, 'harbour.zip'), from, ...Object.keys(FILES)]);
    return join(FOLDER, 'harbour.zip');
}

/** A host that knows nothing of us: files of a folder. */
async function anyHost(folder: string): Promise<{ origin: string; close: () => void }> {
    const types: Record<string, string> = { '.html': 'text/html', '.css': 'text/css', '.js': 'text/javascript', '.webp': 'image/webp', '.png': 'image/png' };
    const server = createServer((request, response) => {
        try {
            const path = decodeURIComponent(new URL(request.url ?? '/', 'http://x').pathname);
            const contents = readFileSync(join(folder, path));
            response.writeHead(200, { 'Content-Type': types[extname(path)] ?? 'application/octet-stream' }).end(contents);
        } catch {
            response.writeHead(404).end();
        }
    });
    await new Promise<void>((listening) => server.listen(0, '127.0.0.1', () => listening()));
    return { origin: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, close: () => void server.close() };
}

test('a small site comes in as a ZIP, shows a gallery where one points, is live with all it asks for, goes along whole, and is gone when offline', async ({
    page,
    browser,
    trouble,
}) => {
    await signIn(page);
    const api = await studioApi(page);
    await page.goto('/studio/site');
    await page.getByLabel('A ZIP goes under the address').fill('harbour');
    await page.getByLabel('An HTML page, or a ZIP of some').setInputFiles(zipped());
    await expect(page.getByText('2 pages are there.')).toBeVisible();
    await expect(page.getByText(/Left out: \.\.\/out\.html/)).toBeVisible();
    await expectAccessible(page);
    const brought = (await api<SitePage[]>('GET', 'pages')).filter(({ address }) => address.startsWith('/harbour'));
    expect(brought.map(({ title, address }) => [title, address]).sort()).toEqual([
        ['Harbour', '/harbour/index.html'],
        ['Prices', '/harbour/sub/prices.html'],
    ]);
    const prices = brought.find(({ title }) => title === 'Prices') as SitePage;
    const id = await galleryOf(page, 'Boats for hire', makePictures(join(FOLDER, 'pictures'), 2));
    await page.goto(`/studio/galleries/${id}/pages`);
    await page.getByRole('button', { name: /^Prices/ }).click();
    const proof = await pageInStage(page, 'Prices');
    await expect(proof.getByText('Ten.')).toHaveCSS('color', 'rgb(4, 5, 6)');
    // What is pointed at lights up, and takes the gallery with a click.
    const spot = proof.locator('[data-spot]').nth(1).locator('button');
    await spot.hover();
    await expect(spot).toHaveCSS('opacity', /^(1|0\.9\d*)$/);
    await spot.click();
    await expect(page.getByText('stands here', { exact: true })).toBeVisible();
    // A phone has the draft in its own style, with the pictures of the gallery.
    const { address } = await api<{ address: string }>('POST', `pages/${prices.id}/look`, { of: 'draft' });
    const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await phone.goto(new URL(new URL(address).pathname, page.url()).href);
    await expect(phone.getByText('Ten.')).toHaveCSS('color', 'rgb(4, 5, 6)');
    await expect
        .poll(async () =>
            phone
                .getByRole('list', { name: 'Boats for hire' })
                .locator('img')
                .first()
                .evaluate((img: HTMLImageElement) => img.naturalWidth),
        )
        .toBeGreaterThan(0);
    // So it has a page of the site itself, which acts as it will.
    const day = (await api<SitePage[]>('GET', 'pages')).find((one) => one.address === '/long-wind-day') as SitePage;
    const look = await api<{ address: string }>('POST', `pages/${day.id}/look`, { of: 'draft' });
    const lost: string[] = [];
    phone.on('response', (response) => response.status() < 300 || lost.push(response.url()));
    await phone.goto(new URL(new URL(look.address).pathname, page.url()).href);
    await expect(phone.getByRole('heading', { name: 'Long Wind Day', level: 1 })).toHaveCSS('font-family', /Serif/);
    await phone.locator('.zp-tiles a').first().click();
    await expect(phone.getByRole('dialog').getByRole('img').first()).toBeVisible();
    expect(lost).toEqual([]);
    await phone.context().close();
    await putLive(page, id);

    const asked = async (path: string): Promise<[number, string, string]> => {
        const answer = await fetch(new URL(path, page.url()));
        return [answer.status, answer.headers.get('content-type') ?? '', await answer.text()];
    };
    expect((await asked('/harbour/css/all.css')).slice(0, 2)).toEqual([200, 'text/css']);
    expect((await asked('/harbour/boat.png')).slice(0, 2)).toEqual([200, 'image/png']);
    // Scripts of others are no scripts where the studio lives.
    expect((await asked('/harbour/all.js'))[1]).not.toContain('javascript');
    expect((await asked('/harbour/sub/prices.html'))[2]).toContain('id="boats-for-hire"');
    const visitor = await page.context().newPage();
    await visitor.goto('/harbour/sub/prices.html');
    await expect(visitor.getByRole('list', { name: 'Boats for hire' }).locator('img').first()).toHaveJSProperty('complete', true);
    await expect(visitor.getByAltText('A boat')).toHaveJSProperty('naturalWidth', 1);
    await expect(visitor).toHaveTitle('Prices');
    await visitor.close();

    await page.goto(`/studio/site?page=${prices.id}`);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'as ZIP' }).press('Enter');
    await (await download).saveAs(join(FOLDER, 'along.zip'));
    execFileSync('unzip', ['-q', join(FOLDER, 'along.zip'), '-d', join(FOLDER, 'along')]);
    const host = await anyHost(join(FOLDER, 'along'));
    const elsewhere = await (await browser.newContext()).newPage();
    const failed: string[] = [];
    elsewhere.on('response', (response) => response.status() < 400 || failed.push(response.url()));
    await elsewhere.goto(`${host.origin}/harbour/sub/prices.html`);
    await elsewhere.getByRole('list', { name: 'Boats for hire' }).getByRole('link').first().click();
    await expect(elsewhere.getByRole('dialog')).toBeVisible();
    await elsewhere.waitForLoadState('networkidle');
    expect(failed.filter((url) => !url.endsWith('favicon.ico'))).toEqual([]);
    await elsewhere.context().close();
    host.close();
    // What came is byte for byte what goes, but for the page that shows a gallery.
    for (const [name, contents] of Object.entries(FILES).filter(([name]) => name !== 'sub/prices.html'))
        expect(readFileSync(join(FOLDER, 'along/harbour', name)).equals(Buffer.from(contents)), name).toBe(true);

    await page.getByRole('button', { name: 'Take offline' }).click();
    await sure(page, 'Take offline').click();
    await expect.poll(async () => (await asked('/harbour/sub/prices.html'))[0]).toBe(404);
    expect((await asked('/harbour/boat.png'))[0]).toBe(404);
    await page.goto('/studio/galleries');
    for (const { id: one } of brought) await api('DELETE', `pages/${one}`);
    await api('DELETE', `galleries/${id}`);
    rmSync(FOLDER, { recursive: true });
    trouble.splice(0, trouble.length, ...trouble.filter((said) => !/Blocked script execution/.test(said)));
});
