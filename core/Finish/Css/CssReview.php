<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish\Css;

use ZincPane\Core\Foreign;

/**
 * Reads CSS from a person as browsers parse it (https://drafts.csswg.org/css-syntax-3/), and names whatever
 * would reach out of its gallery: what is fetched, what holds for the whole page, what lies over it, and what
 * is not closed and so would swallow what comes after. Where browsers forgive, this does not.
 */
final class CssReview
{
    /** Groups of rules that hold under a condition, and nothing else. */
    private const CONDITIONS = ['media', 'supports', 'container'];

    /** Functions and names in values that fetch something. */
    private const FETCHING = '/(?<![\w-])(url|src|image|image-set|-webkit-image-set|cross-fade|element|paint|expression|attr)\s*\(/i';

    private const PROPERTY = '/^(--[\w-]+|-?[a-z][a-z-]*)$/i';

    /** Most levels of rules within rules. */
    private const DEEPEST = 8;

    /** @var list<string> */
    private array $refused = [];

    private int $at = 0;

    private function __construct(private readonly string $css)
    {
    }

    /**
     * @return list<string> each rule that is refused, with the reason; empty where all may stand
     */
    public static function refused(string $css): array
    {
        foreach (['</' => '“</”', '<!' => '“<!”', '\\' => 'a backslash', "\0" => 'a null character'] as $piece => $name) {
            if (str_contains($css, $piece)) {
                return ["{$name}, which no rule needs"];
            }
        }
        $bare = self::withoutComments($css);
        if ($bare === null) {
            return ['a comment or a string that is not closed'];
        }
        $review = new self($bare);
        $review->rules(0);

        return $review->refused;
    }

    /** Comments become blanks and strings empty ones, whichever begins first; null where one is not closed. */
    private static function withoutComments(string $css): ?string
    {
        $bare = (string) preg_replace_callback(
            '~/\*.*?\*/|"[^"\n\r\f]*"|\'[^\'\n\r\f]*\'~s',
            static fn (array $found): string => $found[0][0] === '/' ? ' ' : '``',
            $css,
        );

        return preg_match('~/\*|["\']~', $bare) === 1 ? null : $bare;
    }

    /** Rules up to the end of the block, or of the whole. */
    private function rules(int $depth): void
    {
        while (($end = $this->next('{};')) !== null || trim(substr($this->css, $this->at)) !== '') {
            $before = trim(substr($this->css, $this->at, ($end ?? strlen($this->css)) - $this->at));
            $sign = $end === null ? '' : $this->css[$end];
            $this->at = ($end ?? strlen($this->css)) + 1;
            if ($sign === '{') {
                $this->block($before, $depth);
            } elseif ($before !== '') {
                $depth > 0 && ! str_starts_with($before, '@') ? $this->declaration($before) : $this->refuse($before, str_starts_with($before, '@') ? 'it does not hold for one gallery alone' : 'it stands outside a rule');
            }
            if ($sign === '}') {
                if ($depth <= 0) {
                    $this->refuse($before, 'a brace closes what was never opened');
                }

                return;
            }
            if ($sign === '') {
                break;
            }
        }
        if ($depth !== 0) {
            $this->refuse('', 'a brace is not closed');
        }
    }

    private function block(string $prelude, int $depth): void
    {
        if (str_contains($prelude, '@') && (strrpos($prelude, '@') > 0 || ! in_array(strtolower((string) preg_replace('/^@([\w-]*).*$/s', '$1', $prelude)), self::CONDITIONS, true))) {
            $this->refuse($prelude, 'it does not hold for one gallery alone');
        }
        if ($prelude === '' || preg_match(self::FETCHING, $prelude) === 1) {
            $this->refuse($prelude, $prelude === '' ? 'a block without a selector' : 'it fetches something');
        }
        if ($depth >= self::DEEPEST) {
            $this->refuse($prelude, 'rules lie too deep within each other');
            $this->at = strlen($this->css);

            return;
        }
        $this->rules($depth + 1);
    }

    private function declaration(string $text): void
    {
        [$property, $value] = array_map(trim(...), explode(':', $text, 2) + [1 => '']);
        $reason = match (true) {
            $value === '' || str_contains($text, '@') || preg_match(self::PROPERTY, $property) !== 1 => 'it is no property with a value',
            preg_match(self::FETCHING, $value) === 1 => 'it fetches something',
            str_contains(strtolower($property), 'binding') || strtolower($property) === 'behavior' => 'it runs a program',
            strtolower($property) === 'position' && preg_match('/fixed|sticky|var\(/i', $value) === 1 => 'it lies over the rest of the page',
            preg_match('/!\s*ie/i', $value) === 1 => 'it is no property with a value',
            default => null,
        };
        if ($reason !== null) {
            $this->refuse($text, $reason);
        }
    }

    /** Where the next of some signs stands, outside of brackets; null where there is none. */
    private function next(string $signs): ?int
    {
        $open = 0;
        for ($i = $this->at; $i < strlen($this->css); $i++) {
            $sign = $this->css[$i];
            if ($sign === '(' || $sign === '[') {
                $open++;
            } elseif ($sign === ')' || $sign === ']') {
                $open--;
            }
            // A brace within brackets means that one was not closed.
            if (str_contains($signs, $sign) && ($open <= 0 || $sign !== ';')) {
                if ($open !== 0) {
                    $this->refuse(trim(substr($this->css, $this->at, $i - $this->at)), 'a bracket is not closed');
                }

                return $i;
            }
        }

        return null;
    }

    private function refuse(string $what, string $why): void
    {
        $this->refused[] = $what === '' ? $why : '“'.Foreign::word($what)."”: {$why}";
    }
}
