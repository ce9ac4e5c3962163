import { defineConfig } from 'vite';

// What arrival needs of script, for pages that have it.
export default defineConfig({
    publicDir: false,
    build: {
        outDir: 'resources/viewer/dist',
        emptyOutDir: false,
        target: 'es2022',
        lib: { entry: 'resources/viewer/arrival.ts', formats: ['iife'], name: 'zincPaneArrival', fileName: () => 'zinc-pane-arrival.js' },
    },
});
