import { sample } from './long';
import { demo, expect, expectAccessible, galleryOf, signIn, test } from './support';

test('keeps strangers out, and says why', async ({ page, trouble }) => {
    await page.goto('/studio/galleries');
    await expect(page).toHaveURL(/sign-in$/);
    await expectAccessible(page);
    await page.getByLabel('E-mail').fill('owner@saltreed.example');
    await page.getByLabel('Password').fill('guess');
    await page.getByLabel('Password').press('Enter');
    await expect(page.getByRole('alert')).toContainText('do not belong together');
    expect(trouble.splice(0).join()).toContain('422');
});

test('lets two windows change different things, and takes both back', { tag: '@long' }, async ({ page, context, trouble }) => {
    await signIn(page);
    await page.getByRole('link', { name: /Kites for sale/ }).click();
    await expect(page.getByRole('slider', { name: 'Gap' })).toBeVisible();
    const other = await context.newPage();
    await other.route('**/pulse', (route) => route.abort());
    await other.goto(page.url());
    await other.getByRole('slider', { name: 'Gap' }).focus();
    await page.getByRole('slider', { name: 'Gap' }).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('spinbutton', { name: 'Gap, as a number' })).toHaveValue('15');
    await expect(page.getByText(/^Saved \d/)).toBeVisible();
    await other.getByRole('slider', { name: 'How many' }).focus();
    await other.keyboard.press('ArrowLeft');
    await expect(other.getByRole('spinbutton', { name: 'Gap, as a number' })).toHaveValue('15');
    await expect(other.getByRole('link', { name: /Grid 4,/ })).toBeVisible();
    await expect(other.getByRole('alert')).toHaveCount(0);

    // Undo and redo survive a reload.
    await other.reload();
    await other.getByRole('button', { name: 'Undo' }).click();
    await expect(other.getByRole('link', { name: /Grid 5,/ })).toBeVisible();
    await other.reload();
    await other.getByRole('button', { name: 'Redo' }).click();
    await expect(other.getByRole('link', { name: /Grid 4,/ })).toBeVisible();
    await other.getByRole('button', { name: 'Undo' }).click();
    await other.getByRole('button', { name: 'Undo' }).click();
    await expect(other.getByText('all live')).toBeVisible();
    expect(trouble).toEqual([]);
});

test('does the whole layout by keyboard alone', { tag: '@long' }, async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: /From the workshop/ }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('radio', { name: 'As many as fit' })).toBeChecked();
    // Pictures of it may have been tidied elsewhere meanwhile, which is not live either.
    const state = page.getByRole('status').filter({ hasText: 'live' });
    const pending = parseInt((await state.innerText()).split('·')[1] ?? '') || 0;
    const told = (count: number): RegExp => (count === 0 ? /all live/ : new RegExp(`\\b${count} changes? not live`));
    await expect(state).toHaveText(told(pending));
    await page.getByRole('radio', { name: 'As many as fit' }).focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByRole('slider', { name: 'How many' })).toBeVisible();
    await page.getByRole('radio', { name: 'Masonry' }).focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByRole('radio', { name: 'Grid', exact: true })).toBeChecked();
    await expect(state).toHaveText(told(pending + 2));
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('radio', { name: 'Masonry' })).toBeChecked();
    await page.keyboard.press('Control+z');
    await expect(state).toHaveText(told(pending), { timeout: 20_000 });
});

test('every screen has its heading before anything of it has come', async ({ page }) => {
    const id = await galleryOf(page, 'Not here yet', demo('two-boats'));
    const stages = ['pictures', 'layout', 'snags'].map((stage) => `galleries/${id}/${stage}`);
    for (const screen of sample(['pictures', 'galleries', ...stages, 'people', 'security', 'account', 'site'], 5)) {
        let letGo = (): void => {};
        const held = new Promise<void>((resolve) => (letGo = resolve));
        await page.route(/\/studio\/api\/(?!session|vocabulary)/, async (route) => {
            await held;
            await route.continue();
        });
        await page.goto(`/studio/${screen}`);
        await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
        await expect(page.locator('.opening')).toHaveCount(0);
        await expect(page.getByRole('heading', { name: 'Zinc Pane', exact: true })).toHaveCount(0);
        await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
        await expectAccessible(page);
        letGo();
        await page.unrouteAll({ behavior: 'wait' });
        await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
    }
});
