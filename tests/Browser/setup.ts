import type { FullConfig } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { Server } from './server';

/** Loads the demo, and begins a server for each worker; what it gives ends them. */
export default async function setup({ workers }: FullConfig): Promise<() => Promise<void>> {
    execFileSync('tests/Browser/seed', { stdio: ['ignore', 'inherit', 'inherit'] });
    const begun = await Promise.all(Array.from({ length: workers }, () => Server.begin()));
    Server.announce(begun.map(({ server }) => server));
    return async () => void (await Promise.all(begun.map(({ end }) => end())));
}
