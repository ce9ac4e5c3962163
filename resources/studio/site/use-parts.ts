import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { api, isLineDown, isSignedOut, messageOf, Problem } from '../api/client';
import { partsQuery } from '../api/queries';
import type { PageParts } from '../api/types';
import { useOutbox } from '../outbox/use-outbox';
import { draftOf, restored, sent, type DraftPart } from './parts';

/** ms until what could not be sent is tried again. */
const AGAIN = 4000;

/** What could not be kept yet, and as what it was begun. */
interface Shelved {
    seen: string;
    parts: DraftPart[];
}

/** The parts of a page as they are written: kept as one goes along, and never lost where they cannot be. */
export function useParts(page: string, kept: () => void) {
    const queries = useQueryClient();
    const { data } = useQuery(partsQuery(page));
    const parts = ref<DraftPart[]>([]);
    const problem = ref('');
    const saved = ref('');
    /** Somebody else wrote the same: whose words stay is for the person to say. */
    const isContested = ref(false);
    const shelf = `zinc-pane:parts:${page}`;
    let seen = '';
    let timer = 0;
    /** Changed and not kept yet: what comes from elsewhere must not be shown over it. */
    let isOpen = false;
    /** As long as nobody was asked to say whose words stay, it is sent again whenever there is news. */
    let hasFailed = false;
    let isLeft = false;
    let sending: Promise<void> = Promise.resolve();

    watch(data, take, { immediate: true });

    function take(known: PageParts | undefined): void {
        if (isOpen && hasFailed && !isContested.value) keep(0);
        if (!known || isOpen) return;
        seen = known.seen;
        parts.value = known.parts.map(draftOf);
        const left = localStorage.getItem(shelf);
        if (left === null) return;
        // Typed before the window was closed, and not kept: what others wrote since is put together with it.
        const shelved = JSON.parse(left) as Shelved;
        seen = shelved.seen;
        parts.value = shelved.parts;
        keep(0);
    }

    function shelve(): void {
        localStorage.setItem(shelf, JSON.stringify({ seen, parts: parts.value } satisfies Shelved));
    }

    function keep(pause: number): void {
        isOpen = true;
        shelve();
        window.clearTimeout(timer);
        timer = window.setTimeout(() => {
            sending = sending.then(send);
        }, pause);
    }

    function settle(): void {
        isOpen = false;
        isContested.value = false;
        localStorage.removeItem(shelf);
    }

    async function send(): Promise<void> {
        window.clearTimeout(timer);
        // Asked for again by itself as soon as it was said whose words stay.
        if (isContested.value) return;
        const before = JSON.parse(JSON.stringify(parts.value)) as DraftPart[];
        try {
            const answer = await api.put<PageParts>(`pages/${page}/parts`, { parts: sent(before), seen });
            seen = answer.seen;
            hasFailed = false;
            problem.value = '';
            saved.value = 'Saved.';
            if (JSON.stringify(parts.value) === JSON.stringify(before)) settle();
            else {
                // Others' words are among it; what was typed meanwhile goes on.
                parts.value = restored(answer.parts.map(draftOf), before, parts.value);
                shelve();
            }
            queries.setQueryData(partsQuery(page).queryKey, answer);
            kept();
        } catch (error) {
            hasFailed = true;
            problem.value = messageOf(error);
            saved.value = '';
            if (!(error instanceof Problem)) return;
            isContested.value = error.code === 'stale-page';
            // In place, as all that is typed.
            if (isSignedOut(error)) useOutbox().signedOut = true;
            // Whoever opens the page again finds it on the shelf, and goes on from there.
            if (!isLineDown(error) || isLeft) return;
            problem.value = 'The server could not be reached. What you wrote is kept here, and sent as soon as it can be.';
            keep(AGAIN);
        }
    }

    /** Puts what was written here in the place of what is there now, or lets it go. */
    async function decide(whose: 'mine' | 'theirs'): Promise<void> {
        try {
            const now = await api.get<PageParts>(`pages/${page}/parts`);
            seen = now.seen;
            problem.value = '';
            isContested.value = false;
            if (whose === 'mine') return keep(0);
            settle();
            queries.setQueryData(partsQuery(page).queryKey, now);
            take(now);
        } catch (error) {
            problem.value = messageOf(error);
        }
    }

    onBeforeUnmount(() => {
        isLeft = true;
        if (isOpen) sending = sending.then(send);
    });

    return { parts, problem, saved, isContested, twice: computed(() => data.value?.twice ?? []), keep, decide };
}
