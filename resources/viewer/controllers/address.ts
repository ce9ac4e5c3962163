/** In the history's state: opened here, or come to by its address. */
type Opened = 'opened' | 'landed';

function state(): Opened | undefined {
    return (history.state as { zincPane?: Opened } | null)?.zincPane;
}

/** What the page had asked for; null where it is left as the page has it. */
let scrolls: ScrollRestoration | null = null;

/** The address of the picture that is seen, and "back" as a way to close. */
export class Address {
    /**
     * @param isTold whether the page's own address names the picture
     */
    constructor(private readonly isTold: boolean) {}

    open(id: string): void {
        // After a reload the entry is there already, also where it could not open the picture again.
        if (state() === 'opened') {
            // The reload forgot what the page had asked for.
            scrolls ??= 'auto';
            this.write('replaceState', id, 'opened');
        } else if (id && location.hash === `#${id}`) {
            this.write('replaceState', id, 'landed');
        } else {
            scrolls ??= history.scrollRestoration;
            // Going back would put the page where it was, and the picture that was seen last out of sight.
            history.scrollRestoration = 'manual';
            this.write('pushState', id, 'opened');
        }
    }

    turn(id: string): void {
        // An address that was written by hand has an entry of its own.
        this.write('replaceState', id, state() ?? 'landed');
    }

    /** Whether "back" closes it; where nothing lies behind, the address alone is taken away. */
    close(): boolean {
        if (state() === 'opened') {
            history.back();
            return true;
        }
        if (state() === 'landed') history.replaceState({ ...(history.state as object), zincPane: undefined }, '', location.pathname + location.search);
        return false;
    }

    /** The page goes back as ever from here on; browsers look for this a frame or two after they went back. */
    left(): void {
        const give = (): void => {
            if (scrolls === null || state()) return;
            history.scrollRestoration = scrolls;
            scrolls = null;
        };
        requestAnimationFrame(() => requestAnimationFrame(give));
    }

    of(id: string): string {
        return new URL(`#${id}`, location.href).href;
    }

    private write(how: 'pushState' | 'replaceState', id: string, zincPane: Opened): void {
        // Whole, as a page may say that its addresses are to be read from elsewhere (<base>).
        history[how]({ ...(history.state as object | null), zincPane }, '', this.isTold && id ? this.of(id) : undefined);
    }
}
