import { readFileSync } from 'node:fs';
import { dressed, group, live, number, pick } from './dressing';
import { expect, expectAccessible, studioApi, test } from './support';

test('pictures rise one after another as the visitor comes to them, and are never hidden without a script', async ({ page, browser }) => {
    const { id } = await dressed(page, 'Dressed: arrival', 12, 0, { kind: 'single' });
    await group(page, 'Arrival');
    await pick(page, 'Rise');
    await number(page, 'Each takes', 800);
    await expect(page.getByRole('button', { name: /^Arrival rise, 60 ms apart, once/ })).toBeVisible();
    const address = await live(page, id);
    await page.goto(address);
    const last = page.locator('.zp-tiles>li').last();
    await expect(last).toHaveCSS('opacity', '0');
    // It comes once, and for less than a second: that is written down as it happens, whatever holds this test up meanwhile.
    const coming = await last.evaluateHandle((tile: HTMLElement) => {
        const seen: string[] = [];
        tile.addEventListener('animationstart', () => seen.push(tile.className));
        return seen;
    });
    await last.scrollIntoViewIfNeeded();
    await expect(last).toHaveCSS('opacity', '1');
    await expect(last).not.toHaveClass(/zp-(waits|comes)/);
    expect(await coming.jsonValue()).toEqual([expect.stringContaining('zp-comes')]);
    const scripts = await page.locator('script').evaluateAll((all) => all.map((one) => (one as HTMLScriptElement).src));
    expect(scripts.some((src) => src.includes('zinc-pane-arrival'))).toBe(true);
    for (const how of [{ javaScriptEnabled: false }, { reducedMotion: 'reduce' as const }]) {
        const still = await (await browser.newContext({ ...how })).newPage();
        await still.goto(address);
        for (const tile of await still.locator('.zp-tiles>li').all()) await expect(tile).toHaveCSS('opacity', '1');
        await still.context().close();
    }
    await page.goto('/kites');
    expect(await page.content()).not.toContain('zinc-pane-arrival');
});

test('lanes drift against each other with the scrolling and back; six characters; heights of their own', { tag: '@long' }, async ({ page, browser }) => {
    const { id, proof } = await dressed(page, 'Dressed: drift', 12, 0, { kind: 'grid', columns: 3, shape: '2:3' });
    await pick(page, 'Drift');
    const characters = page.getByRole('listbox', { name: 'Drift' }).getByRole('option');
    await expect(characters).toHaveCount(7);
    await characters.nth(1).focus();
    await page.keyboard.press('Enter');
    await expect(proof.locator('.zp-drift')).toHaveCSS('height', '620px');
    await group(page, 'Drift');
    await number(page, 'Height on wide pages', 500);
    await number(page, 'Height on a phone', 300);
    await expect(page.frameLocator('iframe[title^="Phone"]').locator('.zp-drift')).toHaveCSS('height', '300px');
    await expectAccessible(page);
    await page.goto(await live(page, id));
    const at = async (scroll: number): Promise<number[]> => {
        await page.evaluate((top) => scrollTo({ top, behavior: 'instant' }), scroll);
        await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
        return page.locator('.zp-drift li').evaluateAll((tiles) => tiles.slice(0, 3).map((tile) => new DOMMatrix(getComputedStyle(tile).transform).m42));
    };
    const [start, later, back] = [await at(100), await at(350), await at(100)];
    const moved = later.map((y, lane) => y - (start[lane] ?? 0));
    expect(Math.sign(moved[0] ?? 0)).toBe(-Math.sign(moved[1] ?? 0));
    expect(Math.sign(moved[0] ?? 0)).toBe(Math.sign(moved[2] ?? 0));
    expect(Math.abs(moved[0] ?? 0)).toBeGreaterThan(10);
    expect(back.map(Math.round)).toEqual(start.map(Math.round));
    // Who goes by keyboard sees what has the focus.
    await page.locator('.zp-drift a').last().focus();
    await page.keyboard.press('Shift+Tab');
    const seen = await page.evaluate(() => {
        const link = document.activeElement?.getBoundingClientRect();
        const frame = document.activeElement?.closest('.zp-drift')?.getBoundingClientRect();
        return link && frame ? Math.min(link.bottom, frame.bottom) - Math.max(link.top, frame.top) : 0;
    });
    expect(seen).toBeGreaterThan(100);
    const still = await (await browser.newContext({ reducedMotion: 'reduce' })).newPage();
    await still.goto('/repairs');
    const whole = await still.locator('.zp-drift').evaluate((frame) => [frame.clientHeight, frame.scrollHeight]);
    expect(whole[0]).toBe(whole[1]);
    await still.context().close();
});

