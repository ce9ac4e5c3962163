import { execFileSync, spawnSync } from 'node:child_process';
import { request, type IncomingHttpHeaders } from 'node:http';
import { connect } from 'node:net';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { freePort } from './server';
import { expect, studioApi, test } from './support';

/** Processes of one installation alone: its data stand in their environment. */
function workers(data: string): string[] {
    return spawnSync('pgrep', ['-f', 'artisan queue:work --queue=default'], { encoding: 'utf8' })
        .stdout.split('\n')
        .filter((pid) => pid !== '' && existsSync(`/proc/${pid}/environ`) && readFileSync(`/proc/${pid}/environ`, 'utf8').includes(`ZINC_DATA=${data}\0`));
}

test('visitors get files from the web server, packed, under all headers, and reach no PHP', async ({ request }) => {
    for (const [path, encoding] of [
        ['/', 'gzip'],
        ['/kites', 'gzip'],
        ['/embed.js', 'gzip'],
    ] as const) {
        const answer = await request.get(path, { headers: { 'Accept-Encoding': encoding } });
        expect(answer.status(), path).toBe(200);
        const headers = answer.headers();
        expect(headers['content-encoding'], path).toBe(encoding);
        expect(headers['cache-control']).toBe('public, no-cache');
        expect(headers['x-content-type-options']).toBe('nosniff');
        expect(headers['set-cookie']).toBeUndefined();
        const same = await request.get(path, { headers: { 'Accept-Encoding': encoding, 'If-None-Match': headers['etag'] ?? '' } });
        expect(same.status(), path).toBe(304);
    }
    const page = await request.get('/kites');
    expect(page.headers()['content-security-policy']).toContain("frame-ancestors 'self'");
    expect(page.headers()['permissions-policy']).toContain('camera=()');
    expect(page.headers()['cross-origin-opener-policy']).toBe('same-origin');
    const media = /\/media\/[^ "]+\.webp/.exec(await page.text())?.[0] ?? '';
    const part = await request.get(media, { headers: { Range: 'bytes=0-99' } });
    expect(part.status()).toBe(206);
    expect((await part.body()).length).toBe(100);
    expect(part.headers()['cache-control']).toBe('public, max-age=31536000, immutable');
    for (const gone of [
        '/no-such-page',
        '/media/000000000000000000000000/540.webp',
        '/pictures/000000000000/x',
        '/../.env',
        '/zinc-pane.sqlite',
        '/files/live',
        '/.files/originals',
    ]) {
        const answer = await request.get(gone);
        expect(answer.status(), gone).toBe(404);
        expect(answer.headers()['set-cookie'], gone).toBeUndefined();
        expect(answer.headers()['x-content-type-options'], gone).toBe('nosniff');
    }
    expect(await (await request.get('/no-such-page')).text()).toContain('There is no such page here.');
});

test('what is packed is what is sent as it is', ({ baseURL }) => {
    const fetched = (encoding: string): Buffer => execFileSync('curl', ['-s', '-H', `Accept-Encoding: ${encoding}`, `${baseURL}/kites`]);
    expect(gunzipSync(fetched('gzip')).equals(fetched('identity'))).toBe(true);
});

test('no request of a stranger takes the studio down', async ({ request, baseURL }) => {
    const { hostname, port } = new URL(baseURL ?? '');
    const said = (head: string): Promise<string> =>
        new Promise((resolve) => {
            const socket = connect(Number(port), hostname, () => socket.write(head));
            let answer = '';
            socket.on('data', (data) => {
                answer += data.toString();
                // A server that refuses a body may leave the line open for the rest of it.
                const [, length = '', body = ''] = /Content-Length: (\d+)[\s\S]*?\r\n\r\n([\s\S]*)/i.exec(answer) ?? [];
                if (length !== '' && Buffer.byteLength(body) >= Number(length)) socket.destroy();
            });
            socket.on('close', () => resolve(answer)).on('error', () => resolve(answer));
        });
    const tried = await Promise.all(
        Array.from({ length: 12 }, () => said(`POST /studio/api/session HTTP/1.1\r\nHost: ${hostname}\r\nContent-Length: 9000000000000\r\n\r\n`)),
    );
    for (const answer of tried) {
        expect(answer).toContain(' 413 ');
        expect(answer).toContain('application/problem+json');
        expect(answer).toContain('"code":"file-too-large"');
    }
    expect(await said('GET / HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n')).toContain(' 421 ');
    expect(await said(`GET /studio/api/session HTTP/1.1\r\nHost: ${hostname}\r\nX-Forwarded-Host: evil.example\r\nConnection: close\r\n\r\n`)).toContain(
        ' 200 ',
    );
    expect((await request.get('/studio/api/session')).status()).toBe(200);
});

test('a comment needs no session, is no larger than one, and no flood comes through', async ({ page, baseURL }) => {
    const api = await studioApi(page);
    const day = (await api<{ id: string; address: string }[]>('GET', 'pages')).find(({ address }) => address === '/long-wind-day');
    const path = `/comments/${day?.id ?? ''}`;
    // From an address of its own, so that nobody else is held up; what it says of itself does not count.
    const send = (method: string, body = ''): Promise<{ status: number; headers: IncomingHttpHeaders; body: string }> =>
        new Promise((resolve, reject) => {
            const { hostname, port } = new URL(baseURL ?? '');
            const headers = {
                'Content-Type': 'application/x-www-form-urlencoded',
                'Content-Length': body.length,
                'X-Forwarded-For': `10.0.0.${body.length % 250}`,
            };
            const asked = request({ hostname, port, path, method, headers, localAddress: '127.0.0.9' }, (answer) => {
                let text = '';
                answer.on('data', (part: Buffer) => (text += part.toString()));
                answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body: text }));
            });
            asked.on('error', reject).end(body);
        });
    expect((await send('GET')).status).toBe(403);
    const long = await send('POST', `name=Reed&text=${'x'.repeat(20_000)}`);
    expect([long.status, long.body]).toEqual([413, 'This comment is too long to be taken. Please go back, and shorten it.\n']);
    const answers = [];
    for (let i = 0; i < 9; i++) answers.push(await send('POST', `name=Reed&text=Wind+${'e'.repeat(i)}`));
    expect(answers.map(({ status }) => status)).toEqual([303, 303, 303, 303, 303, 429, 429, 429, 429]);
    expect(answers.slice(0, 5).map(({ headers }) => [headers.location, headers['set-cookie']])).toEqual(Array(5).fill(['/comments/received', undefined]));
    expect(Number(answers[8]?.headers['retry-after'])).toBeGreaterThan(0);
    for (const one of await api<{ id: string; name: string }[]>('GET', 'comments')) if (one.name === 'Reed') await api('DELETE', `comments/${one.id}`);
});

