import { useVocabulary } from '../api/vocabulary';
import type { DesignPart, GalleryDesign, Setting, SettingPath } from '../api/types';

/** What a setting may hold; its kind, which PHP knows, says what of it. */
export type SettingValue = string | number | boolean | null;

export interface SettingsUnder {
    under: string;
    settings: Setting[];
}

/** The value of a setting in a design. */
export function valueAt(design: GalleryDesign, path: SettingPath): SettingValue {
    let value: unknown = design;
    for (const key of path.split('.')) value = (value as Record<string, unknown> | null)?.[key];
    return (value ?? null) as SettingValue;
}

/** The part of a design that sets one setting. */
export function partOf(path: SettingPath, value: SettingValue): DesignPart {
    return path
        .split('.')
        .reverse()
        .reduce<unknown>((inner, key) => ({ [key]: inner }), value) as DesignPart;
}

/** The settings in force of one part of the design, under their headings, in the order PHP tells them. */
export function groupsOf(inForce: readonly SettingPath[], part: 'layout' | 'finish' | 'viewer'): SettingsUnder[] {
    const groups: SettingsUnder[] = [];
    for (const setting of useVocabulary().settings) {
        if (!inForce.includes(setting.path) || !setting.path.startsWith(`${part}.`) || ('shown' in setting && !setting.shown)) continue;
        const last = groups.find(({ under }) => under === setting.under);
        if (last) last.settings.push(setting);
        else groups.push({ under: setting.under, settings: [setting] });
    }
    return groups;
}
