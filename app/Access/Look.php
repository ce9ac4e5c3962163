<?php

declare(strict_types=1);

namespace App\Access;

use Carbon\CarbonInterface;
use Illuminate\Config\Repository;

/** Lets a phone look at one page for a while, without an account: an address that is signed and expires. */
final readonly class Look
{
    /** Of the cookie by which the pictures of the page are had; the web server knows it too. */
    public const COOKIE = 'zinc_pane_look';

    /** Hours that an address is good for. */
    private const HOURS = 2;

    public function __construct(private Repository $config)
    {
    }

    public function until(): CarbonInterface
    {
        return now()->addHours(self::HOURS);
    }

    /** What proves that a page may be looked at until then. */
    public function token(string $page, int $until): string
    {
        return "{$page}.{$until}.".hash_hmac('sha256', "look|{$page}|{$until}", $this->config->string('app.key'));
    }

    /** The page that may be looked at; null where the token is made up, or over. */
    public function page(mixed $token): ?string
    {
        if (! is_string($token) || preg_match('/^([0-9a-z]{26})\.(\d{1,12})\.[0-9a-f]{64}$/D', $token, $found) !== 1) {
            return null;
        }

        return hash_equals($this->token($found[1], (int) $found[2]), $token) && (int) $found[2] > now()->getTimestamp() ? $found[1] : null;
    }
}
