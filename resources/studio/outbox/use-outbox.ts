import { useQueryClient } from '@tanstack/vue-query';
import { useEventListener } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, reactive, ref } from 'vue';
import { isLineDown, isSignedOut, Problem } from '../api/client';
import { galleryQuery } from '../api/queries';
import type { ClashValue, Gallery, GalleryChanged, WordChange } from '../api/types';
import { takeBack } from '../shared/use-echo';
import { joined, MOST_TRIED, subjectOf, typedIn, type Entry, type PicturePart, type Place } from './entries';
import { useKeeping } from './keeping';
import { useSender } from './sender';

/** ms after the last key until what was typed is sent. */
export const TYPING = 900;

/** ms until a lost line is tried again: at first soon, then less often. */
const AGAIN = [1000, 2000, 4000, 8000, 15_000];

/** How often a change is made again by itself when others change other things all the time. */
const TRIES = 4;

const STALE = 'stale-version';

/** A change that met a newer version in which the same was changed: what each wants. */
export interface Clash {
    values: ClashValue[];
}

/** What was typed and cannot be kept where it was meant. */
export interface Refused {
    key: string;
    place: Place;
    says: string;
    texts: string[];
    /** Where the words may go instead: the picture's own. */
    instead: { picture: string; words: WordChange } | null;
}

