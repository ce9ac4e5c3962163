import { sample } from './long';
import { expect, expectAccessible, putLive, test } from './support';
import { Fingers, large, openTile, rested, scaleOf, setViewer, sharpness, stands, tilesOf, viewed } from './viewing';

const NAMES = ['two-boats', 'grey-tide', 'reels', 'spars', 'brushes', 'evening-train'];

test('opens at once with what the page has, sharpens, and fetches no file too narrow or too wide at any zoom', async ({ page, trouble }) => {
    await viewed(page, 'Sharp', NAMES);
    await page.goto('/repairs');
    // The large files come late: the tile's own stands there meanwhile.
    let letGo: () => void = () => {};
    const gate = new Promise<void>((resolve) => (letGo = resolve));
    const first = await tilesOf(page)
        .first()
        .locator('img')
        .evaluate((image: HTMLImageElement) => image.decode().then(() => image.currentSrc));
    await page.route(/\/media\/.*\.webp/, async (route) => {
        if (route.request().url() !== first) await gate;
        await route.continue();
    });
    await openTile(page);
    const { pic, dialog, count } = large(page);
    const own = Number(await tilesOf(page).first().locator('img').getAttribute('width'));
    expect(
        await pic
            .locator('img')
            .first()
            .evaluate((image: HTMLImageElement) => image.currentSrc),
    ).toBe(first);
    await expect(count).toHaveText('1 of 6');
    letGo();
    for (const [key, times] of [
        ['', 1],
        ['+', 1.35],
        ['+', 1.82],
        ['+', 2.46],
        ['+', 3.32],
        ['+', 4],
    ] as const) {
        if (key) await page.keyboard.press(key);
        await expect.poll(() => scaleOf(pic)).toBeCloseTo(times, 1);
        await expect
            .poll(
                async () => {
                    const { file, drawn } = await sharpness(pic);
                    return file >= Math.min(drawn, own) - 1 && (file <= drawn * 1.25 + 1 || file <= 240);
                },
                { message: `at ${times} times` },
            )
            .toBe(true);
    }
    await page.keyboard.press('0');
    await expect.poll(() => scaleOf(pic)).toBeCloseTo(1, 2);
    // A file that is not there leaves what the page has, and no broken sign.
    await page.unrouteAll();
    await page.route(/\/media\/.*\.webp/, (route) => route.fulfill({ status: 500 }));
    const refused = page.waitForEvent('requestfinished', (request) => request.url().endsWith('.webp'));
    await page.keyboard.press('ArrowRight');
    await expect(count).toHaveText('2 of 6');
    await refused;
    await rested(page);
    expect(
        await dialog
            .locator('.frame:not([style*="hidden"]) img')
            .evaluateAll((images) => (images as HTMLImageElement[]).filter((image) => image.complete && image.naturalWidth === 0).length),
    ).toBe(0);
    await page.unrouteAll();
    // The browser itself tells of what was refused on purpose.
    expect(trouble.splice(0).every((one) => one.includes('500'))).toBe(true);
});

