import { expect, expectAccessible, putLive, test } from './support';
import { large, openTile, setViewer, tilesOf, viewed } from './viewing';

const NAMES = ['two-boats', 'grey-tide', 'reels', 'spars', 'brushes', 'evening-train', 'lit-kites'];

test('lets clicks be set in the stage Viewer, for all and for single pictures, by mouse and keyboard, and tried in the proof', async ({ page }) => {
    const { id } = await viewed(page, 'Clicks', NAMES.slice(0, 3));
    await page.goto(`/studio/galleries/${id}/words`);
    await page.getByRole('link', { name: /^Viewer/ }).click();
    await expect(page).toHaveURL(/\/viewer$/);
    const strip = page.getByRole('listbox', { name: 'Pictures and what their clicks do' });
    await expect(strip.getByRole('option')).toHaveCount(3);
    await expect(strip.getByRole('option').first()).toContainText('opens the large view');
    // The rule, by keyboard.
    await page.getByRole('combobox', { name: 'A click on a picture' }).press('Enter');
    await page.getByRole('option', { name: 'Grows in place' }).click();
    await expect(strip.getByRole('option').first()).toContainText('grows in place');
    // An exception, and what it still needs.
    await strip.getByRole('option').nth(1).focus();
    await page.keyboard.press('Enter');
    await page.getByRole('combobox', { name: 'A click on it' }).press('Enter');
    await page.getByRole('option', { name: 'Its address' }).click();
    await expect(strip.getByRole('option').nth(1)).toContainText('does nothing: it has no address yet');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: /Undo/ })).toBeEnabled();
    await expectAccessible(page);
    // In the proof, it is as it will be for visitors.
    const proof = page.frameLocator('iframe[title^="Wide proof"]');
    await proof.locator('.zp-proof .zp-tiles>li>a').first().click();
    await expect(proof.locator('.zp-grown')).toBeVisible();
    await page.getByRole('button', { name: 'Words and facts' }).click();
    await page.getByRole('radio', { name: 'Beside' }).press('Space');
    await page.getByRole('checkbox', { name: 'Camera and lens' }).press('Space');
    await expect(page.getByRole('button', { name: 'Words and facts' })).toContainText('camera');
});

test('grows in place and folds away on the next click, neighbours closing, without a jump, in every layout', async ({ page }) => {
    const { id } = await viewed(page, 'In place', NAMES, { click: { act: 'place' } }, { layout: { kind: 'grid', columns: 3, shape: '3:2' } });
    for (const layout of [
        { kind: 'grid', columns: 3 },
        { kind: 'masonry', columns: 3 },
        { kind: 'rows', row_height: 200 },
        { kind: 'mosaic' },
        { kind: 'strip' },
    ] as const) {
        await test.step(layout.kind, async () => {
            await setViewer(page, id, {}, { layout });
            await putLive(page, id);
            await page.goto('/repairs');
            const tiles = tilesOf(page);
            const heights = async (): Promise<number> => page.evaluate(() => document.documentElement.scrollHeight);
            const before = await heights();
            await tiles.nth(1).click();
            const grown = page.locator('.zp-grown');
            await expect(grown).toHaveCount(1);
            await expect(tiles.nth(1)).toHaveAttribute('aria-expanded', 'true');
            expect(await heights()).toBeGreaterThan(before + 150);
            // It lies over no tile, and all tiles are still there.
            const over = await page.evaluate(() => {
                const panel = (document.querySelector('.zp-grown') as Element).getBoundingClientRect();
                const list = document.querySelector('.zp-grown')?.closest('[data-zinc-pane]')?.querySelector('.zp-tiles') as Element;
                const frame = list.getBoundingClientRect();
                return [...list.children]
                    .map((tile) => tile.getBoundingClientRect())
                    .filter(
                        (box) =>
                            box.right > frame.left &&
                            box.left < frame.right &&
                            Math.min(box.bottom, panel.bottom) - Math.max(box.top, panel.top) > 1 &&
                            Math.min(box.right, panel.right) - Math.max(box.left, panel.left) > 1,
                    ).length;
            });
            expect(over).toBe(0);
            await expectAccessible(page);
            // The next one: the first folds away, and the tile that was clicked stays under the pointer.
            const last = tiles.nth(layout.kind === 'strip' ? 0 : 5);
            await last.scrollIntoViewIfNeeded();
            const top = (await last.boundingBox())?.y ?? 0;
            await last.evaluate((link: HTMLElement) => {
                Element.prototype.scrollIntoView = () => {};
                link.click();
            });
            await expect(last).toHaveAttribute('aria-expanded', 'true');
            await expect(grown).toHaveCount(1);
            expect(Math.abs(((await last.boundingBox())?.y ?? 0) - top)).toBeLessThanOrEqual(1.5);
            // Away again: by a click on what grew, by its button, by Escape; the focus goes back to the tile.
            await page.getByRole('button', { name: 'Fold away' }).press('Enter');
            await expect(grown).toHaveCount(0);
            await expect(last).toBeFocused();
            expect(Math.abs((await heights()) - before)).toBeLessThanOrEqual(2);
        });
    }
});

