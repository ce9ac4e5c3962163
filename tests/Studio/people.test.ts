import { screen, waitFor, within } from '@testing-library/vue';
import { describe, expect, it, vi } from 'vitest';
import type { Account, People, SecurityLog } from '../../resources/studio/api/types';
import PasswordForm from '../../resources/studio/account/PasswordForm.vue';
import SecondStep from '../../resources/studio/account/SecondStep.vue';
import InviteForm from '../../resources/studio/people/InviteForm.vue';
import PeopleScreen from '../../resources/studio/people/PeopleScreen.vue';
import SecurityScreen from '../../resources/studio/people/SecurityScreen.vue';
import SignInForm from '../../resources/studio/sign-in/SignInForm.vue';
import { meet, serve } from './support';

vi.mock('vue-router', () => ({ useRouter: () => ({ push: vi.fn(), replace: vi.fn() }) }));
vi.mock('qrcode', () => ({ toDataURL: (text: string) => Promise.resolve(`data:image/png;base64,${btoa(text)}`) }));

const refusal = (code: string, detail: string, status = 422): [number, object] => [status, { code, detail }];
const account = (more: Partial<Account> = {}): Account => ({
    name: 'Rosa',
    email: 'rosa@saltreed.example',
    role: 'Owner',
    second_step: false,
    recovery_codes: 0,
    tokens: [],
    scopes: [
        { key: 'read', label: 'Read', says: 'looks' },
        { key: 'publish', label: 'Put live', says: 'puts live' },
    ],
    longest_name: 60,
    sign_ins: [],
    ...more,
});
const roles: People['roles'] = [
    { key: 'owner', label: 'Owner', says: 'All.' },
    { key: 'editor', label: 'Editor', says: 'Galleries.' },
];
const people = (): People => ({
    people: [{ id: 'u1', name: 'Rosa', email: 'rosa@saltreed.example', role: 'owner', second_step: true, seen_at: '2026-05-01T10:20:30Z' }],
    invitations: [{ id: 'v1', email: 'bo@saltreed.example', role: 'editor', expires_at: '2026-05-04T10:20:30Z' }],
    roles,
});

describe('signing in', () => {
    it('asks for the code only where one is needed, and sends all three then', async () => {
        const asked = serve({
            session: ({ body }) => ((body as { code?: string }).code === '123456' ? {} : refusal('second-step-needed', 'Now the code.', 401)),
        });
        const { user, told } = meet(SignInForm);
        expect(screen.queryByLabelText(/authenticator/)).toBeNull();
        await user.type(screen.getByLabelText('E-mail'), 'rosa@saltreed.example');
        await user.type(screen.getByLabelText('Password'), 'seven gulls{Enter}');
        const code = await screen.findByLabelText(/authenticator/);
        await waitFor(() => expect(document.activeElement).toBe(code));
        expect(told('done')).toEqual([]);
        await user.type(code, '123456{Enter}');
        await waitFor(() => expect(told('done')).toHaveLength(1));
        expect(asked.at(-1)?.body).toEqual({ email: 'rosa@saltreed.example', password: 'seven gulls', code: '123456' });
    });

    it('says why it was refused', async () => {
        serve({ session: () => refusal('not-valid', 'E-mail and password do not belong together.') });
        const { user } = meet(SignInForm, { known: 'rosa@saltreed.example' });
        await user.type(screen.getByLabelText('Password'), 'wrong{Enter}');
        expect(await screen.findByText('E-mail and password do not belong together.')).toBeTruthy();
    });
});

describe('the second step', () => {
    it('is offered for the password, tried with a code, and shows the recovery codes until they are put away', async () => {
        let tried = 0;
        serve({
            'account/second-step': ({ method }) =>
                method === 'POST'
                    ? { secret: 'ABCD EFGH', uri: 'otpauth://totp/x' }
                    : ++tried === 1
                      ? refusal('not-valid', 'That is not the code.')
                      : { recovery_codes: ['aaaa-bbbb', 'cccc-dddd'] },
        });
        const { user, told } = meet(SecondStep, { account: account() });
        await user.type(screen.getByLabelText('Your password'), 'seven gulls{Enter}');
        expect((await screen.findByRole<HTMLImageElement>('img')).src).toContain(btoa('otpauth://totp/x'));
        expect(screen.getByText('ABCD EFGH')).toBeTruthy();
        await user.type(screen.getByLabelText('Code'), '000000{Enter}');
        expect(await screen.findByText('That is not the code.')).toBeTruthy();
        await user.type(screen.getByLabelText('Code'), '{Enter}');
        expect(await screen.findByText('cccc-dddd')).toBeTruthy();
        expect(told('done')).toHaveLength(1);
        await user.click(screen.getByRole('button', { name: 'I have written them down' }));
        expect(screen.queryByText('cccc-dddd')).toBeNull();
    });

    it('is taken away by the password again', async () => {
        const asked = serve({ 'account/second-step/end': () => ({}) });
        const { user, told } = meet(SecondStep, { account: account({ second_step: true, recovery_codes: 7 }) });
        expect(screen.getByText(/Recovery codes left: 7/)).toBeTruthy();
        await user.type(screen.getByLabelText('Your password'), 'seven gulls{Enter}');
        await waitFor(() => expect(told('done')).toHaveLength(1));
        expect(asked[0]?.body).toEqual({ password: 'seven gulls' });
    });
});

