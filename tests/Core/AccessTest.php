<?php

declare(strict_types=1);

use ZincPane\Core\Access\PasswordRules;
use ZincPane\Core\Access\Totp;

it('tells the codes of RFC 6238, appendix B', function (int $time, string $code): void {
    expect(Totp::code('12345678901234567890', intdiv($time, 30), 8))->toBe($code);
})->with([
    [59, '94287082'], [1111111109, '07081804'], [1111111111, '14050471'], [1234567890, '89005924'], [2000000000, '69279037'], [20000000000, '65353130'],
]);

it('tells the codes of RFC 4226, appendix D', function (): void {
    expect(array_map(static fn (int $count): string => Totp::code('12345678901234567890', $count), range(0, 9)))
        ->toBe(['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489']);
});

it('writes secrets as RFC 4648 does', function (string $bytes, string $letters): void {
    expect(Totp::base32($bytes))->toBe($letters);
})->with([['f', 'MY'], ['fo', 'MZXQ'], ['foo', 'MZXW6'], ['foob', 'MZXW6YQ'], ['fooba', 'MZXW6YTB'], ['foobar', 'MZXW6YTBOI']]);

it('takes a code once, and from clocks that are half a minute apart', function (): void {
    $secret = random_bytes(Totp::SECRET);
    $now = 1_800_000_010;
    $step = intdiv($now, 30);
    foreach ([-2 => null, -1 => $step - 1, 0 => $step, 1 => $step + 1, 2 => null] as $apart => $accepted) {
        $code = Totp::code($secret, $step + $apart);
        expect(Totp::accepted($secret, ' '.substr($code, 0, 3).' '.substr($code, 3), $now, 0))->toBe($accepted)
            ->and(Totp::accepted($secret, $code, $now, $step + $apart))->toBeNull();
    }
});

it('refuses passwords that are tried first, and says why', function (string $password, string $why): void {
    expect((string) PasswordRules::refusal($password, ['rosa.tern@saltreed.example', 'Rosa Tern']))->toContain($why);
})->with([
    ['long wind', 'has 9 characters'], [str_repeat('wind', 60), 'at most 200'], ['aaaaaaaaaaaabbb', 'one pattern'], ['123456789012', 'one pattern'], ['abcdefghijklmn', 'one pattern'],
    ['Password2024!', 'tried first'], ['P4ssw0rd!!!!!', 'tried first'], ['passwordpassword', 'tried first'], ['qwertyuiop12345', 'tried first'], ['Rosa-Tern-2024', 'name or the address'], ['saltreed12345', 'name or the address'],
]);

it('takes what is long and nobody\'s guess, of any letters', function (string $password): void {
    expect(PasswordRules::refusal($password, ['rosa.tern@saltreed.example', 'Rosa Tern']))->toBeNull();
})->with(['seven gulls over the shed', 'kPq2-vv8Z.mTr4', 'drachen über dem watt', 'たこあげ ながい かぜ の ひ', 'the tern that rosa saw at noon']);
