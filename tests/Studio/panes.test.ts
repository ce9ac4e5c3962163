import { fireEvent, screen } from '@testing-library/vue';
import fc from 'fast-check';
import { describe, expect, inject, it, vi } from 'vitest';
import type { Gallery, SitePane } from '../../resources/studio/api/types';
import PageProof from '../../resources/studio/pages/PageProof.vue';
import PaneExceptions from '../../resources/studio/pages/PaneExceptions.vue';
import PanePanel from '../../resources/studio/pages/PanePanel.vue';
import BeforeAfter from '../../resources/studio/site/BeforeAfter.vue';
import PageSettings from '../../resources/studio/site/PageSettings.vue';
import { restored, type DraftPart } from '../../resources/studio/site/parts';
import { detailsOf, pageOf, paneOf, sharedOf } from './site-support';
import { meet, serve } from './support';

const gallery = { id: 'g1', version: 3, about: { title: 'Kites' }, design: { layout: { kind: 'grid' } } } as unknown as Gallery;
const served = () => serve({ n1: () => detailsOf(), '/finishes': () => ({ cards: [], page: {} }) });
const panel = (pane: SitePane, more: object = {}) =>
    meet(PanePanel, {
        pane,
        gallery,
        pages: [pageOf('a'), pageOf('b'), pageOf('c', { brought_in: true })],
        isEverywhere: false,
        rightToLeft: false,
        moving: false,
        ...more,
    });
const pick = async (user: ReturnType<typeof meet>['user'], list: string, option: string | RegExp): Promise<void> => {
    await user.click(screen.getByRole('combobox', { name: list }));
    await user.click(await screen.findByRole('option', { name: option, hidden: true }));
};

describe('how a gallery stands in one place', () => {
    it('is any of the widths that there are, and says sides only where it has some', async () => {
        served();
        const { user, told, redraw } = panel(paneOf());
        const widths = inject('vocabulary').places.find(({ path }) => path === 'width')?.options as { value: string; label: string }[];
        for (const { value, label } of widths.filter((one) => one.value !== 'wide')) {
            await user.click(screen.getByRole('radio', { name: label }));
            expect(told('change').at(-1)?.[0 as never]).toEqual({ place: { width: value } });
        }
        expect(screen.queryByRole('radiogroup', { name: 'Stands' })).toBeNull();
        await redraw({ pane: paneOf({ place: { width: 'px', px: 558, side: 'start', above: null, below: null } }) });
        expect(screen.getByRole('radio', { name: '558 px' })).toBeTruthy();
        await user.click(screen.getByRole('radio', { name: 'Right' }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ place: { side: 'end' } });
        const px = screen.getByRole('spinbutton', { name: 'Width in px' });
        await user.clear(px);
        await user.type(px, '640');
        await fireEvent.change(px);
        await vi.waitFor(() => expect(told('change').at(-1)?.[0 as never]).toEqual({ place: { px: 640 } }));
    });

    it('begins from the right where the page reads so', async () => {
        served();
        const { user, told } = panel(paneOf({ place: { width: 'half', px: 480, side: 'start', above: null, below: null } }), { rightToLeft: true });
        expect(screen.getByRole<HTMLInputElement>('radio', { name: 'Right' }).checked).toBe(true);
        await user.click(screen.getByRole('radio', { name: 'Left' }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ place: { side: 'end' } });
    });

    it('has space that is told in px, and its own again when it is emptied', async () => {
        served();
        const { user, told } = panel(paneOf());
        const above = await screen.findByRole('spinbutton', { name: 'Space above in px' });
        expect((above as HTMLInputElement).value).toBe('28');
        await user.clear(above);
        await user.type(above, '12');
        await fireEvent.change(above);
        await vi.waitFor(() => expect(told('change').at(-1)?.[0 as never]).toEqual({ place: { above: 12 } }));
        await user.clear(above);
        await fireEvent.change(above);
        await vi.waitFor(() => expect(told('change').at(-1)?.[0 as never]).toEqual({ place: { above: null } }));
    });

    it('may be on every page of the site itself but some, and on one page again', async () => {
        served();
        const { user, told, redraw } = panel(paneOf());
        await pick(user, 'On every page of the site', 'above the footer');
        expect(told('change').at(-1)?.[0 as never]).toEqual({ page_id: null, spot: 1, place: { width: 'wide' } });
        await redraw({ pane: paneOf({ except: ['a'] }), isEverywhere: true });
        expect(screen.queryByRole('checkbox', { name: 'Page c' })).toBeNull();
        expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Page a' }).checked).toBe(false);
        await user.click(screen.getByRole('checkbox', { name: 'Page b' }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ except: ['a', 'b'] });
        await user.click(screen.getByRole('checkbox', { name: 'Page a' }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ except: [] });
        expect(screen.queryByRole('button', { name: 'Move it' })).toBeNull();
        await pick(user, 'On every page of the site', 'no');
        expect(told('change').at(-1)?.[0 as never]).toEqual({ page_id: 'a', spot: 0, except: [] });
    });

    it('is called otherwise only where that is something else, is moved, and taken away', async () => {
        served();
        const { user, told } = panel(paneOf());
        const name = screen.getByRole('textbox', { name: /Its name in addresses/ });
        await user.type(name, ' ');
        await fireEvent.change(name);
        expect(told('change')).toEqual([]);
        await user.clear(name);
        await user.type(name, 'boats');
        await fireEvent.change(name);
        expect(told('change').at(-1)?.[0 as never]).toEqual({ name: 'boats' });
        await user.click(screen.getByRole('button', { name: 'Move it' }));
        await user.click(screen.getByRole('button', { name: 'Take away' }));
        expect([told('moving'), told('take')]).toEqual([[[]], [[]]]);
    });
});

