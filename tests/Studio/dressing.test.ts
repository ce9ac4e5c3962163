import { screen, within } from '@testing-library/vue';
import { describe, expect, inject, it, vi } from 'vitest';
import type { Gallery, GalleryDesign, Legibility, PageColours, Setting } from '../../resources/studio/api/types';
import FinishControls from '../../resources/studio/finish/FinishControls.vue';
import LegibilityList from '../../resources/studio/finish/LegibilityList.vue';
import PictureControl from '../../resources/studio/settings/PictureControl.vue';
import { galleryOf, meet, serve } from './support';

const finish = (): Setting[] => inject('vocabulary').settings.filter(({ path }) => path.startsWith('finish.') && path !== 'finish.named');

/** A design in which every setting is at what its kind allows first. */
function designOfFirsts(): GalleryDesign {
    const design: Record<string, unknown> = {};
    for (const setting of finish()) {
        const keys = setting.path.split('.');
        const last = keys.pop() ?? '';
        const home = keys.reduce<Record<string, unknown>>((inner, key) => (inner[key] ??= {}) as Record<string, unknown>, design);
        if (setting.control === 'number') home[last] = setting.least;
        else if (setting.control === 'choice') home[last] = setting.options[0]?.value;
        else if (setting.control === 'flag') home[last] = false;
        else home[last] = setting.control === 'colour' ? (setting.can_be_left ? null : setting.first) : '';
    }
    return design as unknown as GalleryDesign;
}

const page: PageColours = {
    text: '#1b2a30',
    ground: '#fffdf8',
    font: '"Source Serif 4", serif',
    colours: [{ name: 'text', colour: '#1b2a30' }],
    part: { finish: { edges: { colour: '#14636f' } } },
};

const legibility: Legibility = {
    needed: 4.5,
    judged: 2,
    hard: 1,
    says: 'One caption is hard to read.',
    mends: [{ label: 'Make it 80 %', part: { finish: { captions: { opacity: 80 } } } }],
    captions: [],
};

function dressing(more: Partial<Gallery> = {}): Gallery {
    const paths = finish().map(({ path }) => path);
    const headings = [...new Set(finish().map(({ under }) => under))];
    return galleryOf([], { design: designOfFirsts(), in_force: paths, briefs: Object.fromEntries(headings.map((name) => [name, `${name}: brief`])), ...more });
}

/** Settings of some headings alone, in their order: to draw all of them takes seconds. */
const felt = (wanted: (setting: Setting) => boolean): Pick<Gallery, 'in_force'> => ({
    in_force: finish().flatMap((setting) => (wanted(setting) ? [setting.path] : [])),
});

const heads = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>('.el-collapse-item__header')];
const openHeads = (): string[] =>
    heads().flatMap((head) => (head.getAttribute('aria-expanded') === 'true' ? [head.querySelector('b')?.textContent ?? ''] : []));

