import type { Manifest } from '@iiif/presentation-3';
import { presentation3StrictUpgrade } from '@iiif/parser/strict';
import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { redesign, live, NAMES } from './dressing';
import { demo, expect, galleryOf, studioApi, test } from './support';

test('tells machines what it shows: manifest and images, feed, map, heads of pages', async ({ page, request, baseURL }) => {
    test.setTimeout(120_000);
    const id = await galleryOf(page, 'Dressed: for machines', demo(...NAMES.slice(0, 3)));
    const api = await studioApi(page);
    const { items, version } = await api<{ version: number; items: { id: string }[] }>('GET', `galleries/${id}`);
    const words = Object.fromEntries(
        items.map(({ id: item }, index) => [item, { title: `Kite ${index + 1}`, alt: 'A kite', caption: 'Over the dyke', credit: 'A. Marsh' }]),
    );
    await api('PATCH', `galleries/${id}`, { version, change: { kind: 'words', words } });
    await redesign(page, id, { viewer: { giving: { pages: true }, words: { credit: true, rights: true } } });
    await live(page, id);

    const answer = await request.get(`/iiif/${id}/manifest.json`);
    expect(answer.headers()['access-control-allow-origin']).toBe('*');
    const manifest = (await answer.json()) as Manifest;
    const state = { warnings: [] as string[] };
    presentation3StrictUpgrade(structuredClone(manifest), state);
    expect(state.warnings).toEqual([]);
    // And as the types of the specification have it, every key and value; but for the label of a homepage, which it asks for and they do not know.
    const unlabelled = (key: string, value: unknown): unknown =>
        key === 'homepage' ? (value as { label: object }[]).map((one) => Object.fromEntries(Object.entries(one).filter(([name]) => name !== 'label'))) : value;
    const folder = 'storage/framework/testing/manifest';
    mkdirSync(folder, { recursive: true });
    writeFileSync(
        `${folder}/manifest.ts`,
        `import type { Manifest } from '@iiif/presentation-3';\nexport const manifest: Manifest = ${JSON.stringify(manifest, unlabelled)};\n`,
    );
    execFileSync(
        'node_modules/.bin/tsc',
        ['--noEmit', '--strict', '--skipLibCheck', '--ignoreConfig', '--moduleResolution', 'bundler', '--module', 'esnext', `${folder}/manifest.ts`],
        { stdio: 'pipe' },
    );

    const body = manifest.items[0]?.items?.[0]?.items?.[0]?.body as unknown as { id: string; width: number; height: number; service: { id: string }[] };
    const service = body.service[0]?.id ?? '';
    const info = (await (await request.get(`${service}/info.json`)).json()) as { id: string; sizes: { width: number; height: number }[] };
    expect(info.id).toBe(service);
    const sizeOf = (address: string): Promise<[number, number]> =>
        page.evaluate(async (src) => {
            const image = Object.assign(new Image(), { src });
            await image.decode();
            return [image.naturalWidth, image.naturalHeight] as [number, number];
        }, address);
    for (const { width, height } of info.sizes) expect(await sizeOf(`${service}/full/${width},${height}/0/default.jpg`)).toEqual([width, height]);
    expect(await sizeOf(`${service}/full/max/0/default.jpg`)).toEqual([info.sizes.at(-1)?.width, info.sizes.at(-1)?.height]);
    expect((await request.get(`${service}/full/9999,9999/0/default.jpg`)).status()).toBe(404);

    const feed = await request.get(`/feed/${id}.xml`);
    expect(feed.headers()['content-type']).toContain('application/atom+xml');
    expect((await feed.text()).match(/<entry>/g)).toHaveLength(3);
    const map = await (await request.get('/sitemap.xml')).text();
    expect(map).toContain(`<loc>${baseURL}/repairs</loc>`);
    expect(await (await request.get('/robots.txt')).text()).toContain(`Sitemap: ${baseURL}/sitemap.xml`);

    await page.goto('/repairs');
    expect(await page.locator('link[rel=canonical]').getAttribute('href')).toBe(`${baseURL}/repairs`);
    const told = await page
        .locator('script[type="application/ld+json"]')
        .evaluateAll((all) => all.map((one) => JSON.parse(one.textContent ?? '') as { '@type': string; name: string }));
    expect(told.map((one) => one['@type'])).toContain('ImageGallery');
    const asked = (await page.locator('link[type="application/json+oembed"]').getAttribute('href')) ?? '';
    expect(((await (await request.get(asked)).json()) as { type: string }).type).toBe('rich');
    // No address that a head tells leads nowhere.
    const addresses = await page
        .locator('head link[href]')
        .evaluateAll((all) => all.map((one) => (one as HTMLLinkElement).href).filter((href) => href.startsWith('http')));
    for (const address of addresses) expect((await request.get(address)).status(), address).toBe(200);
});