describe('what is otherwise here', () => {
    it('is a finish as a whole, without what is one gallery’s own, and an album', async () => {
        const part = { finish: { named: 'mounted', frame: { border: 2 }, own: { id: 'mine' } } };
        serve({
            '/finishes': () => ({
                cards: [
                    { key: '', name: 'Own' },
                    { key: 'mounted', name: 'Mounted', part },
                ],
                page: {},
            }),
        });
        const pane = paneOf({ exceptions: { design: { layout: { columns: 5 }, finish: { corners: 9 } } } } as unknown as Partial<SitePane>);
        const { user, told, redraw } = meet(PaneExceptions, { pane, details: detailsOf({ albums: [{ value: 'x1', label: 'Sails' }] }), gallery });
        await pick(user, 'Finish here', 'Mounted');
        expect(told('change').at(-1)).toEqual([{ design: { layout: { columns: 5 }, finish: { named: 'mounted', frame: { border: 2 } } } }, 'Mounted here.']);
        await pick(user, 'Album here', 'Sails');
        expect(told('change').at(-1)?.[0 as never]).toEqual({ album: 'x1' });
        await redraw({ pane: paneOf({ exceptions: { album: 'x1', design: part } }) });
        await pick(user, 'Finish here', 'as the gallery: Bare');
        expect(told('change').at(-1)?.[0 as never]).toEqual({ design: null });
        await pick(user, 'Album here', 'all, as the gallery');
        expect(told('change').at(-1)?.[0 as never]).toEqual({ album: null });
    });
});

