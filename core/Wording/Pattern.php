<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Settings\SettingException;

/** A text with tokens in braces, such as "{title}, {number} of {count}". */
final readonly class Pattern
{
    /** Tokens, and what each stands for. */
    public const TOKENS = [
        'title' => 'the title of the picture',
        'number' => 'its number, counted from where you say',
        'count' => 'how many pictures are filled',
        'date' => 'the day it was taken',
        'album' => 'the album it is in',
        'camera' => 'the camera it was taken with',
        'file' => 'its file name without the ending',
    ];

    /** Stands where a token had nothing to say; no text from outside keeps it. */
    private const NOTHING = "\u{FFFC}";

    /** What stands between words, and has no sense beside nothing. */
    private const BETWEEN = '[\s,;:·•|\/–—-]*';

    /** What opens, and what closes it. */
    private const PAIRS = ['\(' => '\)', '\[' => '\]', '“' => '”', '„' => '“', '«' => '»', '‘' => '’', '"' => '"'];

    private function __construct(private string $text)
    {
    }

    /**
     * @throws SettingException when there is a token that is not known
     */
    public static function parse(string $text): self
    {
        preg_match_all('/\{([^{}]*)\}/u', $text, $found);
        foreach ($found[1] as $token) {
            if (! isset(self::TOKENS[$token])) {
                throw SettingException::notAmong('text', '{'.$token.'}', array_map(static fn (string $name): string => '{'.$name.'}', array_keys(self::TOKENS)));
            }
        }

        return new self(str_replace(self::NOTHING, '', $text));
    }

    /**
     * The text for one picture, as it was typed. Only what a picture has not leaves no gap: the
     * brackets round it and the separator beside it go with it.
     *
     * @param  array<string, string>  $values  by token
     */
    public function filled(array $values): string
    {
        $text = (string) preg_replace_callback('/\{([a-z]+)\}/', static function (array $found) use ($values): string {
            $value = $values[$found[1]] ?? '';

            return $value === '' ? self::NOTHING : $value;
        }, $this->text);

        return str_contains($text, self::NOTHING) ? self::closed($text) : $text;
    }

    private static function closed(string $text): string
    {
        [$nothing, $between] = [self::NOTHING, self::BETWEEN];
        do {
            $before = $text;
            foreach (self::PAIRS as $open => $close) {
                // What is left of a pair with nothing in it is nothing.
                $text = (string) preg_replace("/{$open}{$between}{$nothing}(?:{$between}{$nothing})*{$between}{$close}/u", $nothing, $text);
            }
        } while ($text !== $before);
        foreach (self::PAIRS as $open => $close) {
            // What stands beside nothing within one goes with it.
            $text = (string) preg_replace(["/({$open})(?:\\s*{$nothing}{$between})+/u", "/(?:{$between}{$nothing}\\s*)+({$close})/u"], '$1', $text);
        }
        $text = (string) preg_replace(["/^(?:\\s*{$nothing}{$between})+/u", "/(?:{$between}{$nothing}\\s*)+$/u"], '', $text);

        return (string) preg_replace_callback(
            "/({$between}){$nothing}((?:{$between}{$nothing})*{$between})/u",
            // One separator stays: the one that says more than a blank.
            static fn (array $found): string => trim($found[1]) !== '' ? $found[1] : str_replace(self::NOTHING, '', $found[2]),
            $text,
        );
    }
}
