import { fireEvent, screen } from '@testing-library/vue';
import fc from 'fast-check';
import { beforeEach, describe, expect, inject, it, vi } from 'vitest';
import { nextTick } from 'vue';
import type { Gallery, PaneDetails, SitePane } from '../../resources/studio/api/types';
import PaneExceptions from '../../resources/studio/pages/PaneExceptions.vue';
import PaneOutline from '../../resources/studio/pages/PaneOutline.vue';
import { roomOf } from '../../resources/studio/pages/room';
import { menuNote } from '../../resources/studio/site/notes';
import { branches, moved, orderOf } from '../../resources/studio/site/tree';
import { detailsOf, pageOf, paneOf } from './site-support';
import { meet, serve } from './support';

const gallery = { id: 'g1', version: 3, design: { layout: { kind: 'grid' } } } as unknown as Gallery;

describe('the pages as a tree', () => {
    const anyPages = fc
        .array(fc.record({ label: fc.boolean(), parent: fc.option(fc.nat(8)) }), { minLength: 1, maxLength: 8 })
        .map((told) =>
            told.map(({ label, parent }, index) =>
                pageOf(`p${index}`, { menu_label: label ? `L${index}` : null, parent: parent === null || parent >= index ? null : `p${parent}` }),
            ),
        );

    it('holds every page once, whatever stands below what', () => {
        fc.assert(
            fc.property(anyPages, (pages) => {
                const order = orderOf(branches(pages)).map(({ id }) => id);
                expect([...order].sort()).toEqual(pages.map(({ id }) => id).sort());
            }),
        );
    });

    it('loses and doubles none by any step, and a step up undoes a step down', () => {
        fc.assert(
            fc.property(anyPages, fc.nat(7), fc.constantFrom('up', 'down', 'in', 'out'), (pages, which, way) => {
                const tree = branches(pages);
                const id = pages[which % pages.length]?.id ?? '';
                const next = moved(tree, id, way);
                if (!next) return;
                const ids = (list: typeof tree): string[] => orderOf(list).map((one) => one.id);
                expect(ids(next).sort()).toEqual(ids(tree).sort());
                if (way === 'down') expect(orderOf(moved(next, id, 'up') ?? [])).toEqual(orderOf(tree));
                for (const { parent } of orderOf(next)) if (parent !== null) expect(pages.find((page) => page.id === parent)?.menu_label).not.toBeNull();
            }),
        );
    });

    it('says of a page how visitors find it', () => {
        expect(menuNote(pageOf('a', { menu_label: 'Kites', comments: true }))).toBe('in the menu as “Kites” · comments on');
        expect(menuNote(pageOf('a', { lost: true }))).toBe('in no menu: visitors will not find it');
        expect(menuNote(pageOf('a', { linked_from: ['Home'] }))).toBe('in no menu; linked from Home');
        expect(menuNote(pageOf('a', { live: false }))).toBe('in no menu · not live yet');
    });
});

describe('what is otherwise in one place', () => {
    it('says what the gallery has, sets it only here, and goes back with one click', async () => {
        serve({ '/finishes': () => ({ cards: [], page: {} }) });
        const { user, told, redraw } = meet(PaneExceptions, { pane: paneOf(), details: detailsOf(), gallery });
        await user.click(screen.getByRole('button', { name: /How many columns: 3, as the gallery has it/ }));
        expect(told('change').at(-1)).toEqual([{ design: { layout: { columns: 3 } } }, 'Only here.']);
        const other = { ...detailsOf().exceptions[0], here: 5, says: '5', is_other: true };
        const exceptions = { design: { layout: { columns: 5, gap: 9 }, viewer: { click: { act: 'page' } } } };
        await redraw({
            pane: paneOf({ exceptions } as unknown as Partial<SitePane>),
            details: detailsOf({ exceptions: [other] as PaneDetails['exceptions'] }),
            gallery,
        });
        await user.click(screen.getByRole('button', { name: 'How many columns: back to 3, as the gallery has it' }));
        expect(told('change').at(-1)).toEqual([{ design: { layout: { gap: 9 }, viewer: { click: { act: 'page' } } } }, 'As the gallery has it.']);
        await redraw({
            pane: paneOf({ exceptions: { design: { layout: { columns: 5 } } } }),
            details: detailsOf({ exceptions: [other] as PaneDetails['exceptions'] }),
            gallery,
        });
        await user.click(screen.getByRole('button', { name: /back to 3/ }));
        expect(told('change').at(-1)).toEqual([{ design: null }, 'As the gallery has it.']);
    });

    it.each([
        [undefined, 'as the gallery', false],
        ['large', 'large', false],
        ['300', 'in px', true],
    ])('shows tiles of size %s by a name, or in px', async (size, shown, inPx) => {
        serve({ '/finishes': () => ({ cards: [], page: {} }) });
        const { user, told } = meet(PaneExceptions, {
            pane: paneOf({ exceptions: size === undefined ? {} : { tile_size: size } }),
            details: detailsOf(),
            gallery,
        });
        await nextTick();
        expect(screen.getByRole('combobox', { name: 'Size of the tiles here' }).closest('.el-select')?.textContent).toContain(shown);
        expect(screen.queryByRole('spinbutton', { name: 'Size of the tiles here in px' }) !== null).toBe(inPx);
        await user.click(screen.getByRole('combobox', { name: 'Size of the tiles here' }));
        await user.click(await screen.findByRole('option', { name: size === undefined ? 'in px' : 'as the gallery', hidden: true }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ tile_size: size === undefined ? inject('vocabulary').tile_sizes.first : null });
    });

    it('leaves pictures out and shows them again', async () => {
        serve({ '/finishes': () => ({ cards: [], page: {} }) });
        const { user, told } = meet(PaneExceptions, { pane: paneOf({ exceptions: { left_out: ['i2'] } }), details: detailsOf(), gallery });
        await user.click(screen.getByText(/Left out here/));
        await user.click(screen.getByRole('button', { name: 'Leave out here: Kite 1' }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ left_out: ['i2', 'i1'] });
        await user.click(screen.getByRole('button', { name: 'Leave out here: Kite 2', pressed: true }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ left_out: [] });
        await user.click(screen.getByRole('button', { name: /show all/ }));
        expect(told('change').at(-1)?.[0 as never]).toEqual({ left_out: [] });
    });
});

