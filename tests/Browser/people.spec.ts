import { createHmac } from 'node:crypto';
import { expect, expectAccessible, signIn, sure, test } from './support';

/** As an authenticator reckons (RFC 6238), by code of the test's own. */
function codeOf(secret: string, at = Date.now()): string {
    const bits = [...secret.replaceAll(' ', '')].map((letter) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(letter).toString(2).padStart(5, '0')).join('');
    const key = Buffer.from((bits.match(/.{8}/g) ?? []).map((byte) => parseInt(byte, 2)));
    const count = Buffer.alloc(8);
    count.writeBigUInt64BE(BigInt(Math.floor(at / 30_000)));
    const hash = createHmac('sha1', key).update(count).digest();
    const offset = (hash[19] ?? 0) & 15;
    return String((hash.readUInt32BE(offset) & 0x7fffffff) % 1_000_000).padStart(6, '0');
}

test('an owner invites an editor, who comes in, sets up a second step, and is removed again', async ({ page, browser, trouble }) => {
    await signIn(page);
    await page.getByRole('button', { name: /Owner/ }).press('Enter');
    await page.getByRole('menuitem', { name: 'People' }).click();
    await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
    await expectAccessible(page);
    const email = `bo${Date.now()}@saltreed.example`;
    await page.getByLabel('E-mail').fill(email);
    await page.getByRole('button', { name: 'Make a link' }).press('Enter');
    const link = await page.getByLabel('Link of the invitation').inputValue();

    const other = await browser.newContext();
    const bo = await other.newPage();
    await bo.goto(link);
    await expect(bo.getByText('You are invited to work here as Editor')).toBeVisible();
    await expectAccessible(bo);
    await bo.getByLabel('Your name').fill('Bo');
    await bo.getByLabel('Password, new').fill('passwordpassword');
    await bo.getByRole('button', { name: 'Come in' }).click();
    await expect(bo.getByText('one of those that are tried first')).toBeVisible();
    await bo.getByLabel('Password, new').fill('seven gulls over the shed');
    await bo.keyboard.press('Enter');
    await expect(bo.getByRole('heading', { name: 'Galleries' })).toBeVisible();

    // An editor finds no people there, and none by the address either.
    await bo.getByRole('button', { name: 'Bo', exact: true }).click();
    await expect(bo.getByRole('menuitem', { name: 'Your account' })).toBeVisible();
    await expect(bo.getByRole('menuitem', { name: 'People' })).toHaveCount(0);
    await bo.getByRole('menuitem', { name: 'Your account' }).click();
    await bo.getByLabel('Your password').fill('seven gulls over the shed');
    await bo.getByRole('button', { name: 'Set up a second step' }).click();
    await expect(bo.getByRole('img', { name: 'The secret, as a picture to scan' })).toBeVisible();
    const secret = await bo.locator('.secret').innerText();
    await bo.getByLabel('Code').fill(codeOf(secret));
    await bo.keyboard.press('Enter');
    await expect(bo.getByText('The second step is in force.')).toBeVisible();
    await expect(bo.locator('.codes li')).toHaveCount(10);
    const recovery = await bo.locator('.codes li').first().innerText();
    await expectAccessible(bo);
    await bo.getByRole('button', { name: 'I have written them down' }).click();

    // In again, in another browser: with the password, and then with a recovery code.
    const third = await browser.newContext();
    const again = await third.newPage();
    await again.goto('/studio');
    await again.getByLabel('E-mail').fill(email);
    await again.getByLabel('Password').fill('seven gulls over the shed');
    await again.keyboard.press('Enter');
    await expect(again.getByLabel('Code of your authenticator, or a recovery code')).toBeFocused();
    await again.keyboard.type(recovery);
    await again.keyboard.press('Enter');
    await expect(again.getByRole('heading', { name: 'Galleries' })).toBeVisible();

    // Signed out everywhere but here.
    await bo.reload();
    await bo.getByRole('button', { name: 'Sign out everywhere but here' }).click();
    await expect(bo.locator('.rows li')).toHaveCount(1);
    await again.goto('/studio/account');
    await expect(again.getByRole('button', { name: 'Sign in' })).toBeVisible();

    // Removed: out at once.
    await page.reload();
    const row = page.locator('.rows li', { hasText: email });
    await row.getByRole('button', { name: 'Remove Bo' }).click();
    await sure(page, 'Remove').click();
    await expect(row).toHaveCount(0);
    await bo.goto('/studio/galleries');
    await expect(bo.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await page.goto('/studio/security');
    const said = page.getByRole('cell', { name: `Removed Bo (${email}).` });
    await expect(said).toBeVisible();
    await expectAccessible(page);
    // On a phone too, without drawing anything aside.
    await page.setViewportSize({ width: 390, height: 844 });
    await expect(said).toBeInViewport({ ratio: 1 });
    await expectAccessible(page);
    await other.close();
    await third.close();
    expect(trouble).toEqual([]);
});
