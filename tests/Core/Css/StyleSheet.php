<?php

declare(strict_types=1);

namespace Tests\Core\Css;

use LogicException;

/**
 * A style sheet of ours, read as a browser reads it: rules in order, container queries by width. Knows
 * the selectors that we write and no others; one that it does not know is an error, so that nothing is
 * passed over in silence.
 */
final class StyleSheet
{
    /** @var list<array{list<string>, array<string, string>, float, float}> selectors, declarations, widths from and until */
    private array $rules = [];

    public function __construct(string $css)
    {
        $this->read($css, 0, INF);
    }

    /**
     * What is declared in the end; later rules win over earlier ones, and more special ones over both.
     *
     * @param  callable(string): ?int  $matches  whether a selector takes the element in, and how special it is
     * @return array<string, string>
     */
    public function declared(float $width, callable $matches): array
    {
        $found = [];
        foreach ($this->rules as $order => [$selectors, $declarations, $from, $until]) {
            if ($width < $from || $width >= $until) {
                continue;
            }
            foreach ($selectors as $selector) {
                $special = $matches($selector);
                if ($special !== null) {
                    $found[] = [$special, $order, $declarations];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        $all = [];
        foreach ($found as [, , $declarations]) {
            foreach ($declarations as $property => $value) {
                $all = [...array_diff_key($all, array_fill_keys(self::LONGHANDS[$property] ?? [], true)), $property => $value];
            }
        }

        return $all;
    }

    /** What a shorthand sets too. */
    private const LONGHANDS = ['margin' => ['margin-inline-start']];

    private function read(string $css, float $from, float $until): void
    {
        $at = 0;
        while ($at < strlen($css)) {
            $open = strpos($css, '{', $at);
            if ($open === false) {
                return;
            }
            $head = trim(substr($css, $at, $open - $at));
            $close = $this->closing($css, $open);
            $body = substr($css, $open + 1, $close - $open - 1);
            $at = $close + 1;
            if (str_starts_with($head, '@container')) {
                preg_match('/width >= (\d+)px/', $head, $least);
                preg_match('/width < (\d+)px/', $head, $most);
                $this->read($body, (float) ($least[1] ?? 0), isset($most[1]) ? (float) $most[1] : INF);

                continue;
            }
            if ($head === '@media screen') {
                $this->read($body, $from, $until);

                continue;
            }
            if (preg_match('/^@media (?:print|\((hover|any-hover|prefers-[a-z-]+)\b)/', $head) === 1) {
                // Of who points, of what people prefer, and of paper: there is none of it here.
                continue;
            }
            if (str_starts_with($head, '@')) {
                throw new LogicException("Nobody here knows {$head}.");
            }
            $this->rules[] = [self::parted($head, ','), self::declarations($body), $from, $until];
        }
    }

    private function closing(string $css, int $open): int
    {
        $depth = 0;
        for ($i = $open; $i < strlen($css); $i++) {
            $depth += $css[$i] === '{' ? 1 : ($css[$i] === '}' ? -1 : 0);
            if ($depth === 0) {
                return $i;
            }
        }
        throw new LogicException('A brace is not closed.');
    }

    /**
     * @return array<string, string>
     */
    private static function declarations(string $body): array
    {
        $all = [];
        foreach (array_filter(self::parted($body, ';')) as $each) {
            [$property, $value] = explode(':', $each, 2);
            $all[trim($property)] = trim($value);
        }

        return $all;
    }

    /**
     * Parted where no bracket is open.
     *
     * @return list<string>
     */
    public static function parted(string $text, string $by): array
    {
        $parts = [''];
        $depth = 0;
        foreach (str_split($text) as $sign) {
            $depth += $sign === '(' ? 1 : ($sign === ')' ? -1 : 0);
            if ($sign === $by && $depth === 0) {
                $parts[] = '';
            } else {
                $parts[count($parts) - 1] .= $sign;
            }
        }

        return array_map(trim(...), $parts);
    }
}
