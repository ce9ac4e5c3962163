import { cleanup, configure } from '@testing-library/vue';
import { afterEach, beforeEach, expect, inject, vi } from 'vitest';
import { useThisVocabulary } from '../../resources/studio/api/vocabulary';

/** ms that something is waited for: a second, which is what is meant elsewhere, is soon over where the machine is busy with other things. */
const PATIENCE = 10_000;

const { waitFor } = vi;
vi.waitFor = (callback, options) => waitFor(callback, options ?? PATIENCE);
configure({ asyncUtilTimeout: PATIENCE });

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