describe('the settings of a finish', () => {
    it('stand under headings that each say how they stand, one of them open at a time, by keyboard too', async () => {
        const firsts = new Set([...new Set(finish().map(({ under }) => under))].map((name) => finish().find(({ under }) => under === name)));
        const { user } = meet(FinishControls, { gallery: dressing(felt((setting) => firsts.has(setting))), legibility, page });
        expect(heads().map((head) => head.textContent?.trim())).toEqual(
            [...new Set(finish().map(({ under }) => under))].map((name) => `${name}${name}: brief`),
        );
        expect(openHeads()).toEqual(['Captions']);
        for (const head of heads().slice(1)) {
            head.focus();
            await user.keyboard('{Enter}');
            expect(openHeads()).toEqual([head.querySelector('b')?.textContent]);
        }
        await user.keyboard('{Enter}');
        expect(openHeads()).toEqual([]);
    });

    it('tell what changed as a part of the design, whichever of them it was', async () => {
        const isFlag = ({ control, under }: Setting): boolean => control === 'flag' && under === 'Captions';
        const flags = finish().filter(isFlag);
        const { user, told } = meet(FinishControls, { gallery: dressing(felt(isFlag)), legibility, page });
        expect(flags.length).toBeGreaterThan(2);
        for (const { label, path } of flags) {
            await user.click(screen.getByRole('checkbox', { name: label }));
            const keys = path.split('.');
            expect(told('change').at(-1), path).toEqual([{ finish: { captions: { [keys.at(-1) ?? '']: true } } }]);
        }
    });

    it('say first which captions are hard to read, and hand on what mends them and what shows them', async () => {
        const gallery = dressing(felt(({ path }) => path === 'finish.captions.place'));
        const { user, told, redraw } = meet(FinishControls, { gallery, legibility, page });
        await user.click(screen.getByRole('button', { name: 'Make it 80 %' }));
        await user.click(screen.getByRole('button', { name: 'Show which' }));
        expect(told('change')).toEqual([[legibility.mends[0]?.part]]);
        expect(told('captions')).toHaveLength(1);
        await redraw({ gallery, legibility: undefined, page });
        expect(screen.queryByRole('status')).toBeNull();
    });

    it('offer the colours and letters of the page by their name, once they are known', async () => {
        const gallery = dressing(felt(({ path }) => path === 'finish.lettering.font'));
        const { user, told, redraw } = meet(FinishControls, { gallery, legibility: undefined, page });
        expect(screen.getByText(/The page writes in Source Serif 4;/)).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Take colours and letters from the page', hidden: true }));
        expect(told('change')).toEqual([[page.part]]);
        await redraw({ gallery, legibility: undefined, page: undefined });
        expect(screen.queryByRole('button', { name: 'Take colours and letters from the page', hidden: true })).toBeNull();
    });

    it('show only what is felt', () => {
        const two = felt(({ path }) => path === 'finish.captions.place' || path === 'finish.edges.line');
        meet(FinishControls, { gallery: dressing(two), legibility: undefined, page });
        expect(heads().map((head) => head.querySelector('b')?.textContent)).toEqual(['Captions', 'Edges']);
        for (const name of ['Captions', 'Line']) expect(screen.getAllByRole('radiogroup', { name, hidden: true })).toHaveLength(1);
        expect(screen.getAllByRole('radiogroup', { hidden: true })).toHaveLength(2);
    });
});

describe('captions that are judged', () => {
    it('are drawn where they lie, the number for a name where there is none, marked where they are hard to read', () => {
        const sight = (number: number, title: string, ratio: number, is_hard: boolean) => ({
            number,
            title,
            src: number === 1 ? '/media/a/240.webp' : null,
            shape: 1.5,
            area: [0.1, 0.75, 0.8, 0.25] as [number, number, number, number],
            ratio,
            at: 288,
            is_hard,
        });
        meet(LegibilityList, { legibility: { ...legibility, captions: [sight(1, '', 2.19, true), sight(2, 'Noon', 21, false)] } });
        const [first, second] = screen.getAllByRole('listitem') as [HTMLElement, HTMLElement];
        expect(within(first).getByText('No. 1, at 288 px')).toBeTruthy();
        expect(within(first).getByText('2.1 : 1').className).toBe('bad');
        expect(within(second).getByText('21.0 : 1').className).toBe('');
        const area = first.querySelector<HTMLElement>('i')?.style;
        expect([area?.left, area?.top, area?.width, area?.height]).toEqual(['10%', '75%', '80%', '25%']);
        expect(first.querySelector('img')?.getAttribute('src')).toBe('/media/a/240.webp');
        expect(second.querySelector('img')).toBeNull();
    });
});

describe('a picture of the store', () => {
    it('is shown once it is known, may be another, or none', async () => {
        serve({ 'pictures/p1': () => ({ id: 'p1', name: 'ground.jpg', thumbnail: '/media/p1/240.webp' }) });
        const { user, told, redraw } = meet(PictureControl, { label: 'Picture', modelValue: '' });
        expect(screen.queryByRole('button', { name: 'None' })).toBeNull();
        expect(screen.getByRole('button', { name: 'Choose…' })).toBeTruthy();
        await redraw({ label: 'Picture', modelValue: 'p1' });
        await vi.waitFor(() => expect(document.querySelector('img')?.getAttribute('src')).toBe('/media/p1/240.webp'));
        expect(screen.getByRole('button', { name: 'Another…' })).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'None' }));
        expect(told('update:modelValue')).toEqual([['']]);
    });
});
