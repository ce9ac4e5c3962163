// Builds the visitors' script: one file for each part, none of which imports another.
import { readdirSync, rmSync } from 'node:fs';
import { build } from 'vite';

const FOLDER = 'resources/viewer';
/** What each part begins with, by the name of its file: for own pages, for pages elsewhere, for a click, for arriving tiles. */
const PARTS = { 'zinc-pane': 'main', 'zinc-pane-elsewhere': 'elsewhere', 'zinc-pane-viewer': 'viewer', 'zinc-pane-arrival': 'arrival' };
/** The languages that visitors are spoken to in: one file each. */
const languages = readdirSync('core/Phrases/In').map((file) => file.replace('.php', '').toLowerCase());

rmSync(`${FOLDER}/dist`, { recursive: true, force: true });
for (const [name, entry] of Object.entries(PARTS)) {
    await build({
        configFile: false,
        publicDir: false,
        define: { LANGUAGES: JSON.stringify(languages) },
        build: {
            outDir: `${FOLDER}/dist`,
            target: 'es2022',
            lib: { entry: `${FOLDER}/${entry}.ts`, formats: ['iife'], name: 'zincPane', fileName: () => `${name}.js` },
            emptyOutDir: false,
        },
    });
}
