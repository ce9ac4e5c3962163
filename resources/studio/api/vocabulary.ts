import { api } from './client';
import type { Flaw, FlawCode, Setting, SettingPath, Vocabulary, WordField, WordInfo } from './types';

let known: Vocabulary | undefined;

/** Asks once what there is to choose from; no screen but the door is shown before. */
export async function loadVocabulary(): Promise<void> {
    known ??= await api.get<Vocabulary>('vocabulary');
}

/** For tests, which know it without asking. */
export function useThisVocabulary(vocabulary: Vocabulary): void {
    known = vocabulary;
}

/** What there is to choose from, by what names, and in what limits: all as PHP says. */
export function useVocabulary(): Vocabulary {
    if (!known) throw new Error('The vocabulary is asked for before it was fetched: loadVocabulary() belongs before the screen.');
    return known;
}

export function settingOf(path: SettingPath): Setting {
    const found = useVocabulary().settings.find((setting) => setting.path === path);
    if (!found) throw new Error(`There is no setting ${path}.`);
    return found;
}

export function flawOf(code: FlawCode): Flaw {
    const found = useVocabulary().flaws.find((flaw) => flaw.code === code);
    if (!found) throw new Error(`There is no flaw ${code}.`);
    return found;
}

export function wordOf(field: WordField): WordInfo {
    const found = useVocabulary().words.find((word) => word.field === field);
    if (!found) throw new Error(`There is no word ${field}.`);
    return found;
}
