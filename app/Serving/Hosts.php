<?php

declare(strict_types=1);

namespace App\Serving;

/** The names this installation answers to: that of APP_URL, those of ZINC_HOSTS, and this machine's own for itself. */
final class Hosts
{
    /** What the machine calls itself where APP_URL is of this kind. */
    private const OWN = ['127.0.0.1', 'localhost'];

    /** Scheme and name that addresses begin with which are copied elsewhere. */
    public static function origin(): string
    {
        return rtrim(config()->string('app.url'), '/');
    }

    /** The same, as other devices of the network call this machine; null where they are not let in (bin/start --lan). */
    public static function nearby(): ?string
    {
        $told = rtrim(config()->string('zinc.nearby'), '/');
        $host = parse_url(self::origin(), PHP_URL_HOST);

        return match (true) {
            $told !== '' => $told,
            // Where it answers to a name of its own, that name leads there from anywhere.
            ! in_array($host, self::OWN, true) => self::origin(),
            default => null,
        };
    }

    /** Lets somebody in. What stands behind the sign is sent to no server and noted in no log. */
    public static function invitation(string $token): string
    {
        return self::origin()."/studio/invitation#{$token}";
    }

    /**
     * @return non-empty-list<string>
     */
    public static function known(): array
    {
        $main = (string) parse_url(config()->string('app.url'), PHP_URL_HOST);
        $told = array_filter(array_map(trim(...), explode(',', config()->string('zinc.hosts'))), static fn (string $host): bool => $host !== '');

        return array_values(array_unique([$main, ...$told, ...(in_array($main, self::OWN, true) ? self::OWN : [])]));
    }
}
