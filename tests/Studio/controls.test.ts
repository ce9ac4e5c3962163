import { fireEvent, screen } from '@testing-library/vue';
import { ElButton } from 'element-plus';
import { describe, expect, inject, it, vi } from 'vitest';
import { defineComponent, h, nextTick } from 'vue';
import OrderBar from '../../resources/studio/pictures/OrderBar.vue';
import ShapeControl from '../../resources/studio/settings/ShapeControl.vue';
import SavedField from '../../resources/studio/outbox/SavedField.vue';
import FileButton from '../../resources/studio/shared/FileButton.vue';
import Hint from '../../resources/studio/shared/Hint.vue';
import NumberControl from '../../resources/studio/shared/NumberControl.vue';
import SegmentChoice from '../../resources/studio/shared/SegmentChoice.vue';
import { isWriting } from '../../resources/studio/shared/is-writing';
import { takeBack } from '../../resources/studio/shared/use-echo';
import WidthRuler from '../../resources/studio/proofs/WidthRuler.vue';
import type { ShapeSetting } from '../../resources/studio/api/types';
import { meet, tabStops } from './support';

const THREE = [
    { value: 'one', label: 'One' },
    { value: 'two', label: 'Two' },
    { value: 'three', label: 'Three' },
] as const;
const checked = (): string[] => screen.getAllByRole<HTMLInputElement>('radio', { checked: true }).map(({ value }) => value);

describe('one of a few', () => {
    it('shows at once what was asked for, and what is kept when it was refused', async () => {
        const { user, told, redraw } = meet(SegmentChoice, { label: 'Which', options: THREE, modelValue: 'one' });
        await user.click(screen.getByRole('radio', { name: 'Three' }));
        expect(told('update:modelValue')).toEqual([['three']]);
        expect(checked()).toEqual(['three']);
        takeBack();
        await nextTick();
        expect(checked()).toEqual(['one']);
        await redraw({ label: 'Which', options: THREE, modelValue: 'two' });
        expect(checked()).toEqual(['two']);
    });
});

describe('a number', () => {
    const gap = { label: 'Gap', modelValue: 14, least: 0, most: 80, unit: 'px' };

    it('goes by keys, in steps, to its ends', async () => {
        const { user, told } = meet(NumberControl, gap);
        screen.getByRole('slider', { name: 'Gap' }).focus();
        await user.keyboard('{ArrowLeft}{End}{Home}');
        await nextTick();
        expect(told('update:modelValue')).toEqual([[13], [80], [0]]);
        expect(screen.getByRole('slider').getAttribute('aria-valuetext')).toBe('0 px');
    });

    it('asks for nothing where its field is emptied, or where nothing changes', async () => {
        const { user, told } = meet(NumberControl, gap);
        await user.clear(screen.getByRole('spinbutton'));
        await user.tab();
        const field = screen.getByRole<HTMLInputElement>('spinbutton');
        expect(field.value).toBe('14');
        await user.clear(field);
        await user.type(field, '14{Tab}');
        expect(told('update:modelValue')).toEqual([]);
    });

    it('follows what another window makes of it', async () => {
        const { redraw } = meet(NumberControl, gap);
        await redraw({ ...gap, modelValue: 20 });
        expect(screen.getByRole<HTMLInputElement>('spinbutton').value).toBe('20');
    });
});

describe('a text that saves itself', () => {
    const words = { label: 'Caption', modelValue: 'Low tide', of: 'a' };

    it('is told with every key, under what it belongs to, and the next picture begins with its own', async () => {
        const { user, told, redraw } = meet(SavedField, words);
        await user.type(screen.getByRole('textbox'), ' at noon');
        await redraw({ ...words, of: 'b', modelValue: 'Reels' });
        expect(told('save').at(-1)).toEqual(['Low tide at noon', 'a']);
        expect(told('save')).toHaveLength(' at noon'.length);
        expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('Reels');
    });

    it('shows what is kept once it is left', async () => {
        const { user, redraw } = meet(SavedField, words);
        await user.type(screen.getByRole('textbox'), ' , ');
        // The server keeps it without the blanks.
        await redraw({ ...words, modelValue: 'Low tide ,' });
        expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('Low tide , ');
        await user.tab();
        expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('Low tide ,');
    });

    it('is not overwritten while one types, and follows the server otherwise', async () => {
        const { user, redraw } = meet(SavedField, words);
        await redraw({ ...words, modelValue: 'High tide' });
        expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('High tide');
        await user.type(screen.getByRole('textbox'), '?');
        await redraw({ ...words, modelValue: 'Ebb' });
        expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('High tide?');
    });

    it('asks for nothing where nothing was typed', () => {
        const { told, leave } = meet(SavedField, words);
        leave();
        expect(told('save')).toEqual([]);
    });
});