test('turns through galleries and pictures of one name as one, and albums apart where that is set', async ({ page }) => {
    await viewed(page, 'Sequence one', NAMES.slice(0, 3), { turning: { sequence: 'walk' } });
    await viewed(page, 'Sequence two', NAMES.slice(3, 5), { turning: { sequence: 'walk' } });
    await page.route('**/repairs', async (route) => {
        const answer = await route.fetch();
        await route.fulfill({
            response: answer,
            body: (await answer.text()).replace(
                '</main>',
                '<p><a data-zinc-sequence="walk" href="/embed.js"><img alt="Alone" width="30" height="20" src="data:image/gif;base64,R0lGODlhAQABAAAAACwAAAAAAQABAAA="></a></p></main>',
            ),
        });
    });
    await page.goto('/repairs');
    const { count } = large(page);
    await page.getByRole('list', { name: 'Sequence one' }).getByRole('link').first().click();
    await expect(count).toHaveText(/^\d of 6$/);
    await page.keyboard.press('End');
    await expect(page.getByRole('dialog')).toContainText('6 of 6');
    // The picture flies back to its place; what it flies over is still what is clicked.
    const image = page.locator('p>a[data-zinc-sequence]>img');
    await image.evaluate((flying: HTMLElement) => {
        const look = (): void => {
            const { left, top, width, height } = flying.getBoundingClientRect();
            flying.dataset['stopped'] = String(document.elementFromPoint(left + width / 2, top + height / 2) === flying);
        };
        addEventListener('popstate', look, { once: true });
    });
    await page.keyboard.press('Escape');
    await expect(image).toHaveAttribute('data-stopped', 'false');
    await page.getByRole('link', { name: 'Alone' }).click();
    await expect(count).toHaveText('6 of 6');
    await page.keyboard.press('Escape');
    await page.unrouteAll();
});

test('says what a click does, leads elsewhere, gives files by names of their own, and has a page for each picture', async ({ page, browser }) => {
    const { id } = await viewed(page, 'Given', NAMES.slice(0, 3), {
        click: { hint: 'above', hint_says: 'Tap for more' },
        giving: { download: 'original', pages: true },
    });
    await page.goto('/repairs');
    await expect(page.getByText('Tap for more')).toBeVisible();
    await openTile(page);
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Download' }).click()]);
    expect(download.suggestedFilename()).toMatch(/^[\p{L}\d-]+\.jpg$/u);
    await page.keyboard.press('Escape');
    // Without a script, the plain link leads to the picture's page, and from there on.
    const plain = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    await plain.goto('/repairs');
    await plain.getByRole('list', { name: 'Given' }).getByRole('link').first().click();
    await expect(plain).toHaveURL(/\/pictures\/[0-9a-z]{12}\/[0-9a-z]{8}$/);
    await expect(plain.locator('figure img')).toBeVisible();
    for (const size of [
        { width: 1280, height: 800 },
        { width: 390, height: 844 },
    ]) {
        await page.setViewportSize(size);
        await page.goto(plain.url());
        await expectAccessible(page);
        expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    }
    await plain.getByRole('link', { name: /^Next:/ }).click();
    await expect(plain.getByRole('link', { name: /^Previous:/ })).toBeVisible();
    await plain.getByRole('link', { name: 'Back to Repairs' }).click();
    await expect(plain).toHaveURL(/\/repairs$/);
    await setViewer(page, id, { giving: { download: 'none', pages: false }, click: { hint: 'pointed', hint_says: '' } });
    await putLive(page, id);
    await page.goto('/repairs');
    await tilesOf(page).first().hover();
    expect(
        await tilesOf(page)
            .first()
            .evaluate((link) => getComputedStyle(link.parentElement as Element, '::after').content),
    ).toBe('"Click a picture to enlarge it"');
    await openTile(page);
    await expect(page.getByRole('link', { name: 'Download' })).toBeHidden();
});

