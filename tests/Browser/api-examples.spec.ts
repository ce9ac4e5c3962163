import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Validator } from '@seriousme/openapi-schema-validator';
import { NAMES } from './dressing';
import { demo, expect, expectAccessible, studioApi, sure, test } from './support';

test('a token is made, and every example of the guide does what it says by it, until it is revoked', { tag: '@long' }, async ({ page, baseURL }) => {
    test.setTimeout(120_000);
    const api = await studioApi(page);
    await page.goto('/studio/account');
    const tokens = page.getByRole('region', { name: 'Tokens for scripts' });
    await tokens.getByLabel('Name, by which you know it later').fill('The nightly run');
    for (const scope of ['Write', 'Put live']) await tokens.getByRole('checkbox', { name: new RegExp(`^${scope}`) }).press('Space');
    await tokens.getByRole('button', { name: 'Make a token' }).press('Enter');
    const token = await tokens.getByLabel('copy it now').inputValue();
    expect(token).toMatch(/^\d+\|zinc_/);
    await expectAccessible(page);

    const folder = mkdtempSync(join(tmpdir(), 'api-'));
    const env: Record<string, string> = { HOST: baseURL ?? '', TOKEN: token, PICTURE: demo(NAMES[0] ?? '')[0] ?? '', FILE: join(folder, 'gallery.zip') };
    const run = (example: string): string => execFileSync('sh', ['-c', example], { encoding: 'utf8', env: { ...process.env, ...env }, timeout: 60_000 });
    const examples = [...readFileSync('docs/api.md', 'utf8').matchAll(/```sh\n([\s\S]*?)```/g)].map(([, example]) => example ?? '');
    expect(examples).toHaveLength(6);
    const [look, make, put, change, live, along] = examples as [string, string, string, string, string, string];
    expect(JSON.parse(run(look)) as object[]).not.toHaveLength(0);
    env['GALLERY'] = (JSON.parse(run(make)) as { id: string }).id;
    expect((JSON.parse(run(put)) as { picture: { state: string } }).picture.state).toBeTruthy();
    const version = async (): Promise<string> => String((await api<{ version: number }>('GET', `galleries/${env['GALLERY']}`)).version);
    env['VERSION'] = await version();
    expect((JSON.parse(run(change)) as { about: { title: string } }).about.title).toBe('Kites in May');
    env['NEXT'] = await version();
    run(live);
    expect((await page.request.get(`/embed/${env['GALLERY']}`)).status()).toBe(200);
    run(along);
    expect(existsSync(env['FILE'] ?? '')).toBe(true);
    rmSync(folder, { recursive: true, force: true });
    await api('DELETE', `galleries/${env['GALLERY']}`);

    await page.goto('/studio/account');
    await tokens.getByRole('button', { name: 'Revoke … The nightly run' }).press('Enter');
    await sure(page, 'Revoke').click();
    await expect(tokens.getByText('The nightly run')).toHaveCount(0);
    expect(() => run(look)).toThrow();
});

test('the description of the API is one of OpenAPI 3.1, by its own schema', async ({ request }) => {
    const document = (await (await request.get('/api/v1/openapi.json')).json()) as Record<string, unknown>;
    const result = await new Validator().validate(document);
    expect(result).toEqual({ valid: true });
});
