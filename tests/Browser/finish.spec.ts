import { dressed, group, live, number, pick, style } from './dressing';
import { expect, expectAccessible, studioApi, test } from './support';

test('captions when pointed at or focused, white on dark, none where there are none, hidden on narrow pages', { tag: '@long' }, async ({ page, browser }) => {
    const { id, proof } = await dressed(page, 'Dressed: captions', 12, 5, { kind: 'grid', columns: 4 });
    await pick(page, 'Pointed at');
    await expect(proof.locator('.zp-over')).toHaveCount(5);
    await number(page, 'How solid', 55);
    await number(page, 'Hidden on pages narrower than', 480);
    const first = proof.locator('.zp-over').first();
    await expect(first).toHaveCSS('background-color', 'rgba(16, 20, 23, 0.55)');
    await expect(first).toHaveCSS('color', 'rgb(255, 255, 255)');
    await expect(first).toHaveCSS('opacity', '0');
    await proof.locator('li').first().hover();
    await expect(first).toHaveCSS('opacity', '1');
    await expect(page.frameLocator('iframe[title^="Phone"]').locator('.zp-over').first()).toHaveCSS('display', 'none');
    await expect(page.getByRole('button', { name: /^Captions pointed at, caption, 55 % ground/ })).toBeVisible();
    await expectAccessible(page);

    const address = await live(page, id);
    const visitor = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    await visitor.goto(address);
    const caption = visitor.locator('.zp-over').first();
    await expect(caption).toHaveCSS('opacity', '0');
    await visitor.locator('.zp-tiles a').first().focus();
    await expect(caption).toHaveCSS('opacity', '1');
    await visitor.context().close();
    // A finger cannot hover: there the words stand always, and the picture opens all the same.
    const hand = await (await browser.newContext({ viewport: { width: 600, height: 800 }, hasTouch: true, isMobile: true })).newPage();
    await hand.goto(address);
    await expect(hand.locator('.zp-over').first()).toHaveCSS('opacity', '1');
    await hand.locator('.zp-over').first().tap({ force: true });
    await expect(hand.getByRole('dialog')).toBeVisible();
    await hand.context().close();
});

test('says which captions are hard to read, shows where, and mends all of them at one press', async ({ page }) => {
    await dressed(page, 'Dressed: legible', 12, 5, { kind: 'grid', columns: 4 });
    await pick(page, 'Over it');
    await number(page, 'How solid', 10);
    const verdict = page.getByRole('status').filter({ hasText: 'hard to read' });
    await expect(verdict).toContainText(/\d captions are hard to read: “Kite \d+” has \d\.\d : 1 where 4\.5 : 1 is needed\./);
    await page.getByRole('button', { name: 'Show which' }).press('Enter');
    const list = page.getByRole('list', { name: 'Captions, the hardest to read first' });
    await expect(list.getByRole('listitem')).toHaveCount(5);
    const ratios = (await list.locator('small:first-of-type').allTextContents()).map(parseFloat);
    expect(ratios).toEqual([...ratios].sort((a, b) => a - b));
    await expectAccessible(page);
    await page.getByRole('button', { name: /^Make it \d+ %$/ }).press('Enter');
    await expect(page.getByText('All 5 captions can be read, at every width.')).toBeVisible();
    expect(parseFloat((await list.locator('small').first().textContent()) ?? '')).toBeGreaterThanOrEqual(4.5);
});

