// Which tests cover a change, a path a line: node tests/changed.mjs php|browser FILE...
//
// PHP: a test reaches a class by what it uses, by what that uses in turn, and by the addresses it asks for. Those
// that reach a changed file by the fewest steps come first, as many as fit into the time there is.
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** s of tests, by two processes, that a change of one file is worth. */
const BUDGET = 160;
/** s that a file of tests is taken to need where no report tells. */
const UNKNOWN = 4;
/** Studio folders and the specs that go through them; a folder that is not here is gone through by the first gallery. */
const SPECS = {
    account: ['people'],
    elsewhere: ['elsewhere-formats', 'elsewhere-locked'],
    finish: ['finish', 'finish-more'],
    layout: ['layouts', 'studio'],
    outbox: ['safe', 'words'],
    pages: ['pages', 'pages-more'],
    people: ['people'],
    pictures: ['pictures', 'keyboard'],
    'sign-in': ['people', 'studio'],
    site: ['site', 'site-more'],
    snags: ['snags', 'snags-more'],
    store: ['pictures'],
    tidy: ['pictures', 'safe'],
    uploads: ['pictures', 'first-gallery'],
    viewer: ['viewer-clicks'],
    words: ['words', 'finish-words'],
};

const filesBelow = (folder) =>
    readdirSync(folder, { withFileTypes: true, recursive: true })
        .filter((entry) => entry.isFile() && entry.name.endsWith('.php'))
        .map((entry) => join(entry.parentPath ?? entry.path, entry.name));

/** The file of a class of this project, by PSR-4. */
function fileOf(name) {
    for (const [prefix, folder] of Object.entries({
        'ZincPane\\Core\\': 'core/',
        'App\\': 'app/',
        'Bench\\': 'bench/',
        'Tests\\': 'tests/',
        'Database\\Demo\\': 'database/demo/',
    })) {
        if (name.startsWith(prefix)) return `${folder}${name.slice(prefix.length).replaceAll('\\', '/')}.php`;
    }
    return null;
}

/** What a file uses: its `use` lines, and the classes of its own namespace that it names. */
function usedBy(path, text) {
    const used = [...text.matchAll(/^use ([\w\\]+)/gm)].map(([, name]) => fileOf(name));
    const neighbours = [...new Set(text.match(/\b[A-Z]\w+/g) ?? [])].map((name) => join(path, '..', `${name}.php`)).filter(existsSync);
    return [...used, ...neighbours].filter((file) => file !== null && file !== path);
}

/** Addresses that the routes know, as patterns, each with the file of its controller. */
function routes() {
    return ['routes/studio.php', 'routes/api.php', 'routes/public.php'].flatMap((path) => {
        const text = readFileSync(path, 'utf8');
        const classes = Object.fromEntries([...text.matchAll(/^use (App\\[\w\\]+\\(\w+));/gm)].map(([, name, short]) => [short, fileOf(name)]));
        return [...text.matchAll(/Route::\w+\('([^']+)', (?:\[)?(\w+)::class/g)].map(([, address, short]) => ({
            pattern: new RegExp(`/${address.replaceAll(/\{\w+\??\}/g, '[^/\'"?]+')}(?=[\'"?])`),
            file: classes[short],
        }));
    });
}

function php(changed) {
    const sources = ['app', 'bench', 'core', 'tests'].flatMap(filesBelow);
    const texts = Object.fromEntries(sources.map((path) => [path, readFileSync(path, 'utf8')]));
    const known = routes();
    const asked = (text) => known.filter(({ pattern }) => pattern.test(text)).map(({ file }) => file);
    const helpers = Object.fromEntries([...texts['tests/TestCase.php'].matchAll(/function (\w+)\([^]*?\n    \}/g)].map(([body, name]) => [name, asked(body)]));
    const users = {};
    for (const [path, text] of Object.entries(texts)) {
        const isTest = path.startsWith('tests/Feature/');
        const byHelp = isTest ? Object.entries(helpers).flatMap(([name, files]) => (text.includes(`->${name}(`) ? files : [])) : [];
        for (const used of new Set([...usedBy(path, text), ...(isTest ? [...asked(text), ...byHelp] : [])])) (users[used] ??= new Set()).add(path);
    }
    const steps = Object.fromEntries(changed.map((path) => [path, 0]));
    for (const queue = [...changed]; queue.length > 0;) {
        const path = queue.shift();
        for (const user of users[path] ?? []) if (!(user in steps)) queue.push(((steps[user] = steps[path] + 1), user));
    }
    const times = timesByFile();
    let left = BUDGET;
    const found = Object.keys(steps).filter((path) => /^tests\/(Core|Feature)\/.*Test\.php$/.test(path));
    const chosen = found
        .sort((one, other) => steps[one] - steps[other] || (times[one] ?? UNKNOWN) - (times[other] ?? UNKNOWN))
        .filter((path) => (left -= times[path] ?? UNKNOWN) > 0 || steps[path] === 0);
    if (chosen.length < found.length)
        console.error(`${found.length - chosen.length} of ${found.length} files of tests reach the change by more steps, and are left to a whole run.`);
    return chosen;
}

/** s of each file of tests, as the last whole run reported them. */
function timesByFile() {
    const times = {};
    for (const report of ['core', 'feature'].map((name) => `storage/framework/testing/${name}.xml`).filter(existsSync)) {
        for (const [, own] of readFileSync(report, 'utf8').matchAll(/<testcase ([^>]*)>/g)) {
            const path = `${/\bclass="([^"]*)"/
                .exec(own)?.[1]
                ?.replaceAll('\\', '/')
                .replace(/^Tests/, 'tests')}.php`;
            times[path] = (times[path] ?? 0) + Number(/\btime="([^"]*)"/.exec(own)?.[1] ?? 0);
        }
    }
    return times;
}

function browser(changed) {
    const specs = changed.filter((path) => /^tests\/Browser\/.*\.spec\.ts$/.test(path) && existsSync(path));
    for (const path of changed) {
        const folder = /^resources\/studio\/([\w-]+)\//.exec(path)?.[1];
        if (folder) specs.push(...(SPECS[folder] ?? ['first-gallery']).slice(0, 1).map((name) => `tests/Browser/${name}.spec.ts`));
        if (/^resources\/viewer\//.test(path)) specs.push('tests/Browser/viewer.spec.ts');
    }
    return [...new Set(specs)];
}

const [kind, ...files] = process.argv.slice(2);
for (const path of kind === 'php' ? php(files.filter((file) => file.endsWith('.php'))) : browser(files)) console.log(path);
