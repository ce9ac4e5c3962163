import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { demo, expect, expectAccessible, galleryOf, signIn, test } from './support';

test('fills the table by keyboard and from a spreadsheet', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    const id = await galleryOf(page, 'Words', demo('lanterns-on-the-water', 'stars-above', 'last-lantern'));
    await page.goto(`/studio/galleries/${id}/words`);
    const cell = (column: string, row: number) => page.getByRole('gridcell', { name: new RegExp(`^${column} of picture ${row}:`) });
    await cell('Title', 1).focus();
    await page.keyboard.type('Lanterns');
    await page.keyboard.press('Tab');
    await page.keyboard.type('On the creek');
    await page.keyboard.press('Enter');
    await expect(cell('Caption', 2)).toBeFocused();
    await expect(cell('Title', 1)).toHaveText(/Lanterns/);
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.type('Wrong');
    await page.keyboard.press('Escape');
    await expect(cell('Title', 2)).not.toHaveText(/Wrong/);

    // A block of two columns and two rows, as a spreadsheet lays it on the clipboard.
    await page.evaluate(() => navigator.clipboard.writeText('Above us\t"Counted, ""nearly"" all"\r\nThe last one\tAt two in the morning\r\n'));
    await page.keyboard.press('Control+v');
    await expect(cell('Title', 3)).toHaveText(/The last one/);
    await expect(cell('Caption', 2)).toHaveText(/Counted, "nearly" all/);

    // Alt text, with the count of the stage.
    const state = page.getByRole('link', { name: /^Words/ });
    await cell('Alt text', 2).focus();
    await page.keyboard.type('Image of stars over the marsh');
    await page.keyboard.press('Enter');
    await expect(cell('Alt text', 2)).toContainText('Begins with “image of”');
    await expect(state).toContainText('3 of 3 described');
    await cell('Decorative', 3).focus();
    await page.keyboard.press('Space');
    await expect(cell('Decorative', 3)).toContainText('yes');
    await expectAccessible(page);

    // Many at once, looked at first, one undo.
    await page.getByRole('button', { name: 'Fill many' }).click();
    await page.getByRole('radio', { name: 'Add after' }).press('Space');
    await page.getByPlaceholder('{title}, {number} of {count}').fill('({number}/{count})');
    await expect(page.getByText('3 of 3 change')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Fill 3' }).click();
    await expect(cell('Title', 3)).toHaveText(/The last one \(3\/3\)/);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(cell('Title', 3)).toHaveText(/The last one$/);

    // Out as CSV, and in again with a change and a bad row.
    await page.getByRole('button', { name: 'Spreadsheet' }).click();
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Fetch the CSV' }).click()]);
    const csv = readFileSync(await download.path(), 'utf8').replace('At two in the morning', 'At three in the morning');
    await page.getByLabel('CSV to bring back').setInputFiles({ name: 'words.csv', mimeType: 'text/csv', buffer: Buffer.from(`${csv}nobody,,x\r\n`) });
    await expect(page.getByText('1 picture changes.')).toBeVisible();
    await expect(page.getByText('is no picture of this gallery')).toBeVisible();
    await page.getByRole('button', { name: 'Apply' }).click();
    await expect(cell('Caption', 3)).toHaveText(/three in the morning/);

    // Narrow screens have a list.
    await page.setViewportSize({ width: 800, height: 900 });
    await expect(page.getByLabel('Title, picture 1')).toHaveValue('Lanterns');
    await expectAccessible(page);
});

test('shows what another browser changes, and asks where both changed the same', async ({ page, browser }) => {
    const id = await galleryOf(page, 'Two windows', demo('grey-tide', 'two-boats'));
    const elsewhere = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const other = await elsewhere.newPage();
    await signIn(other);
    await page.goto(`/studio/galleries/${id}/words`);
    await other.goto(`/studio/galleries/${id}/words`);
    const cell = (window: Page, row: number) => window.getByRole('gridcell', { name: new RegExp(`^Title of picture ${row}:`) });
    const write = async (window: Page, row: number, text: string): Promise<void> => {
        await cell(window, row).focus();
        await window.keyboard.type(text);
        await window.keyboard.press('Enter');
    };
    await write(page, 1, 'Ebb');
    await expect(cell(other, 1)).toHaveText(/Ebb/, { timeout: 10_000 });

    // The other one hears nothing for a while: different things both stand, the same is asked about.
    await other.route('**/pulse', (route) => route.abort());
    await write(page, 1, 'Flood');
    await expect(page.getByText(/^Saved \d/)).toBeVisible();
    await write(other, 2, 'Boats at rest');
    await expect(cell(other, 1)).toHaveText(/Flood/);
    await expect(cell(other, 2)).toHaveText(/Boats at rest/);
    await expect(cell(page, 2)).toHaveText(/Boats at rest/, { timeout: 10_000 });
    await write(page, 2, 'Boats');
    await expect(page.getByText(/^Saved \d/)).toBeVisible();
    await write(other, 2, 'Three boats');
    const clash = other.getByRole('alert');
    await expect(clash).toContainText('here Three boats');
    await expect(clash).toContainText('there Boats');
    await expectAccessible(other);
    await clash.getByRole('button', { name: 'Take mine' }).click();
    await expect(cell(page, 2)).toHaveText(/Three boats/, { timeout: 10_000 });
    await elsewhere.close();
});
