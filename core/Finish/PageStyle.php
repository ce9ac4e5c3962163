<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

/**
 * Colours and letters that a page has already, read from its style sheet: what a gallery on it is best dressed in.
 * It looks for a few well-known places, and takes what it does not understand for not said.
 */
final readonly class PageStyle
{
    /** Most colours that are offered. */
    private const MOST = 12;

    private const COLOUR = '/^#(?:[0-9a-f]{3}|[0-9a-f]{6})$/i';

    private const NAMED = ['white' => '#ffffff', 'black' => '#000000'];

    /**
     * @param  string  $text  colour
     * @param  string  $ground  colour
     * @param  ?string  $link  colour
     * @param  string  $font  as CSS has families
     * @param  array<string, string>  $colours  all, by what they are called
     */
    private function __construct(public string $text, public string $ground, public ?string $link, public string $font, public array $colours)
    {
    }

    public static function read(string $css): self
    {
        $css = (string) preg_replace('~/\*.*?\*/~s', '', $css);
        $named = self::customProperties($css);
        $text = self::colour(self::declared($css, '/^body$/', 'color'), $named) ?? '#000000';
        $ground = self::colour(self::declared($css, '/^body$/', 'background(?:-color)?') ?? self::declared($css, '/^html$/', 'background(?:-color)?'), $named) ?? '#ffffff';
        $link = self::colour(self::declared($css, '/^a(?::link)?$/', 'color') ?? self::declared($css, '/^(?:main|article|body|p) a(?::not\(.*\)?|:link)?$/', 'color'), $named);
        $colours = ['text' => $text, 'ground' => $ground, ...($link === null ? [] : ['links' => $link])];
        foreach ($named as $name => $value) {
            $colour = self::colour($value, $named);
            if ($colour !== null && ! in_array($colour, $colours, true)) {
                $colours[str_replace('-', ' ', $name)] = $colour;
            }
        }

        return new self($text, $ground, $link, self::font($css), array_slice($colours, 0, self::MOST));
    }

    /**
     * What a finish takes over of it at one click.
     *
     * @return array<string, array<string, mixed>> nested as the settings of a finish
     */
    public function taken(): array
    {
        $accent = $this->link ?? $this->text;
        $isDark = self::light($this->ground) < self::light($this->text);

        return [
            'captions' => ['ground' => $isDark ? $this->ground : $this->text, 'colour' => null],
            'edges' => ['colour' => $accent, 'shadow_colour' => $isDark ? '#000000' : $this->text],
            'pointed' => ['tint' => $accent],
            'ground' => ['line_colour' => $accent],
            'lettering' => ['font' => Font::Page->value],
        ];
    }

    /**
     * @return array<string, string> values by name, without the hyphens before it
     */
    private static function customProperties(string $css): array
    {
        preg_match_all('/--([\w-]+)\s*:\s*([^;}]+)/', $css, $found, PREG_SET_ORDER);

        return array_map(trim(...), array_column($found, 2, 1));
    }

    /** What the first rule with such a selector says of a property. */
    private static function declared(string $css, string $selector, string $property): ?string
    {
        preg_match_all('/([^{}]+)\{([^{}]*)\}/', $css, $rules, PREG_SET_ORDER);
        foreach ($rules as [, $selectors, $said]) {
            foreach (explode(',', $selectors) as $one) {
                if (preg_match($selector, trim($one)) === 1 && preg_match("/(?:^|[;\s]){$property}\s*:\s*([^;]+)/i", $said, $value) === 1) {
                    return trim($value[1]);
                }
            }
        }

        return null;
    }

    /**
     * @param  array<string, string>  $named
     */
    private static function colour(?string $value, array $named, int $steps = 4): ?string
    {
        $value = strtolower(trim((string) $value));
        if (preg_match('/^var\(\s*--([\w-]+)/', $value, $found) === 1) {
            return $steps > 0 ? self::colour($named[$found[1]] ?? null, $named, $steps - 1) : null;
        }
        $value = self::NAMED[$value] ?? $value;
        if (preg_match(self::COLOUR, $value) !== 1) {
            return null;
        }

        return strlen($value) === 7 ? $value : '#'.$value[1].$value[1].$value[2].$value[2].$value[3].$value[3];
    }

    private static function font(string $css): string
    {
        $family = self::declared($css, '/^(?:body|html|:root)$/', 'font-family');
        if ($family === null && preg_match('~^.*?\d(?:px|r?em|%|pt)(?:\s*/\s*[\d.]+\w*)?\s+(.+)$~s', (string) self::declared($css, '/^(?:body|html|:root)$/', 'font'), $found) === 1) {
            $family = $found[1];
        }

        // Only names of families, so that it may be written into a style sheet again.
        return $family !== null && preg_match('/^[\w\s,"\'-]+$/', $family) === 1 ? $family : 'serif';
    }

    private static function light(string $colour): int
    {
        return 2 * (int) hexdec(substr($colour, 1, 2)) + 7 * (int) hexdec(substr($colour, 3, 2)) + (int) hexdec(substr($colour, 5, 2));
    }
}
