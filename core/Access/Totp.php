<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/** Codes that an authenticator tells, of a shared secret and the time (RFC 6238 over RFC 4226, HMAC-SHA-1). */
final class Totp
{
    /** Seconds that a code is good for. */
    public const STEP = 30;

    public const DIGITS = 6;

    /** Bytes of a secret (RFC 4226, requirement R6). */
    public const SECRET = 20;

    /** Steps that clocks may be apart, either way. */
    private const APART = 1;

    /** RFC 4648. */
    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /**
     * @param  string  $secret  bytes
     * @param  int  $step  seconds since 1970, divided by STEP
     */
    public static function code(string $secret, int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $secret, true);
        $offset = ord($hash[19]) & 0xF;
        $number = (ord($hash[$offset]) & 0x7F) << 24 | ord($hash[$offset + 1]) << 16 | ord($hash[$offset + 2]) << 8 | ord($hash[$offset + 3]);

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step that a code is of, null when it is of none that counts.
     *
     * @param  int  $now  seconds since 1970
     * @param  int  $last  step that was used last: it and those before are not good any more
     */
    public static function accepted(string $secret, string $code, int $now, int $last): ?int
    {
        $given = (string) preg_replace('/\s/', '', $code);
        $accepted = null;
        // All are compared, so that time tells nothing.
        for ($step = intdiv($now, self::STEP) - self::APART; $step <= intdiv($now, self::STEP) + self::APART; $step++) {
            $accepted = hash_equals(self::code($secret, $step), $given) && $step > $last ? $step : $accepted;
        }

        return $accepted;
    }

    public static function base32(string $bytes): string
    {
        $bits = implode('', array_map(static fn (string $byte): string => sprintf('%08b', ord($byte)), str_split($bytes)));
        $letters = array_map(static fn (string $five): string => self::BASE32[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5));

        return implode('', $letters);
    }

    /** What an authenticator reads: the key URI format ("otpauth"). */
    public static function uri(string $secret, string $account, string $issuer): string
    {
        return 'otpauth://totp/'.rawurlencode($issuer).':'.rawurlencode($account).'?'.http_build_query(['secret' => self::base32($secret), 'issuer' => $issuer, 'digits' => self::DIGITS, 'period' => self::STEP], '', '&', PHP_QUERY_RFC3986);
    }
}
