import { execFileSync } from 'node:child_process';
import { appendFileSync, mkdirSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { choose, demo, expect, expectAccessible, galleryOf, makePictures, makePlain, putLive, signIn, studioApi, test, tiles } from './support';

const FOLDER = mkdtempSync(join(tmpdir(), 'pictures-'));

test('sends a file larger than a request may be, and goes on where a lost connection broke it', { tag: '@long' }, async ({ page, trouble }) => {
    test.slow();
    const id = await galleryOf(page, 'Large files', []);
    const [small] = makePictures(FOLDER, 1) as [string];
    appendFileSync(small, Buffer.alloc(90 * 1024 * 1024));
    const offsets: string[] = [];
    let cuts = 0;
    await page.route('**/studio/api/uploads/*', async (route) => {
        const offset = route.request().method() === 'PATCH' ? ((await route.request().headerValue('upload-offset')) ?? '') : '';
        if (offset !== '') offsets.push(offset);
        // The third part is lost twice, as when a train goes through a tunnel.
        if (offsets.length >= 3 && offset !== '' && cuts < 2) {
            cuts++;
            await route.abort('connectionreset');
        } else {
            await route.continue();
        }
    });
    await page.goto(`/studio/galleries/${id}/pictures`);
    await page.getByLabel('Pictures to add').setInputFiles(small);
    await expect(page.getByText('The connection was lost')).toBeVisible({ timeout: 60_000 });
    // One may work elsewhere in the studio meanwhile.
    await page.getByRole('link', { name: 'Galleries', exact: true }).click();
    // Who would close the tab now is asked first, and stays.
    const asked = page.waitForEvent('dialog');
    await page.close({ runBeforeUnload: true });
    const question = await asked;
    expect(question.type()).toBe('beforeunload');
    await question.dismiss();
    await expect(page.getByText('1 of 1 ready')).toBeVisible({ timeout: 120_000 });
    expect(cuts).toBe(2);
    expect(offsets.filter((offset) => offset === '0')).toHaveLength(1);
    expect(new Set(offsets).size).toBe(offsets.length - 2);
    await page.getByRole('link', { name: /Large files/ }).click();
    await page.getByRole('link', { name: /^Pictures 1/ }).click();
    await expect(tiles(page)).toHaveCount(1);
    expect(trouble.splice(0).every((text) => text.includes('ERR_CONNECTION_RESET'))).toBe(true);
});

test('takes in a ZIP and what is on the camera card, and tells what is wrong', { tag: '@long' }, async ({ page }) => {
    const id = await galleryOf(page, 'From elsewhere', []);
    const files = makePictures(join(FOLDER, 'zip'), 3);
    execFileSync('php', [
        '-r',
        '$z=new ZipArchive;$z->open($argv[1],ZipArchive::CREATE|ZipArchive::OVERWRITE);foreach(array_slice($argv,2) as $f)$z->addFile($f,basename($f));$z->addFromString("notes.txt","no picture");$z->close();',
        '--',
        join(FOLDER, 'batch.zip'),
        ...files,
    ]);
    await page.goto(`/studio/galleries/${id}/pictures`);
    await page.getByLabel('Pictures to add').setInputFiles(join(FOLDER, 'batch.zip'));
    await expect(page.getByText('3 of 4 taken')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText('“notes.txt” is not a picture')).toBeVisible();
    await expect(tiles(page)).toHaveCount(3);
    await page.getByRole('button', { name: 'Clear' }).click();

    await page.getByRole('button', { name: 'Add from elsewhere' }).click();
    await page.locator('label', { hasText: 'Camera card' }).click();
    await expectAccessible(page);
    await page.getByRole('option', { name: /MB020314\.jpg, new/ }).click();
    await page.getByRole('button', { name: 'Take 1', exact: true }).click();
    await expect(page.getByText('1 of 1 taken', { exact: true })).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText('only what is new since last time')).toBeVisible();
    await expect(page.getByRole('option', { name: /MB020311\.jpg$/ })).toBeVisible();
    await page.getByRole('radio', { name: 'Stock shelf' }).press('Space');
    await page.getByLabel('Find by keyword').fill('boat');
    await expect(page.getByRole('listbox', { name: 'Pictures of the stock shelf' }).getByRole('option')).toHaveCount(2);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(tiles(page).last()).toHaveAccessibleName(/Old roller/);
});

