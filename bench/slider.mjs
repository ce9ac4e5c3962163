// From the step of a slider to the proof that is drawn by it, in the browser: node bench/slider.mjs
import { median, served } from './served.mjs';

const RUNS = 15;

/** ms from the key to the frame in which the style of the proof is another and laid out. */
async function slide(page, id) {
    await page.goto(`/studio/galleries/${id}/layout`);
    const slider = page.getByRole('slider', { name: 'Gap' });
    await slider.focus();
    await page.waitForTimeout(3000);
    const taken = [];
    for (let run = 0; run <= RUNS; run++) {
        await page.evaluate(() => {
            const proof = document.querySelector('iframe[title^="Wide proof"]').contentDocument;
            const style = proof.querySelector('style[data-zinc-pane="proof"]');
            window.drawn = new Promise((resolve) => {
                document.addEventListener('keydown', () => (window.begun = performance.now()), { once: true, capture: true });
                new MutationObserver((_, observer) => {
                    observer.disconnect();
                    requestAnimationFrame(() => {
                        proof.querySelector('.zp-tiles').getBoundingClientRect();
                        setTimeout(() => resolve(performance.now() - window.begun));
                    });
                }).observe(style, { childList: true, characterData: true, subtree: true });
            });
        });
        await page.keyboard.press('ArrowRight');
        const ms = await page.evaluate(() => window.drawn);
        if (run > 0) taken.push(ms);
        await page.waitForTimeout(run % 5 === 0 ? 1200 : 400);
    }
    return median(taken);
}

/** ms until the table of words can be written in, and from an arrow key to the frame that shows where it leads. */
async function words(page, id) {
    const opened = [];
    const steps = [];
    for (let run = 0; run < 5; run++) {
        await page.goto(`/studio/galleries/${id}/pictures`);
        await page.locator('.tile').first().waitFor();
        const begun = Date.now();
        await page.getByRole('link', { name: /^Words/ }).click();
        await page.getByRole('gridcell').first().waitFor();
        opened.push(Date.now() - begun);
    }
    await page.getByRole('gridcell').first().focus();
    for (let run = 0; run < 60; run++) {
        await page.evaluate(() => {
            window.stepped = new Promise((resolve) => {
                document.addEventListener('keydown', () => (window.begun = performance.now()), { once: true, capture: true });
                document.addEventListener('focusin', () => requestAnimationFrame(() => resolve(performance.now() - window.begun)), { once: true });
            });
        });
        await page.keyboard.press('ArrowDown');
        steps.push(await page.evaluate(() => window.stepped));
    }
    return { opens_ms: median(opened), arrow_ms: Math.round(10 * median(steps)) / 10 };
}

const { galleries, page, stop } = await served('200', '1000');
try {
    for (const { id, pictures } of galleries) {
        console.log(JSON.stringify({ name: `slider-${pictures}`, median_ms: Math.round(await slide(page, id)), runs: RUNS, pictures }));
        console.log(JSON.stringify({ name: `words-${pictures}`, ...(await words(page, id)), pictures }));
    }
} finally {
    await stop();
}
