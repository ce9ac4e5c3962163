import { screen, within } from '@testing-library/vue';
import { describe, expect, inject, it } from 'vitest';
import { nextTick } from 'vue';
import type { GalleryDesign, NumberSetting, Setting } from '../../resources/studio/api/types';
import SettingRow from '../../resources/studio/settings/SettingRow.vue';
import { groupsOf, partOf, valueAt, type SettingValue } from '../../resources/studio/settings/settings';
import { meet } from './support';

const settings = (): Setting[] => inject('vocabulary').settings;
const numbers = (): NumberSetting[] => settings().filter((setting): setting is NumberSetting => setting.control === 'number');
const valueFor = (setting: Setting): SettingValue => (setting.control === 'number' ? setting.least + 1 : (setting.options[0]?.value ?? null));

describe('every setting that PHP declares', () => {
    it('has a control that a person finds by its label', () => {
        expect(settings().length).toBeGreaterThan(10);
        for (const setting of settings()) {
            const { leave } = meet(SettingRow, { setting, value: valueFor(setting) });
            if (setting.control === 'number') {
                expect(screen.getByRole('slider', { name: setting.label }), setting.path).toHaveProperty('tabIndex', 0);
                expect(screen.getByRole('spinbutton', { name: `${setting.label}, as a number` })).toBeTruthy();
            } else {
                const options = within(screen.getByRole('radiogroup', { name: setting.label })).getAllByRole<HTMLInputElement>('radio');
                expect(options.map(({ value }) => value).slice(0, setting.options.length), setting.path).toEqual(setting.options.map(({ value }) => value));
                expect(options.filter(({ checked }) => checked).map(({ value }) => value)).toEqual([setting.options[0]?.value]);
            }
            leave();
        }
    });

    it('is set by keyboard, to a value within its range, told once', async () => {
        for (const setting of settings()) {
            const { user, told, leave } = meet(SettingRow, { setting, value: valueFor(setting) });
            const control =
                setting.control === 'number' ? screen.getByRole('slider', { name: setting.label }) : screen.getAllByRole('radio', { checked: true })[0];
            control?.focus();
            await user.keyboard('{ArrowRight}');
            await nextTick();
            const wanted = setting.control === 'number' ? setting.least + 2 : setting.options[1]?.value;
            expect(told('change'), setting.path).toEqual([[wanted]]);
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
            await user.type(field, '-5{Tab}');
            expect(told('change').at(-1), setting.path).toEqual([setting.least]);
            leave();
        }
    });

    it('is left to itself, and taken in hand again, where it may be', async () => {
        const those = settings().filter(({ can_be_left }) => can_be_left);
        expect(those.length).toBeGreaterThan(0);
        for (const setting of those) {
            const first = meet(SettingRow, { setting, value: null });
            expect(screen.queryByRole('slider')).toBeNull();
            await first.user.click(screen.getByRole('button', { name: `Set ${setting.label.toLowerCase()}` }));
            const [[begun]] = first.told<[number]>('change') as [[number]];
            expect(begun).toBeGreaterThanOrEqual((setting as NumberSetting).least);
            expect(begun).toBeLessThanOrEqual((setting as NumberSetting).most);
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

    it('stands once under its heading, in the order PHP tells', () => {
        const all = groupsOf(settings().map(({ path }) => path));
        expect(all.flatMap((group) => group.settings)).toEqual(settings());
        expect(new Set(all.map(({ under }) => under)).size).toBe(all.length);
        expect(groupsOf([])).toEqual([]);
        expect(groupsOf(['layout.gap']).map(({ under, settings: own }) => [under, own.length])).toEqual([['Tiles', 1]]);
    });
});
