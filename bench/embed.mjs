// How fast visitors and pages elsewhere get their files, on a running instance with the demo: node bench/embed.mjs ADDRESS
//
// A live page and what an embed fetches, by wrk, each over a plain file of that size on the same server, turn by turn.
// Prints one JSON object each.
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { gunzipSync } from 'node:zlib';
import { randomBytes } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const [address] = process.argv.slice(2);
if (!address) throw new Error('Usage: node bench/embed.mjs ADDRESS');
const [RUNS, SECONDS, PORT] = [9, 2, 18_990];

const html = await (await fetch(`${address}/`)).text();
const gallery = /embed%2F|feed\/([0-9a-z]{26})\.xml/.exec(html)?.[1] ?? /feed\/([0-9a-z]{26})/.exec(await (await fetch(`${address}/kites`)).text())?.[1];

/** A bare web server with one plain file of so many bytes, of the same priority. */
function plain(bytes) {
    const folder = mkdtempSync(join(tmpdir(), 'plain-'));
    for (const name of ['body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']) mkdirSync(join(folder, name));
    writeFileSync(join(folder, 'file.bin'), randomBytes(bytes));
    const temp = ['client_body:body', 'proxy:proxy', 'fastcgi:fastcgi', 'uwsgi:uwsgi', 'scgi:scgi']
        .map((pair) => `${pair.split(':')[0]}_temp_path ${folder}/${pair.split(':')[1]};`)
        .join(' ');
    writeFileSync(
        join(folder, 'nginx.conf'),
        `${process.getuid() === 0 ? 'user root; ' : ''}daemon off; worker_processes 2; worker_priority 5; pid ${folder}/pid; error_log ${folder}/error.log; events { worker_connections 4000; } http { access_log off; sendfile on; tcp_nopush on; ${temp} server { listen 127.0.0.1:${PORT}; root ${folder}; } }`,
    );
    const nginx = spawn('nginx', ['-c', join(folder, 'nginx.conf'), '-p', folder], { env: { ...process.env, PATH: `${process.env.PATH}:/usr/sbin` } });
    return () => {
        nginx.kill();
        rmSync(folder, { recursive: true, force: true, maxRetries: 9 });
    };
}

const perSecond = (url) =>
    Number(
        /Requests\/sec:\s+([\d.]+)/.exec(execFileSync('wrk', ['-t1', '-c32', `-d${SECONDS}s`, '-H', 'Accept-Encoding: gzip', url], { encoding: 'utf8' }))?.[1],
    );
const middle = (all) => all.toSorted((a, b) => a - b)[Math.floor(all.length / 2)];

for (const [name, path] of [
    ['live-page', '/kites'],
    ['embed-json', `/embed/${gallery}.json`],
]) {
    const body = execFileSync('curl', ['-s', '-H', 'Accept-Encoding: gzip', `${address}${path}`]);
    gunzipSync(body);
    const stop = plain(body.length);
    await new Promise((resolve) => setTimeout(resolve, 500));
    perSecond(`${address}${path}`);
    const pairs = Array.from({ length: RUNS }, () => [perSecond(`${address}${path}`), perSecond(`http://127.0.0.1:${PORT}/file.bin`)]);
    stop();
    console.log(
        JSON.stringify({
            name,
            bytes: body.length,
            per_second: Math.round(middle(pairs.map(([ours]) => ours))),
            plain_per_second: Math.round(middle(pairs.map(([, file]) => file))),
            ratio: Number(middle(pairs.map(([ours, file]) => ours / file)).toFixed(3)),
        }),
    );
}
