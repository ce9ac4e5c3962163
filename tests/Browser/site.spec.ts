import { demo, expect, expectAccessible, galleryOf, putLive, signIn, studioApi, test } from './support';

type SitePage = { id: string; address: string };

test('visitors write below a page, and are shown once somebody has looked', async ({ page, browser, baseURL }) => {
    const context = await browser.newContext({ baseURL: baseURL ?? '', viewport: { width: 390, height: 844 } });
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
    await expectAccessible(page);
    await one.getByRole('button', { name: 'Show it' }).click();
    await expect(page.getByRole('region', { name: 'On the pages' }).getByText('Fern')).toBeVisible();
    await visitor.reload();
    await expect(visitor.getByText('Is there <b>tea</b>?')).toBeVisible();
    await one.getByRole('button', { name: /^Delete/ }).click();
    await page.getByRole('button', { name: 'Delete', exact: true }).last().click();
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
        .toEqual(['Writing', "A torn sail is a <strong>morning's</strong>", 'Bring the kite.']);
    // Moved by keyboard; a list and a single picture put in.
    await page.getByRole('button', { name: /^Paragraph, part 3/ }).focus();
    await page.keyboard.press('Alt+ArrowUp');
    await expect(page.getByRole('textbox', { name: 'Paragraph, part 2' })).toHaveText('Bring the kite.');
    await page.getByRole('button', { name: 'Single picture' }).click();
    await page.getByRole('listbox', { name: 'Pictures of the store' }).getByRole('option').first().dblclick();
    await expect(page.locator('.single img')).toBeVisible();
    await page.getByRole('radio', { name: 'Right' }).check({ force: true });
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
    await expect(page.frameLocator('iframe[title="Before"]').getByText('Bring the kite.')).toHaveCount(0);
    await expect(page.frameLocator('iframe[title="After"]').getByText('Bring the kite.')).toBeVisible();
    await page.getByRole('slider', { name: 'Line between before and after' }).press('ArrowRight');
    await page.getByRole('radio', { name: 'Phone' }).check({ force: true });
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Put live what is ticked' }).press('Enter');
    await expect(page.getByText('It is live.', { exact: true })).toBeVisible();
    const live = await (await page.request.get('/writing')).text();
    expect(live).toMatch(/<p>Bring the kite\.<\/p>\s*<p>A torn sail is a <strong>morning's<\/strong><\/p>\s*<figure class="zp-single" data-side="end">/);
    await api('DELETE', `pages/${id}`);
});

test('what was done is told in words, gone back to, and what visitors had is looked at and put live again', async ({ page }) => {
    await signIn(page);
    const api = await studioApi(page);
    const id = await galleryOf(page, 'Remembered', demo('against-the-cloud', 'box-crimson'));
    const change = async (layout: object): Promise<void> => {
        const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
        await api('PATCH', `galleries/${id}`, { version, change: { kind: 'design', design: { layout } } });
    };
    await change({ columns: 2 });
    await putLive(page, id);
    await change({ gap: 14 });
    await putLive(page, id);
    await page.goto(`/studio/galleries/${id}/history`);
    await expect(page.getByText('Gap 8 px to 14 px')).toBeVisible();
    await expectAccessible(page);
    await expect(page.frameLocator('iframe').first().locator('.zp-tiles')).toHaveCSS('gap', '14px');
    await page.getByRole('button', { name: /^Live again/ }).press('Enter');
    await page.getByRole('button', { name: 'Put it live' }).press('Enter');
    await expect.poll(async () => (await (await page.request.get(`/embed/${id}.json`)).text()).includes('gap:8px')).toBe(true);
    await expect(page.getByText('1 change not live')).toBeVisible();
    await page.getByRole('button', { name: /^Go back to here: after how many columns/ }).press('Enter');
    await expect(page.getByText(/Went back to after: how many columns 3 to 2/)).toBeVisible();
    expect((await api<{ design: { layout: { gap: number } } }>('GET', `galleries/${id}`)).design.layout.gap).toBe(8);
    await page.getByRole('button', { name: /^Undo: went back/ }).click();
    await expect.poll(async () => (await api<{ design: { layout: { gap: number } } }>('GET', `galleries/${id}`)).design.layout.gap).toBe(14);
    await api('DELETE', `galleries/${id}`);
});

test('a gallery is set otherwise in one place, shown on every page, and taken offline with all that belongs to it', async ({ page }) => {
    await signIn(page);
    const api = await studioApi(page);
    const id = await galleryOf(page, 'Everywhere', demo('against-the-cloud', 'box-crimson'));
    const pages = await api<SitePage[]>('GET', 'pages');
    await api('POST', 'panes', { page_id: pages.find(({ address }) => address === '/repairs')?.id, gallery_id: id, spot: 1 });
    await page.goto(`/studio/galleries/${id}/pages`);
    await page.getByRole('button', { name: /^How many columns: 3, as the gallery has it/ }).click();
    const columns = page.getByRole('spinbutton', { name: 'How many columns' });
    await columns.fill('1');
    await columns.press('Enter');
    await expect(page.frameLocator('iframe').locator('[data-pane] .zp-tiles')).toHaveCSS('grid-template-columns', /^\S+$/);
    await page.getByRole('button', { name: 'How many columns: back to 3, as the gallery has it' }).click();
    await expect(page.frameLocator('iframe').locator('[data-pane] .zp-tiles')).toHaveCSS('grid-template-columns', /^\S+ \S+ \S+$/);
    await page.getByRole('button', { name: /^Undo of pages: Repairs/ }).click();
    await expect(columns).toHaveValue('1');
    await page.getByText(/^Left out here/).click();
    await page
        .getByRole('button', { name: /^Leave out here: / })
        .first()
        .press('Enter');
    await expect(page.frameLocator('iframe').locator('[data-pane] .zp-tiles > li')).toHaveCount(1);
    await page.getByRole('combobox', { name: 'On every page of the site' }).press('Enter');
    await page.getByRole('option', { name: 'above the footer' }).click();
    await page.getByRole('checkbox', { name: 'Kites', exact: true }).uncheck({ force: true });
    await expectAccessible(page);
    await putLive(page, id);
    const has = async (path: string): Promise<boolean> => (await (await page.request.get(path)).text()).includes('id="everywhere"');
    expect([await has('/'), await has('/repairs'), await has('/kites')]).toEqual([true, true, false]);
    const file = /\/media\/[0-9a-f]{24}\/\d+\.webp/.exec((await (await page.request.get('/')).text()).split('id="everywhere"')[1] ?? '')?.[0] ?? '';
    await page.reload();
    await page.getByRole('button', { name: 'Put live', exact: true }).click();
    await page.getByRole('button', { name: 'Take the gallery offline' }).press('Enter');
    await page.getByRole('button', { name: 'Take offline', exact: true }).last().press('Enter');
    await expect(page.getByText('Take the gallery offline')).toHaveCount(0);
    expect(await has('/')).toBe(false);
    // Without a session, as any stranger asks.
    const gone = await Promise.all([`/embed/${id}.json`, file].map(async (path) => (await fetch(new URL(path, page.url()))).status));
    expect(file).not.toBe('');
    expect(gone).toEqual([404, 404]);
    await api('DELETE', `galleries/${id}`);
});
