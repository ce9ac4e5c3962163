import type { FullConfig } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { Server } from './server';

/** Loads the demo, and begins a server for each worker; what it gives ends them. */
export default async function setup({ workers }: FullConfig): Promise<() => Promise<void>> {
    execFileSync('tests/Browser/seed', { stdio: ['ignore', 'inherit', 'inherit'] });
    const begun: Awaited<ReturnType<typeof Server.begin>>[] = [];
    // One after another: the first may still have to build what all of them serve.
    while (begun.length < workers) begun.push(await Server.begin());
    Server.announce(begun.map(({ server }) => server));
    return async () => void (await Promise.all(begun.map(({ end }) => end())));
}
