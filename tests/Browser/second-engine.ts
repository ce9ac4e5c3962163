import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import WebSocket from 'ws';

interface Answer {
    id?: number;
    type: string;
    method?: string;
    result?: unknown;
    params?: { level?: string; text?: string };
    message?: string;
}

/** A second browser engine, driven over WebDriver BiDi (https://www.w3.org/TR/webdriver-bidi/). */
export class SecondEngine {
    private last = 0;
    private readonly waiting = new Map<number, { resolve: (result: never) => void; reject: (error: Error) => void }>();
    private context = '';
    /** Errors that its pages logged. */
    readonly errors: string[] = [];

    private constructor(
        private readonly process: ChildProcess,
        private readonly profile: string,
        private readonly socket: WebSocket,
    ) {
        socket.on('message', (data: Buffer) => this.hear(JSON.parse(data.toString()) as Answer));
    }

    static async start(port: number): Promise<SecondEngine> {
        const profile = mkdtempSync(join(tmpdir(), 'engine-'));
        const process = spawn('firefox-esr', ['--headless', '--no-remote', '--profile', profile, `--remote-debugging-port=${port}`], {
            stdio: ['ignore', 'ignore', 'pipe'],
            env: { ...globalThis.process.env, MOZ_HEADLESS_WIDTH: '1280', MOZ_HEADLESS_HEIGHT: '900' },
        });
        await new Promise<void>((resolve, reject) => {
            const late = setTimeout(() => reject(new Error('The second engine did not start within a minute.')), 60_000);
            process.stderr?.on('data', (said: Buffer) => {
                if (!said.toString().includes('WebDriver BiDi listening')) return;
                clearTimeout(late);
                resolve();
            });
        });
        const socket = new WebSocket(`ws://127.0.0.1:${port}/session`);
        await new Promise((resolve, reject) => socket.once('open', resolve).once('error', reject));
        const engine = new SecondEngine(process, profile, socket);
        await engine.send('session.new', { capabilities: {} });
        await engine.send('session.subscribe', { events: ['log.entryAdded'] });
        const { contexts } = await engine.send<{ contexts: { context: string }[] }>('browsingContext.getTree', {});
        engine.context = contexts[0]?.context ?? '';
        return engine;
    }

    private hear(answer: Answer): void {
        if (answer.method === 'log.entryAdded' && answer.params?.level === 'error') this.errors.push(answer.params.text ?? '');
        const waiting = this.waiting.get(answer.id ?? -1);
        if (answer.type === 'success') waiting?.resolve(answer.result as never);
        else waiting?.reject(new Error(answer.message));
    }

    private send<T>(method: string, params: object): Promise<T> {
        const id = ++this.last;
        this.socket.send(JSON.stringify({ id, method, params }));
        return new Promise<T>((resolve, reject) => this.waiting.set(id, { resolve: resolve, reject }));
    }

    resize(width: number, height: number): Promise<unknown> {
        return this.send('browsingContext.setViewport', { context: this.context, viewport: { width, height } });
    }

    go(url: string): Promise<unknown> {
        return this.send('browsingContext.navigate', { context: this.context, url, wait: 'complete' });
    }

    back(): Promise<unknown> {
        return this.send('browsingContext.traverseHistory', { context: this.context, delta: -1 });
    }

    /** What an expression comes to in the page, by way of JSON. */
    async ask<T>(expression: string): Promise<T> {
        const { result, exceptionDetails } = await this.send<{ result?: { value: string }; exceptionDetails?: { text: string } }>('script.evaluate', {
            expression: `(async () => JSON.stringify((await (${expression})) ?? null))()`,
            target: { context: this.context },
            awaitPromise: true,
        });
        if (exceptionDetails) throw new Error(exceptionDetails.text);
        return JSON.parse(result?.value ?? 'null') as T;
    }

    async press(key: string): Promise<void> {
        await this.act({
            type: 'key',
            id: 'keys',
            actions: [
                { type: 'keyDown', value: key },
                { type: 'keyUp', value: key },
            ],
        });
    }

    async click(x: number, y: number, times = 1): Promise<void> {
        const once = [
            { type: 'pointerDown', button: 0 },
            { type: 'pointerUp', button: 0 },
        ];
        await this.act({
            type: 'pointer',
            id: 'mouse',
            parameters: { pointerType: 'mouse' },
            actions: [{ type: 'pointerMove', x: Math.round(x), y: Math.round(y) }, ...Array.from({ length: times }, () => once).flat()],
        });
    }

    async wheel(x: number, y: number, deltaY: number): Promise<void> {
        await this.act({ type: 'wheel', id: 'wheel', actions: [{ type: 'scroll', x: Math.round(x), y: Math.round(y), deltaX: 0, deltaY }] });
    }

    private act(source: object): Promise<unknown> {
        return this.send('input.performActions', { context: this.context, actions: [source] });
    }

    async stop(): Promise<void> {
        await this.send('browser.close', {}).catch(() => null);
        this.socket.close();
        this.process.kill('SIGKILL');
        rmSync(this.profile, { recursive: true, force: true, maxRetries: 5 });
    }
}

/** Keys as WebDriver names them (https://www.w3.org/TR/webdriver2/#keyboard-actions). */
export const KEY = { left: '\uE012', right: '\uE014', escape: '\uE00C', home: '\uE011', end: '\uE010', enter: '\uE007', tab: '\uE004' };