test('a finish is taken, kept under a name, followed, changed with its followers, sent out and taken in', { tag: '@long' }, async ({ page, trouble }) => {
    const other = await dressed(page, 'Dressed: follower', 3);
    const { id } = await dressed(page, 'Dressed: named', 3, 3);
    await page.getByRole('option', { name: /^Night shed/ }).click();
    await expect(page.getByRole('link', { name: /Finish Night shed$/ })).toBeVisible();
    await expect(page.getByRole('option', { name: /^Night shed/ })).toHaveAttribute('aria-selected', 'true');
    const name = `Evening ${Date.now() % 100000}`;
    await page.getByRole('button', { name: 'Keep as a finish…' }).press('Enter');
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('option', { name: new RegExp(`^${name} one gallery follows it`) })).toBeVisible();

    await page.goto(`/studio/galleries/${other.id}/finish`);
    await page.getByRole('option', { name: new RegExp(`^${name}`) }).click();
    await expect(page.getByRole('link', { name: `Finish ${name}` })).toBeVisible();
    await page.goto(`/studio/galleries/${id}/finish`);
    await group(page, 'Edges');
    await number(page, 'Corners', 20);
    await expect(page.getByRole('link', { name: `Finish ${name}, changed` })).toBeVisible();
    await page.getByRole('button', { name: `Change “${name}”…` }).press('Enter');
    await expect(page.getByText('These follow: “Dressed: follower”. They will look like this one.')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: `Change “${name}”`, exact: true }).press('Enter');
    await expect(page.getByRole('link', { name: `Finish ${name}`, exact: true })).toBeVisible();
    const api = await studioApi(page);
    const corners = async (of: string) =>
        (await api<{ design: { finish: { edges: { corners: number } } } }>('GET', `galleries/${of}`)).design.finish.edges.corners;
    expect([await corners(id), await corners(other.id)]).toEqual([20, 20]);

    const sent = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Send it out' }).click();
    const contents = readFileSync(await (await sent).path(), 'utf8');
    const file = JSON.parse(contents) as { name: string; schema: number };
    expect(file.name).toBe(name);
    const takeIn = (text: string) =>
        page.locator('input[type=file]').setInputFiles({ name: 'x.finish.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await takeIn(contents);
    await expect(page.getByRole('alert')).toContainText(`There is a finish called “${name}” already`);
    await takeIn(JSON.stringify({ ...file, schema: 99, name: 'Later' }));
    await expect(page.getByRole('alert')).toContainText('schema 99; this installation reads up to');
    await takeIn(JSON.stringify({ ...file, name: `${name} b` }));
    await expect(page.getByRole('option', { name: new RegExp(`^${name} b`) })).toBeVisible();
    // What was refused is told by the browser, too.
    trouble.length = 0;
    // What is deleted leaves all that followed it as they are.
    await page.getByRole('button', { name: 'Delete it…' }).press('Enter');
    await expect(page.getByText('These follow: “Dressed: follower”. All stay as they are, and follow nothing from then on.')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'Delete it…' })).toBeFocused();
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: `Delete “${name}”` }).press('Enter');
    await expect(page.getByRole('option', { name: new RegExp(`^${name} (?!b)`) })).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Delete it…' })).toBeHidden();
    expect([await corners(id), await corners(other.id)]).toEqual([20, 20]);
    // And the finish of another gallery, as it wears it.
    await page.getByRole('option', { name: /^Kites for sale/ }).click();
    await expect(page.getByRole('link', { name: /Finish Mounted/ })).toBeVisible();
    for (const { key, source } of (await api<{ cards: { key: string; source: string }[] }>('GET', `galleries/${id}/finishes`)).cards)
        if (source === 'kept') await api('DELETE', `finishes/${key}`);
});

