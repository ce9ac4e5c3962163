<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup\Style;

use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Geometry\Longest;

/**
 * A piece of CSS that is safe to write: either words of this program, or a value that was made by
 * one of the constructors below. Nothing from outside comes into a style sheet in another way.
 */
final readonly class Css
{
    private function __construct(private string $css)
    {
    }

    /**
     * Words of this program, with values in the place of names in braces:
     * `Css::of('{list}{gap:{gap}px}', ['list' => $list, 'gap' => 8])`.
     *
     * @param  literal-string  $template
     * @param  array<string, self|int|float>  $values  by name
     */
    public static function of(string $template, array $values = []): self
    {
        if ($values === []) {
            return new self($template);
        }
        $pairs = [];
        foreach ($values as $name => $value) {
            $pairs['{'.$name.'}'] = $value instanceof self ? $value->css : self::digits($value, 4);
        }

        return new self(strtr($template, $pairs));
    }

    public static function none(): self
    {
        return new self('');
    }

    /** One after the other. */
    public static function all(self ...$pieces): self
    {
        $css = '';
        foreach ($pieces as $piece) {
            $css .= $piece->css;
        }

        return new self($css);
    }

    /** With commas between. */
    public static function list(self ...$pieces): self
    {
        return new self(implode(',', array_map(static fn (self $piece): string => $piece->css, $pieces)));
    }

    /** A number without needless zeros, never in exponent form. */
    public static function number(float $value, int $decimals = 4): self
    {
        return new self(self::digits($value, $decimals));
    }

    /**
     * A line in some width as a length: `calc(33.3333% - 5.3333px)`, `120px`, `50%`.
     *
     * @param  '%'|'cqw'|'vw'  $unit  of the width, a hundredth of it each
     * @param  int  $decimals  kept; four are exact to 0.01 px at any width in use
     */
    public static function length(Linear $line, string $unit, int $decimals = 4): self
    {
        $share = self::digits(100 * $line->a, $decimals);
        $px = self::digits(abs($line->b), $decimals);
        if ($px === '0') {
            return new self($share === '0' ? '0px' : $share.$unit);
        }
        if ($share === '0') {
            return new self(self::digits($line->b, $decimals).'px');
        }

        return new self("calc({$share}{$unit} ".($line->b < 0 ? '-' : '+')." {$px}px)");
    }

    /**
     * The longest of some lines as a length: `max(40cqw,120px)`, or the only one.
     *
     * @param  '%'|'cqw'|'vw'  $unit  of the width
     */
    public static function longest(Longest $longest, string $unit, int $decimals = 4): self
    {
        $said = self::list(...array_map(static fn (Linear $line): self => self::length($line, $unit, $decimals), $longest->lines));

        return count($longest->lines) === 1 ? $said : new self("max({$said->css})");
    }

    /**
     * A colour as #rrggbb.
     *
     * @throws StyleException when it is none
     */
    public static function colour(string $colour): self
    {
        return preg_match('/^#[0-9a-f]{6}$/Di', $colour) === 1 ? new self($colour) : throw StyleException::noColour($colour);
    }

    /**
     * A colour that lets something through: `rgb(16 20 23/55%)`.
     *
     * @param  int  $opacity  per cent
     *
     * @throws StyleException when it is none
     */
    public static function tone(string $colour, int $opacity): self
    {
        $solid = self::colour($colour);
        if ($opacity >= 100) {
            return $solid;
        }
        [$red, $green, $blue] = [(int) hexdec(substr($colour, 1, 2)), (int) hexdec(substr($colour, 3, 2)), (int) hexdec(substr($colour, 5, 2))];

        return new self("rgb({$red} {$green} {$blue}/{$opacity}%)");
    }

    /** An address, escaped as CSSOM says (https://drafts.csswg.org/cssom/#serialize-a-url). */
    public static function url(string $address): self
    {
        $escaped = preg_replace_callback('/[\x00-\x1F\x7F"\\\\<]/', static fn (array $found): string => '\\'.dechex(ord($found[0])).' ', $address);

        return new self('url("'.$escaped.'")');
    }

    /** What a person wrote, and CssReview let pass; to be put into a scope, where it reaches nothing else. */
    /** Text between quotation marks (https://www.w3.org/TR/css-syntax-3/#consume-string-token). */
    public static function quoted(string $text): self
    {
        $escaped = preg_replace_callback('/[\x00-\x1F\x7F"\\\\<{}]/', static fn (array $found): string => '\\'.dechex(ord($found[0])).' ', $text);

        return new self('"'.$escaped.'"');
    }

    public static function unsafeButReviewed(string $css): self
    {
        return new self($css);
    }

    /** A name as part of a selector, escaped as CSSOM says (https://drafts.csswg.org/cssom/#serialize-an-identifier). */
    public static function identifier(string $name): self
    {
        $escaped = preg_replace_callback(
            '/^-?\d|^-$|[\x01-\x1F\x7F]|[^\w\-\x{80}-\x{10FFFF}]/u',
            static fn (array $found): string => preg_match('/^-?(\d)$/', $found[0], $digit) === 1
                ? substr($found[0], 0, -1).'\\'.dechex(ord($digit[1])).' '
                : (preg_match('/^[\x01-\x1F\x7F]$/', $found[0]) === 1 ? '\\'.dechex(ord($found[0])).' ' : '\\'.$found[0]),
            str_replace("\0", "\u{FFFD}", mb_scrub($name, 'UTF-8')),
        );

        return new self((string) $escaped);
    }

    public function isEmpty(): bool
    {
        return $this->css === '';
    }

    public function __toString(): string
    {
        return $this->css;
    }

    private static function digits(float $value, int $decimals): string
    {
        $written = number_format($value, $decimals, '.', '');
        if (str_contains($written, '.')) {
            $written = rtrim(rtrim($written, '0'), '.');
        }

        return $written === '-0' ? '0' : $written;
    }
}
