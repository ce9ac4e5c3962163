import { screen, within } from '@testing-library/vue';
import { describe, expect, inject, it } from 'vitest';
import { nextTick } from 'vue';
import type { ChoiceSetting, GalleryDesign, NumberSetting, Setting, ShapeSetting } from '../../resources/studio/api/types';
import SettingRow from '../../resources/studio/settings/SettingRow.vue';
import { groupsOf, partOf, valueAt, type SettingValue } from '../../resources/studio/settings/settings';
import { meet } from './support';

const settings = (): Setting[] => inject('vocabulary').settings;
const shown = (): Setting[] => settings().filter((setting) => !('shown' in setting && !setting.shown));

/** What makes a control another one; settings that share it have the same. */
const kindOf = (setting: Setting): string =>
    JSON.stringify([setting.control, setting.can_be_left, isList(setting), 'words' in setting && setting.words.length > 0]);

/** One setting of each kind, all of them in the long run. */
const table = (): Setting[] => (process.env['ZINC_LONG'] === '1' ? shown() : [...new Map(shown().map((setting) => [kindOf(setting), setting])).values()]);
const numbers = (): NumberSetting[] => table().filter((setting): setting is NumberSetting => setting.control === 'number');
const choices = (): (ChoiceSetting | ShapeSetting)[] =>
    table().filter((setting): setting is ChoiceSetting | ShapeSetting => setting.control === 'choice' || setting.control === 'shape');

/** Letters of all options beyond which they drop down. */
const isList = (setting: Setting): boolean =>
    setting.control === 'choice' && setting.path !== 'layout.kind' && setting.options.reduce((sum, { label }) => sum + label.length, 0) > 48;

/** A value that a setting may have. */
function valueFor(setting: Setting): SettingValue {
    switch (setting.control) {
        case 'number':
            return setting.least + 1;
        case 'choice':
        case 'shape':
            return setting.options[0]?.value ?? null;
        case 'flag':
            return false;
        case 'colour':
            return setting.first;
        default:
            return '';
    }
}

/** What a person takes hold of to set it. */
function controlOf(setting: Setting): HTMLElement {
    switch (setting.control) {
        case 'number':
            return screen.getByRole('slider', { name: setting.label });
        case 'choice':
        case 'shape':
            if (isList(setting)) return screen.getByRole('combobox', { name: setting.label });
            return screen.getByRole('radiogroup', { name: setting.label });
        case 'flag':
            return screen.getByRole('checkbox', { name: setting.label });
        case 'colour':
            return screen.getByRole('button', { name: `${setting.label}, any colour` });
        case 'picture':
            return screen.getByRole('button', { name: 'Choose…' });
        default:
            return screen.getByRole('textbox', { name: setting.label });
    }
}