test('colours and letters of the page at one press, and letters that ship with the program', { tag: '@long' }, async ({ page }) => {
    const { id, proof } = await dressed(page, 'Dressed: letters', 4, 4);
    await pick(page, 'Below');
    await group(page, 'Lettering');
    await expect(page.getByText('The page writes in Source Serif 4')).toBeVisible();
    await page.getByRole('button', { name: 'Take colours and letters from the page' }).press('Enter');
    const said = proof.locator('.zp-said').first();
    await pick(page, 'Archivo');
    await number(page, 'Size of captions', 18);
    await number(page, 'Weight of captions', 600);
    await expect(said).toHaveCSS('font-size', '18px');
    await expect(said).toHaveCSS('font-weight', '600');
    await expect(said).toHaveCSS('font-family', /ZP Archivo/);
    const api = await studioApi(page);
    const { design } = await api<{ design: { finish: { edges: { colour: string }; captions: { ground: string } } } }>('GET', `galleries/${id}`);
    expect([design.finish.edges.colour, design.finish.captions.ground]).toEqual(['#14636f', '#1b2a30']);
    // A window of its own: the proofs of the studio fetch the same letters.
    const visitor = await page.context().newPage();
    const fonts: string[] = [];
    visitor.on('request', (request) => request.url().includes('archivo') && fonts.push(request.url()));
    await visitor.goto(await live(page, id));
    await expect(visitor.locator('link[rel=preload][href*=archivo]')).toHaveCount(1);
    expect(await visitor.evaluate(async () => (await document.fonts.load('18px "ZP Archivo"')).length)).toBe(1);
    expect(fonts).toHaveLength(1);
    await visitor.close();
});

test('an id, classes, and CSS that cannot leave the gallery', { tag: '@long' }, async ({ page, trouble }) => {
    const { id, proof } = await dressed(page, 'Dressed: css', 3, 3);
    await group(page, 'Your CSS');
    const field = (name: string) => page.getByRole('textbox', { name, exact: true });
    await field('Id').fill('my kites');
    await field('Id').press('Tab');
    await expect(page.getByText(/design.finish.own.id takes a letter, then letters/)).toBeVisible();
    await field('Id').fill('my-kites');
    await field('Id').press('Tab');
    await expect(proof).toHaveAttribute('id', 'my-kites');
    await field('Classes').fill('large sunny');
    await field('Classes').press('Tab');
    await expect(proof).toHaveClass(/large sunny/);
    await page.getByText('Names that you can style').click();
    await expect(page.getByText('.zp-caption', { exact: true })).toBeVisible();
    await field('CSS for this gallery').fill('@import "x.css"; p { background: url(//elsewhere/x.png) }');
    await field('CSS for this gallery').press('Tab');
    await expect(page.getByText(/“@import ``”: it does not hold for one gallery alone; “background: url/)).toBeVisible();
    await field('CSS for this gallery').fill('img { outline: 3px solid rgb(1, 2, 3) } h1, body, * { color: rgb(4, 5, 6) }');
    await field('CSS for this gallery').press('Tab');
    await expect(proof.locator('img').first()).toHaveCSS('outline-color', 'rgb(1, 2, 3)');
    await expectAccessible(page);
    // What was refused is told by the browser, too.
    trouble.length = 0;
    await page.goto(await live(page, id));
    await expect(page.locator('#my-kites img').first()).toHaveCSS('outline-color', 'rgb(1, 2, 3)');
    await expect(page.locator('h1')).not.toHaveCSS('color', 'rgb(4, 5, 6)');
    await expect(page.locator('body')).not.toHaveCSS('color', 'rgb(4, 5, 6)');
});