test('enlarges by wheel, keys, double click and buttons, is drawn about within its edges, and leaves the page its own zoom', async ({ page }) => {
    await viewed(page, 'Zoom', NAMES, { zoom: { slider: true } });
    await page.goto('/repairs');
    await openTile(page);
    const { pic, stage, count } = large(page);
    const room = await stage.boundingBox();
    if (!room) throw new Error('no stage');
    const [x, y] = [room.x + room.width / 2, room.y + room.height / 2];
    await page.mouse.move(x + 60, y + 40);
    // What lies under the pointer stays under it.
    const under = () =>
        pic.evaluate(
            (element, [px, py]) => {
                const box = element.getBoundingClientRect();
                return [((px ?? 0) - box.left) / box.width, ((py ?? 0) - box.top) / box.height];
            },
            [x + 60, y + 40],
        );
    const before = await under();
    await page.mouse.wheel(0, -400);
    await expect.poll(() => scaleOf(pic)).toBeGreaterThan(1.5);
    const after = await under();
    for (const axis of [0, 1]) expect(after[axis]).toBeCloseTo(before[axis] ?? 0, 2);
    // With Ctrl the wheel is the browser's own.
    const taken = await stage.evaluate(
        (element) => !element.dispatchEvent(new WheelEvent('wheel', { deltaY: -100, ctrlKey: true, cancelable: true, bubbles: true })),
    );
    expect(taken).toBe(false);
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 2000, y + 2000, { steps: 6 });
    await page.mouse.up();
    await stands(pic);
    const [box, edges] = [await pic.boundingBox(), await stage.boundingBox()];
    expect(Math.abs((box?.x ?? 0) - (edges?.x ?? 0))).toBeLessThanOrEqual(1);
    await expect(count).toHaveText('1 of 6');
    // Arrow keys move what is enlarged, and turn what is not.
    const left = (await pic.boundingBox())?.x ?? 0;
    await page.keyboard.press('ArrowRight');
    // It is drawn with the next frame.
    await expect.poll(async () => (await pic.boundingBox())?.x).toBeLessThan(left);
    await page.keyboard.press('0');
    await expect.poll(() => scaleOf(pic)).toBeCloseTo(1, 2);
    await page.mouse.dblclick(x, y);
    await expect.poll(() => scaleOf(pic)).toBeGreaterThan(2);
    await page.mouse.dblclick(x, y);
    await expect.poll(() => scaleOf(pic)).toBeCloseTo(1, 2);
    await page.getByRole('button', { name: 'Enlarge' }).click();
    await expect.poll(() => scaleOf(pic)).toBeCloseTo(1.35, 2);
    const slider = page.getByRole('slider', { name: 'Size' });
    await slider.fill('3');
    await expect.poll(() => scaleOf(pic)).toBeCloseTo(3, 1);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Make smaller' }).click();
    await expect.poll(() => scaleOf(pic)).toBeCloseTo(2.22, 1);
    // A resized window takes the picture with it.
    await page.keyboard.press('0');
    await page.setViewportSize({ width: 700, height: 500 });
    await expect
        .poll(async () => {
            const [p, s] = [await pic.boundingBox(), await stage.boundingBox()];
            return p && s && p.width <= s.width + 1 && p.height <= s.height + 1 && (Math.abs(p.width - s.width) < 2 || Math.abs(p.height - s.height) < 2);
        })
        .toBe(true);
});

const FINGERS = [
    { width: 390, height: 844 },
    { width: 844, height: 390 },
    { width: 820, height: 1180 },
];

for (const size of sample(FINGERS, 1)) {
    test(`is worked by fingers at ${size.width} x ${size.height}`, async ({ page, browser }) => {
        await viewed(page, `Fingers ${size.width}`, NAMES);
        const context = await browser.newContext({ viewport: size, hasTouch: true, isMobile: true });
        const visitor = await context.newPage();
        await visitor.goto('/repairs');
        await tilesOf(visitor).first().tap();
        await expect(visitor.getByRole('dialog')).toBeVisible();
        await rested(visitor);
        const fingers = await Fingers.of(visitor);
        const { pic, count, stage } = large(visitor);
        const room = await stage.boundingBox();
        if (!room) throw new Error('no stage');
        const middle = { x: room.x + room.width / 2, y: room.y + room.height / 2 };
        const far = room.width * 0.3;
        // Two fingers enlarge, and turn nothing.
        await fingers.pinch(middle, 80, 200);
        await expect.poll(() => scaleOf(pic)).toBeGreaterThan(2);
        await expect(count).toHaveText('1 of 6');
        // Enlarged, one finger draws it about.
        const before = await pic.boundingBox();
        await fingers.draw(middle, { x: middle.x - far, y: middle.y });
        await expect.poll(async () => (await pic.boundingBox())?.x).toBeLessThan(before?.x ?? 0);
        await expect(count).toHaveText('1 of 6');
        await fingers.pinch(middle, 220, 40);
        await expect.poll(() => scaleOf(pic)).toBeCloseTo(1, 2);
        await fingers.tapTwice(middle);
        await expect.poll(() => scaleOf(pic)).toBeGreaterThan(1.5);
        await fingers.tapTwice(middle);
        await expect.poll(() => scaleOf(pic)).toBeCloseTo(1, 2);
        // A finger takes the picture with it: a little way and back, and a long way on.
        await fingers.draw(middle, { x: middle.x - 20, y: middle.y }, 4, 60);
        await expect(count).toHaveText('1 of 6');
        await fingers.draw(middle, { x: middle.x - far, y: middle.y });
        await expect(count).toHaveText('2 of 6');
        await rested(visitor);
        await fingers.draw(middle, { x: middle.x + far, y: middle.y });
        await expect(count).toHaveText('1 of 6');
        await rested(visitor);
        await expectAccessible(visitor);
        // Down and away.
        await fingers.draw({ x: middle.x, y: room.y + 20 }, { x: middle.x, y: room.y + 200 });
        await expect(visitor.getByRole('dialog')).toHaveCount(0);
        await expect(visitor).toHaveURL(/\/repairs$/);
        await context.close();
    });
}