describe('every setting that PHP declares', () => {
    it('has a control that a person finds by its label', () => {
        expect(shown().length).toBeGreaterThan(60);
        expect(table().length).toBeGreaterThan(8);
        for (const setting of table()) {
            const { leave } = meet(SettingRow, { setting, value: valueFor(setting) });
            expect(controlOf(setting), setting.path).toBeTruthy();
            if (setting.control === 'number') expect(screen.getByRole('spinbutton', { name: `${setting.label}, as a number` })).toBeTruthy();
            leave();
        }
    });

    it('has all its choices, one of them chosen', () => {
        for (const setting of choices().filter((one) => !isList(one))) {
            const { leave } = meet(SettingRow, { setting, value: valueFor(setting) });
            const options = within(screen.getByRole('radiogroup', { name: setting.label })).getAllByRole<HTMLInputElement>('radio');
            expect(options.map(({ value }) => value).slice(0, setting.options.length), setting.path).toEqual(setting.options.map(({ value }) => value));
            expect(options.filter(({ checked }) => checked).map(({ value }) => value)).toEqual([setting.options[0]?.value]);
            leave();
        }
    });

    it('is set by keyboard, to a value within its range, told once', async () => {
        for (const setting of [...numbers(), ...choices().filter((one) => !isList(one))]) {
            const { user, told, leave } = meet(SettingRow, { setting, value: valueFor(setting) });
            const control = setting.control === 'number' ? controlOf(setting) : screen.getAllByRole('radio', { checked: true })[0];
            control?.focus();
            await user.keyboard('{ArrowRight}');
            await nextTick();
            const wanted = setting.control === 'number' ? setting.least + 2 : setting.options[1]?.value;
            expect(told('change'), setting.path).toEqual([[wanted]]);
            leave();
        }
    });

    it('is chosen from a list that drops down, by keyboard, where the words are long', async () => {
        const lists = choices().filter(isList);
        expect(lists.length).toBeGreaterThan(0);
        for (const setting of lists) {
            const { user, told, leave } = meet(SettingRow, { setting, value: valueFor(setting) });
            controlOf(setting).focus();
            await user.keyboard('{Enter}');
            expect(screen.getAllByRole('option').map(({ textContent }) => textContent?.trim())).toEqual(setting.options.map(({ label }) => label));
            await user.click(screen.getByRole('option', { name: setting.options[1]?.label ?? '' }));
            expect(told('change'), setting.path).toEqual([[setting.options[1]?.value]]);
            leave();
        }
    });

    it('is ticked, written, or taken from the colours of the page, by keyboard', async () => {
        for (const setting of table()) {
            const colours = [{ name: 'sea', colour: '#14636f' }];
            const { user, told, leave } = meet(SettingRow, { setting, value: valueFor(setting), colours });
            let wanted: SettingValue | undefined;
            if (setting.control === 'flag') {
                controlOf(setting).focus();
                await user.keyboard(' ');
                wanted = true;
            } else if (setting.control === 'text' || setting.control === 'css') {
                await user.type(controlOf(setting), 'kites');
                expect(told('change')).toEqual([]);
                await user.tab();
                wanted = 'kites';
            } else if (setting.control === 'colour') {
                await user.click(screen.getByRole('radio', { name: 'sea' }));
                wanted = '#14636f';
            }
            if (wanted !== undefined) expect(told('change'), setting.path).toEqual([[wanted]]);
            leave();
        }
    });

    it('takes a number that is typed, and none beyond its range', async () => {
        for (const setting of numbers()) {
            const { user, told, leave } = meet(SettingRow, { setting, value: setting.least + 1 });
            const field = screen.getByRole('spinbutton');
            await user.clear(field);
            await user.type(field, `${setting.most + 1000}{Tab}`);
            expect(told('change').at(-1), setting.path).toEqual([setting.most]);
            await user.clear(field);
            await user.type(field, '-500{Tab}');
            expect(told('change').at(-1), setting.path).toEqual([setting.least]);
            leave();
        }
    });

    it('is left to itself, and taken in hand again, where it may be', async () => {
        const those = table().filter(({ can_be_left }) => can_be_left);
        expect(those.length).toBeGreaterThan(0);
        for (const setting of those) {
            const first = meet(SettingRow, { setting, value: null });
            expect(screen.queryByRole('slider')).toBeNull();
            await first.user.click(screen.getByRole('button', { name: `Set ${setting.label.toLowerCase()}` }));
            const [[begun]] = first.told<[SettingValue]>('change') as [[SettingValue]];
            if (setting.control === 'number') {
                expect(begun).toBeGreaterThanOrEqual(setting.least);
                expect(begun).toBeLessThanOrEqual(setting.most);
            } else {
                expect(begun, setting.path).toBe(valueFor(setting));
            }
            await first.redraw({ setting, value: begun });
            await first.user.click(screen.getByRole('button', { name: 'Leave it to itself' }));
            expect(first.told('change').at(-1)).toEqual([null]);
            first.leave();
        }
    });

    it('says words instead of numbers where PHP has words for them', () => {
        for (const setting of numbers().filter(({ words }) => words.length > 0)) {
            for (const { value, label } of setting.words) {
                const { leave } = meet(SettingRow, { setting, value });
                expect(screen.getByRole('slider', { name: setting.label }).getAttribute('aria-valuetext')).toBe(label);
                leave();
            }
        }
    });

    it('is found in a design where it is put', () => {
        for (const { path } of settings()) {
            const part = partOf(path, 7);
            expect(valueAt(part as GalleryDesign, path), path).toBe(7);
            expect(JSON.stringify(part).match(/7/g)).toHaveLength(1);
        }
        expect(valueAt({ layout: { phone: null } } as unknown as GalleryDesign, 'layout.phone.columns')).toBeNull();
    });

    it('stands once under its heading, in the order PHP tells, with its own part of the design', () => {
        const all = settings().map(({ path }) => path);
        const [layout, finish, viewer] = [groupsOf(all, 'layout'), groupsOf(all, 'finish'), groupsOf(all, 'viewer')];
        expect([...layout, ...finish, ...viewer].flatMap((group) => group.settings)).toEqual(shown());
        for (const groups of [layout, finish, viewer]) expect(new Set(groups.map(({ under }) => under)).size).toBe(groups.length);
        expect(groupsOf([], 'layout')).toEqual([]);
        expect(groupsOf(['layout.gap'], 'layout').map(({ under, settings: own }) => [under, own.length])).toEqual([['Tiles', 1]]);
        expect(groupsOf(['layout.gap'], 'finish')).toEqual([]);
    });
});
