import { readFileSync } from 'node:fs';
import { demo, expect, pageInStage, signIn, studioApi, test } from './support';

/** The steps of "Your first gallery" in the README, each with the words in it that stand on the screen. */
function steps(): string[][] {
    const text = readFileSync('README.md', 'utf8').split('## Your first gallery')[1]?.split('\n\nThe store')[0] ?? '';
    return text
        .split(/^\d+\. /m)
        .slice(1)
        .map((step) => [...step.matchAll(/\*\*(.+?)\*\*/g)].map(([, word]) => word as string));
}

test('the first gallery of the README is true, click by click', async ({ page }) => {
    const told = steps();
    const seen: string[][] = told.map(() => []);
    /** Says that a word of a step was met on the screen. */
    const meet = (step: number, word: string): string => {
        seen[step - 1]?.push(word);
        return word;
    };
    const button = (name: string) => page.getByRole('button', { name, exact: true });
    const stage = (name: string) => page.getByRole('link', { name: new RegExp(`^${name}\\b`) }).last();

    await signIn(page);
    await expect(page.getByRole('heading', { name: meet(2, 'Galleries') })).toBeVisible();
    await page
        .locator('input[type=file]')
        .first()
        .setInputFiles(demo('against-the-cloud', 'box-crimson', 'two-boats', 'spars'));
    await expect(page).toHaveURL(/\/pictures$/, { timeout: 60_000 });
    const id = page.url().split('/').at(-2) ?? '';
    await expect(page.getByRole('listbox', { name: meet(3, 'Pictures') }).getByRole('option')).toHaveCount(4, { timeout: 60_000 });

    await page.getByRole('listbox', { name: 'Pictures' }).getByRole('option').nth(1).click();
    await page.keyboard.press('Alt+ArrowLeft');
    await button('What keys do').click();
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await button('What keys do').textContent()).toContain(meet(3, '?'));
    await page.keyboard.press('Escape');
    await expect(page.getByText(meet(3, 'Order by')).first()).toBeVisible();
    await button(meet(3, 'Tidy the picture')).click();
    await expect(page.getByRole('group', { name: 'What is kept' })).toBeVisible();
    await page.keyboard.press('Escape');
    await stage(meet(3, 'Words')).click();
    await button(meet(3, 'Fill many')).click();
    await expect(page.getByPlaceholder('{title}, {number} of {count}')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: meet(3, 'Spreadsheet') })).toBeVisible();

    await stage(meet(4, 'Layout')).click();
    await expect(page.locator('iframe')).toHaveCount(2);
    for (const view of ['Candidates', 'Suggest', 'Crops']) await page.getByRole('radio', { name: meet(4, view) }).press('Space');

    await page.getByRole('link', { name: /snags?$/i }).click();
    await expect(page.getByRole('heading', { level: 2, name: /snag/ })).toBeVisible();

    await stage(meet(5, 'Finish')).click();
    await page.getByRole('listbox', { name: 'Finishes' }).getByRole('option').nth(1).click();
    await expect(page.getByRole('button', { name: meet(5, 'Keep as a finish') })).toBeVisible();

    await stage(meet(6, 'Viewer')).click();
    await page.frameLocator('iframe[title^="Wide proof"]').locator('.zp-tiles>li>a').first().click();
    await expect(page.frameLocator('iframe[title^="Wide proof"]').getByRole('dialog')).toBeVisible();

    await stage(meet(7, 'Pages')).click();
    await button(meet(7, 'New page')).click();
    await page.getByLabel('Title of the new page').fill('My first');
    await page.keyboard.press('Enter');
    const spot = (await pageInStage(page, 'My first')).locator('[data-spot="1"] button');
    await spot.hover();
    await spot.click();
    await expect(page.getByText('stands here', { exact: true })).toBeVisible();
    await expect(page.getByRole('radiogroup', { name: meet(7, 'How wide') })).toBeVisible();
    await page.getByRole('radio', { name: 'Half' }).press('Space');
    await expect(page.getByRole('heading', { name: meet(7, 'Only here') })).toBeVisible();

    await button(meet(8, 'Put live')).click();
    await expect(page.getByRole('region', { name: 'Put live', exact: true }).getByText(/My first: “.*” appears after “My first”, half wide/)).toBeVisible();
    await expect(page.getByRole('link', { name: meet(8, 'Before and after…') }).first()).toBeVisible();
    await button('Put live now').click();
    await expect(page.getByRole('heading', { name: 'It is live' })).toBeVisible({ timeout: 60_000 });
    await button('Look at it on a phone…').first().click();
    await expect(page.locator('.phone img')).toBeVisible();
    expect(await (await page.request.get('/my-first')).text()).toContain('zp-pane');

    await page.goto(page.url());
    await expect(page.getByRole('heading', { name: meet(9, 'On other sites') })).toBeVisible();
    await page.getByRole('link', { name: 'Show what to copy' }).click();
    for (const kind of ['One line', 'HTML and CSS', 'Frame', 'Pictures only', 'Address'])
        await expect(page.getByText(kind, { exact: true }).first()).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Where the gallery is to stand' })).toHaveValue(/<zinc-gallery /);

    // Every word of the README was met, and none that it does not say.
    expect(seen.map((words) => [...words].sort())).toEqual(told.map((words) => [...new Set(words)].sort()));
    const api = await studioApi(page);
    const own = (await api<{ id: string; address: string }[]>('GET', 'pages')).find(({ address }) => address === '/my-first');
    await page.goto('/studio/galleries');
    await api('DELETE', `pages/${own?.id}`);
    await api('DELETE', `galleries/${id}`);
});
