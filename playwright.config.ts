import { defineConfig } from '@playwright/test';

/** The whole application, with its own data and its own queue worker. */
export const PORT = 8765;

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'storage/framework/testing/browser',
    fullyParallel: false,
    workers: 1,
    timeout: 240_000,
    expect: { timeout: 15_000 },
    reporter: [['line'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? 'storage/framework/testing/browser.json' }]],
    webServer: {
        command: `tests/Browser/serve ${PORT}`,
        url: `http://127.0.0.1:${PORT}/studio/api/session`,
        timeout: 900_000,
        reuseExistingServer: false,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
        env: { ZINC_DATA: `${process.cwd()}/storage/framework/testing/data`, ZINC_DEMO_PASSWORD: 'for-tests-only' },
    },
    use: {
        baseURL: `http://127.0.0.1:${PORT}`,
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath: '/usr/bin/chromium',
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