test('what dies is started again', async ({ request, server }) => {
    const masters = (): number[] =>
        ['php-fpm', 'nginx'].map((name) => {
            const file = join(server.data, `run/${name}.pid`);
            return existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
        });
    const before = masters();
    const worker = workers(server.data);
    expect(worker).not.toEqual([]);
    for (const one of [...before, ...worker.map(Number)]) process.kill(one, 'SIGKILL');
    // What the dead left behind answers for a moment yet, so others must be there before anything is asked.
    await expect.poll(() => masters().filter((one) => one > 0 && !before.includes(one)).length, { timeout: 20_000 }).toBe(2);
    await expect.poll(async () => (await request.get('/kites').catch(() => null))?.status(), { timeout: 20_000 }).toBe(200);
    await expect.poll(async () => (await request.get('/studio/api/session').catch(() => null))?.status(), { timeout: 20_000 }).toBe(200);
    await expect.poll(() => workers(server.data).filter((one) => !worker.includes(one)).length, { timeout: 20_000 }).toBeGreaterThan(0);
});

test('a second start on the same data says so, and a fresh one touches nothing', async ({ server }) => {
    const port = String(await freePort());
    for (const more of [[], ['--fresh']]) {
        const again = spawnSync('bin/start', ['--port', port, ...more], { env: { ...process.env, ZINC_DATA: server.data }, encoding: 'utf8' });
        expect(again.status).toBe(1);
        expect(again.stderr).toContain('Zinc Pane runs on these data already');
    }
    expect(readFileSync(join(server.data, 'demo-account.txt'), 'utf8')).toContain('owner@saltreed.example');
});
