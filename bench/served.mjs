// The application with an empty site of its own and galleries of pictures that were never there, and a browser that is signed in.
import { chromium } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const PORT = 8979;
const folder = mkdtempSync(join(tmpdir(), 'zinc-pane-bench-'));
const environment = {
    ...process.env,
    DB_DATABASE: join(folder, 'bench.sqlite'),
    ZINC_FILES: folder,
    QUEUE_CONNECTION: 'null',
    APP_ENV: 'production',
    SESSION_DRIVER: 'file',
    CACHE_STORE: 'file',
};

/** @param {...string} counts of the pictures of each gallery */
export async function served(...counts) {
    const galleries = JSON.parse(execFileSync('php', ['bench/galleries.php', ...counts], { env: environment, encoding: 'utf8' }));
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
    const stop = async () => {
        await browser.close();
        process.kill(-server.pid);
        rmSync(folder, { recursive: true, force: true });
    };
    return { galleries, page, stop };
}

export const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
