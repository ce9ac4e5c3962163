import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export const PASSWORD = 'for-tests-only';
/** Where workers find the servers that were begun. */
const SERVERS = 'ZINC_TEST_SERVERS';
const SEED = 'storage/framework/testing/demo';

/** A port that nothing listens on. */
export async function freePort(): Promise<number> {
    const probe = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => probe.once('listening', resolve));
    const { port } = probe.address() as AddressInfo;
    await new Promise((resolve) => probe.close(resolve));
    return port;
}

/** A folder of its own that any user may look into. */
export function folderOf(purpose: string): string {
    const folder = mkdtempSync(join(tmpdir(), `zinc-pane-${purpose}-`));
    chmodSync(folder, 0o755);
    return folder;
}

/** bin/start as a person runs it in a terminal; ready once it says how to stop it. */
export async function start(data: string, port: number): Promise<ChildProcess> {
    const shell = spawn('bin/start', ['--port', String(port)], {
        env: { ...process.env, ZINC_DATA: data, ZINC_DEMO_PASSWORD: PASSWORD, BCRYPT_ROUNDS: '4' },
        stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    await new Promise<void>((resolve, reject) => {
        const hear = (words: Buffer): void => {
            said += words.toString();
            if (said.includes('Ctrl-C stops everything')) resolve();
        };
        shell.stdout.on('data', hear);
        shell.stderr.on('data', hear);
        shell.once('exit', () => reject(new Error(said)));
    });
    return shell;
}

export function copyOfDemo(data: string): void {
    cpSync(SEED, data, { recursive: true, verbatimSymlinks: true });
}

/** The whole application with a demo site of its own, for one worker at a time. */
export class Server {
    private constructor(
        private readonly folder: string,
        readonly port: number,
    ) {}

    /** Begins one; what it gives ends it. */
    static async begin(): Promise<{ server: Server; end: () => Promise<void> }> {
        const folder = folderOf('server');
        copyOfDemo(join(folder, 'data'));
        for (let attempt = 1; ; attempt++) {
            const port = await freePort();
            try {
                const shell = await start(join(folder, 'data'), port);
                const server = new Server(folder, port);
                server.tidy('remember');
                return { server, end: () => ended(shell, folder) };
            } catch (error) {
                // Between looking for a free port and listening on it, another program may have taken it.
                if (attempt === 3 || !String(error).includes('is in use')) throw error;
            }
        }
    }

    /** The one of a worker, which was begun before any worker was. */
    static of(worker: number): Server {
        const all = JSON.parse(process.env[SERVERS] ?? '[]') as { folder: string; port: number }[];
        const { folder, port } = all[worker] ?? { folder: '', port: 0 };
        return new Server(folder, port);
    }

    /** Tells workers of those that were begun. */
    static announce(servers: Server[]): void {
        process.env[SERVERS] = JSON.stringify(servers.map(({ folder, port }) => ({ folder, port })));
    }

    get address(): string {
        return `http://127.0.0.1:${this.port}`;
    }

    get data(): string {
        return join(this.folder, 'data');
    }

    /** As it was when it began: no test sees what another left. */
    reset(): void {
        this.tidy('restore');
    }

    private tidy(act: 'remember' | 'restore'): void {
        execFileSync('php', ['tests/Browser/reset.php', act, this.data, join(this.folder, 'begun')], { stdio: ['ignore', 'inherit', 'inherit'] });
    }
}

async function ended(shell: ChildProcess, folder: string): Promise<void> {
    const over = new Promise((resolve) => shell.once('exit', resolve));
    shell.kill('SIGTERM');
    await over;
    rmSync(folder, { recursive: true, force: true });
}
