import { cleanup } from '@testing-library/vue';
import { afterEach, beforeEach, expect, inject, vi } from 'vitest';
import { useThisVocabulary } from '../../resources/studio/api/vocabulary';

const warnings: unknown[] = [];

beforeEach(() => {
    useThisVocabulary(inject('vocabulary'));
    warnings.length = 0;
    vi.spyOn(console, 'warn').mockImplementation((what) => void warnings.push(what));
});

afterEach(() => {
    cleanup();
    document.body.replaceChildren();
    // What Vue warns of is a fault: a prop of the wrong kind, an event nobody declared.
    expect(warnings).toEqual([]);
});
