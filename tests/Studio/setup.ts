import { cleanup, configure } from '@testing-library/vue';
import { configureGlobal } from 'fast-check';
import { afterEach, beforeEach, expect, inject, vi } from 'vitest';
import { useThisVocabulary } from '../../resources/studio/api/vocabulary';

/** ms that something is waited for, of a clock that runs ahead while it is: no machine is too slow for it. */
const PATIENCE = 10_000;

const { waitFor } = vi;
vi.waitFor = (callback, options) => waitFor(callback, options ?? PATIENCE);
configure({ asyncUtilTimeout: PATIENCE });

// The same with every run, unless others are asked for.
configureGlobal({ seed: Number(process.env['SEED'] || 1) });

const warnings: unknown[] = [];

beforeEach(() => {
    // Time is the test's: it goes on by itself, and at once where a test lets it pass.
    vi.useFakeTimers({ shouldAdvanceTime: true, advanceTimeDelta: 5, toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date'] });
    useThisVocabulary(inject('vocabulary'));
    warnings.length = 0;
    vi.spyOn(console, 'warn').mockImplementation((what) => void warnings.push(what));
});

afterEach(() => {
    cleanup();
    document.body.replaceChildren();
    vi.useRealTimers();
    // What Vue warns of is a fault: a prop of the wrong kind, an event nobody declared.
    expect(warnings).toEqual([]);
});
