// How late the first picture of a gallery is on a page elsewhere, over its own page, on a running instance with the demo:
//   node bench/embed-picture.mjs ADDRESS ACCOUNT_FILE
// In the browser, nothing kept from before, at 390 and 1280 px; on the line as it is, and on one of 10 Mbit/s with 40 ms
// there and back. Prints one JSON object each; what moved on the other page is told with it.
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';

const [address, account] = process.argv.slice(2);
if (!account) throw new Error('Usage: node bench/embed-picture.mjs ADDRESS ACCOUNT_FILE');
const [RUNS, PORT, OWN] = [15, 18_991, '/kites'];
const LINES = { 'as it is': null, '10 Mbit/s, 40 ms': { offline: false, latency: 40, downloadThroughput: 10e6 / 8, uploadThroughput: 10e6 / 8 } };

const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const middle = (all) => all.toSorted((a, b) => a - b)[Math.floor(all.length / 2)];
const gallery = /\/feed\/([0-9a-z]{26})\.xml/.exec(await (await fetch(`${address}${OWN}`)).text())[1];
const line = await copied();
// The same words around it as on a page of anybody.
const page = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Elsewhere</title><h1>Notes</h1><p>We went out along the creek.</p>${line}<p>There will be more to tell.</p>`;
const elsewhere = createServer((_, answer) => answer.setHeader('Content-Type', 'text/html').end(page)).listen(PORT, '127.0.0.1');

for (const width of [390, 1280]) {
    for (const [name, network] of Object.entries(LINES)) {
        const taken = { own: [], embed: [] };
        let shift = 0;
        for (let run = 0; run <= RUNS; run++) {
            const own = await visit(`${address}${OWN}`, width, network);
            const embed = await visit(`http://127.0.0.1:${PORT}/`, width, network);
            shift = Math.max(shift, embed.shift);
            // The first is the warm-up.
            if (run > 0) {
                taken.own.push(own.late);
                taken.embed.push(embed.late);
            }
        }
        const [own, embed] = [middle(taken.own), middle(taken.embed)];
        console.log(
            JSON.stringify({
                name: 'embed-picture',
                width,
                line: name,
                own_ms: Math.round(own),
                embed_ms: Math.round(embed),
                ratio: Number((embed / own).toFixed(3)),
                shift,
            }),
        );
    }
}
elsewhere.close();
await browser.close();

/** The line, as the studio gives it to be copied. */
async function copied() {
    const [email, password] = readFileSync(account, 'utf8').trim().split('\n');
    const studio = await browser.newPage({ baseURL: address });
    await studio.goto('/studio');
    await studio.getByLabel('E-mail').fill(email);
    await studio.getByLabel('Password').fill(password);
    await studio.getByRole('button', { name: 'Sign in' }).click();
    await studio.getByRole('heading', { name: 'Galleries' }).waitFor();
    const { kinds } = await (await studio.request.get(`/studio/api/galleries/${gallery}/elsewhere`)).json();
    await studio.context().close();
    return kinds.find(({ kind }) => kind === 'script').pieces[0].text;
}

/** ms until the first picture of the gallery is there, and how much moved. */
async function visit(url, width, network) {
    const context = await browser.newContext({ viewport: { width, height: 844 } });
    const visited = await context.newPage();
    if (network) await (await context.newCDPSession(visited)).send('Network.emulateNetworkConditions', network);
    await visited.addInitScript(() => {
        window.moved = 0;
        new PerformanceObserver((list) => list.getEntries().forEach(({ value }) => (window.moved += value))).observe({ type: 'layout-shift', buffered: true });
    });
    await visited.goto(url);
    await visited.waitForFunction(() => performance.getEntriesByType('resource').some(({ name, responseEnd }) => name.includes('/media/') && responseEnd > 0));
    await visited.waitForTimeout(400);
    const seen = await visited.evaluate(() => ({
        late: Math.min(
            ...performance
                .getEntriesByType('resource')
                .filter(({ name }) => name.includes('/media/'))
                .map(({ responseEnd }) => responseEnd),
        ),
        shift: window.moved,
    }));
    await context.close();
    return seen;
}
