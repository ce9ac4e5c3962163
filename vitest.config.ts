import vue from '@vitejs/plugin-vue';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vitest/config';

/** The studio's scripts and components, and the visitors' script, without a browser. */
export default defineConfig({
    // As bin/viewer.mjs finds them.
    define: { LANGUAGES: JSON.stringify(['de', 'en']) },
    plugins: [vue(), Components({ dirs: [], resolvers: [ElementPlusResolver({ importStyle: false })], dts: false })],
    test: {
        include: ['tests/Studio/**/*.test.ts'],
        environment: 'happy-dom',
        globalSetup: ['tests/Studio/vocabulary.ts'],
        setupFiles: ['tests/Studio/setup.ts'],
        server: { deps: { inline: ['element-plus'] } },
        restoreMocks: true,
        // What is waited for tells what is wrong; a machine that is busy with other things is not.
        testTimeout: 30_000,
        maxWorkers: 2,
    },
});