describe('the outline of a gallery on its page', () => {
    let shown: Document;
    const box = { left: 80, top: 300, width: 1120, height: 400 };

    beforeEach(() => {
        shown = document.implementation.createHTMLDocument();
        shown.body.innerHTML = '<div data-spot="0"></div><main><div data-pane="n1"></div></main><div data-spot="2"></div>';
        const pane = shown.querySelector('[data-pane]') as HTMLElement;
        pane.getBoundingClientRect = () => ({ ...box, width: Number.parseInt(pane.style.width || '1120', 10) }) as DOMRect;
        Object.defineProperty(pane.parentElement, 'clientWidth', { value: 1120 });
    });

    const outline = (more: object = {}) =>
        meet(PaneOutline, {
            pane: paneOf(),
            gallery: 'Kites',
            document: shown,
            scale: 0.5,
            height: 600,
            chosen: true,
            marks: detailsOf().marks,
            resizable: true,
            looked: 1,
            ...more,
        });

    it('is made narrower by keyboard, a step at a time, and kept once', async () => {
        vi.useFakeTimers({ shouldAdvanceTime: true });
        const { told } = outline();
        const edge = screen.getByRole('slider', { name: 'Width of Kites here' });
        expect(edge.getAttribute('aria-valuenow')).toBe('1120');
        await fireEvent.keyDown(edge, { key: 'ArrowLeft' });
        await fireEvent.keyDown(edge, { key: 'ArrowLeft', shiftKey: true });
        expect(edge.getAttribute('aria-valuetext')).toBe('1109 px');
        expect(told('resize')).toEqual([]);
        vi.advanceTimersByTime(700);
        expect(told('resize')).toEqual([[1109]]);
        vi.useRealTimers();
    });

    it('is dragged with its width shown, and stops at the marks of page and tiles', async () => {
        const { told } = outline();
        const edge = screen.getByRole('slider');
        edge.setPointerCapture = () => undefined;
        await fireEvent.pointerDown(edge, { clientX: 600, pointerId: 1 });
        expect(document.querySelectorAll('.mark')).toHaveLength(5);
        await fireEvent.pointerMove(edge, { clientX: 600 - (1120 - 558) / 2, pointerId: 1 });
        expect(document.querySelector('.px')?.textContent).toBe('558 px');
        // Near a mark it stands on it.
        await fireEvent.pointerMove(edge, { clientX: 600 - (1120 - 550) / 2, pointerId: 1 });
        expect(document.querySelector('.px')?.textContent).toBe('546 px');
        await fireEvent.pointerMove(edge, { clientX: -900, pointerId: 1 });
        expect(document.querySelector('.px')?.textContent).toBe('160 px');
        await fireEvent.pointerMove(edge, { clientX: 600 - (1120 - 558) / 2, pointerId: 1 });
        await fireEvent.pointerUp(edge, { pointerId: 1 });
        expect(told('resize')).toEqual([[558]]);
        expect((shown.querySelector('[data-pane]') as HTMLElement).style.width).toBe('558px');
    });

    it('is carried by its name to the nearest place, and back where it was is nowhere', async () => {
        const { told } = outline({ pane: paneOf({ spot: 0 }) });
        for (const [spot, top] of [
            [0, 10],
            [2, 700],
        ])
            (shown.querySelector(`[data-spot="${spot}"]`) as HTMLElement).getBoundingClientRect = () => ({ top }) as DOMRect;
        const name = screen.getByRole('button', { name: /^Kites, wide/ });
        Object.assign(name, { setPointerCapture: () => undefined, hasPointerCapture: () => false });
        for (const clientY of [340, 12]) {
            await fireEvent.pointerDown(name, { clientX: 0, clientY: 150, pointerId: 1 });
            await fireEvent.pointerMove(name, { clientX: 0, clientY, pointerId: 1 });
            await fireEvent.pointerUp(name, { pointerId: 1 });
        }
        expect(told('move')).toEqual([[2]]);
        expect(shown.querySelector('.over')).toBeNull();
    });

    it('measures the room of a place in both windows, and leaves the window as it was', () => {
        const frame = { style: { width: '1280px' } };
        Object.defineProperty(shown, 'defaultView', { value: { frameElement: frame } });
        (shown.querySelector('[data-spot="2"]') as HTMLElement).getBoundingClientRect = () =>
            ({ width: Math.min(900, Number.parseInt(frame.style.width, 10) - 40) }) as DOMRect;
        expect(roomOf(shown, 2, { wide: 1280, phone: 390 })).toEqual({ phone: 390, in_phone: 350, wide: 1280, in_wide: 900 });
        expect(frame.style.width).toBe('1280px');
        expect(roomOf(shown, 9, { wide: 1280, phone: 390 })).toBeNull();
    });
});