/** Changes on their way to the server: kept in the browser until it has them, sent again when the line is back. */
export const useOutbox = defineStore('outbox', () => {
    const queries = useQueryClient();
    const keeping = useKeeping<Entry>('zinc-outbox');
    const sender = useSender();
    const entries = ref<Entry[]>([]);
    const clashes = reactive(new Map<Place, Clash>());
    const problems = reactive(new Map<Place, string>());
    const refused = ref<Refused[]>([]);
    const isDown = ref(false);
    /** What is wrong with the server while it answers that it cannot write; empty where it does not answer. */
    const ails = ref('');
    const signedOut = ref(false);
    const sending = ref<string | null>(null);
    const waiters = new Map<string, (done: boolean) => void>();
    /** What the Layout stage shows, told with every change: the key of its HTML. */
    const shows = ref<string | null>(null);
    let tries = 0;
    let timer = 0;
    let failures = 0;

    const waiting = computed(() => entries.value.length);

    function store(): void {
        keeping.write(entries.value);
    }

    function of(place: Place): Entry[] {
        return entries.value.filter((entry) => entry.place === place);
    }

    /** @returns once the server has it or refused it: whether it has it */
    function put(place: Place, what: Pick<Entry, 'change' | 'part'>, pause = 0): Promise<boolean> {
        const known = queries.getQueryData<Gallery>(galleryQuery(place.slice(place.indexOf(':') + 1)).queryKey);
        const of_ = subjectOf(what.change, known?.items ?? []);
        const fresh: Entry = {
            id: crypto.randomUUID(),
            key: crypto.randomUUID(),
            tried: [],
            place,
            ...what,
            version: known?.version ?? 0,
            own: [],
            due: Date.now() + pause,
            ...(of_ && { of: of_ }),
        };
        const last = of(place).at(-1);
        const both = last && last.id !== sending.value ? joined(last, fresh) : null;
        problems.delete(place);
        if (both) {
            entries.value = entries.value.map((entry) => (entry.id === both.id ? both : entry));
        } else {
            // What comes after must not overtake what is still being typed.
            entries.value = [...entries.value.map((entry) => (entry.place === place ? { ...entry, due: 0 } : entry)), fresh];
        }
        store();
        const key = both?.id ?? fresh.id;
        const before = waiters.get(key);
        const done = new Promise<boolean>((resolve) =>
            waiters.set(key, (is) => {
                before?.(is);
                resolve(is);
            }),
        );
        void pump();
        return done;
    }

    function change(gallery: string, wanted: NonNullable<Entry['change']>, pause = 0): Promise<boolean> {
        return put(`gallery:${gallery}`, { change: wanted }, pause);
    }

    function changePicture(picture: string, part: PicturePart, pause = 0): Promise<boolean> {
        return put(`picture:${picture}`, { part }, pause);
    }

    /** Sends at once what waits for a pause. */
    function hurry(): void {
        entries.value = entries.value.map((entry) => ({ ...entry, due: 0 }));
        void pump();
    }

    /** Once all of a place is with the server; false where it cannot be now. */
    async function flushed(place: Place): Promise<boolean> {
        hurry();
        while (of(place).length > 0) {
            if (isDown.value || signedOut.value || clashes.has(place)) return false;
            await new Promise((resolve) => setTimeout(resolve, 20));
        }
        return true;
    }

    async function pump(): Promise<void> {
        window.clearTimeout(timer);
        while (sending.value === null && !signedOut.value) {
            const next = entries.value.find(({ place }) => !clashes.has(place));
            if (!next) return;
            const rest = next.due - Date.now();
            if (rest > 0) {
                timer = window.setTimeout(() => void pump(), rest);
                return;
            }
            sending.value = next.id;
            const goesOn = await deliver(next);
            sending.value = null;
            if (!goesOn) return;
        }
    }

    /** @returns whether the next one may go */
    async function deliver(entry: Entry): Promise<boolean> {
        try {
            const answer = await sender.send(entry, shows.value);
            if (answer) goOnFrom(entry, answer);
            isDown.value = false;
            failures = tries = 0;
            drop(entry, true);
            return true;
        } catch (error) {
            if (!(error instanceof Problem)) throw error;
            return met(entry, error);
        }
    }

    /** What waits was made on a version that differs from this one by nothing of another's. */
    function goOnFrom(entry: Entry, { from, version }: GalleryChanged): void {
        // Where it was done before, the version that it made is known by key alone.
        if (from === version) inherit(entry, [entry.key]);
        else follow(entry, (other) => (other.version === from ? { ...other, version } : { ...other, own: [...other.own, version] }));
    }

    function inherit(entry: Entry, keys: readonly string[]): void {
        if (keys.length > 0) follow(entry, (other) => ({ ...other, tried: [...new Set([...other.tried, ...keys])].slice(-MOST_TRIED) }));
    }

    /** Changes all others of the same place. */
    function follow(entry: Entry, how: (other: Entry) => Entry): void {
        entries.value = entries.value.map((other) => (other.place === entry.place && other.id !== entry.id ? how(other) : other));
    }

    async function met(entry: Entry, problem: Problem): Promise<boolean> {
        if (isSignedOut(problem)) {
            // A page that was open too long gets its token anew.
            signedOut.value = !((await sender.isStillIn()) && ++tries < TRIES);
            return !signedOut.value;
        }
        if (isLineDown(problem)) {
            isDown.value = true;
            ails.value = typeof problem.facts['title'] === 'string' ? problem.facts['title'] : '';
            timer = window.setTimeout(() => void pump(), AGAIN[Math.min(failures++, AGAIN.length - 1)]);
            return false;
        }
        const values = problem.facts['clashes'] as ClashValue[] | undefined;
        if (problem.code === STALE && values && entry.change) {
            const newest = await sender.newest(entry).catch(() => null);
            if (newest) rebase(entry, newest.version);
            if (values.length === 0 && ++tries < TRIES) return true;
            tries = 0;
            clashes.set(entry.place, { values });
            waiters.get(entry.id)?.(false);
            waiters.delete(entry.id);
            return true;
        }
        const says = (await sender.isGone(entry)) ? `“${entry.of?.name}” was taken out of the gallery in another window.` : problem.message;
        if (typedIn(entry).length === 0) problems.set(entry.place, says);
        refuse(entry, says);
        drop(entry, false);
        takeBack();
        return true;
    }

    function rebase(entry: Entry, version: number): void {
        entries.value = entries.value.map((other) => (other.id === entry.id ? { ...other, version, own: [] } : other));
        store();
    }

    function refuse(entry: Entry, says: string): void {
        const texts = typedIn(entry);
        if (texts.length === 0) return;
        const words = entry.change?.kind === 'words' ? Object.values(entry.change.words)[0] : undefined;
        const picture = entry.of?.picture;
        refused.value = [...refused.value, { key: entry.id, place: entry.place, says, texts, instead: picture && words ? { picture, words } : null }];
    }

    function drop(entry: Entry, done: boolean): void {
        // Earlier forms of it may have been made, and nobody heard.
        inherit(entry, entry.tried);
        // What was typed while it was on its way stays.
        entries.value = entries.value.filter(({ id }) => id !== entry.id);
        store();
        waiters.get(entry.id)?.(done);
        waiters.delete(entry.id);
    }

    /** Mine goes again, on the version that was shown; theirs leaves out mine, whose words are offered. */
    function settle(place: Place, choice: 'mine' | 'theirs'): void {
        const [first] = of(place);
        clashes.delete(place);
        if (choice === 'theirs' && first) {
            refuse(first, 'Theirs stands. This is what you had typed.');
            drop(first, false);
            takeBack();
        }
        void pump();
    }

    function letGo(key: string): void {
        refused.value = refused.value.filter((one) => one.key !== key);
    }

    function backIn(): void {
        signedOut.value = false;
        void queries.invalidateQueries();
        void pump();
    }

    useEventListener(window, 'online', () => {
        failures = 0;
        void pump();
    });
    useEventListener(window, 'beforeunload', (event) => {
        if (entries.value.length > 0) event.preventDefault();
    });
    // A tab that is closed or put aside sends what waits for a pause.
    useEventListener(document, 'visibilitychange', () => document.visibilityState === 'hidden' && hurry());
    void keeping.left().then((left) => {
        if (left.length === 0) return;
        const known = new Set(entries.value.map(({ id }) => id));
        entries.value = [...left.filter(({ id }) => !known.has(id)), ...entries.value];
        store();
        void pump();
    });

    return {
        entries,
        waiting,
        clashes,
        problems,
        refused,
        isDown,
        ails,
        signedOut,
        sending,
        shows,
        onAnswer: sender.onAnswer,
        of,
        change,
        changePicture,
        flushed,
        hurry,
        keep: sender.keep,
        settle,
        letGo,
        backIn,
    };
});
