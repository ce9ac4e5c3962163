// How many random faults of one place the studio's tests notice: node bench/mutants.mjs studio|viewer[/FOLDER] [HOW-MANY] [SEED] [--browser]
//
// Each is tried in a copy of the project, with the test files that import what it is in; with --browser, what those do
// not notice is built and tried with the specs that go through it. Prints every fault that nothing noticed, and the share.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import process from 'node:process';
import ts from 'typescript';

const LEFT_OUT = ['.git', 'node_modules', 'vendor', 'storage'];
const SWAPS = {
    '<': '<=',
    '<=': '<',
    '>': '>=',
    '>=': '>',
    '===': '!==',
    '!==': '===',
    '&&': '||',
    '||': '&&',
    '??': '&&',
    '+': '-',
    '-': '+',
    '*': '/',
    '/': '*',
};

const [folder = '', howMany = '30', seed = String(Date.now() % 1e9), browser] = process.argv.slice(2);
if (!/^(studio|viewer)(\/[\w-]+)?$/.test(folder)) {
    console.error('Usage: node bench/mutants.mjs studio|viewer[/FOLDER] [HOW-MANY] [SEED] [--browser]');
    process.exit(2);
}

/** What may become of a node: pairs of an offset and an end, with what stands there instead. */
function mutationsOf(node) {
    const place = (from, text) => ({ start: from.getStart(), end: from.getEnd(), text });
    if (ts.isBinaryExpression(node) && SWAPS[node.operatorToken.getText()]) return [place(node.operatorToken, SWAPS[node.operatorToken.getText()])];
    if (node.kind === ts.SyntaxKind.TrueKeyword) return [place(node, 'false')];
    if (node.kind === ts.SyntaxKind.FalseKeyword) return [place(node, 'true')];
    if (ts.isNumericLiteral(node)) return [place(node, String(Number(node.text) + 1))];
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken) return [place(node, node.operand.getText())];
    if (ts.isExpressionStatement(node)) return [place(node, ';')];
    return [];
}

/** All faults of a file; of a component, those of its script. */
function mutantsOf(path) {
    const text = readFileSync(path, 'utf8');
    const [, opening, script] = path.endsWith('.vue') ? (/(<script setup[^>]*>)([\s\S]*?)<\/script>/.exec(text) ?? [null, '', '']) : [null, '', text];
    const shift = path.endsWith('.vue') ? text.indexOf(opening) + opening.length : 0;
    const found = [];
    const visit = (node) => {
        // Types are no code, and what is imported is no choice.
        if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
        for (const { start, end, text: after } of mutationsOf(node)) {
            const from = shift + start;
            found.push({ path, from, end: shift + end, after, before: text.slice(from, shift + end), line: text.slice(0, from).split('\n').length });
        }
        ts.forEachChild(node, visit);
    };
    visit(ts.createSourceFile(path, script, ts.ScriptTarget.Latest, true));
    return found;
}

/** Numbers from 0 to 1 that a seed gives. */
function diceOf(state) {
    return () => {
        state = (state + 0x6d2b79f5) | 0;
        let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
        mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
        return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
    };
}

function isGreen(copy, command, ...options) {
    try {
        execFileSync(command, options, { cwd: copy, stdio: 'ignore', timeout: 600_000 });
        return true;
    } catch {
        return false;
    }
}

function isNoticed(copy, mutant) {
    const path = join(copy, mutant.path);
    const whole = readFileSync(path, 'utf8');
    writeFileSync(path, whole.slice(0, mutant.from) + mutant.after + whole.slice(mutant.end));
    try {
        if (!isGreen(copy, 'node_modules/.bin/vitest', 'related', '--run', '--passWithNoTests', '--bail=1', mutant.path)) return true;
        if (browser !== '--browser') return false;
        const specs = execFileSync('node', ['tests/changed.mjs', 'browser', mutant.path], { cwd: copy, encoding: 'utf8' }).split('\n').filter(Boolean);
        return !isGreen(copy, 'npm', 'run', 'build') || !isGreen(copy, 'node_modules/.bin/playwright', 'test', '--max-failures=1', ...specs);
    } finally {
        writeFileSync(path, whole);
    }
}

const files = readdirSync(`resources/${folder}`, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(ts|vue)$/.test(file) && !file.endsWith('.d.ts'))
    .sort()
    .map((file) => join('resources', folder, file));
const all = files.flatMap(mutantsOf);
const dice = diceOf(Number(seed));
const tried = all
    .map((mutant) => ({ mutant, at: dice() }))
    .sort((one, other) => one.at - other.at)
    .slice(0, Number(howMany))
    .map(({ mutant }) => mutant);
const copy = mkdtempSync(join(tmpdir(), 'mutants-'));
let noticed = 0;
try {
    cpSync('.', copy, { recursive: true, filter: (path) => !LEFT_OUT.includes(path.split('/')[0]) });
    // What tests write is the copy's own.
    cpSync('storage', join(copy, 'storage'), {
        recursive: true,
        filter: (path) => !path.startsWith('storage/framework/testing/') && !path.startsWith('storage/app/'),
    });
    for (const link of ['node_modules', 'vendor']) symlinkSync(join(process.cwd(), link), join(copy, link));
    for (const mutant of tried) {
        if (isNoticed(copy, mutant)) noticed++;
        else console.log(`${mutant.path}:${mutant.line}  ${mutant.before.slice(0, 120)}  ->  ${mutant.after}`);
    }
} finally {
    rmSync(copy, { recursive: true, force: true });
}
console.log(
    `${folder}: ${noticed} of ${tried.length} faults noticed, ${Math.round((100 * noticed) / Math.max(1, tried.length))} %; ${all.length} possible, seed ${seed}`,
);
