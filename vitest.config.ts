import vue from '@vitejs/plugin-vue';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** The studio's scripts and components, and the visitors' script, without a browser. */
export default defineConfig({
    // As bin/viewer.mjs finds them.
    define: { LANGUAGES: JSON.stringify(['de', 'en']) },
    // One file instead of hundreds, read by Node as it is: every file of tests begins with it.
    resolve: { alias: [{ find: /^element-plus(\/es)?$/, replacement: fileURLToPath(import.meta.resolve('element-plus/dist/index.full.mjs')) }] },
    plugins: [vue(), Components({ dirs: [], resolvers: [ElementPlusResolver({ importStyle: false })], dts: false })],
    test: {
        include: ['tests/Studio/**/*.test.ts'],
        environment: 'happy-dom',
        globalSetup: ['tests/Studio/vocabulary.ts'],
        setupFiles: ['tests/Studio/setup.ts'],
        restoreMocks: true,
        // What is waited for tells what is wrong; a machine that is busy with other things is not.
        testTimeout: 30_000,
        maxWorkers: 2,
    },
});
