import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { choose, demo, expect, expectAccessible, galleryOf, makePictures, putLive, signIn, studioApi, test, tiles } from './support';

const FOLDER = join(tmpdir(), `zinc-pane-safe-${process.pid}`);
const LINE = /ERR_INTERNET_DISCONNECTED|Failed to fetch/;

test('keeps what is typed while the line is down, through a reload, and sends it when the line is back', async ({ page, context, trouble }) => {
    const id = await galleryOf(page, 'A broken line', demo('reels', 'brushes', 'two-boats'));
    await page.goto(`/studio/galleries/${id}/words`);
    const caption = (row: number) => page.getByRole('gridcell', { name: new RegExp(`^Caption of picture ${row}:`) });
    await caption(1).focus();
    await context.setOffline(true);
    await page.keyboard.type('Low tide');
    await page.keyboard.press('Enter');
    await page.keyboard.type('At noon');
    await page.keyboard.press('Escape');
    await page.keyboard.type('At dusk');
    await page.keyboard.press('Tab');
    // On the screen, and said.
    await expect(caption(1)).toContainText('Low tide');
    await expect(page.getByText(/Not saved yet: \d changes? waits? for the line/)).toBeVisible();
    await expectAccessible(page);
    await context.setOffline(false);
    // Closing asks; whoever goes all the same finds it again.
    const asked = page.waitForEvent('dialog').then((dialog) => dialog.accept());
    await Promise.all([asked, page.evaluate(() => setTimeout(() => location.reload()))]).catch(() => undefined);
    await expect(caption(1)).toContainText('Low tide', { timeout: 20_000 });
    await expect(page.getByText(/^Saved \d/)).toBeVisible({ timeout: 20_000 });
    const api = await studioApi(page);
    const { items } = await api<{ items: { words: { caption: string } }[] }>('GET', `galleries/${id}`);
    expect(items.map(({ words }) => words.caption)).toEqual(['Low tide', 'At dusk', items[2]?.words.caption]);
    // What came through before the window went away is a newer version; nobody is asked of one's own.
    expect(trouble.splice(0).filter((text) => !LINE.test(text) && !text.includes('409'))).toEqual([]);
});

test('loses no key on a slider, however fast it is pressed, and makes a picture large in the mosaic', async ({ page }) => {
    const id = await galleryOf(page, 'Fast keys', demo('reels', 'brushes', 'two-boats', 'grey-tide'));
    await page.goto(`/studio/galleries/${id}/layout`);
    const gap = page.getByRole('slider', { name: 'Gap' });
    await gap.focus();
    const from = Number(await gap.getAttribute('aria-valuenow'));
    for (let press = 0; press < 14; press++) await page.keyboard.press('ArrowRight');
    await expect(gap).toHaveAttribute('aria-valuenow', String(from + 14));
    await expect(page.getByText(/^Saved \d/)).toBeVisible();
    await expect(gap).toHaveAttribute('aria-valuenow', String(from + 14));
    const api = await studioApi(page);
    const gallery = async () => api<{ design: { layout: { gap: number } }; undo: { says: string }; items: { large: boolean }[] }>('GET', `galleries/${id}`);
    expect([(await gallery()).design.layout.gap, (await gallery()).undo.says]).toEqual([from + 14, `gap ${from} px to ${from + 14} px`]);
    await page.getByRole('radio', { name: 'Mosaic' }).press('Space');
    await page.getByRole('link', { name: /^Pictures \d/ }).click();
    await tiles(page).nth(2).click();
    await page.getByRole('button', { name: 'Large in the mosaic' }).click();
    await expect(page.getByRole('button', { name: 'Ordinary size in the mosaic' })).toHaveAttribute('aria-pressed', 'true');
    await expect.poll(async () => (await gallery()).items.map(({ large }) => large)).toEqual([false, false, true, false]);
});

