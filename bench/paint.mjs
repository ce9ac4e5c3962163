// How soon a published gallery of 60 pictures paints on a phone, beside a page written by hand:
//   node bench/paint.mjs
// Chromium by its own protocol: a processor four times slower, slow 4G (400 kbit/s up, 1.6 Mbit/s
// down, 150 ms there and back), 390 x 844 at three device px. Prints one JSON object.
import { chromium } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer, request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const PORT = 8978;
const FRONT = 8979;
const COUNT = 60;
const RUNS = 5;
const folder = mkdtempSync(join(tmpdir(), 'zinc-pane-paint-'));
const studio = spawn('bin/start', ['--port', String(PORT)], {
    env: { ...process.env, ZINC_DATA: folder, ZINC_DEMO_PASSWORD: 'bench' },
    stdio: 'ignore',
    detached: true,
});
const app = `http://127.0.0.1:${PORT}`;
const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
try {
    const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
    await answers();
    const { html, shapes } = await publish();
    const front = serve(html);
    const taken = { ours: [], plain: [] };
    let shift = 0;
    for (let run = 0; run <= RUNS; run++) {
        for (const [name, address] of [
            ['ours', '/repairs'],
            ['plain', '/by-hand'],
        ]) {
            const seen = await visit(address);
            // The first of each is the warm-up.
            if (run > 0) taken[name].push(seen.paint);
            if (name === 'ours') shift = Math.max(shift, seen.shift);
        }
    }
    front.close();
    const [ours, plain] = [median(taken.ours), median(taken.plain)];
    console.log(
        JSON.stringify({
            name: 'paint-60',
            median_ms: Math.round(ours),
            plain_median_ms: Math.round(plain),
            ratio: Number((ours / plain).toFixed(3)),
            layout_shift: shift,
            pictures: shapes.length,
            runs: RUNS,
        }),
    );
} finally {
    await browser.close();
    process.kill(-studio.pid, 'SIGTERM');
    await new Promise((done) => studio.once('exit', done));
    rmSync(folder, { recursive: true, force: true });
}

async function answers() {
    for (let i = 0; i < 600; i++) {
        const ok = await fetch(`${app}/studio/api/session`).then(
            ({ ok: isOk }) => isOk,
            () => false,
        );
        if (ok) return;
        await new Promise((done) => setTimeout(done, 500));
    }
    throw new Error('The studio did not start.');
}

/** Puts a gallery live, and writes a page by hand with the same files. */
async function publish() {
    const context = await browser.newContext({ baseURL: app });
    const page = await context.newPage();
    await page.goto('/studio');
    await page.getByLabel('E-mail').fill('owner@saltreed.example');
    await page.getByLabel('Password').fill('bench');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.getByRole('heading', { name: 'Galleries' }).waitFor();
    const send = async (method, path, body) => {
        const token = (await context.cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '';
        const sent =
            typeof body === 'string'
                ? { multipart: { picture: { name: body.split('/').pop(), mimeType: 'image/jpeg', buffer: readFileSync(body) } } }
                : { data: body };
        const answer = await context.request.fetch(`/studio/api/${path}`, {
            method,
            timeout: 300_000,
            headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
            ...sent,
        });
        if (!answer.ok()) throw new Error(`${method} ${path}: ${await answer.text()}`);
        return answer.status() === 204 ? null : answer.json();
    };
    const { id } = await send('POST', 'galleries', { title: 'Sixty' });
    for (const file of pictures()) await send('POST', `galleries/${id}/pictures`, file);
    const first = await send('GET', `galleries/${id}`);
    await send('PATCH', `galleries/${id}`, { version: first.version, change: { kind: 'design', design: { layout: { kind: 'rows', last_row: 'balance' } } } });
    const pages = await send('GET', 'pages');
    await send('POST', 'panes', { page_id: pages.find(({ address }) => address === '/repairs').id, gallery_id: id, spot: 1 });
    const { version } = await send('GET', `galleries/${id}`);
    // As long as files are being made, the answer says how many are left.
    while ((await send('POST', `galleries/${id}/live`, { version })).lacking > 0);
    const live = await (await context.request.get('/repairs')).text();
    await context.close();
    return byHand(live);
}

/** Demo pictures, and parts of them, until there are enough. */
function pictures() {
    const files = readdirSync('database/demo/pictures')
        .filter((file) => file.endsWith('.jpg'))
        .map((file) => join('database/demo/pictures', file));
    const parts = files.slice(0, COUNT - files.length).map((file, index) => {
        const part = join(folder, `part-${index}.jpg`);
        execFileSync('vips', ['crop', file, part, '60', '50', '900', '700']);
        return part;
    });
    return [...files, ...parts].slice(0, COUNT);
}

/** The same page with a plain list of pictures instead of ours: srcset, sizes, lazy loading, two columns by float. */
function byHand(live) {
    const tiles = [...live.matchAll(/srcset="([^"]+)"[^>]*sizes="([^"]+)"><img src="([^"]+)" width="(\d+)" height="(\d+)" alt="([^"]*)"/g)];
    const images = tiles.map(
        ([, srcset, , src, width, height, alt], index) =>
            `<li><a href="${src}"><picture><source type="image/webp" srcset="${srcset}" sizes="(min-width:636px) 260px, 46vw"><img src="${src}" width="${width}" height="${height}" alt="${alt}"${index < 4 ? '' : ' loading="lazy"'}></picture></a></li>`,
    );
    const start = live.indexOf('<div class="zp ');
    const end = live.indexOf('</ul></div>', start) + '</ul></div>'.length;
    const style =
        '<style>.hand{margin:0;padding:0;list-style:none;display:flex;flex-wrap:wrap;gap:8px}.hand li{width:calc(50% - 4px)}.hand img{display:block;width:100%;height:auto}</style>';
    const html = live.slice(0, start) + style + `<ul class="hand">${images.join('')}</ul>` + live.slice(end);
    return { html: html.replace(/<style[^>]*data-zinc-pane[^>]*>.*?<\/style>/s, '').replace(/<script[^>]*src="\/assets[^>]*><\/script>/, ''), shapes: tiles };
}

/** Both pages from one server, so that both wait alike. */
function serve(html) {
    return createServer((from, to) => {
        if (from.url === '/by-hand') {
            to.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' }).end(html);
            return;
        }
        request(`${app}${from.url}`, { method: from.method, headers: from.headers }, (answer) => {
            to.writeHead(answer.statusCode ?? 502, answer.headers);
            answer.pipe(to);
        }).end();
    }).listen(FRONT);
}

async function visit(address) {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, deviceScaleFactor: 3, isMobile: true, hasTouch: true });
    const page = await context.newPage();
    const protocol = await context.newCDPSession(page);
    await protocol.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    await protocol.send('Network.enable');
    await protocol.send('Network.emulateNetworkConditions', { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 50_000 });
    await page.addInitScript(() => {
        Object.assign(window, { paint: 0, shift: 0 });
        new PerformanceObserver((list) => list.getEntries().forEach((entry) => (window.paint = entry.startTime))).observe({
            type: 'largest-contentful-paint',
            buffered: true,
        });
        new PerformanceObserver((list) => list.getEntries().forEach((entry) => (window.shift += entry.value))).observe({
            type: 'layout-shift',
            buffered: true,
        });
    });
    await page.goto(`http://127.0.0.1:${FRONT}${address}`, { waitUntil: 'load', timeout: 120_000 });
    await page.waitForTimeout(2500);
    const seen = await page.evaluate(() => ({ paint: window.paint, shift: window.shift }));
    await context.close();
    return seen;
}