describe('an order to look at', () => {
    it('is chosen by keyboard among those PHP knows', async () => {
        const { user, told } = meet(OrderBar, { by: null, seed: 0 });
        screen.getByRole('combobox', { name: 'Order by' }).focus();
        await user.keyboard('{Enter}');
        const options = await screen.findAllByRole('option', { hidden: true });
        expect(options.map(({ textContent }) => textContent?.trim())).toEqual(inject('vocabulary').orders.map(({ label }) => label));
        await user.keyboard('{ArrowDown}{Enter}');
        expect(told('look')[0]?.slice(0, 1)).toEqual(['time']);
    });

    it('is kept or left, and the keyboard stands on that', async () => {
        const { user, told, redraw } = meet(OrderBar, { by: null, seed: 0 });
        await redraw({ by: 'name', seed: 0 });
        await nextTick();
        expect(document.activeElement?.textContent).toContain('Keep it');
        await user.keyboard('{Enter}{Tab}{Enter}');
        expect([told('keep').length, told('leave').length]).toEqual([1, 1]);
        expect(screen.queryByRole('spinbutton', { name: 'Seed' })).toBeNull();
        await redraw({ by: 'shuffle', seed: 41 });
        expect(screen.getByRole<HTMLInputElement>('spinbutton', { name: 'Seed' }).value).toBe('41');
        await user.click(screen.getByRole('button', { name: 'Shuffle again' }));
        expect(told('look').at(-1)).toEqual(['shuffle']);
    });
});

describe('the shape of the tiles', () => {
    const setting = (): ShapeSetting => inject('vocabulary').settings.find((one): one is ShapeSetting => one.control === 'shape') as ShapeSetting;

    it('may be any other, as long as it is not flatter than PHP allows', async () => {
        const { user, told, redraw } = meet(ShapeControl, { setting: setting(), modelValue: '1:1' });
        await user.click(screen.getByRole('radio', { name: 'Other' }));
        expect(told('update:modelValue').at(-1)).toEqual([setting().first]);
        await redraw({ setting: setting(), modelValue: '5:4' });
        const width = screen.getByRole('spinbutton', { name: 'Width of the shape' });
        await user.clear(width);
        await user.type(width, '7{Tab}');
        expect(told('update:modelValue').at(-1)).toEqual(['7:4']);
        const before = told('update:modelValue').length;
        await user.clear(width);
        await user.type(width, '99{Tab}');
        expect(told('update:modelValue')).toHaveLength(before);
        expect(screen.getByRole('alert').textContent).toContain(`${setting().extreme} to 1`);
    });
});

describe('files by a button', () => {
    it('are chosen from one tab stop, which has the focus again afterwards', async () => {
        const { told } = meet(FileButton, { label: 'Pictures to add', multiple: true });
        expect(tabStops()).toHaveLength(1);
        const input = screen.getByLabelText('Pictures to add');
        Object.defineProperty(input, 'files', { value: [new File(['x'], 'kite.jpg')] });
        await fireEvent.change(input);
        expect(told<[File[]]>('choose')[0]?.[0].map(({ name }) => name)).toEqual(['kite.jpg']);
        expect(document.activeElement).toBe(tabStops()[0]);
    });
});

describe('the ruler', () => {
    it('is moved by keys within the widths PHP tells', async () => {
        const { least, most } = inject('vocabulary').widths;
        const { user, told } = meet(WidthRuler, {
            bands: [500],
            handles: [
                { name: 'Wide', width: 1280 },
                { name: 'Phone', width: least + 3 },
            ],
        });
        screen.getByRole('slider', { name: 'Width of the Wide proof' }).focus();
        await user.keyboard('{ArrowLeft}{ArrowUp}{PageUp}{Shift>}{ArrowRight}{/Shift}{Home}{End}x');
        expect(told('move')).toEqual([1279, 1281, 1330, 1290, least, most].map((width) => [0, width]));
        screen.getByRole('slider', { name: 'Width of the Phone proof' }).focus();
        await user.keyboard('{PageDown}');
        expect(told('move').at(-1)).toEqual([1, least]);
    });
});

describe('a hint', () => {
    it('is shown to the keyboard too, tied to its control, and put away by Escape', async () => {
        const { user } = meet(defineComponent(() => () => h(Hint, { says: 'Its number' }, () => h(ElButton, () => 'place'))));
        await user.tab();
        const hint = await screen.findByText('Its number');
        expect(document.getElementById(screen.getByRole('button').getAttribute('aria-describedby') ?? '')?.textContent).toContain('Its number');
        await user.keyboard('{Escape}');
        await vi.waitFor(() => expect(hint.checkVisibility?.() ?? hint.style.display !== 'none').toBe(false));
    });
});

describe('keys and what is pasted', () => {
    it.each([
        ['<input>', true],
        ['<input type="number">', true],
        ['<textarea></textarea>', true],
        ['<div contenteditable="true"><p>text</p></div>', true],
        ['<input type="radio">', false],
        ['<input type="checkbox">', false],
        ['<input readonly>', false],
        ['<button>Go</button>', false],
    ])('belong to %s: %s', (html, belongs) => {
        document.body.innerHTML = html;
        expect(isWriting(document.body.querySelector('p') ?? document.body.firstElementChild)).toBe(belongs);
    });
});
