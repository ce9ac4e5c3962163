import type { Locator, Page } from '@playwright/test';
import { sample } from './long';
import { demo, expect, expectAccessible, galleryOf, makePictures, pageInStage, studioApi, test, tiles } from './support';

/** Goes on by Tab until it stands there; a person would give up after so many. */
async function tabTo(page: Page, goal: Locator, most = 45, focused = goal.and(page.locator(':focus'))): Promise<void> {
    for (let presses = 0; presses <= most; presses++) {
        if ((await focused.count()) > 0) return;
        await page.keyboard.press('Tab');
    }
    throw new Error(`${goal.toString()} is not within ${most} tab stops`);
}

/** The keyboard stands somewhere, and one sees where. */
async function expectFocus(page: Page, after: string): Promise<void> {
    await expect
        .poll(() => page.evaluate(() => document.activeElement?.tagName ?? 'none'), { message: `the focus after ${after}`, timeout: 4000 })
        .not.toBe('BODY');
}

const pressOn =
    (page: Page) =>
    async (keys: string, after = keys): Promise<void> => {
        await page.keyboard.press(keys);
        await expectFocus(page, after);
    };

test('goes from the door to pictures in order, with words, by keyboard alone', async ({ page }) => {
    test.slow();
    const press = pressOn(page);
    await page.goto('/studio');
    await tabTo(page, page.getByLabel('E-mail'));
    await page.keyboard.type('owner@saltreed.example');
    await page.keyboard.press('Tab');
    await page.keyboard.type('for-tests-only');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Galleries' })).toBeVisible();

    // Pictures: chosen, and one goes on where they are.
    // Listened for before the key, which nothing else holds back until the browser was told to hand the chooser over.
    const chooser = page.waitForEvent('filechooser');
    await tabTo(page, page.getByRole('button', { name: 'New gallery from pictures' }));
    await page.keyboard.press('Enter');
    await (await chooser).setFiles(makePictures(test.info().outputPath('in'), 4));
    await expect(tiles(page)).toHaveCount(4, { timeout: 60_000 });
    await expect(page.getByText('4 of 4 ready')).toBeVisible({ timeout: 60_000 });
    await tabTo(page, page.getByRole('button', { name: 'Clear' }), 90);
    await press('Enter', 'clearing the tray');

    // The title, and what Enter leaves in it.
    await tabTo(page, page.getByLabel('Title of the gallery'));
    await page.keyboard.press('Control+a');
    await page.keyboard.type('By keyboard');
    await press('Enter', 'Enter in the title');
    await expect(page.getByText(/^Saved \d/)).toBeVisible();

    // A picture moved, described, tidied; each time the keyboard stands where it stood.
    await tabTo(page, tiles(page).first());
    await press('Enter');
    await press('Alt+ArrowRight');
    await expect(tiles(page).nth(1)).toBeFocused();
    await press('t', 'opening the editor');
    await expect(page.getByRole('region', { name: 'Tidy the picture' }).getByRole('group', { name: 'What is kept' })).toBeVisible({ timeout: 30_000 });
    await press('Escape', 'closing the editor');
    await expect(tiles(page).nth(1)).toBeFocused();
    await tabTo(page, page.getByRole('button', { name: 'To start' }));
    await press('Enter', 'To start');
    await tabTo(page, page.getByRole('textbox', { name: 'Alt text' }));
    await page.keyboard.type('A noise of ellipses');
    await press('Tab');

    // An order is looked at and kept.
    await tabTo(page, page.getByRole('combobox', { name: 'Order by' }), 90);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('option', { name: 'Capture time' })).toBeVisible();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Keep it' })).toBeFocused();
    await press('Enter', 'keeping an order');

    // An album made and taken away again.
    await tabTo(page, tiles(page).first(), 90);
    await press('Escape');
    await tabTo(page, page.getByLabel('Name of a new album'), 90);
    await page.keyboard.type('Morning');
    await press('Enter', 'making an album');
    await tabTo(page, page.getByRole('button', { name: /^Remove album Morning/ }), 90);
    await press('Enter', 'removing an album');
    await expect(page.getByLabel('Name of album 1')).toHaveCount(0);
    await expectFocus(page, 'the album went away');

    // The drawer, opened and left by Escape.
    await tabTo(page, page.getByRole('button', { name: 'Add from elsewhere' }), 90);
    await press('Enter', 'opening the drawer');
    await expect(page.getByRole('radio', { name: 'Text', exact: true })).toBeVisible();
    await press('Escape', 'leaving the drawer');
    await expect(page.getByRole('button', { name: 'Add from elsewhere' })).toBeFocused();

    // Words, as a table of one tab stop.
    await tabTo(page, page.getByRole('link', { name: /^Words/ }), 90);
    await press('Enter');
    await tabTo(page, page.getByRole('gridcell', { name: /^Title of picture 1/ }));
    await page.keyboard.type('One');
    await press('Enter', 'a word');
    await page.keyboard.type('Two');
    await press('Tab');
    await expect(page.getByRole('gridcell', { name: /^Caption of picture 2/ })).toBeFocused();
});

