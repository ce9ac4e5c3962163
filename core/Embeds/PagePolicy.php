<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** What the Content-Security-Policy of a page lets in (https://www.w3.org/TR/CSP3/), as far as embeds ask for it. */
final readonly class PagePolicy
{
    /** Directives that another stands in for where they are not said. */
    private const ELSE = ['frame-src' => ['child-src', 'default-src'], 'trusted-types' => []];

    /**
     * @param  list<array<string, list<string>>>  $policies  sources by directive; each of them holds
     */
    private function __construct(private array $policies)
    {
    }

    /**
     * @param  string  $policies  as a header or element says them, with commas between
     */
    public static function parse(string $policies): self
    {
        $parsed = [];
        foreach (explode(',', $policies) as $policy) {
            $directives = [];
            foreach (explode(';', $policy) as $directive) {
                $words = preg_split('/\s+/', trim($directive), -1, PREG_SPLIT_NO_EMPTY) ?: [];
                $name = strtolower((string) array_shift($words));
                // Of one that is said twice the first holds.
                if ($name !== '' && ! isset($directives[$name])) {
                    $directives[$name] = $words;
                }
            }
            if ($directives !== []) {
                $parsed[] = $directives;
            }
        }

        return new self($parsed);
    }

    /**
     * @param  array<string, non-empty-list<string>>  $needs  sources by directive
     * @return list<string> directives with the sources that are missing in them
     */
    public function lacking(array $needs): array
    {
        $lacking = [];
        foreach ($needs as $name => $sources) {
            $missing = array_filter($sources, fn (string $source): bool => ! $this->allows($name, $source));
            if ($missing !== []) {
                $lacking[] = "{$name} ".implode(' ', $missing);
            }
        }

        return $lacking;
    }

    private function allows(string $directive, string $source): bool
    {
        foreach ($this->policies as $policy) {
            $sources = $this->inForce($policy, $directive);
            if ($sources !== null && ! self::isAmong($source, $sources)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, list<string>>  $policy
     * @return ?list<string> null where nothing is said of it
     */
    private function inForce(array $policy, string $directive): ?array
    {
        foreach ([$directive, ...(self::ELSE[$directive] ?? ['default-src'])] as $name) {
            if (isset($policy[$name])) {
                return $policy[$name];
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $sources
     */
    private static function isAmong(string $source, array $sources): bool
    {
        if ($source[0] === "'") {
            // A hash or nonce makes "unsafe-inline" void.
            $isOpen = in_array("'unsafe-inline'", $sources, true) && array_filter($sources, static fn (string $one): bool => preg_match("/^'(?:nonce|sha\d+)-/", $one) === 1) === [];

            return $isOpen || in_array($source, $sources, true);
        }
        [$scheme, $name] = explode('://', $source) + ['', ''];
        foreach ($sources as $one) {
            if ($one === $source || rtrim($one, '/') === $source || ($one === '*' && $scheme !== '') || $one === "{$scheme}:" || $one === $name) {
                return true;
            }
            [, $pattern] = explode('://', $one) + ['', ''];
            if (str_starts_with($pattern, '*.') && str_starts_with($one, "{$scheme}://") && str_ends_with($name, substr($pattern, 1))) {
                return true;
            }
        }

        return false;
    }
}
