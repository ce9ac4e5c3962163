<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/**
 * The sites whose pages may embed a gallery: by scheme, name and port, as browsers tell them
 * (https://www.rfc-editor.org/rfc/rfc6454); one that begins with "*." stands for all names below it.
 */
final readonly class EmbedOrigins
{
    public const MOST = 50;

    /** A name as DNS has it, or an address of four numbers; "*." may stand before a name. */
    private const ORIGIN = '~^(https?)://((?:\*\.)?(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)*[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?)(?::([1-9]\d{0,4}))?/?$~D';

    private const PORTS = ['http' => 80, 'https' => 443];

    /**
     * @param  list<string>  $origins  as browsers write them
     */
    private function __construct(public EmbedRule $rule, public array $origins)
    {
    }

    public static function anyone(): self
    {
        return new self(EmbedRule::Anyone, []);
    }

    /**
     * @param  mixed  $rule  from outside
     * @param  mixed  $origins  the same
     *
     * @throws AccessException when a site is no site, or there is none to be named
     */
    public static function parse(mixed $rule, mixed $origins): self
    {
        $known = is_string($rule) ? EmbedRule::tryFrom($rule) : null;
        $list = is_array($origins) ? array_values($origins) : [$origins];
        if ($known === null) {
            throw AccessException::unknownRule($rule);
        }
        if (count($list) > self::MOST) {
            throw AccessException::tooMany(count($list), self::MOST);
        }
        $named = array_values(array_unique(array_map(self::origin(...), $known === EmbedRule::These ? $list : [])));

        return $known === EmbedRule::These && $named === [] ? throw AccessException::noOrigins() : new self($known, $named);
    }

    /**
     * @param  array{rule: string, origins: list<string>}  $written  as toArray() wrote it
     */
    public static function fromArray(array $written): self
    {
        return new self(EmbedRule::from($written['rule']), $written['origins']);
    }

    /**
     * @return array{rule: string, origins: list<string>}
     */
    public function toArray(): array
    {
        return ['rule' => $this->rule->value, 'origins' => $this->origins];
    }

    public function isOpen(): bool
    {
        return $this->rule === EmbedRule::Anyone;
    }

    /**
     * @param  ?string  $origin  as a browser tells it; null where it tells none
     */
    public function allows(?string $origin): bool
    {
        if ($this->rule !== EmbedRule::These || $origin === null) {
            return $this->isOpen();
        }
        foreach ($this->origins as $one) {
            if ($one === $origin || $this->isBelow($origin, $one)) {
                return true;
            }
        }

        return false;
    }

    /** What may be around a page of ours (https://www.w3.org/TR/CSP3/#directive-frame-ancestors). */
    public function frameAncestors(): string
    {
        return match ($this->rule) {
            EmbedRule::Anyone => '*',
            EmbedRule::These => implode(' ', ["'self'", ...$this->origins]),
            EmbedRule::Nobody => "'self'",
        };
    }

    private function isBelow(string $origin, string $pattern): bool
    {
        [$scheme, $name] = explode('://', $pattern);

        return str_starts_with($name, '*.') && str_starts_with($origin, "{$scheme}://") && str_ends_with($origin, substr($name, 1));
    }

    /**
     * @throws AccessException when it is none
     */
    private static function origin(mixed $given): string
    {
        if (! is_string($given) || preg_match(self::ORIGIN, strtolower(trim($given)), $found) !== 1) {
            throw AccessException::notAnOrigin($given);
        }
        [, $scheme, $name] = $found;
        $port = (int) ($found[3] ?? self::PORTS[$scheme]);
        // The star alone, or above a whole country, would be anybody.
        if ($port > 65535 || (str_starts_with($name, '*.') && substr_count($name, '.') < 2)) {
            throw AccessException::notAnOrigin($given);
        }

        return "{$scheme}://{$name}".($port === self::PORTS[$scheme] ? '' : ":{$port}");
    }
}
