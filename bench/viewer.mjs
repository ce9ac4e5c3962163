// The large view on a live page with real pictures, in the browser: node bench/viewer.mjs http://127.0.0.1:8000/long-wind-day
import { chromium } from '@playwright/test';
import { median } from './served.mjs';

const [, , address = 'http://127.0.0.1:8000/long-wind-day'] = process.argv;
const RUNS = 15;
/** ms of a frame, and from when one came late. */
const FRAME = 1000 / 60;

const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--headless', '--no-sandbox', '--enable-precise-memory-info', '--js-flags=--expose-gc'],
});
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
const devtools = await page.context().newCDPSession(page);
await page.goto(address, { waitUntil: 'networkidle' });
await page.evaluate(() => customElements.whenDefined('zinc-viewer').then(() => 0));

const slower = (rate) => devtools.send('Emulation.setCPUThrottlingRate', { rate });
const leave = () => page.evaluate(() => document.querySelector('zinc-viewer')?.remove());

/** ms of script from the click until the dialog is open with a picture in it, and until the frame that shows it. */
async function opening() {
    const taken = [];
    for (let run = 0; run <= RUNS; run++) {
        taken.push(
            await page.evaluate(async () => {
                const link = document.querySelector('.zp-tiles>li>a');
                const begun = performance.now();
                link.click();
                // The part that opens it is there; it is told by a promise.
                await new Promise((resolve) => queueMicrotask(() => queueMicrotask(() => queueMicrotask(resolve))));
                while (!document.querySelector('zinc-viewer')) await Promise.resolve();
                const script = performance.now() - begun;
                await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
                return [script, performance.now() - begun];
            }),
        );
        await leave();
        await page.waitForTimeout(60);
    }
    return taken.slice(1);
}

/** Frames until the next picture, which was fetched ahead, is drawn sharp. */
async function turning() {
    await page.evaluate(() => document.querySelector('.zp-tiles>li>a').click());
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(1500);
    const frames = [];
    for (let run = 0; run < 8; run++) {
        frames.push(
            await page.evaluate(async () => {
                const root = document.querySelector('zinc-viewer').shadowRoot;
                const before = root.querySelector('.frame:not([style*=hidden])');
                root.querySelector('dialog').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true, cancelable: true }));
                for (let frame = 0; frame < 120; frame++) {
                    const now = root.querySelector('.frame:not([style*=hidden])');
                    const image = now !== before && now.querySelector('img:last-child');
                    if (image && image.complete && image.naturalWidth >= Math.min(now.querySelector('.pic').offsetWidth, 1000)) return frame;
                    await new Promise(requestAnimationFrame);
                }
                return 120;
            }),
        );
        await page.waitForTimeout(900);
    }
    await leave();
    return frames;
}

/** Share of frames that come late while something is done sixty times a second. */
async function late(what) {
    return page.evaluate(
        async ({ what: doing, frame }) => {
            const stage = document.querySelector('zinc-viewer')?.shadowRoot.querySelector('.stage');
            const send = (type, id, x, y) =>
                stage?.dispatchEvent(new PointerEvent(type, { pointerId: id, clientX: x, clientY: y, button: 0, pointerType: 'touch', bubbles: true }));
            if (doing !== 'nothing') send('pointerdown', 1, 500, 400);
            if (doing === 'pinch') send('pointerdown', 2, 700, 400);
            let missed = 0;
            let last = await new Promise(requestAnimationFrame);
            for (let n = 0; n < 120; n++) {
                if (doing === 'pan') send('pointermove', 1, 500 + 200 * Math.sin(n / 12), 400 + 90 * Math.cos(n / 9));
                if (doing === 'pinch') send('pointermove', 2, 700 + 250 * Math.sin(n / 15), 400);
                const now = await new Promise(requestAnimationFrame);
                missed += Math.max(0, Math.round((now - last) / frame) - 1);
                last = now;
            }
            for (const id of [1, 2]) send('pointerup', id, 500, 400);
            return Math.round((1000 * missed) / (120 + missed)) / 10;
        },
        { what, frame: FRAME },
    );
}

/** MB of script memory, and large pictures kept, after forty pictures of so many. */
async function memory(count) {
    await page.goto(address, { waitUntil: 'networkidle' });
    await page.evaluate((wanted) => {
        const list = document.querySelector('.zp-tiles');
        const tiles = [...list.children];
        while (list.children.length > wanted) list.lastElementChild.remove();
        for (let n = list.children.length; n < wanted; n++) list.append(tiles[n % tiles.length].cloneNode(true));
    }, count);
    await page.evaluate(() => customElements.whenDefined('zinc-viewer').then(() => 0));
    const used = async () => {
        await page.evaluate(() => globalThis.gc?.());
        return page.evaluate(() => performance.memory.usedJSHeapSize);
    };
    const before = await used();
    await page.evaluate(() => document.querySelector('.zp-tiles>li>a').click());
    for (let n = 0; n < 40; n++) {
        await page.keyboard.press('ArrowRight');
        await page.waitForTimeout(60);
    }
    const kept = await page.evaluate(() => document.querySelector('zinc-viewer').shadowRoot.querySelectorAll('.frame').length);
    const after = await used();
    await leave();
    return { mb: Math.round((after - before) / 1024 / 10.24) / 100, kept };
}

await slower(4);
const opened = await opening();
await slower(1);
const turned = await turning();
await page.evaluate(() => document.querySelector('.zp-tiles>li>a').click());
await page.waitForTimeout(1200);
const shares = { nothing: await late('nothing') };
shares.pinch = await late('pinch');
await page.keyboard.press('+');
await page.keyboard.press('+');
await page.waitForTimeout(800);
shares.pan = await late('pan');
await leave();
const [few, many] = [await memory(20), await memory(1000)];
console.log(
    JSON.stringify({
        open_script_ms: Math.round(10 * median(opened.map(([script]) => script))) / 10,
        open_frame_ms: Math.round(10 * median(opened.map(([, frame]) => frame))) / 10,
        next_frames: median(turned),
        next_frames_most: Math.max(...turned),
        late_per_cent: shares,
        memory_mb: { of_20: few.mb, of_1000: many.mb },
        large_pictures_kept: { of_20: few.kept, of_1000: many.kept },
    }),
);
await browser.close();
