// A gallery that arrives, drifts and follows the pointer, scrolled for five seconds at a quarter of the processor: node bench/finish.mjs
import { served } from './served.mjs';

const SECONDS = 5;

/** A frame that comes later than this many ms after the one before is late: one of sixty a second was left out. */
const LATE = 1.5 * (1000 / 60);

const { galleries, page, stop } = await served('60');
try {
    const [{ id }] = galleries;
    // The same gallery in no finish is the yardstick: what is late there, the machine is late with.
    for (const drift of ['bare', 'none', 'down']) {
        await page.evaluate(
            async ([gallery, lanes]) => {
                const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
                const { version } = await (await fetch(`/studio/api/galleries/${gallery}`)).json();
                const dressed = {
                    captions: { place: 'pointed', title: true },
                    pointed: { scale: 108, rest_grey: 100, duration: 400 },
                    arrival: { way: 'rise', times: lanes === 'none' ? 'once' : 'each' },
                    drift: { lanes, height: 900 },
                };
                const finish = lanes === 'bare' ? {} : dressed;
                const change = { kind: 'design', design: { layout: { kind: 'grid', columns: 4, shape: '3:2' }, finish } };
                await fetch(`/studio/api/galleries/${gallery}`, {
                    method: 'PATCH',
                    headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
                    body: JSON.stringify({ version, change }),
                });
            },
            [id, drift],
        );
        const visitor = await page.context().newPage();
        await visitor.goto(`/studio/proof/${id}`);
        await visitor.waitForTimeout(2000);
        const session = await visitor.context().newCDPSession(visitor);
        await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
        await visitor.evaluate(() => {
            window.seen = { frames: [], long: [], shift: 0 };
            new PerformanceObserver((list) => list.getEntries().forEach(({ duration }) => window.seen.long.push(Math.round(duration)))).observe({
                type: 'longtask',
            });
            new PerformanceObserver((list) => list.getEntries().forEach(({ value }) => (window.seen.shift += value))).observe({ type: 'layout-shift' });
            let last = performance.now();
            const tick = (now) => {
                window.seen.frames.push(now - last);
                last = now;
                requestAnimationFrame(tick);
            };
            requestAnimationFrame(tick);
        });
        await visitor.mouse.move(500, 400);
        const end = Date.now() + 1000 * SECONDS;
        for (let down = 1; Date.now() < end; down = Math.floor((end - Date.now()) / 1250) % 2 === 0 ? 1 : -1) await visitor.mouse.wheel(0, 60 * down);
        const { frames, long, shift } = await visitor.evaluate(() => window.seen);
        const late = frames.filter((ms) => ms > LATE).length;
        console.log(
            JSON.stringify({
                name: `finish-frames-${{ bare: 'bare', none: 'arrival', down: 'drift' }[drift]}`,
                late_share: Math.round((1000 * late) / frames.length) / 1000,
                frames: frames.length,
                long_tasks_ms: long.filter((ms) => ms > 50),
                layout_shift: Math.round(1000 * shift) / 1000,
            }),
        );
        await visitor.close();
    }
} finally {
    await stop();
}
