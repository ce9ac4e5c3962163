import { defineConfig } from 'vite';

// The visitors' script: one file, no imports, for site pages and embeds alike.
export default defineConfig({
    publicDir: false,
    build: {
        outDir: 'resources/viewer/dist',
        target: 'es2022',
        lib: { entry: 'resources/viewer/main.ts', formats: ['iife'], name: 'zincPane', fileName: () => 'zinc-pane.js' },
    },
});
