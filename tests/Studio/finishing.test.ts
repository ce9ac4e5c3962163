import { screen } from '@testing-library/vue';
import { beforeEach, describe, expect, inject, it, vi } from 'vitest';
import { nextTick } from 'vue';
import type { FinishCard, Gallery, Legibility, PageColours } from '../../resources/studio/api/types';
import CaptionVerdict from '../../resources/studio/finish/CaptionVerdict.vue';
import ClassNames from '../../resources/studio/finish/ClassNames.vue';
import FinishCardSample from '../../resources/studio/finish/FinishCardSample.vue';
import KeepFinish from '../../resources/studio/finish/KeepFinish.vue';
import LegibilityList from '../../resources/studio/finish/LegibilityList.vue';
import { useOutbox } from '../../resources/studio/outbox/use-outbox';
import { meet, serve } from './support';

const page: PageColours = { text: '#1b2a30', ground: '#fffdf8', font: 'serif', colours: [], part: {} };

const card = (more: Partial<FinishCard> = {}): FinishCard => ({
    key: 'k1',
    name: 'Evening',
    says: 'as it was',
    source: 'kept',
    part: { finish: { named: 'k1' } },
    chosen: true,
    follows: false,
    html: '<div class="zp"><ul><li><a href="#"><img alt=""></a></li><li></li><li></li></ul></div>',
    css: '.zp{color:red}',
    ...more,
});

const legibility = (hard: number): Legibility => ({
    needed: 4.5,
    judged: 3,
    hard,
    says: hard > 0 ? 'One caption is hard to read: “Noon” has 3.1 : 1 where 4.5 : 1 is needed.' : '',
    mends: hard > 0 ? [{ label: 'Make it 68 %', part: { finish: { captions: { opacity: 68 } } } }] : [],
    captions: [{ number: 2, title: 'Noon', src: '/x.jpg', shape: 1.5, area: [0, 0.7, 1, 0.3], ratio: 4.499, at: 288, is_hard: true }],
});

describe('a finish on one’s own pictures', () => {
    it('is drawn out of reach of the studio’s styles, and cannot be walked into', () => {
        meet(FinishCardSample, { card: card(), page, moves: false });
        const sample = screen.getByRole('option', { name: /Evening/ }).querySelector('.sample');
        expect(sample?.shadowRoot?.querySelectorAll('li')).toHaveLength(3);
        expect(sample?.shadowRoot?.querySelector('style')?.textContent).toContain('.zp{color:red}');
        expect(sample?.hasAttribute('inert')).toBe(true);
        expect(screen.getByText('changed since it was taken')).toBeTruthy();
    });

    it('is taken by keyboard as by mouse, and looked at with the focus', async () => {
        const { user, told } = meet(FinishCardSample, { card: card({ follows: true }), page, moves: false, tabindex: 0 });
        await user.tab();
        await user.keyboard('{Enter} ');
        await user.click(screen.getByRole('option'));
        expect(told('adopt')).toHaveLength(3);
        expect(told('look').length).toBeGreaterThan(0);
        expect(screen.getByText('as it was')).toBeTruthy();
    });

    it('moves by itself where it shows an effect, and stands side by side for those who want less motion', async () => {
        vi.useFakeTimers();
        const pointed = (): string =>
            [...(screen.getByRole('option').querySelector('.sample')?.shadowRoot?.querySelectorAll('li') ?? [])]
                .map((tile) => Number(tile.classList.contains('zp-pointed')))
                .join('');
        const moving = meet(FinishCardSample, { card: card(), page, moves: true });
        const seen = new Set([pointed()]);
        vi.advanceTimersByTime(1700);
        await nextTick();
        seen.add(pointed());
        expect([...seen].sort()).toEqual(['010', '101']);
        moving.leave();
        meet(FinishCardSample, { card: card(), page, moves: false });
        vi.advanceTimersByTime(4000);
        expect(pointed()).toBe('000');
        vi.useRealTimers();
    });
});

describe('what is said of captions', () => {
    it('tells who is hard to read, and hands the mend on', async () => {
        const { user, told } = meet(CaptionVerdict, { legibility: legibility(1) });
        expect(screen.getByRole('status').textContent).toContain('“Noon” has 3.1 : 1');
        await user.click(screen.getByRole('button', { name: 'Make it 68 %' }));
        await user.click(screen.getByRole('button', { name: 'Show which' }));
        expect(told('mend')).toEqual([[{ finish: { captions: { opacity: 68 } } }]]);
        expect(told('show')).toHaveLength(1);
    });

    it('says that all can be read, and nothing where there is nothing to read', () => {
        const { leave } = meet(CaptionVerdict, { legibility: legibility(0) });
        expect(screen.getByRole('status').textContent).toContain('All 3 captions can be read');
        leave();
        meet(CaptionVerdict, { legibility: { ...legibility(0), judged: 0 } });
        expect(screen.queryByRole('status')).toBeNull();
    });

    it('never rounds a ratio up to what is enough', () => {
        const { leave } = meet(LegibilityList, { legibility: legibility(1) });
        expect(screen.getByText('4.4 : 1')).toBeTruthy();
        leave();
        meet(LegibilityList, { legibility: undefined });
        expect(screen.getByText(/No caption lies over a picture here/)).toBeTruthy();
    });
});

