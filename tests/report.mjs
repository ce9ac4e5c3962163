// What bin/test says at its end.
//
//   node tests/report.mjs counts FILE              how many of a report passed, and how many did not
//   node tests/report.mjs MODE FOLDER PART=S...    times of the parts, the slowest tests, and what has grown
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const TIMES = 'tests/times.json';
/** A part that takes so many times what it took has grown. */
const GROWN = 1.2;
const SLOWEST = 10;

/** Tests of a report of Pest (JUnit), Vitest or Playwright (JSON): name, s, whether it passed. */
function testsOf(file) {
    const text = readFileSync(file, 'utf8');
    if (file.endsWith('.xml')) {
        return [...text.matchAll(/<testcase ([^>]*?)(\/>|>([\s\S]*?)<\/testcase>)/g)].map(([, own, , inner = '']) => {
            const of = (name) => new RegExp(`\\b${name}="([^"]*)"`).exec(own)?.[1] ?? '';
            return { name: `${of('class').split('\\').at(-1)}: ${of('name')}`, seconds: Number(of('time')), passed: !/<(failure|error|skipped)/.test(inner) };
        });
    }
    const report = JSON.parse(text);
    if (report.testResults) {
        return report.testResults.flatMap(({ name: path, assertionResults, status, message }) => {
            const tests = assertionResults.map(({ fullName, duration, status: own }) => ({
                name: `${path.split('/').at(-1)}: ${fullName}`,
                seconds: (duration ?? 0) / 1000,
                passed: own === 'passed',
            }));
            // A file that could not be read holds no test that could fail.
            return tests.length === 0 && status === 'failed' ? [{ name: `${path}: ${message}`, seconds: 0, passed: false }] : tests;
        });
    }
    const within = (suite) => [
        ...(suite.specs ?? []).map(({ file: path, title, ok, tests }) => ({
            name: `${path}: ${title}`,
            seconds: tests.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration / 1000, 0),
            passed: ok && tests.every(({ status }) => status === 'expected'),
        })),
        ...(suite.suites ?? []).flatMap(within),
    ];
    return [...report.suites.flatMap(within), ...(report.errors ?? []).map(({ message }) => ({ name: message, seconds: 0, passed: false }))];
}

/** s that a fixed piece of work takes now: machines differ, and one of them from hour to hour. The median of five. */
function yardstick() {
    const work = '$t = hrtime(true); for ($i = 0, $s = ""; $i < 300000; $i++) { $s = hash("sha256", $s.$i); } echo (hrtime(true) - $t) / 1e9;';
    const all = Array.from({ length: 5 }, () => Number(execFileSync('php', ['-r', work], { encoding: 'utf8' })));
    return all.sort((one, other) => one - other)[2];
}

const [mode, place, ...parts] = process.argv.slice(2);
if (mode === 'counts') {
    const tests = testsOf(place);
    console.log(tests.filter(({ passed }) => passed).length, tests.filter(({ passed }) => !passed).length);
    process.exit();
}

const seconds = Object.fromEntries(parts.map((part) => part.split('=')).map(([name, value]) => [name, Number(value)]));
const reports = { core: 'core.xml', feature: 'feature.xml', studio: 'studio.json', browser: 'browser.json' };
const tests = Object.keys(seconds).flatMap((part) => (reports[part] && existsSync(join(place, reports[part])) ? testsOf(join(place, reports[part])) : []));
if (tests.length > 0) {
    console.log(`\nThe ${SLOWEST} slowest tests:`);
    for (const { name, seconds: taken } of tests.sort((one, other) => other.seconds - one.seconds).slice(0, SLOWEST)) {
        console.log(`${taken.toFixed(1).padStart(7)} s  ${name.slice(0, 140)}`);
    }
}
const unit = yardstick();
console.log('\nTime of each part:');
for (const [part, taken] of Object.entries(seconds)) console.log(`${taken.toFixed(1).padStart(7)} s  ${part}`);
console.log(
    `${Object.values(seconds)
        .reduce((sum, taken) => sum + taken, 0)
        .toFixed(1)
        .padStart(7)} s  together; the yardstick took ${unit.toFixed(2)} s`,
);

const known = existsSync(TIMES) ? JSON.parse(readFileSync(TIMES, 'utf8')) : {};
if (mode === 'times') {
    const now = Object.fromEntries(Object.entries(seconds).map(([part, taken]) => [part, Math.round(taken / unit)]));
    writeFileSync(TIMES, `${JSON.stringify({ ...known, ...now }, null, 2)}\n`);
} else if (mode === 'short') {
    for (const [part, taken] of Object.entries(seconds)) {
        const times = taken / unit / (known[part] ?? Infinity);
        if (times > GROWN)
            console.log(`GROWN: ${part} takes ${times.toFixed(1)} times as long as ${TIMES} says. Find out why, or accept it: bin/test times ${part}`);
    }
}