test('has an address for every picture, which opens it, is kept by a reload, shared, and costs no extra "back"', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await viewed(page, 'Addresses', NAMES);
    await page.goto('/find-us');
    await page.goto('/repairs');
    await openTile(page, 1);
    await page.keyboard.press('ArrowRight');
    const { count } = large(page);
    await expect(page).toHaveURL(/\/repairs#zp-[0-9a-z]+-[0-9a-z]+$/);
    const address = page.url();
    await page.getByRole('button', { name: 'Share' }).click();
    await expect(count).toHaveText('The address was copied');
    expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(address);
    await page.reload();
    await expect(count).toHaveText('3 of 6');
    await page.goBack();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page).toHaveURL(/\/repairs$/);
    await expect.poll(() => page.evaluate(() => history.scrollRestoration)).toBe('auto');
    await page.goForward();
    await expect(count).toHaveText('3 of 6');
    await page.goBack();
    await page.goBack();
    await expect(page).toHaveURL(/\/find-us$/);
    // Come to by the address alone: closing stays on the page, and "back" leads to where one came from.
    await page.goto(address);
    await expect(count).toHaveText('3 of 6');
    // How the page is put back is its own affair.
    await page.evaluate(() => (history.scrollRestoration = 'manual'));
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page).toHaveURL(/\/repairs$/);
    await expect(tilesOf(page).nth(2)).toBeFocused();
    await stands(tilesOf(page).nth(2));
    expect(await page.evaluate(() => history.scrollRestoration)).toBe('manual');
    await page.goBack();
    await expect(page).toHaveURL(/\/find-us$/);
    await page.goto('/repairs#zp-nothing-here');
    await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('closes after a reload that could not open it again, at no extra "back", and turns to an address that is written by hand', async ({ page }) => {
    const { id } = await viewed(page, 'Not told', NAMES.slice(0, 3), { controls: { share: false } });
    await page.goto('/find-us');
    await page.goto('/repairs');
    await openTile(page);
    await page.reload();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await openTile(page, 1);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(tilesOf(page).nth(1)).toBeFocused();
    await page.goBack();
    await expect(page).toHaveURL(/\/find-us$/);
    await setViewer(page, id, { controls: { share: true } });
    await putLive(page, id);
    await page.goto('/repairs');
    await openTile(page);
    const { count } = large(page);
    await tilesOf(page)
        .nth(2)
        .evaluate((link) => (location.hash = link.parentElement?.id ?? ''));
    await expect(count).toHaveText('3 of 3');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page).toHaveURL(/\/repairs$/);
});

test('plays by itself, fading or not, and stands still for a pointer, the focus, open words, a hidden tab', async ({ page }) => {
    const { id } = await viewed(page, 'Playing', NAMES.slice(0, 3), { playing: { seconds: 2, repeats: false } });
    await page.clock.install();
    await page.goto('/repairs');
    await openTile(page);
    const { count, stage } = large(page);
    const goesOn = async (to: string): Promise<void> => expect(count).toHaveText(to, { timeout: 6000 });
    const holds = async (at: string): Promise<void> => {
        await page.clock.runFor(2600);
        await expect(count).toHaveText(at);
    };
    const play = page.getByRole('button', { name: 'Play slideshow' });
    await play.click();
    await goesOn('2 of 3');
    await stage.hover();
    await holds('2 of 3');
    await page.mouse.move(3, 3);
    await goesOn('3 of 3');
    // At the end it is over, where it is not to begin again.
    await expect(play).toBeVisible({ timeout: 6000 });
    await page.keyboard.press('Home');
    await play.press('Enter');
    await page.keyboard.press('Shift+Tab');
    await holds('1 of 3');
    await page.getByRole('button', { name: 'Pause slideshow' }).press('Enter');
    await page.keyboard.press('Escape');
    // Those who want less motion are not played to unasked.
    await setViewer(page, id, { playing: { starts: true, repeats: true } });
    await putLive(page, id);
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.reload();
    await openTile(page);
    await expect(play).toBeVisible();
    await page.keyboard.press('Escape');
    await page.emulateMedia({ reducedMotion: 'no-preference' });
    await page.reload();
    await openTile(page);
    await page.mouse.move(3, 3);
    await expect(page.getByRole('button', { name: 'Pause slideshow' })).toBeVisible();
    await goesOn('2 of 3');
});
