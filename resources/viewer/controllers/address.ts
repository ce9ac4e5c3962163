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
        // By its address, or after a reload: there is an entry for it already.
        if (id && location.hash === `#${id}`) {
            if (!state()) this.write('replaceState', id, 'landed');
            // A reload forgot what the page had asked for.
            else if (state() === 'opened') scrolls ??= 'auto';
        } else {
            scrolls ??= history.scrollRestoration;
            // Going back would put the page where it was, and the picture that was seen last out of sight.
            history.scrollRestoration = 'manual';
            this.write('pushState', id, 'opened');
        }
    }

    turn(id: string): void {
        this.write('replaceState', id, state() ?? 'opened');
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
            if (scrolls === null || this.isOpen) return;
            history.scrollRestoration = scrolls;
            scrolls = null;
        };
        requestAnimationFrame(() => requestAnimationFrame(give));
    }

    /** Whether the entry that is shown now is still one of an open picture. */
    get isOpen(): boolean {
        return state() !== undefined;
    }

    of(id: string): string {
        return new URL(`#${id}`, location.href).href;
    }

    private write(how: 'pushState' | 'replaceState', id: string, zincPane: Opened): void {
        // Whole, as a page may say that its addresses are to be read from elsewhere (<base>).
        history[how]({ ...(history.state as object | null), zincPane }, '', this.isTold && id ? this.of(id) : undefined);
    }
}
