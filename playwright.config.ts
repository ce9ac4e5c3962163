import { defineConfig } from '@playwright/test';
import { readdirSync } from 'node:fs';
import { shuffled } from './tests/Browser/shuffled';

const FOLDER = 'tests/Browser';
/** Specs that take long, and are left to `bin/test long`. */
const isLong = process.env['ZINC_LONG'] === '1';
const specs = readdirSync(FOLDER).filter((file) => file.endsWith('.spec.ts'));

function inGroups<T>(list: T[], groups: number): T[][] {
    return Array.from({ length: groups }, (_, at) => list.filter((__, index) => index % groups === at));
}

/** Each worker has a whole application with data of its own (tests/Browser/server.ts), as it was at the start of every test. */
export default defineConfig({
    testDir: FOLDER,
    outputDir: 'storage/framework/testing/browser',
    globalSetup: './tests/Browser/setup.ts',
    // Which files come before which is drawn from the seed; the tests of one file run beside one another.
    projects: inGroups(shuffled(specs), 5).map((testMatch, at) => ({ name: `${at + 1}`, testMatch })),
    fullyParallel: true,
    workers: 2,
    grepInvert: isLong ? [] : [/@long/],
    forbidOnly: true,
    timeout: 120_000,
    expect: { timeout: 15_000 },
    reporter: [['line'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? 'storage/framework/testing/browser.json' }]],
    use: {
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath: '/usr/bin/chromium-headless-shell',
            env: { ...process.env, FONTCONFIG_FILE: `${process.cwd()}/tests/Browser/fonts.conf` },
            args: [
                '--headless',
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
});
