import { freePort } from './server';
import { expect, test } from './support';
import { KEY, SecondEngine } from './second-engine';
import { viewed } from './viewing';

test(
    'goes the same way in a second engine: opens, turns, enlarges, has addresses, closes, gives the focus back',
    { tag: '@long' },
    async ({ page, baseURL }) => {
        test.setTimeout(180_000);
        await viewed(page, 'Second', ['two-boats', 'grey-tide', 'reels', 'spars']);
        const engine = await SecondEngine.start(await freePort());
        try {
            await engine.resize(1280, 800);
            await engine.go(`${baseURL}/repairs`);
            const seen = <T>(of: string): Promise<T> =>
                engine.ask<T>(
                    `(() => { const root = document.querySelector('zinc-viewer')?.shadowRoot; const part = (s) => root?.querySelector(s); const pic = part('.frame:not([style*=hidden]) .pic'); return ${of}; })()`,
                );
            const counts = (text: string) => expect.poll(() => seen<string>("part('.count')?.textContent ?? ''")).toBe(text);
            const scale = () => seen<number>('pic.getBoundingClientRect().width / pic.offsetWidth');
            const place = (of: string) =>
                engine.ask<{ x: number; y: number; width: number; height: number }>(
                    `(() => { const b = ${of}.getBoundingClientRect(); return { x: b.x, y: b.y, width: b.width, height: b.height }; })()`,
                );
            const TILE = `document.querySelector('.zp-tiles[aria-label="Second"]>li>a')`;
            await engine.ask(`${TILE}.scrollIntoView({ block: 'center' })`);
            const tile = await place(TILE);
            await engine.click(tile.x + tile.width / 2, tile.y + tile.height / 2);
            await counts('1 of 4');
            expect(await seen<boolean>("part('dialog').matches(':modal') && root.activeElement === part('.close')")).toBe(true);
            await expect.poll(() => engine.ask<string>('location.hash')).toMatch(/^#zp-/);
            await engine.press(KEY.right);
            await counts('2 of 4');
            await engine.press(KEY.left);
            await counts('1 of 4');
            await engine.press(KEY.end);
            await counts('4 of 4');
            await engine.press('3');
            await counts('3 of 4');
            await engine.press('+');
            await expect.poll(scale).toBeCloseTo(1.35, 2);
            await engine.press('0');
            await expect.poll(scale).toBeCloseTo(1, 2);
            await engine.wheel(640, 380, -300);
            await expect.poll(scale).toBeGreaterThan(1.2);
            await engine.press('0');
            await expect.poll(scale).toBeCloseTo(1, 2);
            await engine.click(640, 380, 2);
            await expect.poll(scale).toBeGreaterThan(2);
            // The file that is drawn is as wide as it is drawn, where there is one.
            await expect
                .poll(() =>
                    seen<boolean>(
                        "(() => { const file = Number(/(\\d+)\\.webp/.exec(pic.querySelector('img:last-child').currentSrc)?.[1]); return file >= Math.min(pic.getBoundingClientRect().width * devicePixelRatio, 1200) - 1; })()",
                    ),
                )
                .toBe(true);
            await engine.press('0');
            await engine.press(KEY.right);
            await counts('4 of 4');
            const pic = await seen<{ x: number; y: number; width: number; height: number }>(
                '(({ x, y, width, height }) => ({ x, y, width, height }))(pic.getBoundingClientRect())',
            );
            await engine.click(pic.x + pic.width * 0.1, pic.y + pic.height / 2);
            await counts('3 of 4');
            // Nothing lies over anything else here either.
            expect(
                await seen<number>(
                    "[['.stage', '.said'], ['.bar', '.stage'], ['.previous', '.stage'], ['.next', '.stage']].filter(([a, b]) => { const [p, q] = [part(a), part(b)].map((e) => e.getBoundingClientRect()); return Math.min(p.right, q.right) - Math.max(p.left, q.left) > 1 && Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top) > 1; }).length",
                ),
            ).toBe(0);
            await engine.press(KEY.escape);
            await expect.poll(() => engine.ask<boolean>("document.querySelector('zinc-viewer') === null")).toBe(true);
            expect(await engine.ask<number>(`[...document.querySelectorAll('.zp-tiles[aria-label="Second"]>li>a')].indexOf(document.activeElement)`)).toBe(2);
            expect(await engine.ask<string>('location.hash')).toBe('');
            // "Back" closes.
            await engine.press(KEY.enter);
            await counts('3 of 4');
            await engine.back();
            await expect.poll(() => engine.ask<boolean>("document.querySelector('zinc-viewer') === null")).toBe(true);
            expect(await engine.ask<string>('location.pathname')).toBe('/repairs');
            expect(engine.errors).toEqual([]);
        } finally {
            await engine.stop();
        }
    },
);
