/** What a page in a frame says to the page around it. */
interface Told {
    zincFrame: string;
    /** px */
    height: number;
}

/** In the frame: says how high its contents are, whenever that changes. */
export function tellHeight(): void {
    const gallery = document.documentElement.dataset['frame'];
    if (!gallery || window === window.parent) return;
    new ResizeObserver(() => {
        const told: Told = { zincFrame: gallery, height: Math.ceil(document.body.getBoundingClientRect().height) };
        window.parent.postMessage(told, '*');
    }).observe(document.body);
}

/** Around it: gives the frame that height, and to no other than the one that says it. */
export function fitFrames(): void {
    window.addEventListener('message', ({ data, source }: MessageEvent<Partial<Told> | null>) => {
        const { zincFrame: gallery, height } = data ?? {};
        if (typeof gallery !== 'string' || typeof height !== 'number' || !(height > 0)) return;
        const frame = [...document.querySelectorAll('iframe')].find((one) => one.contentWindow === source && one.src.endsWith(`/embed/${gallery}`));
        frame?.style.setProperty('height', `${height}px`, 'important');
    });
}
