import type { Locator, Page } from '@playwright/test';
import { readdirSync } from 'node:fs';
import { demo, expect, galleryOf, putLive, studioApi } from './support';

export const NAMES = readdirSync('database/demo/pictures')
    .filter((file) => file.endsWith('.jpg'))
    .map((file) => file.replace('.jpg', ''));

/** A gallery of so many pictures with so many captions, open in the stage Finish; the proof on the wide page. */
export async function dressed(page: Page, title: string, count: number, captions = 0, layout: object = {}): Promise<{ id: string; proof: Locator }> {
    const id = await galleryOf(page, title, demo(...NAMES.slice(0, count)));
    const api = await studioApi(page);
    const { items } = await api<{ items: { id: string }[] }>('GET', `galleries/${id}`);
    const own = (index: number): object => ({ title: `Kite ${index + 1}`, caption: index < captions ? `Caption ${index + 1}` : '', alt: 'A kite' });
    const words = Object.fromEntries(items.map(({ id: item }, index) => [item, own(index)]));
    const { version: begun } = await api<{ version: number }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, { version: begun, change: { kind: 'words', words } });
    const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
    await api('PATCH', `galleries/${id}`, { version, change: { kind: 'design', design: { layout } } });
    await page.goto(`/studio/galleries/${id}/finish`);
    const proof = page.frameLocator('iframe[title^="Wide"]').locator('.zp-proof');
    await expect(proof.locator('li')).toHaveCount(count);
    return { id, proof };
}

export const group = (page: Page, name: string): Promise<void> =>
    page.locator('.el-collapse-item__header', { hasText: new RegExp(`^\\s*${name}`) }).press('Enter');

/** A control that is drawn anew just then does not hear the first click. */
export async function pick(page: Page, name: string): Promise<void> {
    const radio = page.getByRole('radio', { name, exact: true });
    await expect(async () => {
        if (!(await radio.isChecked())) await radio.check({ force: true, timeout: 2000 });
    }).toPass();
}

export async function number(page: Page, label: string, value: number): Promise<void> {
    const field = page.getByRole('spinbutton', { name: `${label}, as a number` });
    await field.fill(String(value));
    await field.press('Enter');
}

export const style = (tile: Locator, name: string): Promise<string> =>
    tile.evaluate((element, property) => getComputedStyle(element).getPropertyValue(property), name);

/** Where a gallery stands for visitors: the page of Repairs, on which nothing else does. */
export async function live(page: Page, id: string): Promise<string> {
    const api = await studioApi(page);
    const pages = await api<{ id: string; address: string }[]>('GET', 'pages');
    const { panes } = await api<{ panes: object[] }>('GET', `galleries/${id}`);
    if (panes.length === 0) await api('POST', 'panes', { page_id: pages.find(({ address }) => address === '/repairs')?.id, gallery_id: id, spot: 5 });
    await putLive(page, id);
    return '/repairs';
}

export async function redesign(page: Page, id: string, design: object): Promise<{ design: object }> {
    const api = await studioApi(page);
    const { version } = await api<{ version: number }>('GET', `galleries/${id}`);
    return api<{ design: object }>('PATCH', `galleries/${id}`, { version, change: { kind: 'design', design } });
}
