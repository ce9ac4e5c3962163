import type { Entry } from './entries';

const HOME = 'zinc-outbox/';
const WINDOW = 'zinc-window';

/** Keeps the changes of this window in the browser, and takes over those of windows that are gone. */
export interface Keeping {
    write: (entries: readonly Entry[]) => void;
    /** What was left by this window before it was loaded anew, and by others that nobody looks after any more. */
    left: () => Promise<Entry[]>;
}

export function useKeeping(): Keeping {
    let own = sessionStorage.getItem(WINDOW) ?? crypto.randomUUID();

    /** Held as long as the window lives: so others can tell. */
    async function claim(): Promise<void> {
        // A tab that was doubled has the name of the other one.
        if (!(await isFree(own))) own = crypto.randomUUID();
        sessionStorage.setItem(WINDOW, own);
        void navigator.locks?.request(WINDOW + own, () => new Promise(() => undefined));
    }

    return {
        write: (entries) => {
            if (entries.length > 0) localStorage.setItem(HOME + own, JSON.stringify(entries));
            else localStorage.removeItem(HOME + own);
        },
        left: async () => {
            await claim();
            const entries: Entry[] = [];
            for (const key of Object.keys(localStorage).filter((name) => name.startsWith(HOME))) {
                const other = key.slice(HOME.length);
                if (other !== own && !(await isFree(other))) continue;
                entries.push(...read(key));
                if (other !== own) localStorage.removeItem(key);
            }
            return entries;
        },
    };
}

/** Whether no window of that name lives. Where the browser cannot tell, none does: a change that is sent twice meets itself. */
function isFree(name: string): Promise<boolean> {
    if (!('locks' in navigator) || !navigator.locks) return Promise.resolve(true);
    return navigator.locks.request(WINDOW + name, { ifAvailable: true }, (lock) => lock !== null);
}

function read(key: string): Entry[] {
    try {
        return JSON.parse(localStorage.getItem(key) ?? '[]') as Entry[];
    } catch {
        return [];
    }
}