describe('a password', () => {
    it('stays in its fields where it is refused, and is gone from them where it is taken', async () => {
        let tried = 0;
        serve({ 'account/password': () => (++tried === 1 ? refusal('not-valid', 'The password has 5 characters.') : {}) });
        const { user } = meet(PasswordForm);
        const [now, next] = [screen.getByLabelText('Password now'), screen.getByLabelText('New password')] as [HTMLInputElement, HTMLInputElement];
        await user.type(now, 'old one');
        await user.type(next, 'short{Enter}');
        expect(await screen.findByText('The password has 5 characters.')).toBeTruthy();
        expect([now.value, next.value]).toEqual(['old one', 'short']);
        await user.type(next, ' no more{Enter}');
        expect(await screen.findByText('The password is changed.')).toBeTruthy();
        expect([now.value, next.value]).toEqual(['', '']);
    });
});

describe('people', () => {
    it('are listed with what they are, and invited ones taken back', async () => {
        const asked = serve({ people: people, 'invitations/v1': () => ({}), session: () => ({ user: null }) });
        const { user } = meet(PeopleScreen);
        const row = (await screen.findByText('rosa@saltreed.example', { exact: false })).closest('li') as HTMLElement;
        expect(within(row).getByText(/with a second step, last seen/)).toBeTruthy();
        await user.click(screen.getByRole('button', { name: /Take back/ }));
        await waitFor(() => expect(asked.some(({ method, path }) => method === 'DELETE' && path === 'invitations/v1')).toBe(true));
    });

    it('are invited as editors unless one says otherwise; the link is shown once', async () => {
        const asked = serve({ invitations: () => ({ link: 'https://kites.example/studio/invitation#abc', days: 3 }) });
        const { user, told } = meet(InviteForm, { roles });
        await user.type(screen.getByLabelText('E-mail'), 'bo@saltreed.example{Enter}');
        expect((await screen.findByLabelText<HTMLInputElement>('Link of the invitation')).value).toContain('#abc');
        expect(asked[0]?.body).toEqual({ email: 'bo@saltreed.example', role: 'editor' });
        expect(told('done')).toHaveLength(1);
        await user.click(screen.getByRole('button', { name: 'Done' }));
        expect(screen.queryByLabelText('Link of the invitation')).toBeNull();
        expect(screen.getByLabelText<HTMLInputElement>('E-mail').value).toBe('');
    });
});

describe('the security log', () => {
    it('shows older lines behind those that are there', async () => {
        const page = (ids: number[], more: boolean): SecurityLog => ({
            entries: ids.map((id) => ({ id, at: '2026-05-01T10:20:30Z', kind: 'Signed in', who: 'Rosa', address: '127.0.0.1', says: `Line ${id}` })),
            more,
            kinds: [{ key: 'signed-in', label: 'Signed in' }],
        });
        const asked = serve({
            security: ({ path }) => (path.includes('before=8') ? page([7, 6], false) : page([9, 8], true)),
            session: () => ({ user: null }),
        });
        const { user } = meet(SecurityScreen);
        await user.click(await screen.findByRole('button', { name: 'Show older ones' }));
        await screen.findByText('Line 6');
        expect(screen.getAllByText(/^Line/).map(({ textContent }) => textContent)).toEqual(['Line 9', 'Line 8', 'Line 7', 'Line 6']);
        expect(screen.queryByRole('button', { name: 'Show older ones' })).toBeNull();
        expect(asked.filter(({ path }) => path.startsWith('security'))).toHaveLength(2);
    });
});
