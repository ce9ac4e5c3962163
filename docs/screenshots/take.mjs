// Takes the pictures of this folder from the demo data: bin/start --fresh, then
//   node docs/screenshots/take.mjs [address] [account file]
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const [, , baseURL = 'http://127.0.0.1:8000', account = 'storage/app/demo-account.txt'] = process.argv;
const folder = dirname(fileURLToPath(import.meta.url));
const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL });

async function take(name) {
    // Screens of the studio fetch on without loading a page; nothing tells when the last picture is drawn.
    await page.waitForTimeout(2000);
    await page.screenshot({ path: join(folder, `${name}.png`), animations: 'disabled' });
}

/** The six ready finishes in one picture: each as it is proofed on the page, nothing of it adopted. */
async function sixFinishes() {
    const id = page.url().split('/').at(-2);
    const shots = await page.evaluate(async (gallery) => {
        const { cards, page: own } = await (await fetch(`/studio/api/galleries/${gallery}/finishes`)).json();
        const made = [];
        for (const { name, part } of cards.filter(({ source }) => source === 'shipped')) {
            const address = `/studio/api/galleries/${gallery}/preview?design=${encodeURIComponent(JSON.stringify(part))}`;
            const { html, css } = await (await fetch(address)).json();
            made.push({ name, html, css });
        }
        return { made, own };
    }, id);
    const sheet = await (await browser.newContext({ storageState: await page.context().storageState(), baseURL })).newPage();
    await sheet.setViewportSize({ width: 1280, height: 800 });
    await sheet.goto('/studio/site.css');
    const { text, ground, font } = shots.own;
    const bodies = shots.made.map(({ name, html, css }, index) =>
        `<section><b>${name}</b><div class="at${index}">${html}</div><style>${css.replaceAll('zp-proof', `zp-f${index}`)}</style></section>`.replaceAll(
            'zp zp-proof',
            `zp zp-f${index}`,
        ),
    );
    const style = `body{margin:0;display:grid;grid-template-columns:repeat(3,1fr);gap:14px 22px;padding:14px 22px;height:800px;box-sizing:border-box;grid-template-rows:1fr 1fr;background:${ground};color:${text};font:16px/1.5 ${font}}section{overflow:hidden}section>div{zoom:.42;margin-top:14px}`;
    await sheet.setContent(`<base href="${baseURL}"><style>${style}</style>${bodies.join('')}`);
    await sheet.evaluate(() => document.querySelectorAll('img').forEach((image) => (image.loading = 'eager')));
    await sheet.waitForTimeout(2500);
    await sheet.screenshot({ path: join(folder, 'six-finishes.png'), animations: 'disabled' });
    await sheet.close();
}

await page.goto('/studio');
const [email, password] = readFileSync(account, 'utf8').trim().split('\n');
await page.getByLabel('E-mail').fill(email);
await page.getByLabel('Password').fill(password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('heading', { name: 'Galleries' }).waitFor();
await take('galleries');
await page.getByRole('link', { name: /Kites for sale/ }).click();
await take('layout');
await page.getByRole('link', { name: /^Pages/ }).click();
await page.getByRole('link', { name: 'Show what to copy' }).click();
await page.frameLocator('section[aria-label="As it looks there"] iframe').locator('.zp-tiles').first().waitFor();
await take('elsewhere');
await page.getByRole('link', { name: 'Galleries', exact: true }).click();
await page.getByRole('link', { name: /^Press pictures/ }).click();
await page.getByRole('link', { name: /^Pages/ }).click();
await take('pages');
await page.getByRole('link', { name: 'Galleries', exact: true }).click();
await page.getByRole('link', { name: /^Long Wind Day/ }).click();
await page.getByRole('link', { name: /^Finish/ }).click();
await page.getByRole('listbox', { name: 'Finishes' }).getByRole('option').first().waitFor();
await take('finish');
await page.getByRole('radio', { name: 'Legibility' }).check({ force: true });
await take('legibility');
await sixFinishes();
await page.getByRole('link', { name: /^Viewer/ }).click();
await page.frameLocator('iframe[title^="Wide proof"]').locator('.zp-proof .zp-tiles>li>a').nth(1).click();
await take('viewer');
await page.getByRole('link', { name: /^Pictures \d/ }).click();
await page.getByRole('listbox', { name: 'Pictures' }).getByRole('option').nth(2).click();
await take('pictures');
await page.getByRole('button', { name: 'Tidy the picture' }).click();
await page.getByRole('radio', { name: '3:2' }).check({ force: true });
await page.getByRole('group', { name: 'What is kept' }).focus();
await take('tidy');
await page.getByRole('radio', { name: 'Free' }).check({ force: true });
await page.getByRole('button', { name: 'Reset' }).click();
await page.keyboard.press('Escape');
await page.getByRole('link', { name: /^Words/ }).click();
await page.getByRole('button', { name: 'Fill many' }).click();
await page.getByPlaceholder('{title}, {number} of {count}').fill('{title}, {number} of {count}');
await take('words');
await page.goto('/studio/pictures');
await page.getByRole('listbox', { name: 'Pictures of the store' }).getByRole('option').nth(3).click();
await take('store');
await page.goto('/studio/galleries');
await page.getByRole('link', { name: /^Long Wind Day/ }).click();
await page.getByRole('link', { name: /snags$/ }).click();
await page.getByRole('button', { name: /^Hide/ }).click();
await page.locator('.both').waitFor();
await take('snags');
await page.goto('/studio/site');
await take('site');
await page.goto('/studio/galleries');
await page.getByRole('link', { name: /^From the workshop/ }).click();
await page.getByRole('link', { name: /^History/ }).click();
await take('history');
await page.getByRole('link', { name: /^Pages/ }).click();
await page.getByRole('radio', { name: 'Text' }).check({ force: true });
await page.getByRole('link', { name: 'Before and after…' }).first().click();
await take('not-live');
await page.getByRole('button', { name: /^Undo/ }).click();
await page.goto('/find-us');
await page.goto((await page.locator('.zp-tiles>li>a').nth(1).getAttribute('href')) ?? '/');
await take('picture-page');
await page.goto('/kites');
await take('live-page');
await page.locator('.zp-tiles a').nth(1).click();
await page.waitForTimeout(600);
await take('large-view');
await browser.close();
