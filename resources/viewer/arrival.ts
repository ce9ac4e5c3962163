/**
 * Lets the tiles of galleries arrive as the visitor comes to them, where CSS alone cannot. What is in the window
 * when this begins is left as it is; nothing is ever hidden without it, nor for those who want less motion.
 */
function arrive(pane: HTMLElement): void {
    const { arrival } = pane.dataset;
    // What follows the scrolling needs no help where the browser can do it.
    if (!arrival || 'arrives' in pane.dataset || (arrival === 'each' && CSS.supports('animation-timeline: view()'))) return;
    pane.dataset['arrives'] = '';
    const tiles = new IntersectionObserver(
        (seen) => {
            let place = 0;
            for (const { target, isIntersecting, boundingClientRect } of seen) {
                const tile = target as HTMLElement;
                if (!isIntersecting) {
                    // Below the window; what was scrolled past has been seen.
                    if (boundingClientRect.top > 0) tile.classList.add('zp-waits');
                    continue;
                }
                if (arrival === 'once') tiles.unobserve(tile);
                if (!tile.classList.contains('zp-waits')) continue;
                tile.style.setProperty('--zp-i', String(place++));
                tile.classList.replace('zp-waits', 'zp-comes');
                tile.addEventListener('animationend', () => tile.classList.remove('zp-comes'), { once: true });
            }
        },
        { rootMargin: '0px 0px -6% 0px' },
    );
    pane.querySelectorAll('.zp-tiles:not([data-strip])>li').forEach((tile) => tiles.observe(tile));
    // Nobody waits for what has the focus.
    pane.addEventListener('focusin', ({ target }) => (target as Element).closest('li')?.classList.remove('zp-waits'));
}

if (!matchMedia('(prefers-reduced-motion: reduce)').matches) {
    document.querySelectorAll<HTMLElement>('[data-arrival]').forEach(arrive);
    // A pane that is put into the page later says so; so does one in an embed, which cannot be found from here.
    for (const name of ['zinc-pane', 'zinc-arrival']) {
        document.addEventListener(name, (event) => {
            const [pane] = event.composedPath();
            if (pane instanceof HTMLElement) arrive(pane);
        });
    }
}

export {};
