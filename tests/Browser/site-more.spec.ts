import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demo, expect, expectAccessible, galleryOf, makePictures, putLive, signIn, studioApi, sure, test, tiles } from './support';

type SitePage = { id: string; address: string };

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
    await sure(page, 'Put it live').click();
    await expect.poll(async () => (await (await page.request.get(`/embed/${id}.json`)).text()).includes('gap:8px')).toBe(true);
    await expect(page.getByText('1 change not live')).toBeVisible();
    await page.getByRole('button', { name: /^Go back to here ?: after how many columns/ }).press('Enter');
    await expect(page.getByText(/Went back to after: how many columns 3 to 2/)).toBeVisible();
    expect((await api<{ design: { layout: { gap: number } } }>('GET', `galleries/${id}`)).design.layout.gap).toBe(8);
    await page.getByRole('button', { name: /^Undo: went back/ }).click();
    await expect.poll(async () => (await api<{ design: { layout: { gap: number } } }>('GET', `galleries/${id}`)).design.layout.gap).toBe(14);
    await page.goto('/studio/galleries');
    await api('DELETE', `galleries/${id}`);
});

test('a gallery is set otherwise in one place, shown on every page, and taken offline with all that belongs to it', async ({ page }) => {
    await signIn(page);
    const api = await studioApi(page);
    const id = await galleryOf(page, 'Everywhere', makePictures(mkdtempSync(join(tmpdir(), 'zp-')), 2));
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
    await page.locator('summary', { hasText: 'Left out here' }).press('Enter');
    await page
        .getByRole('button', { name: /^Leave out here: / })
        .first()
        .press('Enter');
    await expect(page.frameLocator('iframe').locator('[data-pane] .zp-tiles > li')).toHaveCount(1);
    await page.getByRole('combobox', { name: 'On every page of the site' }).press('Enter');
    await page.getByRole('option', { name: 'above the footer' }).click();
    await page.getByRole('checkbox', { name: 'Kites', exact: true }).press('Space');
    await expectAccessible(page);
    await putLive(page, id);
    const has = async (path: string): Promise<boolean> => (await (await page.request.get(path)).text()).includes('id="everywhere"');
    expect([await has('/'), await has('/repairs'), await has('/kites')]).toEqual([true, true, false]);
    const file = /\/media\/[0-9a-f]{24}\/\d+\.webp/.exec((await (await page.request.get('/')).text()).split('id="everywhere"')[1] ?? '')?.[0] ?? '';
    await page.reload();
    await page.getByRole('button', { name: 'Put live', exact: true }).click();
    await page.getByRole('button', { name: 'Take the gallery offline' }).press('Enter');
    await sure(page, 'Take offline').click();
    await expect(page.getByText('Take the gallery offline')).toHaveCount(0);
    expect(await has('/')).toBe(false);
    // Without a session, as any stranger asks.
    const gone = await Promise.all([`/embed/${id}.json`, file].map(async (path) => (await fetch(new URL(path, page.url()))).status));
    expect(file).not.toBe('');
    expect(gone).toEqual([404, 404]);
    await page.goto('/studio/galleries');
    await api('DELETE', `galleries/${id}`);
});

test(
    'a picture is taken off everywhere and allowed again, a page is taken offline, and what was deleted for good cannot come back',
    { tag: '@long' },
    async ({ page }) => {
        await signIn(page);
        const api = await studioApi(page);
        const title = 'Seen nowhere';
        const id = await galleryOf(page, title, makePictures(mkdtempSync(join(tmpdir(), 'zp-')), 3));
        const { id: own } = await api<SitePage>('POST', 'pages', { title });
        await api('POST', 'panes', { page_id: own, gallery_id: id, spot: 1 });
        await putLive(page, id);
        await api('POST', 'site/live', { galleries: {}, pages: [own] });
        // Without a session, as any stranger asks.
        const status = async (path: string): Promise<number> => (await fetch(new URL(path, page.url()))).status;
        const files = async (): Promise<string[]> => [
            ...new Set((await (await fetch(new URL('/seen-nowhere', page.url()))).text()).match(/\/media\/[0-9a-f]{24}\/\d+\.webp/g)),
        ];
        const [first] = await files();
        const chosen = page.getByRole('listbox', { name: 'Pictures of the store' }).getByRole('option');
        const take = async (): Promise<void> => {
            await page.goto('/studio/pictures');
            await chosen.filter({ has: page.locator(`img[src*="${first?.split('/')[2] ?? ''}"]`) }).click();
        };
        await take();
        await page.getByRole('button', { name: 'Take offline everywhere' }).press('Enter');
        await page.getByRole('button', { name: 'Take offline', exact: true }).press('Enter');
        await expect(page.getByText('Taken offline everywhere: no visitor gets it, whatever is put live.')).toBeVisible();
        expect(await status(first ?? '')).toBe(404);
        expect((await files()).some((file) => file.split('/')[2] === first?.split('/')[2])).toBe(false);
        await expectAccessible(page);
        await page.getByRole('button', { name: 'Allow it again' }).press('Enter');
        await expect(page.getByRole('button', { name: 'Take offline everywhere' })).toBeVisible();
        await putLive(page, id);
        expect(await status(first ?? '')).toBe(200);
        // Out of the gallery, and out of the store for good; undo says what it cannot bring back.
        await page.goto(`/studio/galleries/${id}/pictures`);
        await tiles(page)
            .filter({ has: page.locator(`img[src*="${first?.split('/')[2] ?? ''}"]`) })
            .click();
        await page.keyboard.press('Delete');
        await expect(tiles(page)).toHaveCount(2);
        await expect.poll(async () => (await api<{ items: object[] }>('GET', `galleries/${id}`)).items.length).toBe(2);
        await take();
        await page.getByRole('button', { name: 'Put into the bin' }).press('Enter');
        await page.getByRole('radio', { name: 'Bin' }).press('Space');
        await chosen.first().click();
        await page.getByRole('button', { name: 'Delete for good…' }).press('Enter');
        await page.getByRole('button', { name: 'Yes, delete it; there is no way back' }).press('Enter');
        await expect(page.getByText('The bin is empty.')).toBeVisible();
        expect(await status(first ?? '')).toBe(404);
        await page.goto(`/studio/galleries/${id}/pictures`);
        await page.getByRole('button', { name: /^Undo/ }).click();
        await expect(page.getByText('One picture was deleted for good since, and cannot come back. All else did.')).toBeVisible();
        await expect(tiles(page)).toHaveCount(2);
        // The page itself.
        const [other] = await files();
        await page.goto(`/studio/site?page=${own}`);
        await page.getByRole('button', { name: 'Take offline', exact: true }).press('Enter');
        await sure(page, 'Take offline').click();
        await expect.poll(async () => status('/seen-nowhere')).toBe(404);
        // Its gallery may be embedded elsewhere still; once that is offline too, nothing is left.
        expect(await status(other ?? '')).toBe(200);
        await api('POST', `galleries/${id}/offline`, { version: (await api<{ version: number }>('GET', `galleries/${id}`)).version });
        expect(await status(other ?? '')).toBe(404);
        await page.goto('/studio/galleries');
        await api('DELETE', `pages/${own}`);
        await api('DELETE', `galleries/${id}`);
    },
);