test('a border of three kinds, corners, a shadow, a mount, grounds', { tag: '@long' }, async ({ page }) => {
    const { id, proof } = await dressed(page, 'Dressed: edges', 4);
    const tile = proof.locator('li').first();
    await group(page, 'Edges');
    await pick(page, 'Solid');
    await number(page, 'Width of the line', 5);
    await expect(tile).toHaveCSS('border-top-width', '5px');
    for (const [name, kind] of [
        ['Double', 'double'],
        ['Dotted', 'dotted'],
    ] as const) {
        await pick(page, name);
        await expect(tile).toHaveCSS('border-top-style', kind);
    }
    await number(page, 'Corners', 12);
    await number(page, 'Mount, between line and picture', 9);
    await number(page, 'Shadow', 40);
    await page.getByRole('button', { name: 'Set ground of the tile, seen in the mount' }).press('Enter');
    await expect(tile).toHaveCSS('background-color', 'rgb(255, 255, 255)');
    await expect(tile).toHaveCSS('border-top-left-radius', '12px');
    await expect(tile).toHaveCSS('padding-left', '9px');
    expect(await style(tile, 'box-shadow')).toContain('0.4');
    await group(page, 'Ground');
    await page.getByRole('button', { name: 'Set colour', exact: true }).press('Enter');
    await page.getByRole('radiogroup', { name: 'Colour, of the page' }).getByRole('radio', { name: 'links' }).press('Space');
    await number(page, 'Padding', 24);
    await number(page, 'Margin', 10);
    await expect(proof).toHaveCSS('background-color', 'rgb(20, 99, 111)');
    await expect(proof).toHaveCSS('padding-left', '24px');
    await expect(proof).toHaveCSS('margin-left', '10px');
    await page.getByRole('button', { name: 'Choose…' }).press('Enter');
    await page.getByRole('listbox', { name: 'Pictures of the store' }).getByRole('option').first().dblclick();
    await expect.poll(() => proof.evaluate((pane) => getComputedStyle(pane, '::before').backgroundImage)).toContain('/media/');
    await expectAccessible(page);
    // What it stands on is in use: it cannot be thrown away, and visitors get the file.
    const api = await studioApi(page);
    const { design } = await api<{ design: { finish: { ground: { picture: string } } } }>('GET', `galleries/${id}`);
    const uses = await api<{ galleries: { title: string }[] }>('GET', `pictures/${design.finish.ground.picture}/uses`);
    expect(uses.galleries.map(({ title }) => title)).toContain('Dressed: edges');
    await page.goto(await live(page, id));
    const url =
        /url\("(.*?)"\)/.exec(
            await page
                .locator('.zp')
                .last()
                .evaluate((pane) => getComputedStyle(pane, '::before').backgroundImage),
        )?.[1] ?? '';
    expect((await page.request.get(url)).status()).toBe(200);
});

test('effects move by themselves on the own pictures; one is taken, made slower, and mixed', { tag: '@long' }, async ({ page }) => {
    const { proof } = await dressed(page, 'Dressed: effects', 4);
    await pick(page, 'Under the pointer');
    const effects = page.getByRole('listbox', { name: 'Under the pointer' }).getByRole('option');
    await expect.poll(() => effects.count()).toBeGreaterThanOrEqual(10);
    const opacity = () =>
        effects
            .filter({ hasText: 'Clears' })
            .evaluate((card) => getComputedStyle(card.querySelector('.sample')?.shadowRoot?.querySelector('img') as Element).opacity);
    const seen = new Set<string>();
    await expect.poll(async () => seen.add(await opacity()).has('1') && seen.has('0.65'), { timeout: 8000, intervals: [100] }).toBe(true);
    await effects.first().focus();
    await page.keyboard.press('End');
    await page.keyboard.press('ArrowLeft');
    await effects.filter({ hasText: 'Grows' }).click();
    await group(page, 'Pointed at');
    await number(page, 'Takes', 900);
    await number(page, 'Grey at rest', 100);
    await pick(page, 'Corners');
    const image = proof.locator('li img').first();
    await expect(image).toHaveCSS('filter', 'grayscale(1)');
    await proof.locator('li').first().hover();
    await expect(image).toHaveCSS('filter', 'none');
    await expect(image).toHaveCSS('scale', '1.1');
    await expect(image).toHaveCSS('transition-duration', /^0.9s/);
    await expect
        .poll(() =>
            proof
                .locator('li>a')
                .first()
                .evaluate((link) => getComputedStyle(link, '::before').opacity),
        )
        .toBe('1');
    await expectAccessible(page);
});

test('dim at rest and clear when pointed at, in half a second, on black', async ({ page }) => {
    const { proof } = await dressed(page, 'Dressed: dim', 4);
    await group(page, 'Pointed at');
    await number(page, 'Clear at rest', 80);
    await number(page, 'Takes', 500);
    await group(page, 'Edges');
    await page.getByRole('button', { name: 'Set ground of the tile, seen in the mount' }).press('Enter');
    await page.getByRole('button', { name: 'Ground of the tile, seen in the mount, any colour' }).click();
    const hex = page.locator('.el-color-picker-panel:visible input').last();
    await hex.fill('#000000');
    await hex.press('Enter');
    await page.getByRole('button', { name: 'OK' }).last().click();
    const image = proof.locator('li img').first();
    await expect(proof.locator('li').first()).toHaveCSS('background-color', 'rgb(0, 0, 0)');
    await expect(image).toHaveCSS('opacity', '0.8');
    await expect(image).toHaveCSS('transition-duration', /^0.5s/);
    await proof.locator('li').first().hover();
    await expect(image).toHaveCSS('opacity', '1');
});
