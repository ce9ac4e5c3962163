import { writeFileSync } from 'node:fs';
import { expect, expectAccessible, putLive, studioApi, test } from './support';
import { Fingers, large, openTile, tilesOf, viewed } from './viewing';

const NAMES = ['two-boats', 'grey-tide', 'reels'];

test('magnifies by a loupe, over tiles and in the large view, by pointer and by finger', async ({ page, browser }) => {
    await viewed(page, 'Loupe', NAMES, { zoom: { loupe: 'both', size: 200, strength: 4 } });
    await page.goto('/repairs');
    const tile = tilesOf(page).first();
    const glass = page.locator('[popover]:popover-open');
    await expect
        .poll(async () => {
            await tile.hover();
            await page.mouse.move((await tile.boundingBox())!.x + 90, (await tile.boundingBox())!.y + 70);
            return glass.count();
        })
        .toBe(1);
    const [box, seen] = [await tile.locator('img').boundingBox(), await glass.boundingBox()];
    expect([Math.round(seen?.width ?? 0), Math.round((seen?.x ?? 0) + 100 - (box?.x ?? 0))]).toEqual([200, 90]);
    expect(await glass.locator('img').evaluate((image: HTMLImageElement) => image.getBoundingClientRect().width)).toBeCloseTo(4 * (box?.width ?? 0), 0);
    await page.mouse.move(2, 2);
    await expect(glass).toHaveCount(0);
    await openTile(page);
    await page.getByRole('button', { name: 'Magnifier' }).click();
    const { stage, count } = large(page);
    await stage.hover();
    await expect(glass).toHaveCount(1);
    await expectAccessible(page);
    await page.keyboard.press('ArrowRight');
    await expect(count).toHaveText('2 of 3');
    await expect(glass).toHaveCount(0);
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const visitor = await context.newPage();
    await visitor.goto('/repairs');
    const finger = await Fingers.of(visitor);
    await visitor.waitForFunction(() => customElements.get('zinc-viewer'));
    const place = await tilesOf(visitor).first().boundingBox();
    const at = { x: (place?.x ?? 0) + 60, y: (place?.y ?? 0) + 60 };
    const near = visitor.locator('[popover]:popover-open');
    await finger.rest(at, near, { x: at.x + 30, y: at.y });
    await expect(near).toHaveCount(1);
    await finger.lift();
    await expect(near).toHaveCount(0);
    await expect(visitor.getByRole('dialog')).toHaveCount(0);
    await context.close();
});

test('lets the words be read and copied: none are covered, all can be come to, and drawing over them turns nothing', async ({ page }) => {
    const { id } = await viewed(page, 'Long words', NAMES);
    const api = await studioApi(page);
    const gallery = await api<{ version: number; items: { id: string }[] }>('GET', `galleries/${id}`);
    const long = Array.from({ length: 60 }, (_, n) => `Sentence ${n} of a long description of it all.`)
        .join(' ')
        .slice(0, 2000);
    await api('PATCH', `galleries/${id}`, {
        version: gallery.version,
        change: { kind: 'words', words: { [gallery.items[0]?.id ?? '']: { description: long } } },
    });
    await putLive(page, id);
    await page.goto('/repairs');
    await openTile(page);
    const { words, count, pic } = large(page);
    await expect(words).toHaveAttribute('tabindex', '0');
    await words.hover();
    await page.mouse.wheel(0, 5000);
    await expect.poll(() => words.evaluate((element) => element.scrollHeight - element.clientHeight - element.scrollTop)).toBeLessThan(2);
    await words.focus();
    await page.keyboard.press('Home');
    const box = await words.boundingBox();
    if (!box) throw new Error('no words');
    await page.mouse.move(box.x + box.width / 2 - 200, box.y + 40);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 200, box.y + 40, { steps: 5 });
    await page.mouse.up();
    await expect(count).toHaveText('1 of 3');
    expect((await pic.boundingBox())!.y + (await pic.boundingBox())!.height).toBeLessThanOrEqual(box.y + 0.5);
});

test('fills the screen and comes back, with the dialog over the page and the focus where it was', async ({ page }) => {
    await viewed(page, 'Full', NAMES);
    await page.goto('/repairs');
    await openTile(page);
    const full = page.getByRole('button', { name: 'Full screen' });
    await full.click();
    await expect.poll(() => page.evaluate(() => document.fullscreenElement === document.documentElement)).toBe(true);
    expect(await page.evaluate(() => document.elementFromPoint(innerWidth / 2, innerHeight / 2)?.localName)).toBe('zinc-viewer');
    await expect(full).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(large(page).count).toHaveText('2 of 3');
    await full.click();
    await expect.poll(() => page.evaluate(() => document.fullscreenElement)).toBeNull();
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('plays a video on opening with its picture and its words, and stops it when it is left', async ({ page }) => {
    const { id } = await viewed(page, 'Video', NAMES.slice(0, 2));
    const api = await studioApi(page);
    const { picture } = await api<{ picture: { id: string } }>('POST', `galleries/${id}/pictures`, 'tests/Feature/files/clip.webm');
    const gallery = await api<{ items: { picture: { id: string } | null }[] }>('GET', `galleries/${id}`);
    await api('PATCH', `pictures/${picture.id}`, { poster: gallery.items[0]?.picture?.id });
    writeFileSync('storage/framework/testing/clip.vtt', 'WEBVTT\n\n00:00.000 --> 00:00.900\nOff it goes.\n');
    await api('POST', `galleries/${id}/pictures`, 'storage/framework/testing/clip.vtt');
    await putLive(page, id);
    await page.goto('/repairs');
    await openTile(page, 2);
    const video = page.getByRole('dialog').locator('.frame:not([style*="hidden"]) video');
    await expect.poll(() => video.evaluate((one: HTMLVideoElement) => one.currentTime)).toBeGreaterThan(0);
    expect(await video.evaluate((one: HTMLVideoElement) => [one.poster !== '', one.querySelector('track')?.kind])).toEqual([true, 'captions']);
    await expect.poll(() => video.evaluate((one: HTMLVideoElement) => one.textTracks[0]?.cues?.length ?? 0)).toBe(1);
    // Its arrow keys are its own; the buttons turn.
    const handle = await video.elementHandle();
    await page.getByRole('button', { name: 'Next picture', exact: true }).click();
    await expect(large(page).count).toHaveText('1 of 3');
    expect(await handle?.evaluate((one) => (one as HTMLVideoElement).paused)).toBe(true);
    await page.keyboard.press('Escape');
});