test('signs in again in place, and goes on with what was typed', async ({ page, context, trouble }) => {
    const id = await galleryOf(page, 'Signed out', demo('reels', 'brushes'));
    await page.goto(`/studio/galleries/${id}/pictures`);
    await tiles(page).first().click();
    await context.clearCookies();
    await page.getByRole('textbox', { name: 'Credit' }).fill('M. Reed');
    const door = page.getByRole('dialog', { name: 'Sign in to go on' });
    await expect(door).toBeVisible();
    await expectAccessible(page);
    await door.getByLabel('E-mail').fill('owner@saltreed.example');
    await door.getByLabel('Password').fill('for-tests-only');
    await door.getByRole('button', { name: 'Sign in' }).click();
    await expect(door).toHaveCount(0);
    await expect(page.getByText(/^Saved \d/)).toBeVisible({ timeout: 20_000 });
    await expect(page).toHaveURL(new RegExp(`/galleries/${id}/pictures`));
    const api = await studioApi(page);
    await expect.poll(async () => (await api<{ items: { words: { credit: string } }[] }>('GET', `galleries/${id}`)).items[0]?.words.credit).toBe('M. Reed');
    expect(trouble.splice(0).filter((text) => !/401|419/.test(text))).toEqual([]);
});

test('overwrites no open clash, and offers what was typed into what is gone', async ({ page, context, trouble }) => {
    const id = await galleryOf(page, 'Two at once', demo('reels', 'brushes', 'two-boats'));
    const api = await studioApi(page);
    const known = await api<{ version: number; items: { id: string }[] }>('GET', `galleries/${id}`);
    await page.route('**/pulse', (route) => route.abort());
    await page.goto(`/studio/galleries/${id}/words`);
    const alt = (row: number) => page.getByRole('gridcell', { name: new RegExp(`^Alt text of picture ${row}:`) });
    await expect(alt(1)).toBeVisible();
    const [first, second] = known.items.map((item) => item.id) as [string, string];
    await api('PATCH', `galleries/${id}`, { version: known.version, change: { kind: 'words', words: { [first]: { alt: 'Theirs' } } } });
    await alt(1).click();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Mine');
    await expect(page.getByRole('alert', { name: 'Changed in another window too' })).toBeVisible();
    await page.keyboard.type(' and more');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/wait for your choice|waits for your choice/)).toBeVisible();
    await expectAccessible(page);
    expect((await api<{ items: { words: { alt: string } }[] }>('GET', `galleries/${id}`)).items[0]?.words.alt).toBe('Theirs');
    await page.getByRole('button', { name: 'Take mine' }).click();
    await expect.poll(async () => (await api<{ items: { words: { alt: string } }[] }>('GET', `galleries/${id}`)).items[0]?.words.alt).toBe('Mine and more');

    // Taken out in another window, while one writes about it here.
    await expect(page.getByText(/^Saved \d/)).toBeVisible();
    const now = await api<{ version: number }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, { version: now.version, change: { kind: 'remove', items: [second] } });
    await alt(2).click();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Jars of brushes on a bench');
    await page.keyboard.press('Enter');
    const lost = page.getByRole('alertdialog', { name: 'What you typed could not be kept' });
    await expect(lost).toContainText('was taken out of the gallery in another window');
    await expect(lost).toContainText('Jars of brushes on a bench');
    await lost.getByRole('button', { name: 'Make it the picture’s own' }).click();
    await expect(lost).toHaveCount(0);
    expect(trouble.splice(0).filter((text) => !/409|422|pulse/.test(text))).toEqual([]);
    await context.clearCookies();
});