describe('keeping a finish', () => {
    const gallery = { id: 'g1', design: {} } as unknown as Gallery;

    beforeEach(() => vi.restoreAllMocks());

    it('keeps it under a name, by keyboard alone', async () => {
        const sent = serve({ finishes: () => ({ key: 'k2', name: 'Morning' }) });
        const { user, told } = meet(KeepFinish, { gallery, cards: [] });
        await user.tab();
        await user.keyboard('{Enter}');
        await vi.waitFor(() => expect(document.activeElement).toBe(screen.getByRole('textbox')));
        await user.keyboard('Morning{Enter}');
        await vi.waitFor(() => expect(told('change')).toHaveLength(1));
        expect(sent.map(({ body }) => body)).toContainEqual({ gallery: 'g1', name: 'Morning' });
        expect(screen.queryByRole('textbox')).toBeNull();
    });

    it('shows who follows before it changes them, and leaves all as it is when asked to', async () => {
        const sent = serve({
            'finishes/k1': () => ({
                key: 'k1',
                name: 'Evening',
                followers: [
                    { id: 'g1', title: 'This' },
                    { id: 'g2', title: 'Press' },
                ],
            }),
        });
        const { user, told } = meet(KeepFinish, { gallery, cards: [card()] });
        await user.click(screen.getByRole('button', { name: 'Change “Evening”…' }));
        expect(await screen.findByText(/These follow: “Press”\. They will look like this one\./)).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Leave it' }));
        expect(sent.filter(({ method }) => method === 'PATCH')).toEqual([]);
        await user.click(screen.getByRole('button', { name: 'Change “Evening”…' }));
        await user.click(await screen.findByRole('button', { name: 'Change “Evening”' }));
        await vi.waitFor(() => expect(told('change')).toHaveLength(1));
    });

    it('says who stays as they are before it deletes one, and gives the keyboard back when asked to leave it', async () => {
        const sent = serve({ 'finishes/k1': () => ({ key: 'k1', name: 'Evening', followers: [{ id: 'g2', title: 'Press' }] }) });
        const { user, told, redraw } = meet(KeepFinish, { gallery, cards: [card()] });
        const deleting = screen.getByRole('button', { name: 'Delete it…' });
        deleting.focus();
        await user.keyboard('{Enter}');
        expect(await screen.findByText(/These follow: “Press”\. All stay as they are/)).toBeTruthy();
        await user.keyboard('{Escape}');
        await vi.waitFor(() => expect(document.activeElement).toBe(deleting));
        expect(sent.filter(({ method }) => method === 'DELETE')).toEqual([]);
        await user.keyboard('{Enter}');
        await user.click(await screen.findByRole('button', { name: 'Delete “Evening”' }));
        await vi.waitFor(() => expect(told('change')).toHaveLength(1));
        expect(sent.filter(({ method }) => method === 'DELETE').map(({ path }) => path)).toEqual(['finishes/k1']);
        // One that the gallery does not wear is not offered, nor one that nobody kept.
        for (const cards of [[card({ chosen: false })], [card({ source: 'shipped' })]]) {
            await redraw({ cards });
            expect(screen.queryByRole('button', { name: 'Delete it…' })).toBeNull();
        }
    });

    it('waits for what is not saved yet, and says so', async () => {
        const sent = serve({ finishes: () => ({ key: 'k2', name: 'Morning' }) });
        const { user, told } = meet(KeepFinish, { gallery, cards: [] });
        vi.spyOn(useOutbox(), 'flushed').mockResolvedValue(false);
        await user.click(screen.getByRole('button', { name: 'Keep as a finish…' }));
        await user.keyboard('Morning{Enter}');
        expect(await screen.findByText(/not saved yet/)).toBeTruthy();
        expect(sent).toEqual([]);
        expect(told('change')).toEqual([]);
        // The name that was typed is still there.
        expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('Morning');
    });

    it('tells why a file was not taken in', async () => {
        serve({ 'finishes/file': () => [422, { code: 'finish-not-taken', detail: 'The file holds no JSON, as a finish that was sent out does.' }] });
        const { user } = meet(KeepFinish, { gallery, cards: [] });
        await user.upload(screen.getByLabelText('Finish file'), new File(['x'], 'x.json', { type: 'application/json' }));
        expect(await screen.findByText(/The file holds no JSON/)).toBeTruthy();
    });
});

describe('names for those who write CSS', () => {
    it('are all written down, with an example', () => {
        meet(ClassNames, {});
        for (const { name } of inject('vocabulary').class_names) expect(screen.getByText(`.${name}`)).toBeTruthy();
        expect(screen.getByLabelText('An example').textContent).toBe(inject('vocabulary').css_example);
    });
});