test('chooses, moves, hides and gathers many at once, by mouse and by keyboard', async ({ page }) => {
    const id = await galleryOf(page, 'Many', demo('reels', 'spars', 'brushes', 'by-the-window', 'on-the-bench', 'open-seam'));
    await page.goto(`/studio/galleries/${id}/pictures`);
    await expect(tiles(page)).toHaveCount(6);
    const names = (): Promise<string> => tiles(page).evaluateAll((all) => all.map((tile) => tile.getAttribute('aria-label')).join());

    // A box drawn beside the tiles.
    const first = await tiles(page).nth(0).boundingBox();
    const second = await tiles(page).nth(1).boundingBox();
    if (!first || !second) throw new Error('no tiles');
    await page.mouse.move(first.x + 30, first.y + first.height + 4);
    await page.mouse.down();
    await page.mouse.move(second.x + 20, second.y + second.height - 10, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByRole('heading', { name: '2 chosen' })).toBeVisible();

    // Several dragged at once.
    const before = await names();
    const last = await tiles(page).nth(4).boundingBox();
    if (!last) throw new Error('no tile');
    await page.mouse.move(first.x + 60, first.y + 60);
    await page.mouse.down();
    await page.mouse.move(first.x + 90, first.y + 70, { steps: 4 });
    await page.mouse.move(last.x + last.width - 12, last.y + 60, { steps: 14 });
    // Tiles that made way are still moving; a hand goes on a little too.
    for (const by of [2, 4, 6, 8]) {
        await page.mouse.move(last.x + last.width - 12 + by / 2, last.y + 60 + by, { steps: 2 });
        await expect
            .poll(() =>
                tiles(page)
                    .nth(4)
                    .evaluate((tile) => tile.getAnimations().length),
            )
            .toBe(0);
    }
    await page.mouse.up();
    await expect.poll(names).not.toBe(before);
    await expect(tiles(page).nth(0)).toHaveAccessibleName(/Brushes/i);

    // By keyboard: a stretch with Shift, to the start, hidden.
    await tiles(page).nth(0).click();
    await tiles(page).nth(0).focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.getByRole('heading', { name: '2 chosen' })).toBeVisible();
    await page.keyboard.press('h');
    await expect(page.getByRole('link', { name: /Pictures 6, 2 hidden/ })).toBeVisible();
    await page.keyboard.press('Control+a');
    await expect(page.getByRole('heading', { name: '6 chosen' })).toBeVisible();
    await page.keyboard.press('Escape');

    // Albums, as tabs.
    await page.getByLabel('Name of a new album').fill('Tools');
    await page.getByLabel('Name of a new album').press('Enter');
    await tiles(page).nth(3).click();
    await choose(page, 'Album', 'Tools');
    await expect(tiles(page).nth(3)).toHaveAccessibleName(/in Tools/);
    await tiles(page).nth(3).focus();
    await page.keyboard.press('Escape');
    await page.getByRole('radio', { name: 'As tabs' }).press('Space');
    await expectAccessible(page);

    // An order is looked at before it is kept.
    const kept = await names();
    await choose(page, 'Order by', 'Name');
    await expect(page.getByRole('group', { name: 'An order to look at' })).toContainText('this is how it would be');
    expect(await names()).not.toBe(kept);
    await page.getByRole('button', { name: 'Leave it' }).click();
    await expect.poll(names).toBe(kept);
    await choose(page, 'Order by', 'Colour flow');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('combobox', { name: 'Order by' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect.poll(names).toBe(kept);
});

test('tidies a picture, and every place follows', async ({ page }) => {
    const id = await galleryOf(page, 'Tidy', demo('workshop-from-the-creek', 'night-crowd'));
    await page.goto(`/studio/galleries/${id}/pictures`);
    const shown = (): Promise<string | null> => tiles(page).first().locator('img').getAttribute('src');
    const before = await shown();
    await tiles(page).first().focus();
    await page.keyboard.press('t');
    const editor = page.getByRole('region', { name: 'Tidy the picture' });
    await expect(editor.getByRole('group', { name: 'What is kept' })).toBeVisible({ timeout: 30_000 });
    await expectAccessible(page);
    await editor.getByRole('button', { name: 'Turn right' }).click();
    await editor.getByRole('radio', { name: '1:1' }).press('Space');
    await editor.getByRole('group', { name: 'What is kept' }).focus();
    await page.keyboard.press('Shift+ArrowDown');
    await editor.getByLabel('Brightness, as a number').fill('20');
    await editor.getByRole('button', { name: /Focal point/ }).focus();
    await page.keyboard.press('Shift+ArrowLeft');
    await expect(editor.getByText('Saved', { exact: true })).toBeVisible({ timeout: 20_000 });
    await page.keyboard.press('Escape');
    await expect(editor).toHaveCount(0);
    await expect.poll(shown).not.toBe(before);
    const api = await studioApi(page);
    const gallery = await api<{ items: { picture: { width: number; height: number } }[] }>('GET', `galleries/${id}`);
    expect(gallery.items[0]?.picture.width).toBe(gallery.items[0]?.picture.height);
});

test('finds, throws away and brings back pictures of the store', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Pictures', exact: true }).click();
    const store = page.getByRole('listbox', { name: 'Pictures of the store' });
    await expect(store.getByRole('option').first()).toBeVisible();
    await expectAccessible(page);
    await page.getByLabel('Words').fill('rain');
    await expect(page.getByText('1 picture', { exact: true })).toBeVisible();
    await store.getByRole('option', { name: /Before the rain/ }).click();
    await expect(page.getByRole('link', { name: 'Long Wind Day' })).toBeVisible();
    await page.getByRole('button', { name: 'Put into the bin' }).click();
    await expect(page.getByRole('alert')).toContainText(/“Before the rain” in .*Long Wind Day/);
    await page.getByLabel('Words').fill('');
    await page.getByLabel('Pictures to add to the store').setInputFiles(makePlain(join(FOLDER, 'navy'), 0x24344f));
    await expect(page.getByText('1 of 1 ready')).toBeVisible({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Clear' }).click();
    await page.getByRole('radio', { name: 'Navy' }).press('Space');
    await page.getByRole('checkbox', { name: 'not used' }).press('Space');
    await expect(store.getByRole('option').first()).toBeVisible();
    await page.getByRole('button', { name: 'Any' }).click();

    await page.getByRole('radio', { name: 'Look-alikes' }).press('Space');
    await expect(page.getByRole('heading', { name: '2 look alike. Keep which?' })).toBeVisible();
    await expectAccessible(page);

    await page.getByRole('radio', { name: 'All', exact: true }).press('Space');
    await page.getByRole('checkbox', { name: 'not used' }).press('Space');
    await page.getByLabel('Words').fill('');
    const [file] = makePictures(join(FOLDER, 'bin'), 1);
    await page.getByLabel('Pictures to add to the store').setInputFiles(file ?? '');
    await expect(page.getByText('1 of 1 ready')).toBeVisible({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Clear' }).click();
    const fresh = store.getByRole('option', { name: /picture 1\.jpg, not used/ }).first();
    await fresh.focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Delete');
    await page.getByRole('radio', { name: 'Bin' }).press('Space');
    await store
        .getByRole('option', { name: /picture 1\.jpg/ })
        .first()
        .click();
    await page.getByRole('button', { name: 'Put back' }).click();
    await expect(page.getByText('The bin is empty.')).toBeVisible();
});

test('shows texts and videos among the pictures, and opens both in the viewer', async ({ page }) => {
    mkdirSync(FOLDER, { recursive: true });
    const id = await galleryOf(page, 'Mixed', demo('two-boats'));
    await page.goto(`/studio/galleries/${id}/pictures`);
    await page.getByLabel('Pictures to add').setInputFiles('tests/Feature/files/clip.webm');
    await expect(page.getByText('1 of 1 ready')).toBeVisible({ timeout: 60_000 });
    await expect(tiles(page).nth(1).locator('img')).toBeVisible();
    await page.getByRole('button', { name: 'Clear' }).click();
    await page.getByRole('button', { name: 'Add from elsewhere' }).click();
    await page.getByRole('radio', { name: 'Text', exact: true }).press('Space');
    await page.getByLabel('Title of the text').fill('Come along');
    await page.getByRole('textbox', { name: 'Text', exact: true }).fill('Sunday, from ten.\n\nBring a coat.');
    await page.getByRole('button', { name: 'Add the text' }).click();
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(tiles(page)).toHaveCount(3);
    await tiles(page).nth(2).click();
    await expectAccessible(page);

    const api = await studioApi(page);
    const pages = await api<{ id: string; address: string }[]>('GET', 'pages');
    const pane = await api<{ id: string }>('POST', 'panes', { page_id: pages.find(({ address }) => address === '/find-us')?.id, gallery_id: id, spot: 1 });
    await putLive(page, id);
    await page.goto('/find-us');
    await expectAccessible(page);
    await page.getByRole('list', { name: 'Mixed' }).getByRole('link').first().click();
    const viewer = page.getByRole('dialog', { name: 'Mixed' });
    await page.keyboard.press('ArrowRight');
    await expect(viewer.locator('video')).toBeVisible();
    await expect.poll(() => viewer.locator('video').evaluate((video: HTMLVideoElement) => video.readyState)).toBeGreaterThan(0);
    await page.getByRole('button', { name: 'Next picture' }).click();
    await expect(viewer).toContainText('Bring a coat.');
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Read “Come along”' }).click();
    await expect(viewer).toContainText('Sunday, from ten.');
    await page.keyboard.press('Escape');
    await api('DELETE', `panes/${pane.id}`);
});
