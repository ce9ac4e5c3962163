// Everything at once, on a running instance: node bench/load.mjs ADDRESS ACCOUNT-FILE
//
// For 20 s: 50 connections of visitors (wrk), 4 editors who change galleries of their own, 100 pictures that come in;
// then the same once more beside 300 slow connections and 12 slow readers of a video. Prints one JSON object each.
// Both begin when nothing is left to be made of earlier pictures: that would count for the later one alone.
import { execFile, execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const [address, accountFile] = process.argv.slice(2);
if (!accountFile) throw new Error('Usage: node bench/load.mjs ADDRESS ACCOUNT-FILE');
const [email, password] = readFileSync(accountFile, 'utf8').trim().split('\n');
const SECONDS = 20;
const { hostname, port } = new URL(address);

class Editor {
    cookies = new Map();

    async send(method, path, body) {
        const isForm = body instanceof FormData;
        const response = await fetch(`${address}/studio/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
                'X-XSRF-TOKEN': decodeURIComponent(this.cookies.get('XSRF-TOKEN') ?? ''),
                ...(body && !isForm ? { 'Content-Type': 'application/json' } : {}),
            },
            body: isForm ? body : body && JSON.stringify(body),
        });
        for (const line of response.headers.getSetCookie()) {
            const [name, value] = line.split(';')[0].split('=');
            this.cookies.set(name, value);
        }
        const answer = await response.json().catch(() => null);
        if (!response.ok) throw new Error(`${method} ${path} ${response.status} ${JSON.stringify(answer)}`);
        return answer;
    }

    async signIn() {
        await this.send('GET', 'session');
        await this.send('POST', 'session', { email, password });
        return this;
    }
}

const picture = (seed) => {
    const path = join(tmpdir(), `load-${seed}.jpg`);
    const code = `mt_srand(${seed}+${Date.now() % 1e6});$i=imagecreatetruecolor(1600,1067);for($n=0;$n<60;$n++)imagefilledellipse($i,mt_rand(0,1600),mt_rand(0,1067),mt_rand(20,500),mt_rand(20,500),mt_rand(0,0xffffff));imagejpeg($i,$argv[1],85);`;
    execFileSync('php', ['-r', code, '--', path]);
    return path;
};

const share = (times, part) => times.toSorted((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * part))] ?? null;

function visitors() {
    return new Promise((resolve) => {
        execFile('wrk', ['-t1', '-c50', `-d${SECONDS}s`, '--latency', `${address}/kites`], (_, out) => {
            const unit = { us: 0.001, ms: 1, s: 1000 };
            const [, value, of] = /99%\s+([\d.]+)(us|ms|s)/.exec(out) ?? [];
            const failed = /Non-2xx or 3xx responses: (\d+)/.exec(out)?.[1] ?? /Socket errors: (.*)/.exec(out)?.[1] ?? '0';
            resolve({ p99_ms: Number(value) * unit[of], per_second: Number(/Requests\/sec:\s+([\d.]+)/.exec(out)?.[1]), failed });
        });
    });
}

/** Changes one gallery after the other act, at the pace of someone who drags a slider. */
async function edits(editor, until) {
    const { id } = await editor.send('POST', 'galleries', { title: 'Load' });
    let { version } = await editor.send('GET', `galleries/${id}`);
    const times = [];
    for (let gap = 1; Date.now() < until; gap = (gap % 40) + 1) {
        const begun = performance.now();
        ({ version } = (await editor.send('PATCH', `galleries/${id}`, { version, change: { kind: 'design', design: { layout: { gap } } } })).gallery ?? {
            version: version + 1,
        });
        times.push(performance.now() - begun);
        await new Promise((resolve) => setTimeout(resolve, 100));
    }
    return times;
}

async function uploads(editor, files) {
    const { id } = await editor.send('POST', 'galleries', { title: 'Coming in' });
    for (const file of files) {
        const form = new FormData();
        form.set('picture', new Blob([readFileSync(file)]), file);
        await editor.send('POST', `galleries/${id}/pictures`, form);
    }
    return files.length;
}

/** Sends a head that never ends, a byte a second; and asks for a large file, and hardly reads. */
function slow(video) {
    const sockets = [];
    for (let i = 0; i < 300; i++) {
        const socket = connect(Number(port), hostname, () => socket.write('POST /studio/api/session HTTP/1.1\r\nHost: x\r\nX-Slow: '));
        const timer = setInterval(() => socket.writable && socket.write('a'), 1000);
        socket.on('error', () => {}).on('close', () => clearInterval(timer));
        sockets.push(socket);
    }
    for (let i = 0; i < 12; i++) {
        const socket = connect(Number(port), hostname, () => socket.write(`GET ${video} HTTP/1.1\r\nHost: ${hostname}\r\n\r\n`));
        socket.on('error', () => {}).once('readable', () => socket.read(1));
        sockets.push(socket);
    }
    return () => sockets.forEach((socket) => socket.destroy());
}

const memory = () =>
    Math.round(
        execFileSync(
            'sh',
            ['-c', "ps -eo rss,cmd | grep -E 'php-fpm|nginx|queue:work|schedule:work|supervisord' | grep -v grep | awk '{s+=$1} END {print s/1024}'"],
            { encoding: 'utf8' },
        ),
    );

const jobsLeft = () =>
    Number(
        execFileSync(
            'php',
            ['-r', 'echo (new PDO("sqlite:".$argv[1]))->query("select count(*) from jobs")->fetchColumn();', join(dirname(accountFile), 'zinc-pane.sqlite')],
            {
                encoding: 'utf8',
            },
        ),
    );

async function quiet() {
    for (let waited = 0; jobsLeft() > 0; waited++) {
        if (waited > 600) throw new Error('The pictures of the round before are not done after ten minutes.');
        await new Promise((resolve) => setTimeout(resolve, 1000));
    }
}

async function round(name, files, video) {
    await quiet();
    const end = video ? slow(video) : () => {};
    const editors = await Promise.all(Array.from({ length: 5 }, () => new Editor().signIn()));
    const until = Date.now() + SECONDS * 1000;
    let most = 0;
    const watch = setInterval(() => (most = Math.max(most, memory())), 1000);
    const [seen, taken, ...changes] = await Promise.all([visitors(), uploads(editors[4], files), ...editors.slice(0, 4).map((editor) => edits(editor, until))]);
    clearInterval(watch);
    end();
    const times = changes.flat();
    console.log(
        JSON.stringify({
            name,
            visitors: seen,
            editors: { changes: times.length, p50_ms: Math.round(share(times, 0.5)), p95_ms: Math.round(share(times, 0.95)) },
            taken_in: taken,
            memory_mb: most,
        }),
    );
}

const files = Array.from({ length: 200 }, (_, seed) => picture(seed));
const page = await (await fetch(`${address}/kites`)).text();
await round('all at once', files.slice(0, 100), null);
await round('beside slow ones', files.slice(100), /\/media\/[^ "]+\.jpg/.exec(page)[0]);
