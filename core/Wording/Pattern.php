<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Settings\SettingException;

/** A text with tokens in square brackets, such as "[title], [place] of [all]". */
final readonly class Pattern
{
    /** Tokens, and what each stands for. */
    public const TOKENS = [
        'title' => 'the title of the picture',
        'place' => 'its number, counted from where you say',
        'all' => 'how many pictures are filled',
        'day' => 'the day it was taken',
        'album' => 'the album it is in',
        'camera' => 'the camera it was taken with',
        'file' => 'its file name without the ending',
    ];

    private function __construct(private string $text)
    {
    }

    /**
     * @throws SettingException when there is a token that is not known
     */
    public static function parse(string $text): self
    {
        preg_match_all('/\[([^\[\]]*)\]/u', $text, $found);
        foreach ($found[1] as $token) {
            if (! isset(self::TOKENS[$token])) {
                throw SettingException::notAmong('text', "[{$token}]", array_map(static fn (string $name): string => "[{$name}]", array_keys(self::TOKENS)));
            }
        }

        return new self($text);
    }

    /**
     * The text for one picture. What a picture has not leaves no gap: blanks run together, and
     * punctuation that has lost its word goes with it.
     *
     * @param  array<string, string>  $values  by token
     */
    public function filled(array $values): string
    {
        $parts = preg_split('/\[([a-z]+)\]/', $this->text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $text = '';
        foreach ($parts as $i => $part) {
            $text .= $i % 2 === 0 ? $part : ($values[$part] ?? '');
        }

        return trim((string) preg_replace(['/ {2,}/', '/ ([,.;:])/', '/([,;:]) ?(?=[,;:.]|$)/', '/\( ?\)/'], [' ', '$1', '', ''], $text), " \u{A0}-–,;:");
    }
}
