import { readdirSync } from 'node:fs';
import { defineConfig } from 'vite';

/** The languages that visitors are spoken to in: one file each. */
const languages = readdirSync('core/Phrases/In').map((file) => file.replace('.php', '').toLowerCase());

// The visitors' script, for site pages and embeds alike: what is there at once, and what a click needs. No file imports another.
const isViewer = process.env['PART'] === 'viewer';

export default defineConfig({
    publicDir: false,
    define: { LANGUAGES: JSON.stringify(languages) },
    build: {
        outDir: 'resources/viewer/dist',
        emptyOutDir: !isViewer,
        target: 'es2022',
        lib: isViewer
            ? { entry: 'resources/viewer/viewer.ts', formats: ['iife'], name: 'zincPaneViewer', fileName: () => 'zinc-pane-viewer.js' }
            : { entry: 'resources/viewer/main.ts', formats: ['iife'], name: 'zincPane', fileName: () => 'zinc-pane.js' },
    },
});
