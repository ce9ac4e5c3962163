import type { Page } from '@playwright/test';
import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect, expectAccessible, makeBroken, makePictures, pageInStage, signIn, test, tiles } from './support';

async function dropFiles(page: Page, target: string, files: string[]): Promise<void> {
    // A real drop: the files come in by an input and leave as a DataTransfer.
    await page.evaluate(() => {
        const input = Object.assign(document.createElement('input'), { type: 'file', multiple: true, id: 'hand', hidden: true });
        document.body.append(input);
    });
    await page.locator('#hand').setInputFiles(files);
    await page.evaluate((selector) => {
        const input = document.querySelector<HTMLInputElement>('#hand');
        const data = new DataTransfer();
        for (const file of input?.files ?? []) data.items.add(file);
        document.querySelector(selector)?.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
        input?.remove();
    }, target);
}

for (const [name, viewport, count] of [
    ['wide', { width: 1280, height: 800 }, 6],
    ['phone', { width: 390, height: 844 }, 5],
] as const) {
    test(`from a folder of pictures to a live page, ${name}`, { tag: '@long' }, async ({ page, trouble, browser }) => {
        await signIn(page);
        await expect(page.getByRole('link', { name: /Kites for sale/ })).toBeVisible();
        await expectAccessible(page);

        // Files and a broken one, dropped.
        const files = makePictures(test.info().outputPath('in'), count);
        await dropFiles(page, 'main.screen', [...files, makeBroken(test.info().outputPath('in'))]);
        await expect(tiles(page)).toHaveCount(count, { timeout: 60_000 });
        await expect(page.getByText(`${count} of ${count + 1} ready, 1 not taken`)).toBeVisible({ timeout: 60_000 });
        await expect(page.getByText('“broken.jpg” is not a picture')).toBeVisible();
        expect(trouble.splice(0).filter((text) => !text.includes('422'))).toEqual([]);
        await page.getByRole('button', { name: 'Clear' }).click();

        await expect(tiles(page).nth(4)).toHaveAccessibleName(/picture 5\.jpg/);

        // Words, and order by keyboard, by button and by drag.
        await tiles(page).first().click();
        await page.getByRole('textbox', { name: 'Title', exact: true }).fill('Red sail');
        await page.getByRole('textbox', { name: 'Caption' }).fill('Seen from the dyke.');
        await page.getByRole('textbox', { name: 'Alt text' }).fill('A red sail over the marsh');
        await page.getByRole('textbox', { name: 'Alt text' }).press('Tab');
        await expect(page.getByRole('link', { name: new RegExp(`Words 1 of ${count} described`) })).toBeVisible();
        await expectAccessible(page);
        await tiles(page, { name: /Red sail/ }).focus();
        await page.keyboard.press('Alt+ArrowRight');
        await expect(tiles(page).nth(1)).toHaveAccessibleName(/2\. Red sail/);
        await expect(page.locator('[data-announcer]')).toContainText(`moved to position 2 of ${count}`);
        await expect(tiles(page).nth(1)).toBeFocused();
        await page.getByRole('button', { name: 'To end' }).click();
        await expect(tiles(page).last()).toHaveAccessibleName(new RegExp(`${count}\\. Red sail`));
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(tiles(page).nth(1)).toHaveAccessibleName(/Red sail/);
        if (name === 'wide') {
            await tiles(page)
                .nth(1)
                .dragTo(tiles(page).first(), { targetPosition: { x: 10, y: 60 }, steps: 12 });
            await expect(tiles(page).first()).toHaveAccessibleName(/Red sail/);
            await page.reload();
        } else {
            await page.getByRole('button', { name: 'To start' }).click();
        }
        await expect(tiles(page).first()).toHaveAccessibleName(/Red sail/);
        const title = `Summer, ${name}`;
        await page.getByLabel('Title of the gallery').fill(title);
        await page.getByLabel('Title of the gallery').press('Enter');

        // Layout: both proofs follow, and are the markup that will be published.
        await page.getByRole('link', { name: /^Layout/ }).click();
        const proof = page.frameLocator(`iframe[title="Wide proof of ${title}"]`);
        await expect(proof.locator('.zp-proof li')).toHaveCount(count);
        await expectAccessible(page);
        await page.getByRole('slider', { name: 'How many' }).focus();
        await page.keyboard.press('ArrowRight');
        await expect(page.getByRole('link', { name: /Layout Grid 4/ })).toBeVisible();
        await expect.poll(() => proof.locator('.zp-tiles').evaluate((list) => getComputedStyle(list).gridTemplateColumns.split(' ').length)).toBe(4);
        await page.getByRole('radio', { name: 'Square' }).press('Space');
        await expect(page.getByRole('link', { name: /Grid 4, square/ })).toBeVisible();

        // Pages: a spot, a menu entry, live.
        await page.getByRole('link', { name: /^Pages/ }).click();
        await page.getByRole('button', { name: /^Long Wind Day/ }).click();
        await (await pageInStage(page, 'Long Wind Day')).locator('[data-spot="2"] button').click();
        await expect(page.getByText('stands here')).toBeVisible();
        await page.getByText('The page: title, address, menu, comments').click();
        await page.getByRole('switch', { name: 'In the menu' }).press('Space');
        await page.getByLabel('Menu label').fill(`Wind ${name}`);
        await page.getByLabel('Menu label').press('Enter');
        await expect(page.getByText(`in the menu as “Wind ${name}”`)).toBeVisible();
        await expectAccessible(page);
        await page.getByRole('button', { name: 'Put live', exact: true }).click();
        await expect(page.getByRole('region', { name: 'Put live', exact: true }).getByText(/Long Wind Day: “.*” appears after/)).toBeVisible();
        await page.getByRole('button', { name: 'Put live now' }).click();
        await expect(page.getByRole('heading', { name: 'It is live' })).toBeVisible({ timeout: 60_000 });
        await expect(page.getByText('all live')).toBeVisible();
        await page.getByRole('button', { name: 'Close' }).click();
        await page.getByRole('link', { name: 'Show what to copy' }).click();
        const snippet = await page.getByRole('textbox', { name: 'Where the gallery is to stand' }).inputValue();

        // The live page, and a change that shows at once.
        const visitors = await browser.newContext({ viewport });
        const visitor = await visitors.newPage();
        await visitor.goto('/long-wind-day');
        await expect(visitor.getByRole('link', { name: `Wind ${name}` })).toHaveAttribute('aria-current', 'page');
        const list = visitor.getByRole('list', { name: title });
        await expect(list.getByRole('listitem')).toHaveCount(count);
        await expectAccessible(visitor);
        await page.getByRole('link', { name: /^Layout/ }).click();
        await page.getByRole('slider', { name: 'How many' }).focus();
        await page.keyboard.press('ArrowRight');
        await expect(page.getByText('1 change not live')).toBeVisible();
        await page.getByRole('button', { name: 'Put live', exact: true }).click();
        await page.getByRole('button', { name: 'Put live now' }).click();
        await expect(page.getByRole('heading', { name: 'It is live' })).toBeVisible({ timeout: 60_000 });
        await visitor.reload();
        const columns = await list.evaluate((element) => getComputedStyle(element).gridTemplateColumns.split(' ').length);
        expect(columns).toBe(name === 'wide' ? 5 : 2);

        // The same gallery on another origin, twice, under styles that spare nothing.
        const hostile =
            '<!doctype html><title>Elsewhere</title><style>* { all: unset !important; float: left !important; margin: 40px !important; color: red !important }</style>';
        const elsewhere = createServer((_, response) =>
            response.setHeader('Content-Type', 'text/html').end(`${hostile}<p>Before</p>${snippet}${snippet}`),
        ).listen(0, '127.0.0.1');
        await once(elsewhere, 'listening');
        await visitor.goto(`http://127.0.0.1:${(elsewhere.address() as AddressInfo).port}/`);
        await expect(visitor.locator('zinc-gallery')).toHaveCount(2);
        await expect(visitor.locator('zinc-gallery li')).toHaveCount(2 * count);
        for (const host of await visitor.locator('zinc-gallery').all()) {
            const style = await host.evaluate((element) => {
                const { display, float, margin } = getComputedStyle(element);
                return { display, float, margin };
            });
            expect(style).toEqual({ display: 'block', float: 'none', margin: '0px' });
            // Body and root are floats with margins of 40 px themselves; all that they leave is the gallery's.
            const room = viewport.width - 4 * 40;
            expect(await host.locator('.zp-tiles').evaluate((list) => Math.round(list.getBoundingClientRect().width))).toBe(room);
        }
        const second = visitor.locator('zinc-gallery').nth(1);
        await expect
            .poll(() =>
                second
                    .locator('img')
                    .first()
                    .evaluate((image: HTMLImageElement) => image.naturalWidth),
            )
            .toBeGreaterThan(0);
        await second.locator('.zp-tiles a').first().click();
        await expect(visitor.getByRole('dialog')).toContainText('Red sail');
        await visitor.keyboard.press('Escape');
        await expect(visitor.getByRole('dialog')).toHaveCount(0);
        elsewhere.close();
        await visitors.close();
    });
}
