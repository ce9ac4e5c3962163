import { redesign } from './dressing';
import { demo, expect, expectAccessible, galleryOf, signIn, studioApi, test } from './support';

interface Known {
    version: number;
    items: { id: string }[];
}

test('hears of what another window does, says so while the line is down, and mends once it is back', async ({ page, browser, context }) => {
    const id = await galleryOf(page, 'Dressed: two windows', demo('two-boats', 'grey-tide', 'stars-above', 'last-lantern'));
    const api = await studioApi(page);
    const { version, items } = await api<Known>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, {
        version,
        change: {
            kind: 'words',
            words: Object.fromEntries(items.map(({ id: item }, i) => [item, { alt: `Kite number ${i} over the dyke`, title: `Kite ${i}` }])),
        },
    });
    const elsewhere = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const other = await elsewhere.newPage();
    try {
        await signIn(other);
        await page.goto(`/studio/galleries/${id}/snags`);
        await expect(page.getByRole('heading', { level: 2 })).toHaveText(/snag/);
        const missing = page.getByRole('heading', { name: /has no alt text/ });
        await expect(missing).toHaveCount(0);
        const theirs = await studioApi(other);
        const seen = await theirs<Known>('GET', `galleries/${id}`);
        await theirs('PATCH', `galleries/${id}`, { version: seen.version, change: { kind: 'words', words: { [items[1]?.id ?? '']: { alt: '' } } } });
        await expect(missing).toBeVisible();

        // A mend that cannot be sent waits, and is made once it can be.
        await context.setOffline(true);
        const mend = page.getByRole('button', { name: 'Use its title' });
        await mend.click();
        await context.setOffline(false);
        await page.getByRole('button', { name: 'Do it' }).click();
        await expect(missing).toHaveCount(0);
        const after = await api<{ items: { words: { alt: string } }[] }>('GET', `galleries/${id}`);
        expect(after.items[1]?.words.alt).toBe('Kite 1');
    } finally {
        await elsewhere.close();
    }
});

test('puts a page into the menu that nobody would find, by touch, and comes to it from Galleries', async ({ page, browser }) => {
    const id = await galleryOf(page, 'Dressed: lost', demo('two-boats', 'grey-tide'));
    const api = await studioApi(page);
    const made = await api<{ id: string }>('POST', 'pages', { title: 'Dressed page' });
    await api('PATCH', `pages/${made.id}`, { menu_label: null });
    await api('POST', 'panes', { page_id: made.id, gallery_id: id, spot: 0 });
    const touched = await browser.newContext({
        viewport: { width: 820, height: 1180 },
        hasTouch: true,
        storageState: await page.context().storageState(),
    });
    const finger = await touched.newPage();
    try {
        await finger.goto('/studio/galleries?snags=all');
        const kind = finger.getByRole('region', { name: 'Pages in no menu' });
        await kind.getByRole('link', { name: 'Dressed: lost' }).tap();
        const row = finger.getByRole('listitem').filter({ has: finger.getByRole('heading', { name: /“Dressed page” is in no menu/ }) });
        await expectAccessible(finger);
        await row.getByRole('link', { name: /^Go there/ }).tap();
        await expect(finger).toHaveURL(new RegExp(`/pages\\?page=${made.id}$`));
        await expect(finger.getByRole('heading', { name: 'Dressed page' }).first()).toBeVisible();
        await finger.goBack();
        await row.getByRole('button', { name: 'Put “Dressed page” into the menu' }).tap();
        await expect(row).toHaveCount(0);
        const pages = await api<{ id: string; menu_label: string | null }[]>('GET', 'pages');
        expect(pages.find(({ id: one }) => one === made.id)?.menu_label).toBe('Dressed page');
    } finally {
        await touched.close();
    }
});

test('is one column on a phone and at 400 per cent, with all in reach', async ({ page }) => {
    const id = await galleryOf(page, 'Dressed: small', demo('two-boats', 'grey-tide', 'stars-above', 'last-lantern', 'lanterns-on-the-water'));
    await redesign(page, id, { layout: { kind: 'grid', column_rule: 'count', columns: 3, last_row: 'start', phone: { columns: 2 } } });
    for (const [width, height] of [
        [390, 844],
        [320, 256],
    ] as const) {
        await page.setViewportSize({ width, height });
        await page.goto(`/studio/galleries/${id}/snags`);
        await expect(page.getByRole('heading', { level: 4 }).first()).toBeVisible();
        // Nothing stands beyond the edge, and what a snag says and offers is not cut.
        const beyond = await page
            .locator('.column *')
            .evaluateAll(
                (all) => all.filter((one) => one.getBoundingClientRect().right > window.innerWidth + 1 && getComputedStyle(one).position !== 'absolute').length,
            );
        expect(beyond).toBe(0);
        await expectAccessible(page);
    }
});
