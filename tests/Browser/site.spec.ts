import { choose, expect, expectAccessible, signIn, studioApi, sure, test } from './support';

type SitePage = { id: string; address: string };

test('visitors write below a page, and are shown once somebody has looked', async ({ page, browser }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const visitor = await context.newPage();
    await visitor.goto('/long-wind-day');
    await expect(visitor.getByRole('heading', { name: 'Comments' })).toBeVisible();
    await expectAccessible(visitor);
    await visitor.getByLabel('Your name').fill('Fern');
    await visitor.getByLabel('Your comment').fill('Is there <b>tea</b>?');
    await visitor.getByRole('button', { name: 'Send the comment' }).press('Enter');
    await expect(visitor.getByText(/Thank you/)).toBeVisible();
    await visitor.goto('/long-wind-day');
    await expect(visitor.getByText('Fern')).toHaveCount(0);
    await signIn(page);
    await page.goto('/studio/site?view=comments');
    const one = page.getByRole('listitem').filter({ hasText: 'Fern' });
    await expect(one).toBeVisible();
    await expectAccessible(page);
    await one.getByRole('button', { name: 'Show it', exact: true }).click();
    await expect(page.getByRole('region', { name: 'On the pages' }).getByText('Fern', { exact: true })).toBeVisible();
    await visitor.reload();
    await expect(visitor.getByText('Is there <b>tea</b>?')).toBeVisible();
    await one.getByRole('button', { name: /^Delete/ }).click();
    await sure(page, 'Delete').click();
    await expect(one).toHaveCount(0);
    await visitor.reload();
    await expect(visitor.getByText('Fern')).toHaveCount(0);
    await context.close();
});

test('one writes on a page, sees it before and after, and puts it live with the gallery', async ({ page }) => {
    await signIn(page);
    const api = await studioApi(page);
    const { id } = await api<SitePage>('POST', 'pages', { title: 'Writing' });
    await api('POST', 'site/live', { galleries: {}, pages: [id] });
    await page.goto(`/studio/site?page=${id}`);
    const first = page.getByRole('textbox', { name: 'Heading, part 1' });
    await first.click();
    await page.keyboard.press('End');
    await page.keyboard.press('Enter');
    await page.keyboard.type('A torn sail is a ');
    await page.getByRole('button', { name: 'Strong' }).click();
    await page.keyboard.type("morning's");
    await page.keyboard.press('Enter');
    await page.keyboard.type('Bring the kite.');
    await expect(page.getByRole('textbox', { name: /^Paragraph/ })).toHaveCount(2);
    await expect
        .poll(async () => (await api<{ parts: { html: string }[] }>('GET', `pages/${id}/parts`)).parts.map(({ html }) => html))
        .toEqual(['Writing', 'A torn sail is a <strong>morning&#039;s</strong>', 'Bring the kite.']);
    // Moved by keyboard; a list and a single picture put in.
    await page.getByRole('button', { name: /^Paragraph, part 3/ }).focus();
    await page.keyboard.press('Alt+ArrowUp');
    await expect(page.getByRole('textbox', { name: 'Paragraph, part 2' })).toHaveText('Bring the kite.');
    await page.getByRole('button', { name: 'Single picture' }).click();
    await page.getByRole('listbox', { name: 'Pictures of the store' }).getByRole('option').first().dblclick();
    await expect(page.locator('.single img')).toBeVisible();
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.getByRole('radio', { name: 'Right' }).press('Space');
    await page.getByLabel('Caption of the single picture').fill('By itself');
    await expect.poll(async () => JSON.stringify(await api('GET', `pages/${id}/parts`))).toContain('By itself');
    await expectAccessible(page);
    await page.getByRole('link', { name: /^Not live/ }).click();
    await expect(
        page
            .getByRole('listitem')
            .filter({ hasText: 'Writing' })
            .getByText(/“Bring the kite.” put in/),
    ).toBeVisible();
    await choose(page, 'Which page', 'Writing');
    await expect(page.frameLocator('iframe[title="Before"]').getByText('Bring the kite.')).toHaveCount(0);
    await expect(page.frameLocator('iframe[title="After"]').getByText('Bring the kite.')).toBeVisible();
    await page.getByRole('slider', { name: 'Line between before and after' }).press('ArrowRight');
    await page.getByRole('radio', { name: 'Phone' }).press('Space');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Put live what is ticked' }).press('Enter');
    await expect(page.getByText('It is live.', { exact: true })).toBeVisible();
    await page.goto('/studio/site?view=history');
    await expect(
        page
            .getByRole('listitem')
            .filter({ hasText: /Writing: .*“Bring the kite.” put in/ })
            .first(),
    ).toBeVisible();
    await expectAccessible(page);
    const live = await (await page.request.get('/writing')).text();
    expect(live).toMatch(/<p>Bring the kite\.<\/p>\s*<p>A torn sail is a <strong>morning&#039;s<\/strong><\/p>\s*<figure class="zp-single" data-side="end">/);
    await page.goto('/studio/galleries');
    await api('DELETE', `pages/${id}`);
});