test('goes from words to a layout and a live page by keyboard alone', async ({ page }) => {
    test.slow();
    const press = pressOn(page);
    const id = await galleryOf(page, 'By keyboard', demo('reels', 'spars', 'brushes', 'two-boats'));
    await page.goto(`/studio/galleries/${id}/words`);
    await tabTo(page, page.getByRole('link', { name: /^Layout/ }), 90);
    await press('Enter');
    await tabTo(page, page.getByRole('radio', { name: 'Grid', exact: true }), 90);
    await press('ArrowRight', 'another layout');
    await expect(page.getByRole('link', { name: /Layout Masonry/ })).toBeVisible();
    await tabTo(page, page.getByRole('slider', { name: 'Gap' }), 90);
    await press('ArrowRight', 'a wider gap');
    await press('Control+z', 'undo');

    // A page, a spot on it, live.
    await tabTo(page, page.getByRole('link', { name: /^Pages/ }), 90);
    await press('Enter');
    await tabTo(page, page.getByRole('button', { name: /^Find us/ }), 90);
    await press('Enter', 'choosing a page');
    const putLive = async (): Promise<void> => {
        await tabTo(page, page.getByRole('button', { name: 'Put live', exact: true }), 120);
        await press('Enter', 'asking to put live');
        await tabTo(page, page.getByRole('button', { name: 'Put live now' }));
        await press('Enter', 'putting live');
        await expect(page.getByRole('heading', { name: 'It is live' })).toBeVisible({ timeout: 60_000 });
        await press('Escape', 'closing the outcome');
        await expect(page.getByText('all live')).toBeVisible();
    };
    const isLive = async (): Promise<boolean> => (await (await page.request.get('/find-us')).text()).includes('By keyboard');
    const spot = (await pageInStage(page, 'Find us')).locator('[data-spot="1"] button');
    await tabTo(page, spot, 90, page.frameLocator('iframe[title^="Find us"]').locator('[data-spot="1"] button:focus'));
    await press('Enter', 'placing it');
    await expect(page.getByText('stands here')).toBeVisible();
    await putLive();
    expect(await isLive()).toBe(true);
    await tabTo(page, page.getByRole('button', { name: 'Take away' }), 120);
    await press('Enter', 'taking it away');
    await expect(page.getByText('Not there yet')).toBeVisible();
    await putLive();
    expect(await isLive()).toBe(false);
});

const NARROW = [
    ['one may look, word, order and put live at 390 px', 390, ['pictures', 'words']],
    ['one may do everything at 768 px', 768, ['pictures', 'words', 'layout', 'viewer', 'pages']],
    ['a window of 1280 px is read at 200 per cent', 640, ['pictures', 'layout', 'pages']],
] as const;

