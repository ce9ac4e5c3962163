import { spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync, existsSync, readdirSync, readFileSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { copyOfDemo, folderOf, freePort, start as begin } from './server';

/** Installations of their own, beside the one that all other tests look at. */
let port: number;
const address = (): string => `http://127.0.0.1:${port}`;

let folder: string;
let begun: ChildProcess | null = null;

test.beforeEach(async () => {
    folder = folderOf('start');
    port = await freePort();
});

// Only the shell is killed: it falls to the installation to end all the rest, and to leave the port to the next test.
test.afterEach(async () => {
    begun?.kill('SIGKILL');
    try {
        await allEnded(folder);
    } finally {
        spawnSync('pkill', ['-KILL', '-f', folder]);
        rmSync(folder, { recursive: true, force: true });
    }
});

async function start(data: string): Promise<ChildProcess> {
    begun = await begin(data, port);
    return begun;
}

function listening(): Promise<boolean> {
    return new Promise((resolve) => {
        const line = connect(port, '127.0.0.1', () => resolve(true)).on('error', () => resolve(false));
        line.on('connect', () => line.destroy());
    });
}

/** All that runs for an installation, or for those in a folder: it stands in the environment. */
function running(data: string): string[] {
    return readdirSync('/proc').filter((pid) => {
        if (!/^\d+$/.test(pid) || Number(pid) === process.pid) return false;
        try {
            return readFileSync(`/proc/${pid}/environ`, 'utf8').includes(`ZINC_DATA=${data}`) && !readFileSync(`/proc/${pid}/stat`, 'utf8').includes(') Z ');
        } catch {
            return false;
        }
    });
}

/** nginx writes over its environment to say what it does, so the port is asked too. */
async function allEnded(data: string): Promise<void> {
    await expect.poll(() => running(data), { timeout: 20_000 }).toEqual([]);
    await expect.poll(listening, { timeout: 5_000 }).toBe(false);
}

function copyIn(name = 'data'): string {
    const data = join(folder, name);
    copyOfDemo(data);
    return data;
}

test('a killed shell leaves nothing behind, and the next start finds all as it was', { tag: '@long' }, async ({ request }) => {
    const data = copyIn();
    const shell = await start(data);
    expect(running(data).length).toBeGreaterThan(6);
    const page = await (await request.get(`${address()}/kites`)).text();
    shell.kill('SIGKILL');
    await allEnded(data);
    const again = await start(data);
    expect(await (await request.get(`${address()}/kites`)).text()).toBe(page);
    // And one that is asked to end, as by Ctrl-C, ends all and says nothing bad.
    again.kill('SIGTERM');
    await expect.poll(() => again.exitCode, { timeout: 20_000 }).toBe(0);
    await allEnded(data);
});

test('what is secret is its user’s alone, and nothing runs as root that need not', async () => {
    const data = copyIn();
    await start(data);
    for (const secret of ['.env', 'zinc-pane.sqlite', 'demo-account.txt']) expect(statSync(join(data, secret)).mode & 0o077, secret).toBe(0);
    for (const closed of ['storage', 'run', 'files']) expect(statSync(join(data, closed)).mode & 0o077, closed).toBe(0);
    const key = /^APP_KEY=base64:(.{40,})$/m.exec(readFileSync(join(data, '.env'), 'utf8'))?.[1] ?? '';
    expect(key).not.toBe('');
    const master = readFileSync(join(data, 'run/nginx.pid'), 'utf8').trim();
    const user = (pid: string): string | undefined => /^Uid:\s+(\d+)/m.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1];
    const isRoot = process.getuid?.() === 0;
    // Where no other user may look into the project, everything runs as root, and it was said so.
    const mayLook = spawnSync('setpriv', ['--reuid=65534', '--clear-groups', 'test', '-r', join(process.cwd(), 'vendor/autoload.php')]).status === 0;
    expect(user(master) === '0').toBe(isRoot && !mayLook);
});

test('a backup of a running installation comes back byte for byte, and a damaged one is refused whole', { tag: '@long' }, async ({ request }) => {
    const data = copyIn();
    await start(data);
    const page = await (await request.get(`${address()}/kites`)).body();
    const file = join(folder, 'all.tar');
    const run = (command: string, at: string, ...more: string[]) =>
        spawnSync(join(process.cwd(), command), more, { cwd: folder, env: { ...process.env, ZINC_DATA: at }, encoding: 'utf8' });
    // Named as it stands there.
    const backup = run('bin/backup', data, 'all.tar');
    expect(backup.status, backup.stderr).toBe(0);
    expect(statSync(file).mode & 0o077).toBe(0);
    expect(run('bin/restore', data, file).stderr).toContain('Zinc Pane runs on these data');
    begun?.kill('SIGTERM');
    await allEnded(data);

    const other = join(folder, 'other');
    expect(run('bin/restore', other, file).stderr).toContain('It is back');
    const live = (at: string): string =>
        spawnSync('sh', ['-c', 'cd "$1" && find . -type f | sort | xargs sha256sum', 'sh', join(at, 'files/live')], { encoding: 'utf8' }).stdout;
    expect(live(other)).toBe(live(data));
    expect(live(other)).not.toBe('');
    await start(other);
    expect((await (await request.get(`${address()}/kites`)).body()).equals(page)).toBe(true);

    const cut = join(folder, 'cut.tar');
    cpSync(file, cut);
    truncateSync(cut, Math.floor(statSync(file).size / 2));
    const flipped = join(folder, 'flipped.tar');
    const bytes = readFileSync(file);
    const at = bytes.indexOf('RIFF') + 2000;
    bytes[at] = (bytes[at] ?? 0) ^ 1;
    writeFileSync(flipped, bytes);
    for (const bad of [cut, flipped]) {
        const third = join(folder, 'third');
        const refused = run('bin/restore', third, bad);
        expect(refused.status).toBe(1);
        expect(refused.stderr).toContain('Nothing was changed.');
        expect(existsSync(join(third, 'zinc-pane.sqlite'))).toBe(false);
    }
});
