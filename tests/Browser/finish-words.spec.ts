import type { Page } from '@playwright/test';
import { NAMES, redesign } from './dressing';
import { demo, expect, galleryOf, studioApi, test } from './support';

/** What captions are made of elsewhere: long words, many letters, other scripts, and nothing. */
const WORDS = [
    { title: 'Donaudampfschifffahrtsgesellschaftskapitänsmützenabzeichen', caption: 'x'.repeat(200) },
    { title: 'مهرجان الطائرات الورقية', caption: 'طائرات كثيرة فوق السد، والريح لا تهدأ حتى المساء' },
    { title: '風箏節', caption: '一整天都有風，堤岸上站滿了人，傍晚才把燈籠放上天。'.repeat(4) },
    { title: '', caption: '' },
    { title: 'חג העפיפונים', caption: '' },
    { title: 'Two words', caption: 'One https://saltreed.example/a/very/long/address/that/has/no/blank/in/it/at/all line' },
];

async function worded(page: Page): Promise<string> {
    const id = await galleryOf(page, 'Dressed: words', demo(...NAMES.slice(0, WORDS.length)));
    const api = await studioApi(page);
    const { items, version } = await api<{ items: { id: string }[]; version: number }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, {
        version,
        change: { kind: 'words', words: Object.fromEntries(items.map((item, index) => [item.id, WORDS[index]])) },
    });
    return id;
}

/** Captions that stick out of what they stand in, by px, and lines that stick out of their caption. */
const outside = (page: Page, over: boolean): Promise<string[]> =>
    page.evaluate((isOver) => {
        const found: string[] = [];
        for (const caption of document.querySelectorAll<HTMLElement>('.zp-caption')) {
            const tile = caption.closest('li') as HTMLElement;
            const home = (isOver ? tile.querySelector('a') : tile)?.getBoundingClientRect() as DOMRect;
            const box = caption.getBoundingClientRect();
            const out = Math.max(home.left - box.left, box.right - home.right, home.top - box.top, box.bottom - home.bottom);
            if (out > 0.6) found.push(`${tile.className} by ${out.toFixed(1)} px`);
            const said = caption.querySelector<HTMLElement>('.zp-said');
            // Chromium puts the ellipsis of a line that is not set to the start behind the line, where it is cut: one em.
            const { textAlign, fontSize } = getComputedStyle(said ?? caption);
            const ellipsis = textAlign === 'start' ? 0 : parseFloat(fontSize);
            if (said && said.scrollWidth > said.clientWidth + 1 + ellipsis) found.push(`${tile.className}: a word is wider than its line`);
        }
        return found;
    }, over);

test('keeps captions of any length and script within their tiles, in any layout, finish, width and direction', { tag: '@long' }, async ({ page }) => {
    test.setTimeout(300_000);
    const id = await worded(page);
    const finishes = [
        { captions: { place: 'over', title: true, caption: true, lines: 4, at: 'bottom' }, edges: { mount: 8, line: 'solid', width: 3, corners: 18 } },
        {
            captions: { place: 'over', title: true, caption: true, lines: 6, at: 'top', fades: true, align: 'end' },
            edges: { corners: 0 },
            lettering: { size: 22, weight: 700 },
        },
        { captions: { place: 'over', title: true, caption: false, lines: 2, at: 'middle', align: 'center' }, edges: { corners: 200 } },
        { captions: { place: 'below', title: true, caption: true, lines: 2 }, edges: { mount: 12, tile: '#ffffff' } },
    ];
    const layouts = [
        { kind: 'grid', columns: 5, shape: '2:3' },
        { kind: 'masonry', columns: 4 },
        { kind: 'rows', row_height: 140 },
        { kind: 'mosaic', row_height: 160 },
        { kind: 'strip', height: 300 },
        { kind: 'single' },
    ];
    for (const [index, finish] of finishes.entries()) {
        for (const layout of layouts) {
            await redesign(page, id, { layout, finish: Object.assign({ edges: { line: 'none', mount: 0 }, lettering: { size: 14, weight: 400 } }, finish) });
            await page.goto(`/studio/proof/${id}`);
            for (const [width, direction] of [
                [1280, 'ltr'],
                [390, 'rtl'],
                [276, 'ltr'],
            ] as const) {
                await page.setViewportSize({ width, height: 844 });
                await page.evaluate((dir) => (document.documentElement.dir = dir), direction);
                expect(await outside(page, finish.captions.place === 'over'), `finish ${index}, ${layout.kind} at ${width}, ${direction}`).toEqual([]);
            }
        }
    }
});

test('sets each caption as its own language reads, and says nothing where there is nothing to say', async ({ page }) => {
    const id = await worded(page);
    await redesign(page, id, { layout: { kind: 'grid', columns: 3 }, finish: { captions: { place: 'over', title: true, caption: true, lines: 3 } } });
    await page.goto(`/studio/proof/${id}`);
    await expect(page.locator('.zp-over')).toHaveCount(WORDS.length - 1);
    const directions = await page.locator('.zp-said').evaluateAll((all) => all.map((said) => getComputedStyle(said).direction));
    expect(directions).toEqual(['ltr', 'rtl', 'ltr', 'rtl', 'ltr']);
    // Arabic begins at the right, on a page that is read from the left.
    const arabic = await page.locator('.zp-n2 .zp-said').evaluate((said) => {
        const range = document.createRange();
        range.selectNodeContents(said.querySelector('b') as Node);
        return [said.getBoundingClientRect().right, Math.max(...[...range.getClientRects()].map(({ right }) => right))];
    });
    expect(Math.abs((arabic[0] ?? 0) - (arabic[1] ?? 99))).toBeLessThan(2);
});
