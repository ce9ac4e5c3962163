const WINDOW = 'zinc-window';

/** Keeps what a window has not brought to an end in the browser, and takes over what windows left that are gone. */
export interface Keeping<T> {
    write: (entries: readonly T[]) => void;
    /** What was left by this window before it was loaded anew, and by others that nobody looks after any more. */
    left: () => Promise<T[]>;
}

let own: string | null = null;
let claimed: Promise<string> | null = null;

/** The name of this window, held as long as it lives: so others can tell. */
function name(): string {
    own ??= sessionStorage.getItem(WINDOW) ?? crypto.randomUUID();
    return own;
}

async function claim(): Promise<string> {
    // A tab that was doubled has the name of the other one.
    if (!(await isFree(name()))) own = crypto.randomUUID();
    sessionStorage.setItem(WINDOW, name());
    void navigator.locks?.request(WINDOW + name(), () => new Promise(() => undefined));
    return name();
}

/** Whether no window of that name lives. Where the browser cannot tell, none does: a change that is sent twice meets itself. */
function isFree(window: string): Promise<boolean> {
    if (!('locks' in navigator) || !navigator.locks) return Promise.resolve(true);
    return navigator.locks.request(WINDOW + window, { ifAvailable: true }, (lock) => lock !== null);
}

/** @param home what the entries are kept under */
export function useKeeping<T>(home: string): Keeping<T> {
    function read(key: string): T[] {
        try {
            return JSON.parse(localStorage.getItem(key) ?? '[]') as T[];
        } catch {
            return [];
        }
    }

    return {
        write: (entries) => {
            if (entries.length > 0) localStorage.setItem(`${home}/${name()}`, JSON.stringify(entries));
            else localStorage.removeItem(`${home}/${name()}`);
        },
        left: async () => {
            const mine = await (claimed ??= claim());
            const entries: T[] = [];
            for (const key of Object.keys(localStorage).filter((one) => one.startsWith(`${home}/`))) {
                const other = key.slice(home.length + 1);
                if (other !== mine && !(await isFree(other))) continue;
                entries.push(...read(key));
                if (other !== mine) localStorage.removeItem(key);
            }
            return entries;
        },
    };
}
