<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Edition\CleanHtml;

/** An HTML element that escapes what it is given; the only place that writes tags. */
final class Element
{
    private const VOID = ['img', 'source', 'link', 'meta', 'input', 'br', 'track'];

    /** @var list<string> */
    private array $children = [];

    /**
     * @param  array<string, string|int|float|bool|null>  $attributes  null and false leave one out, true writes it bare
     */
    private function __construct(private readonly string $name, private readonly array $attributes)
    {
    }

    /**
     * @param  array<string, string|int|float|bool|null>  $attributes
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

    public function html(CleanHtml $html): self
    {
        $this->children[] = $html->html;

        return $this;
    }

    /** Style of the core's own. */
    public function css(string $css): self
    {
        $this->children[] = $css;

        return $this;
    }

    /** A gallery that was drawn. */
    public function gallery(Fragment $fragment): self
    {
        $this->children[] = $fragment->html;

        return $this;
    }

    /**
     * Data for machines, which nothing in it can end (https://html.spec.whatwg.org/#restrictions-for-contents-of-script-elements).
     *
     * @param  array<string, mixed>  $data
     */
    public function json(array $data): self
    {
        $this->children[] = json_encode($data, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP);

        return $this;
    }

    public function add(self ...$elements): self
    {
        foreach ($elements as $element) {
            $this->children[] = (string) $element;
        }

        return $this;
    }

    public function __toString(): string
    {
        $html = '<'.$this->name;
        foreach ($this->attributes as $name => $value) {
            if ($value === null || $value === false) {
                continue;
            }
            $html .= $value === true ? ' '.$name : ' '.$name.'="'.self::escaped((string) $value).'"';
        }
        $html .= '>';

        return in_array($this->name, self::VOID, true)
            ? $html
            : $html.implode('', $this->children).'</'.$this->name.'>';
    }

    public static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }
}
