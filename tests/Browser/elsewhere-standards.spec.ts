import { HtmlValidate, StaticConfigLoader } from 'html-validate';
import { NAMES, redesign } from './dressing';
import { kindsOf, pageOf, serve, unfolded } from './hosts';
import { sample } from './long';
import { demo, expect, expectAccessible, galleryOf, putLive, studioApi, test } from './support';

const checker = new HtmlValidate(new StaticConfigLoader({ extends: ['html-validate:standard'] }));

/** What a checker of HTML finds wrong with a page. */
async function faults(html: string): Promise<string[]> {
    const { results } = await checker.validateString(html);
    return (
        results
            .flatMap(({ messages }) => messages.map(({ ruleId, message, line, column }) => `${line}:${column} ${ruleId}: ${message}`))
            // A style beside what it is for, which holds for nothing before it, the Nu HTML Checker takes; this one does not know of it yet.
            .filter((fault) => !fault.includes('<style> element is not permitted as content under <div>'))
    );
}

const DESIGNS = {
    dressed: {
        layout: { kind: 'rows', row_height: 150, initial_view: 'rows', initial_rows: 1 },
        finish: { captions: { place: 'below', title: true, caption: true, lines: 2 }, ground: { colour: '#eeeeee', padding: 20 }, arrival: { way: 'rise' } },
        viewer: { giving: { pages: true, download: 'large' }, click: { hint: 'above' } },
    },
    plain: { layout: { kind: 'grid', columns: 3 } },
};

for (const [name, design] of sample(Object.entries(DESIGNS), 1)) {
    test(`is HTML without a fault in all five ways, and accessible there: ${name}`, async ({ page, browser }) => {
        test.setTimeout(200_000);
        const id = await galleryOf(page, `Dressed: standards "${name}" <&>`, demo(...NAMES.slice(0, 5)));
        const api = await studioApi(page);
        const { items, version } = await api<{ items: { id: string }[]; version: number }>('GET', `galleries/${id}`);
        const words = Object.fromEntries(
            items.map(({ id: item }, index) => [
                item,
                { title: `"Kite" <${index}> & more`, caption: `Line ${index}\n'seen' <i>`, alt: `A kite, number ${index}` },
            ]),
        );
        await api('PATCH', `galleries/${id}`, { version, change: { kind: 'words', words } });
        await redesign(page, id, design);
        await putLive(page, id);
        const kinds = await unfolded(page, await kindsOf(page, id));
        const pages = Object.fromEntries(
            kinds.map(({ kind, pieces }) => {
                const texts = pieces.map(({ text }) => text);
                return [`/${kind}`, { html: pageOf({}, texts) }];
            }),
        );
        for (const [path, { html }] of Object.entries(pages)) expect(await faults(html), path).toEqual([]);
        // What they lead to, and the pages that stand for it where it is not to be had.
        const first = /"(https?:[^"]+\/pictures\/[^"]+)"/.exec(pages['/images']?.html ?? '')?.[1];
        const own = [`/embed/${id}`, '/embed/none', ...(first ? [first] : []), '/', '/kites', '/no-such-page'];
        expect(first === undefined).toBe(name === 'plain');
        for (const path of own) expect(await faults(await (await page.request.get(path)).text()), path).toEqual([]);

        const { server, address } = await serve(pages);
        const context = await browser.newContext({ viewport: { width: 1000, height: 900 } });
        const visitor = await context.newPage();
        try {
            for (const { kind } of kinds) {
                await visitor.goto(`${address}/${kind}`);
                const root = kind === 'frame' || kind === 'oembed' ? visitor.frameLocator('iframe') : visitor;
                await expect
                    .poll(() =>
                        root
                            .locator('img')
                            .first()
                            .evaluate((image: HTMLImageElement) => image.naturalWidth),
                    )
                    .toBeGreaterThan(0);
                await expectAccessible(visitor);
            }
            await visitor.goto(`/embed/${id}`);
            await expectAccessible(visitor);
        } finally {
            await context.close();
            server.close();
        }
    });
}
