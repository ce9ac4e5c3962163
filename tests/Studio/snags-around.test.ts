import { screen, within as inside } from '@testing-library/vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { reactive } from 'vue';
import type { Gallery, GalleryCard as Card, Snag, SnagsOfSite } from '../../resources/studio/api/types';
import GalleriesScreen from '../../resources/studio/galleries/GalleriesScreen.vue';
import StageNav from '../../resources/studio/gallery/StageNav.vue';
import { useSought } from '../../resources/studio/shared/use-sought';
import WordsTable from '../../resources/studio/words/WordsTable.vue';
import { fetched, galleryOf, itemOf, meet, serve, within } from './support';

const route = reactive<{ query: Record<string, string>; name: string }>({ query: {}, name: 'layout' });
const replaced = vi.fn((to: { query: Record<string, string> }) => (route.query = to.query));
vi.mock('vue-router', () => ({ useRouter: () => ({ push: vi.fn(), replace: replaced }), useRoute: () => route }));

// Where snags are met besides their own list: in the header, on Galleries, in the layout, and in the cell that one goes to.

beforeEach(() => {
    route.query = {};
    replaced.mockClear();
});

const snag = (code: string, stage: Snag['stage'] = 'words'): Snag => ({
    code,
    kind: `Kind ${code}`,
    stage,
    says: `It is ${code}.`,
    in_crops: false,
    on_phone: false,
    items: [],
    page: null,
    mends: [],
});
const gallery = (stamp: string): Gallery =>
    galleryOf([itemOf(1)], {
        stamp,
        panes: [],
        layout_label: 'Grid',
        finish_label: 'Bare',
        viewer_label: 'large view',
        design: { layout: { kind: 'grid' } },
    } as unknown as Partial<Gallery>);

describe('the header of a gallery', () => {
    it('tells how many snags there are, and looks again once for a change that has come to rest', async () => {
        let found = [snag('a'), snag('b')];
        const asked = serve({ '/snags': () => ({ version: 1, snags: found, meant: [], places: null }) });
        const { redraw } = meet(StageNav, { gallery: gallery('s1') }, fetched());
        expect(await screen.findByText('2 snags')).toBeTruthy();
        // Only found: what mends them is asked for where it is shown.
        expect(asked.map(({ path }) => path)).toEqual(['galleries/g1/snags']);
        found = [snag('a')];
        for (const stamp of ['s2', 's3', 's4']) await redraw({ gallery: gallery(stamp) });
        expect(await screen.findByText('1 snag')).toBeTruthy();
        expect(asked).toHaveLength(2);
        found = [];
        await redraw({ gallery: gallery('s5') });
        expect(await screen.findByText('No snags')).toBeTruthy();
    });

    it('goes on telling what was so while it looks, and says nothing of a number where it cannot know', async () => {
        let isDown = false;
        serve({ '/snags': () => (isDown ? [503, {}] : { version: 1, snags: [snag('a')], meant: [], places: null }) });
        const { redraw } = meet(StageNav, { gallery: gallery('s1') });
        expect(await screen.findByText('1 snag')).toBeTruthy();
        isDown = true;
        await redraw({ gallery: gallery('s2') });
        expect(screen.getByText('1 snag')).toBeTruthy();
        expect(await screen.findByText('Snags')).toBeTruthy();
    });
});

describe('Galleries', () => {
    const card = (id: string): Card =>
        ({
            id,
            title: `Gallery ${id}`,
            pictures: 3,
            pages: [],
            state: 'draft',
            changes: 0,
            miniature: { width: 10, height: 10, tiles: [] },
        }) as unknown as Card;
    const site: SnagsOfSite = { galleries: [{ id: 'g1', title: 'Gallery g1', version: 1, snags: [snag('a'), snag('b')] }] };

    it('tell how many each has, and open the list of all where the address says so', async () => {
        serve({ galleries: () => [200, [card('g1'), card('g2')]], snags: () => site });
        const { user } = meet(GalleriesScreen);
        const [first, second] = await screen.findAllByRole('listitem');
        expect(await inside(first as HTMLElement).findByText('2 snags')).toBeTruthy();
        expect(inside(second as HTMLElement).queryByText(/snag/)).toBeNull();
        const button = screen.getByRole('button', { name: '2 snags' });
        expect([button.getAttribute('aria-expanded'), screen.queryByRole('region', { name: 'Snags of the site' })]).toEqual(['false', null]);
        await user.click(button);
        expect(replaced).toHaveBeenLastCalledWith({ query: { snags: 'all' } });
        expect(await screen.findByRole('region', { name: 'Snags of the site' })).toBeTruthy();
        expect(button.getAttribute('aria-expanded')).toBe('true');
        await user.click(button);
        expect(replaced).toHaveBeenLastCalledWith({ query: {} });
    });
});

describe('who comes for one picture', () => {
    it('is told its place once the items are drawn, and nothing where it is not there', () => {
        const find = vi.fn();
        route.query = { item: 'i2' };
        within(() => useSought([itemOf(1), itemOf(2)], find));
        return vi
            .waitFor(() => expect(find).toHaveBeenCalledExactlyOnceWith(1, 'i2'))
            .then(() => {
                route.query = { item: 'gone' };
                within(() => useSought([itemOf(1)], find));
                expect(find).toHaveBeenCalledTimes(1);
            });
    });

    it('stands on its alt text, or on the first word where that column is not shown', async () => {
        const column = (key: string) => ({ key, label: key, least: 100, share: 1, longest: 99, hasLines: false });
        for (const [keys, wanted] of [
            [['title', 'alt'], 'alt of picture 2'],
            [['title', 'caption'], 'title of picture 2'],
        ] as const) {
            const drawn = within(() => 0);
            const { leave } = meet({
                components: { WordsTable },
                template: '<WordsTable ref="t" v-bind="given" />',
                data: () => ({ given: { items: [itemOf(1), itemOf(2)], columns: keys.map(column), chosen: new Set() } }),
                mounted(this: { $refs: { t: { standOn: (row: number) => void } } }) {
                    this.$refs.t.standOn(1);
                },
            });
            await vi.waitFor(() => expect(document.activeElement?.getAttribute('aria-label') ?? '').toContain(wanted));
            leave();
            drawn.leave();
        }
    });
});
