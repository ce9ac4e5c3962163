import { screen } from '@testing-library/vue';
import { describe, expect, it } from 'vitest';
import type { Clicks } from '../../resources/studio/api/types';
import ClickStrip from '../../resources/studio/viewer/ClickStrip.vue';
import { fetched, galleryOf, itemOf, meet, serve, tabStops } from './support';

const CLICKS: Clicks = {
    rule: 'large view',
    acts: [
        { value: 'large', label: 'Large view' },
        { value: 'address', label: 'Its address' },
        { value: 'nothing', label: 'Nothing' },
    ],
    pictures: [
        { id: 'i1', title: 'Red sail', src: '/media/a/240.webp', click: null, does: 'opens the large view', lacks: false },
        { id: 'i2', title: 'Low tide', src: null, click: 'address', does: 'does nothing: it has no address yet', lacks: true },
        { id: 'i3', title: 'Dawn', src: '/media/c/240.webp', click: null, does: 'opens the large view', lacks: false },
    ],
};

async function strip() {
    serve({ 'galleries/g1/clicks': () => CLICKS });
    const gallery = galleryOf([itemOf(1), itemOf(2), itemOf(3)]);
    const met = meet(ClickStrip, { id: 'g1', gallery }, fetched(gallery));
    await screen.findByRole('option', { name: /Red sail/ });
    return met;
}

describe('what each click does', () => {
    it('is told for every picture, and what is lacking once more above', async () => {
        await strip();
        expect(screen.getAllByRole('option').map(({ textContent }) => textContent?.replace('¶', '').trim())).toEqual([
            'Red sailopens the large view',
            'Low tidedoes nothing: it has no address yet',
            'Dawnopens the large view',
        ]);
        expect(screen.getByText(/One picture has no address to lead to/)).toBeTruthy();
        // Many pictures are one stop for Tab.
        expect(tabStops()).toHaveLength(1);
    });

    it('is set for one by keyboard, and for several at once, and left to the gallery again', async () => {
        const { user, told } = await strip();
        await user.tab();
        await user.keyboard('{Enter}');
        expect(screen.getByText('1 picture chosen')).toBeTruthy();
        await user.click(screen.getByRole('combobox', { name: 'A click on it' }));
        await user.click(screen.getByRole('option', { name: 'Nothing' }));
        expect(told('set').at(-1)).toEqual([['i1'], 'nothing']);
        screen.getByRole('option', { name: /Red sail/ }).focus();
        await user.keyboard('{ArrowRight} ');
        expect(screen.getByText('2 pictures chosen')).toBeTruthy();
        // They differ in what they do now; the list says so and takes one thing for both.
        expect(screen.getByText('various')).toBeTruthy();
        await user.click(screen.getByRole('combobox', { name: 'A click on them' }));
        await user.click(screen.getByRole('option', { name: 'As the gallery: large view' }));
        expect(told('set').at(-1)).toEqual([['i1', 'i2'], null]);
        await user.keyboard('{Escape}');
        screen.getByRole('option', { name: /Dawn/ }).focus();
        await user.keyboard('{Control>}a{/Control}');
        expect(screen.getByText('3 pictures chosen')).toBeTruthy();
        await user.keyboard('{Escape}');
        expect(screen.queryByText(/chosen/)).toBeNull();
    });

    it('says that there is nothing to set where there are no pictures', async () => {
        serve({ 'galleries/g1/clicks': () => ({ ...CLICKS, pictures: [] }) });
        meet(ClickStrip, { id: 'g1', gallery: galleryOf([]) });
        expect(await screen.findByText('No pictures yet.')).toBeTruthy();
        expect(screen.queryByRole('listbox')).toBeNull();
    });
});
