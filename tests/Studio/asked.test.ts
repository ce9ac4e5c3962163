import { fireEvent, screen, waitFor, within as inside } from '@testing-library/vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { h } from 'vue';
import type { GalleryCard } from '../../resources/studio/api/types';
import GalleriesScreen from '../../resources/studio/galleries/GalleriesScreen.vue';
import NotKept from '../../resources/studio/gallery/NotKept.vue';
import SaveState from '../../resources/studio/gallery/SaveState.vue';
import Shortcuts from '../../resources/studio/gallery/Shortcuts.vue';
import { SHORTCUTS } from '../../resources/studio/gallery/shortcuts';
import { useOutbox, type Refused } from '../../resources/studio/outbox/use-outbox';
import { announcement } from '../../resources/studio/shared/announce';
import SignInForm from '../../resources/studio/sign-in/SignInForm.vue';
import { meet, serve, type Asked } from './support';

vi.mock('vue-router', () => ({ useRouter: () => ({ push: vi.fn() }), useRoute: () => ({ params: {} }) }));

/* Questions in their place, what can be taken back, and where the keyboard stands afterwards. */

beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
});

describe('galleries as a whole', () => {
    const card = (id: string, title: string, more: Partial<GalleryCard> = {}): GalleryCard => ({
        id,
        title,
        pictures: 3,
        pages: [],
        state: 'draft',
        changes: 0,
        miniature: { width: 1, height: 1, tiles: [] },
        ...more,
    });
    let cards: GalleryCard[];
    let asked: Asked[];

    async function open(): Promise<ReturnType<typeof meet>> {
        const gone = new Map<string, GalleryCard>();
        asked = serve({
            '/restore': ({ path }) => {
                const id = path.split('/')[1] ?? '';
                cards = [...cards, gone.get(id)!];
                return { id };
            },
            '/duplicate': () => {
                cards = [...cards, card('g9', 'Kites, a copy')];
                return { id: 'g9', about: { title: 'Kites, a copy' } };
            },
            galleries: () => [200, cards],
            g1: () => leave('g1'),
            g2: () => leave('g2'),
            g9: () => leave('g9'),
            session: () => ({ user: null, limits: { megabytes: 50 } }),
        });
        const leave = (id: string): object => {
            gone.set(
                id,
                cards.find((one) => one.id === id)!,
            );
            cards = cards.filter((one) => one.id !== id);
            return {};
        };
        const met = meet(GalleriesScreen);
        await screen.findByRole('button', { name: 'Delete Kites' });
        return met;
    }

    beforeEach(() => {
        cards = [card('g1', 'Kites'), card('g2', 'Boats', { state: 'live', pages: ['Home', 'Shop'] })];
    });

    it('deletes a draft at once, and brings it back', async () => {
        const { user } = await open();
        await user.click(screen.getByRole('button', { name: 'Delete Kites' }));
        const back = await screen.findByRole('button', { name: 'Take it back' });
        expect(screen.getByText(/“Kites” is deleted; its pictures stay in the store/)).toBeTruthy();
        await waitFor(() => expect(screen.queryByRole('button', { name: 'Delete Kites' })).toBeNull());
        expect(document.activeElement).toBe(back);
        await user.keyboard('{Enter}');
        await screen.findByRole('button', { name: 'Delete Kites' });
        expect(announcement.value).toBe('“Kites” is back.');
        await waitFor(() => expect(screen.queryByRole('button', { name: 'Take it back' })).toBeNull());
        expect(document.activeElement).toBe(screen.getByRole('heading', { name: 'Galleries' }));
    });

    it('asks of a live one, says which pages change, and leaves it with one key', async () => {
        const { user } = await open();
        const remove = screen.getByRole('button', { name: 'Delete Boats' });
        await user.click(remove);
        const bar = screen.getByRole('alertdialog', { name: 'Delete Boats' });
        expect(bar.textContent).toContain('It goes off Home, Shop');
        expect(document.activeElement).toBe(inside(bar).getByRole('button', { name: 'Keep it' }));
        await user.keyboard('{Escape}');
        expect(screen.queryByRole('alertdialog')).toBeNull();
        await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Delete Boats' })));
        expect(asked.some(({ method }) => method === 'DELETE')).toBe(false);
        await user.click(screen.getByRole('button', { name: 'Delete Boats' }));
        await user.click(screen.getByRole('button', { name: 'Delete it all the same' }));
        await screen.findByText(/“Boats” is deleted/);
        expect(asked.filter(({ method }) => method === 'DELETE').map(({ path }) => path)).toEqual(['galleries/g2']);
    });

    it('doubles one, and takes that back by deleting the copy', async () => {
        const { user } = await open();
        await user.click(screen.getByRole('button', { name: 'Duplicate Kites' }));
        await screen.findByText(/“Kites, a copy” is there/);
        await user.click(screen.getByRole('button', { name: 'Take it back' }));
        await waitFor(() => expect(cards.map(({ id }) => id)).toEqual(['g1', 'g2']));
        expect(asked.filter(({ method }) => method === 'DELETE').map(({ path }) => path)).toEqual(['galleries/g9']);
    });
});