test('takes tidying back by name, and gives others only what was changed', async ({ page }) => {
    const id = await galleryOf(page, 'Tidied back', demo('lit-kites', 'night-crowd'));
    const api = await studioApi(page);
    const sizes = async (): Promise<number[]> =>
        (await api<{ items: { picture: { width: number; height: number } }[] }>('GET', `galleries/${id}`)).items.map(
            ({ picture }) => picture.width / picture.height,
        );
    const before = await sizes();
    await page.goto(`/studio/galleries/${id}/pictures`);
    await tiles(page).first().focus();
    await page.keyboard.press('Control+a');
    await page.getByRole('button', { name: 'Tidy…' }).click();
    const editor = page.getByRole('region', { name: 'Tidy the picture' });
    await expect(editor.getByRole('button', { name: /Apply it to the 1 chosen/ })).toBeDisabled({ timeout: 30_000 });
    await editor.getByRole('button', { name: 'Turn right' }).click();
    await editor.getByRole('button', { name: 'Apply turn to the 1 chosen beside it' }).click();
    await expect(editor.getByRole('button', { name: 'Applied to 1 more' })).toBeVisible({ timeout: 30_000 });
    await page.keyboard.press('Escape');
    await expect.poll(sizes).toEqual(before.map((ratio) => expect.closeTo(1 / ratio, 2)));
    await page.getByRole('button', { name: /^Undo: tidied a picture/ }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Taken back: tidied a picture' })).toBeVisible({ timeout: 20_000 });
    await expect(page.locator('[data-announcer]')).toContainText('Taken back: tidied a picture');
    await expect(page.getByRole('button', { name: /^Redo: tidied a picture/ })).toBeEnabled();
    await page.getByRole('button', { name: /^Undo: tidied a picture/ }).click();
    await expect.poll(sizes).toEqual(before.map((ratio) => expect.closeTo(ratio, 2)));
});

test('doubles and deletes galleries, asks of a live one, and takes it back', async ({ page }) => {
    const id = await galleryOf(page, 'Short-lived', demo('reels', 'brushes'));
    const api = await studioApi(page);
    const pages = await api<{ id: string; address: string }[]>('GET', 'pages');
    await api('POST', 'panes', { page_id: pages.find(({ address }) => address === '/repairs')?.id, gallery_id: id, spot: 1 });
    await putLive(page, id);
    const isLive = async (): Promise<boolean> => (await (await page.request.get('/repairs')).text()).includes('aria-label="Short-lived"');
    expect(await isLive()).toBe(true);
    await page.goto('/studio/galleries');
    await page.getByRole('button', { name: 'Duplicate Short-lived' }).press('Enter');
    await expect(page.getByText('“Short-lived copy” is there.')).toBeVisible();
    await expect(page.getByRole('link', { name: /Short-lived copy/ })).toBeVisible();
    await page.getByRole('button', { name: 'Take it back' }).press('Enter');
    await expect(page.getByRole('link', { name: /Short-lived copy/ })).toHaveCount(0);

    await page.getByRole('button', { name: 'Delete Short-lived' }).click();
    const ask = page.getByRole('alertdialog', { name: 'Delete Short-lived' });
    await expect(ask).toContainText('It goes off Repairs');
    await expect(ask.getByRole('button', { name: 'Keep it' })).toBeFocused();
    await expectAccessible(page);
    await ask.getByRole('button', { name: 'Delete it all the same' }).click();
    await expect(page.getByText('“Short-lived” is deleted')).toBeVisible();
    await expect.poll(isLive).toBe(false);
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('link', { name: /Short-lived/ })).toBeVisible();
    await expect.poll(isLive).toBe(true);
    await api('DELETE', `galleries/${id}`);
});