describe('a page in a window', () => {
    const frames = () => [...document.querySelectorAll('iframe')];

    it('is asked for under its own path where it came from outside, so that it finds its files, and anew whenever it is otherwise', async () => {
        const page = (more: object) => pageOf('p1', { address: '/old/index.html', panes: [paneOf()], ...more });
        const props = { page: page({}), gallery, chosen: undefined, marks: null, moving: null };
        const { redraw } = meet(PageProof, props);
        const plain = frames()[0]?.getAttribute('src') ?? '';
        expect(plain).toMatch(/^\/studio\/preview\/p1\?gallery=/);
        const seen = new Set([plain]);
        for (const more of [
            { brought_in: true },
            { body: 'c' },
            { title: 'T' },
            { panes: [paneOf({ spot: 2 })] },
            { panes: [paneOf({ exceptions: { left_out: ['x'] } })] },
        ]) {
            await redraw({ page: page(more) });
            seen.add(frames()[0]?.getAttribute('src') ?? '');
        }
        expect(seen.size).toBe(6);
        await redraw({ page: page({ brought_in: true }) });
        expect(frames()[0]?.getAttribute('src')).toMatch(/^\/studio\/preview\/p1\/old\/index\.html\?/);
        expect(frames().every((frame) => frame.getAttribute('sandbox') === 'allow-same-origin')).toBe(true);
    });

    it('is shown before and after, cut at the line, and only after where visitors have none', async () => {
        const pages = [pageOf('a', { brought_in: true, address: '/old/a.html' }), pageOf('b', { live: false })];
        const { user } = meet(BeforeAfter, { pages, galleries: ['g1', 'g2'], chosenPages: ['a'], state: '7' });
        expect(frames().map((frame) => frame.getAttribute('src'))).toEqual([
            '/studio/next/a/old/a.html?galleries=&pages=',
            '/studio/next/a/old/a.html?galleries=g1%2Cg2&pages=a&at=b.7',
        ]);
        await fireEvent.keyDown(screen.getByRole('slider', { name: 'Line between before and after' }), { code: 'ArrowRight', key: 'ArrowRight' });
        await vi.waitFor(() => expect(frames()[1]?.style.clipPath).toContain('51%'));
        await pick(user, 'Which page', 'Page b');
        expect(screen.getByText('Visitors have no such page yet.')).toBeTruthy();
        expect(frames().map((frame) => frame.title)).toEqual(['After']);
    });
});

describe('a page', () => {
    it('goes into the menu and out, takes comments, and goes along only where it came from outside', async () => {
        const asked = serve({ a: () => [204, {}], offline: () => [204, {}] });
        const page = pageOf('a', { title: 'x'.repeat(60) });
        const { user, redraw } = meet(PageSettings, { page, shared: sharedOf([page]) });
        await user.click(screen.getByRole('switch', { name: 'In the menu' }));
        expect(asked.at(-1)?.body).toEqual({ menu_label: 'x'.repeat(inject('vocabulary').longest.menu_label) });
        await user.click(screen.getByRole('switch', { name: 'Visitors may comment' }));
        expect(asked.at(-1)?.body).toEqual({ comments: true });
        expect(screen.queryByRole('link', { name: 'as ZIP' })).toBeNull();
        await redraw({ page: pageOf('a', { brought_in: true, live: false, address: '/', menu_label: 'A' }) });
        expect(screen.getByRole('link', { name: 'as ZIP' }).getAttribute('href')).toBe('/studio/api/pages/a/file?as=zip');
        // The first page stays, and what is not live cannot be taken off visitors.
        expect([screen.queryByRole('button', { name: 'Take the page off' }), screen.queryByRole('button', { name: 'Take offline' })]).toEqual([null, null]);
        await user.click(screen.getByRole('switch', { name: 'In the menu' }));
        expect(asked.at(-1)?.body).toEqual({ menu_label: null });
    });
});

describe('words that were typed while others’ came', () => {
    const part = (id: string, html: string) => ({ id, kind: 'paragraph', html }) as unknown as DraftPart;
    const list = fc
        .uniqueArray(fc.record({ id: fc.constantFrom(...'abcdef'), html: fc.constantFrom('1', '2') }), { selector: ({ id }) => id, maxLength: 6 })
        .map((all) => all.map(({ id, html }) => part(id, html)));

    it('are all there, each part once, and nothing is that nobody wrote', () => {
        fc.assert(
            fc.property(list, list, list, (known, before, now) => {
                const result = restored(known, before, now);
                const of = (parts: readonly DraftPart[], id: string) => parts.find((one) => one.id === id)?.html;
                expect(new Set(result.map(({ id }) => id)).size).toBe(result.length);
                for (const { id, html } of now) if (html !== of(before, id)) expect(of(result, id)).toBe(html);
                for (const { id, html } of result) expect([of(known, id), of(now, id)]).toContain(html);
                // What was taken out here is out; what others put in is in.
                for (const { id } of known) expect(of(result, id) === undefined).toBe(of(before, id) !== undefined && of(now, id) === undefined);
            }),
        );
    });
});