describe('words that could not be kept', () => {
    const refused: Refused = {
        key: 'k',
        place: 'gallery:g1',
        says: 'It was taken out.',
        texts: ['Ebb', 'Flood'],
        instead: { picture: 'p1', words: { title: 'Ebb' } },
    };

    it.each([
        ['copied', 'Copy it'],
        ['made the picture’s own', 'Make it the picture’s own'],
        ['let go', 'I do not need it'],
    ])('can be %s', async (_, name) => {
        const asked = serve({ p1: () => ({ id: 'p1' }) });
        const copied = vi.fn(() => Promise.resolve());
        const { user } = meet(NotKept, { refused });
        Object.defineProperty(navigator, 'clipboard', { value: { writeText: copied }, configurable: true });
        const outbox = useOutbox();
        outbox.refused = [refused];
        await user.click(screen.getByRole('button', { name }));
        await waitFor(() => expect(announcement.value !== '' || outbox.refused.length === 0).toBe(true));
        expect(copied.mock.calls).toEqual(name === 'Copy it' ? [['Ebb\nFlood']] : []);
        expect(outbox.refused.length).toBe(name === 'Copy it' ? 1 : 0);
        await waitFor(() =>
            expect(asked.filter(({ method }) => method === 'PATCH').map(({ path, body }) => [path, body])).toEqual(
                name.startsWith('Make') ? [['pictures/p1', { words: { title: 'Ebb' } }]] : [],
            ),
        );
    });
});

describe('what the bar says', () => {
    it.each<[string, (outbox: ReturnType<typeof useOutbox>) => void, boolean, string]>([
        ['that all is saved', () => undefined, false, 'Saved'],
        ['what waits for the line', (outbox) => (outbox.isDown = true), false, 'Not saved yet: 2 changes wait for the line'],
        [
            'what waits for room on the disk',
            (outbox) => ((outbox.isDown = true), (outbox.ails = 'The disk is full')),
            false,
            'Not saved yet: 2 changes wait. The disk is full',
        ],
        ['what waits for one to sign in', (outbox) => (outbox.signedOut = true), false, 'Not saved yet: 2 changes wait for you to sign in'],
        ['what waits for a choice', () => undefined, true, 'Not saved yet: 2 changes wait for your choice'],
    ])('is %s', async (_, so, clashing, says) => {
        meet(SaveState, { savedAt: '2026-05-01T10:20:30Z', clashing, said: '' });
        const outbox = useOutbox();
        so(outbox);
        if (says !== 'Saved') {
            outbox.signedOut ||= clashing;
            outbox.entries = [1, 2].map((n) => ({ id: `${n}`, key: `${n}`, tried: [], place: 'gallery:g1', version: 1, own: [], due: Date.now() + 1e6 }));
            if (clashing) outbox.signedOut = false;
        }
        await waitFor(() => expect(screen.getByRole('status').textContent).toContain(says));
    });
});

describe('the sheet of keys', () => {
    it('opens on ?, not while one writes, and names every key once in its place', async () => {
        const { user } = meet(() => [h('input'), h(Shortcuts)]);
        await user.type(screen.getByRole('textbox'), 'Why?');
        expect(screen.queryByRole('dialog')).toBeNull();
        screen.getByRole('textbox').blur();
        await fireEvent.keyDown(window, { key: '?' });
        const sheet = await screen.findByRole('dialog', { name: 'Keys' });
        for (const { under, keys } of SHORTCUTS) {
            expect(inside(sheet).getByRole('heading', { name: under })).toBeTruthy();
            expect(new Set(keys.map(([key]) => key)).size).toBe(keys.length);
            for (const [, does] of keys) expect(inside(sheet).getAllByText(does).length).toBeGreaterThan(0);
        }
    });
});

describe('signing in', () => {
    it('says what was wrong, keeps what was typed, and goes on once it is right', async () => {
        let isRight = false;
        const asked = serve({
            session: () => (isRight ? { user: { email: 'a@saltreed.example' } } : [422, { code: 'refused', detail: 'E-mail and password do not match.' }]),
        });
        const { user, told } = meet(SignInForm, { known: 'a@saltreed.example' });
        await user.type(screen.getByLabelText('Password'), 'tide{Enter}');
        await screen.findByText('E-mail and password do not match.');
        expect(screen.getByLabelText<HTMLInputElement>('Password').value).toBe('tide');
        expect(told('done')).toHaveLength(0);
        isRight = true;
        await user.click(screen.getByRole('button', { name: 'Sign in' }));
        await waitFor(() => expect(told('done')).toHaveLength(1));
        expect(asked.map(({ body }) => body)).toEqual([1, 2].map(() => ({ email: 'a@saltreed.example', password: 'tide' })));
    });
});