for (const [name, width, screens] of sample(NARROW, 1)) {
    test(`on narrow screens ${name}, by touch, and nothing sticks out`, async ({ browser }) => {
        const context = await browser.newContext({ viewport: { width, height: 900 }, hasTouch: true });
        const page = await context.newPage();
        const id = await galleryOf(page, `Narrow, ${width}`, demo('reels', 'spars', 'brushes'));
        const api = await studioApi(page);
        await api('PATCH', `galleries/${id}`, { version: 4, change: { kind: 'about', about: { description: 'Tools of the trade.' } } });
        for (const screen of screens) {
            await page.goto(`/studio/galleries/${id}/${screen}`);
            await expect(page.getByLabel('Title of the gallery')).toBeVisible();
            await expect(page.getByRole('button', { name: 'Put live', exact: true })).toBeInViewport({ ratio: 0.99 });
            expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth), `${screen} is no wider than the window`).toBeLessThanOrEqual(
                0,
            );
            await expectAccessible(page);
        }
        await page.goto(`/studio/galleries/${id}/pictures`);
        await tiles(page).nth(2).tap();
        await page.getByRole('button', { name: 'To start' }).tap();
        await expect(tiles(page).first()).toHaveAccessibleName(/Brushes/i);
        await page.getByRole('textbox', { name: 'Title', exact: true }).fill('Brushes, all of them');
        await page.getByRole('textbox', { name: 'Title', exact: true }).blur();
        await expect(tiles(page).first()).toHaveAccessibleName(/all of them/);
        // What a finger is to meet is large enough for it.
        const small = await page.evaluate(() =>
            [...document.querySelectorAll<HTMLElement>('main button, main a, main [role="option"], header button')]
                .filter((element) => element.checkVisibility() && !element.matches('.unseen'))
                .map(
                    (element) =>
                        ({ name: element.getAttribute('aria-label') ?? element.textContent?.trim(), ...element.getBoundingClientRect().toJSON() }) as {
                            name: string;
                            width: number;
                            height: number;
                        },
                )
                .filter(({ width: w, height }) => Math.min(w, height) < 24)
                .map(({ name: said, width: w, height }) => `${said} ${Math.round(w)} x ${Math.round(height)}`),
        );
        expect(small).toEqual([]);
        await page.getByRole('button', { name: 'Put live', exact: true }).tap();
        await page.getByRole('button', { name: 'Put live now' }).tap();
        await expect(page.getByRole('heading', { name: 'It is live' })).toBeVisible({ timeout: 60_000 });
        await context.close();
    });
}

test('opens the viewer within a proof, by what visitors run, and runs nothing of the page', async ({ page }) => {
    const id = await galleryOf(page, 'In the proof', demo('two-boats', 'grey-tide'));
    await page.goto(`/studio/galleries/${id}/layout`);
    const proof = page.frameLocator('iframe[title^="Wide proof"]');
    await proof.locator('.zp-tiles a').first().click();
    await expect(proof.getByRole('dialog', { name: 'In the proof' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(proof.getByRole('dialog')).toHaveCount(0);
    // A layout that was just chosen is alive as well.
    await page.getByRole('radio', { name: 'Strip', exact: true }).press('Space');
    await expect(proof.locator('.zp-strip .zp-on')).toBeAttached();
});

test('steps a strip from right to left where a page is read so', async ({ page }) => {
    const id = await galleryOf(page, 'From the right', demo('two-boats', 'grey-tide', 'reels', 'spars', 'brushes'));
    const api = await studioApi(page);
    await api('PATCH', `galleries/${id}`, { version: 6, change: { kind: 'design', design: { layout: { kind: 'strip', height: 300 } } } });
    await page.route(`**/studio/proof/${id}`, async (route) => {
        const answer = await route.fetch();
        await route.fulfill({ response: answer, body: (await answer.text()).replace('<html', '<html dir="rtl"') });
    });
    await page.setViewportSize({ width: 700, height: 700 });
    await page.goto(`/studio/proof/${id}`);
    const list = page.locator('.zp-tiles');
    const done = () => list.evaluate((element) => Math.round(Math.abs(element.scrollLeft)));
    const [back, on] = ['Previous pictures', 'Next pictures'].map((name) => page.getByRole('button', { name })) as [Locator, Locator];
    await expect(back).toHaveAttribute('aria-disabled', 'true');
    expect((await on.boundingBox())?.x).toBeLessThan(200);
    await on.click();
    await expect.poll(done).toBeGreaterThan(100);
    // The second tile comes to stand where one begins to read.
    const off = async (): Promise<number> => {
        const [edge, tile] = await Promise.all([list.boundingBox(), list.locator('li').nth(1).boundingBox()]);
        return Math.abs((edge?.x ?? 0) + (edge?.width ?? 0) - (tile?.x ?? 0) - (tile?.width ?? 0));
    };
    await expect.poll(off).toBeLessThanOrEqual(2);
    await list.focus();
    await page.keyboard.press('ArrowRight');
    await expect.poll(done).toBe(0);
    await expect(back).toHaveAttribute('aria-disabled', 'true');
    await list.locator('a').first().click();
    const viewer = page.getByRole('dialog', { name: 'From the right' });
    await page.keyboard.press('ArrowLeft');
    await expect(viewer).toContainText('2 of 5');
    const [next, previous] = await Promise.all(
        ['Next picture', 'Previous picture'].map((name) => page.getByRole('button', { name, exact: true }).boundingBox()),
    );
    expect(next?.x).toBeLessThan(previous?.x ?? 0);
});