test('goes on with files that were stopped, and knows at the next visit which did not arrive', async ({ page, trouble }) => {
    await signIn(page);
    const [first, second, third] = makePictures(join(FOLDER, 'stopped'), 3) as [string, string, string];
    const empty = join(FOLDER, 'stopped', 'empty.jpg');
    writeFileSync(empty, '');
    let isDown = true;
    await page.route('**/api/uploads/*', (route) =>
        isDown && route.request().method() === 'PATCH' ? route.fulfill({ status: 403, body: '' }) : route.continue(),
    );
    await page.getByLabel('Pictures for a new gallery').setInputFiles([first, empty]);
    // An empty one is refused at once, by its name.
    await expect(page.getByText('“empty.jpg” is empty (0 bytes)')).toBeVisible();
    // The other was stopped on its way: only then is the line good again.
    const again = page.getByRole('button', { name: /^Try picture 1/ });
    await expect(again).toBeVisible();
    isDown = false;
    await page.unroute('**/api/uploads/*');
    await again.click();
    await expect(page.getByText('1 of 2 ready, 1 not taken')).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Clear' }).click();
    // Two are on their way when the window is closed.
    await page.route('**/api/uploads/*', (route) => (route.request().method() === 'PATCH' ? new Promise(() => undefined) : route.continue()));
    await page.getByLabel('Pictures to add').setInputFiles([second, third]);
    await expect(page.getByText('0 of 2 ready')).toBeVisible();
    // On their way is what has an address.
    const kept = (): Promise<string> =>
        page.evaluate(() =>
            Object.entries(localStorage)
                .flatMap(([key, entry]) => (key.startsWith('zinc-uploads') ? [String(entry)] : []))
                .join(),
        );
    await expect.poll(kept).toMatch(/"url":"[^"]+".*"url":"[^"]+"/);
    page.on('dialog', (dialog) => void dialog.accept());
    await page.unrouteAll({ behavior: 'ignoreErrors' });
    await page.reload();
    await expect(page.getByText('2 files did not arrive')).toBeVisible();
    await expect(tiles(page)).toHaveCount(1);
    await expectAccessible(page);
    await page.getByLabel('Files that did not arrive').setInputFiles([second, third]);
    await expect(page.getByText('2 of 2 ready')).toBeVisible({ timeout: 30_000 });
    await expect(tiles(page)).toHaveCount(3);
    // All is well: it folds itself.
    await expect(page.getByRole('button', { name: 'Show', exact: true })).toBeVisible();
    trouble.splice(0);
});

test('finds and sizes pictures, shows whose words they are, and tells what keys do', async ({ page }) => {
    const id = await galleryOf(page, 'Found', demo('reels', 'brushes', 'two-boats'));
    const api = await studioApi(page);
    const known = await api<{ version: number; items: { id: string }[] }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, { version: known.version, change: { kind: 'words', words: { [known.items[1]?.id ?? '']: { caption: 'Città' } } } });
    await page.goto(`/studio/galleries/${id}/pictures`);
    await page.getByRole('searchbox', { name: 'Find in this gallery' }).fill('CITTÀ');
    await expect(tiles(page)).toHaveCount(1);
    await expect(tiles(page).first()).toHaveAccessibleName(/^2\./);
    await tiles(page).first().click();
    const panel = page.getByRole('complementary', { name: 'What is chosen' });
    for (const word of ['Title', 'Caption', 'Alt text', 'Description', 'Link', 'Credit'])
        await expect(panel.getByRole('textbox', { name: word, exact: true })).toBeVisible();
    await expect(panel.getByRole('textbox', { name: 'Caption', exact: true })).toHaveAccessibleDescription('only in this gallery');
    await page.getByRole('searchbox', { name: 'Find in this gallery' }).fill('');
    const width = async (): Promise<number> => (await tiles(page).first().boundingBox())?.width ?? 0;
    const narrow = await width();
    await page.getByRole('slider', { name: 'Size of the thumbnails' }).focus();
    await page.keyboard.press('End');
    await expect.poll(width).toBeGreaterThan(narrow + 40);
    await tiles(page).first().focus();
    await page.keyboard.press('?');
    const sheet = page.getByRole('dialog', { name: 'Keys' });
    await expect(sheet).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await expect(sheet).toBeHidden();
    await choose(page, 'Order by', 'Reversed');
    await page.getByRole('button', { name: 'Leave it' }).click();
});