test(
    'shows the rest by a button, with the focus on the first that came; turns tabs from right to left; prints every picture',
    { tag: '@long' },
    async ({ page }) => {
        const { id } = await viewed(page, 'Rest', NAMES, {}, { layout: { kind: 'grid', columns: 3, initial_view: 'rows', initial_rows: 1 } });
        const shown = () => tilesOf(page).evaluateAll((links) => links.filter((link) => link.checkVisibility()).length);
        await page.goto('/repairs');
        expect(await shown()).toBe(3);
        await page.locator('summary', { hasText: 'Show all 7' }).press('Enter');
        await expect.poll(shown).toBe(7);
        await expect(tilesOf(page).nth(3)).toBeFocused();
        const printed = async (): Promise<void> => {
            await page.emulateMedia({ media: 'print' });
            const boxes = await page
                .locator('ul[aria-label^="Rest"]>li>a')
                .locator('img')
                .evaluateAll((images) =>
                    images.map((image) => image.getBoundingClientRect()).map(({ left, right, width, height }) => ({ left, right, width, height })),
                );
            const wide = await page.evaluate(() => innerWidth);
            expect(boxes.filter(({ left, right, width, height }) => width > 20 && height > 20 && left >= -1 && right <= wide + 1)).toHaveLength(7);
            await page.emulateMedia({ media: 'screen' });
        };
        await page.reload();
        await printed();
        for (const kind of ['strip', 'slideshow']) {
            await setViewer(page, id, {}, { layout: { kind, initial_view: 'all' } });
            await putLive(page, id);
            await page.goto('/repairs');
            await printed();
            const list = page.getByRole('list', { name: 'Rest' });
            await list.focus();
            await page.keyboard.press('End');
            await expect(page.getByRole('button', { name: 'Next pictures' })).toHaveAttribute('aria-disabled', 'true');
            await page.keyboard.press('Home');
            await expect(page.getByRole('button', { name: 'Previous pictures' })).toHaveAttribute('aria-disabled', 'true');
            // The button that has done all it can keeps the focus.
            await page.getByRole('button', { name: 'Next pictures' }).focus();
            await expect(async () => {
                await page.keyboard.press('Enter');
                await expect(page.getByRole('button', { name: 'Next pictures' })).toHaveAttribute('aria-disabled', 'true', { timeout: 500 });
            }).toPass();
            await page.keyboard.press('Enter');
            await expect(page.getByRole('button', { name: 'Next pictures' })).toBeFocused();
        }
        await setViewer(page, id, {}, { layout: { kind: 'grid', initial_view: 'pages', initial_rows: 1 } });
        await putLive(page, id);
        await page.goto('/repairs');
        await printed();
        await page.evaluate(() => (document.documentElement.dir = 'rtl'));
        await page.getByRole('radio', { name: '1', exact: true }).focus();
        await page.keyboard.press('ArrowLeft');
        await expect(page.getByRole('radio', { name: '2', exact: true })).toBeChecked();
        await page.keyboard.press('Home');
        await expect(page.getByRole('radio', { name: '1', exact: true })).toBeFocused();
        await page.keyboard.press('End');
        await expect(page.getByRole('radio', { name: '3', exact: true })).toBeChecked();
    },
);

test('goes on behind nothing: a slideshow stands still while the large view is open', async ({ page }) => {
    await viewed(page, 'Behind', NAMES.slice(0, 3), {}, { layout: { kind: 'slideshow', seconds: 1 } });
    await page.clock.install();
    await page.goto('/repairs');
    const list = page.getByRole('list', { name: 'Behind' });
    const place = () => list.evaluate((element) => Math.round(element.scrollLeft));
    await page.mouse.move(3, 3);
    await tilesOf(page).first().focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
    const held = await place();
    await page.clock.runFor(2500);
    expect(await place()).toBe(held);
    await page.keyboard.press('Escape');
});
