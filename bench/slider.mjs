// From the step of a slider to the proof that is drawn by it, in the browser: node bench/slider.mjs
// Starts the application with an empty site of its own, and galleries of 200 and of 1,000 pictures that were never there.
import { chromium } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const PORT = 8979;
const RUNS = 15;
const folder = mkdtempSync(join(tmpdir(), 'zinc-pane-slider-'));
const environment = {
    ...process.env,
    DB_DATABASE: join(folder, 'bench.sqlite'),
    ZINC_FILES: folder,
    QUEUE_CONNECTION: 'null',
    APP_ENV: 'production',
    SESSION_DRIVER: 'file',
    CACHE_STORE: 'file',
};
const galleries = JSON.parse(execFileSync('php', ['bench/galleries.php', '200', '1000'], { env: environment, encoding: 'utf8' }));
const router = '../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';
const server = spawn('php', ['-d', 'opcache.enable=1', '-S', `127.0.0.1:${PORT}`, router], {
    cwd: 'public',
    env: { ...environment, PHP_CLI_SERVER_WORKERS: '4' },
    stdio: 'ignore',
    detached: true,
});
const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
});

const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

async function signedIn() {
    const page = await (await browser.newContext({ baseURL: `http://127.0.0.1:${PORT}`, viewport: { width: 1280, height: 800 } })).newPage();
    for (let attempt = 0; attempt < 40; attempt++) {
        if (
            await page.goto('/studio').then(
                () => true,
                () => false,
            )
        )
            break;
        await new Promise((done) => setTimeout(done, 250));
    }
    await page.getByLabel('E-mail').fill('bench@saltreed.example');
    await page.getByLabel('Password').fill('bench');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.getByRole('heading', { name: 'Galleries' }).waitFor();
    return page;
}

/** ms from the key to the frame in which the style of the proof is another and laid out. */
async function slide(page, id) {
    await page.goto(`/studio/galleries/${id}/layout`);
    const slider = page.getByRole('slider', { name: 'Gap' });
    await slider.focus();
    await page.waitForTimeout(3000);
    const taken = [];
    for (let run = 0; run <= RUNS; run++) {
        await page.evaluate(() => {
            const proof = document.querySelector('iframe[title^="Wide proof"]').contentDocument;
            const style = proof.querySelector('style[data-zinc-pane="proof"]');
            window.drawn = new Promise((resolve) => {
                document.addEventListener('keydown', () => (window.begun = performance.now()), { once: true, capture: true });
                new MutationObserver((_, observer) => {
                    observer.disconnect();
                    requestAnimationFrame(() => {
                        proof.querySelector('.zp-tiles').getBoundingClientRect();
                        setTimeout(() => resolve(performance.now() - window.begun));
                    });
                }).observe(style, { childList: true, characterData: true, subtree: true });
            });
        });
        await page.keyboard.press('ArrowRight');
        const ms = await page.evaluate(() => window.drawn);
        if (run > 0) taken.push(ms);
        await page.waitForTimeout(run % 5 === 0 ? 1200 : 400);
    }
    return median(taken);
}

/** ms until the table of words can be written in, and from an arrow key to the frame that shows where it leads. */
async function words(page, id) {
    const opened = [];
    const steps = [];
    for (let run = 0; run < 5; run++) {
        await page.goto(`/studio/galleries/${id}/pictures`);
        await page.locator('.tile').first().waitFor();
        const begun = Date.now();
        await page.getByRole('link', { name: /^Words/ }).click();
        await page.getByRole('gridcell').first().waitFor();
        opened.push(Date.now() - begun);
    }
    await page.getByRole('gridcell').first().focus();
    for (let run = 0; run < 60; run++) {
        await page.evaluate(() => {
            window.stepped = new Promise((resolve) => {
                document.addEventListener('keydown', () => (window.begun = performance.now()), { once: true, capture: true });
                document.addEventListener('focusin', () => requestAnimationFrame(() => resolve(performance.now() - window.begun)), { once: true });
            });
        });
        await page.keyboard.press('ArrowDown');
        steps.push(await page.evaluate(() => window.stepped));
    }
    return { opens_ms: median(opened), arrow_ms: Math.round(10 * median(steps)) / 10 };
}

try {
    const page = await signedIn();
    for (const { id, pictures } of galleries) {
        console.log(JSON.stringify({ name: `slider-${pictures}`, median_ms: Math.round(await slide(page, id)), runs: RUNS, pictures }));
        console.log(JSON.stringify({ name: `words-${pictures}`, ...(await words(page, id)), pictures }));
    }
} finally {
    await browser.close();
    process.kill(-server.pid);
    rmSync(folder, { recursive: true, force: true });
}
