<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

/** An XML element that escapes what it is given; the only place of this room that writes tags. */
final class Xml
{
    /** @var list<string> */
    private array $children = [];

    /**
     * @param  array<string, string|int>  $attributes
     */
    private function __construct(private readonly string $name, private readonly array $attributes)
    {
    }

    /**
     * @param  array<string, string|int>  $attributes
     */
    public static function of(string $name, array $attributes = []): self
    {
        return new self($name, $attributes);
    }

    public function text(string $text): self
    {
        $this->children[] = self::escaped($text);

        return $this;
    }

    public function add(self ...$elements): self
    {
        foreach ($elements as $element) {
            $this->children[] = (string) $element;
        }

        return $this;
    }

    /** The whole file. */
    public function document(): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'."\n{$this}\n";
    }

    public function __toString(): string
    {
        $attributes = '';
        foreach ($this->attributes as $name => $value) {
            $attributes .= " {$name}=\"".self::escaped((string) $value).'"';
        }

        return $this->children === [] ? "<{$this->name}{$attributes}/>" : "<{$this->name}{$attributes}>".implode('', $this->children)."</{$this->name}>";
    }

    /** Without what XML 1.0 has no place for (https://www.w3.org/TR/xml/#charsets). */
    private static function escaped(string $text): string
    {
        return htmlspecialchars((string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', mb_scrub($text, 'UTF-8')), ENT_QUOTES | ENT_XML1, 'UTF-8');
    }
}
