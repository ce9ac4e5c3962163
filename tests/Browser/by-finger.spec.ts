import { demo, expect, galleryOf, test, tiles } from './support';

test('scrolls the pictures by a finger, lifts one by holding, and chooses several by tapping', async ({ browser }) => {
    const context = await browser.newContext({ viewport: { width: 820, height: 700 }, hasTouch: true });
    const page = await context.newPage();
    const id = await galleryOf(page, 'By finger', demo('reels', 'brushes', 'two-boats', 'grey-tide', 'lit-kites', 'night-crowd'));
    await page.goto(`/studio/galleries/${id}/pictures`);
    await expect(tiles(page)).toHaveCount(6);
    const names = (): Promise<string[]> => tiles(page).locator('.name').allTextContents();
    const before = await names();
    const client = await context.newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x = 0, y = 0): Promise<unknown> =>
        client.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x, y }] });
    const middle = async (index: number): Promise<{ x: number; y: number }> => {
        const box = (await tiles(page).nth(index).boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
        return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    };
    const lifted = page.locator('.sortable-chosen');
    // A finger that goes up at once scrolls, and moves no picture: to wait for each answer could be rest enough.
    const from = await middle(0);
    const sent = [touch('touchStart', from.x, from.y)];
    for (let step = 1; step <= 12; step++) sent.push(touch('touchMove', from.x, from.y - (160 * step) / 12));
    await Promise.all([...sent, touch('touchEnd')]);
    await expect.poll(() => page.evaluate(() => scrollY)).toBeGreaterThan(0);
    await expect(lifted).toHaveCount(0);
    expect(await names()).toEqual(before);
    // One that rests first lifts it.
    await page.evaluate(() => scrollTo(0, 0));
    const [at, to] = [await middle(0), await middle(2)];
    await touch('touchStart', at.x, at.y);
    await expect(lifted).not.toHaveCount(0);
    for (let step = 1; step <= 12; step++) await touch('touchMove', at.x + ((to.x - at.x) * step) / 12, at.y + ((to.y - at.y) * step) / 12);
    // No finger is still.
    let step = 0;
    await expect
        .poll(async () => {
            await touch('touchMove', to.x + 6 * (step++ % 2), to.y);
            return (await names())[0];
        })
        .not.toBe(before[0]);
    await touch('touchEnd');
    await expect(lifted).toHaveCount(0);
    expect(await names()).not.toEqual(before);
    await page.getByRole('button', { name: 'Choose several' }).tap();
    await tiles(page).nth(0).tap();
    await tiles(page).nth(1).tap();
    await tiles(page).nth(3).tap();
    await expect(page.getByRole('heading', { name: '3 chosen' })).toBeVisible();
    await page.getByRole('button', { name: 'Words…' }).tap();
    await page.getByRole('textbox', { name: 'Text' }).fill('Città ');
    await page.getByRole('button', { name: '{number}' }).tap();
    await expect(page.getByText('3 of 3 change')).toBeVisible();
    await page.getByRole('button', { name: 'Fill 3' }).tap();
    await expect.poll(async () => (await names()).filter((name) => name.startsWith('Città ')).sort()).toEqual(['Città 1', 'Città 2', 'Città 3']);
    await context.close();
});
