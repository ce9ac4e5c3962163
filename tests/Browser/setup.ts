import { execFileSync } from 'node:child_process';

/** The demo is loaded before any worker copies it. */
export default function setup(): void {
    execFileSync('tests/Browser/seed', { stdio: ['ignore', 'inherit', 'inherit'], env: { ...process.env, ZINC_DEMO_PASSWORD: 'for-tests-only' } });
}
