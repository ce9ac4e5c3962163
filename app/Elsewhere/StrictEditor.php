<?php

declare(strict_types=1);

namespace App\Elsewhere;

use Masterminds\HTML5;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;
use ZincPane\Core\Embeds\ScriptEmbed;
use ZincPane\Core\Embeds\Strength;

/** A stand-in for editors that clean what is pasted into them. */
final class StrictEditor
{
    /** Bytes that are looked at. */
    public const LARGEST = PageReader::LARGEST;

    /** What the strict one keeps, with their attributes. */
    private const STRICT = ['p' => [], 'br' => [], 'strong' => [], 'b' => [], 'em' => [], 'i' => [], 'a' => ['href', 'title'], 'img' => ['src', 'alt', 'title'], 'ul' => [], 'ol' => [], 'li' => [], 'blockquote' => []];

    /** What of elements it does not know stays, for the words in it. */
    private const OPENED = ['div', 'span', 'section', 'figure', 'figcaption', 'picture', 'h1', 'h2', 'h3', 'h4', 'table', 'tbody', 'tr', 'td', 'th', ScriptEmbed::TAG, 'template', 'label', 'details', 'summary'];

    public static function clean(string $html, Strength $strength): Cleaned
    {
        $config = self::config($strength)->withMaxInputLength(self::LARGEST)->allowLinkSchemes(['https', 'http', 'mailto'])->allowMediaSchemes(['https', 'http'])->allowRelativeLinks()->allowRelativeMedias();
        $left = trim((new HtmlSanitizer($config))->sanitizeFor('body', $html));

        return new Cleaned($left, self::lost(self::census($html), self::census($left)));
    }

    private static function config(Strength $strength): HtmlSanitizerConfig
    {
        $config = new HtmlSanitizerConfig;

        return match ($strength) {
            Strength::Mild => $config->allowStaticElements()->allowElement('iframe', ['src', 'title', 'width', 'height', 'loading', 'allow', 'allowfullscreen', 'style'])->allowAttribute('class', '*')->allowAttribute('style', '*')->allowAttribute('id', '*'),
            Strength::Firm => self::opening($config->allowSafeElements()->dropAttribute('class', '*')->dropAttribute('id', '*')->dropAttribute('style', '*'), [ScriptEmbed::TAG, 'template']),
            Strength::Strict => self::opening(self::few($config), self::OPENED),
        };
    }

    private static function few(HtmlSanitizerConfig $config): HtmlSanitizerConfig
    {
        foreach (self::STRICT as $element => $attributes) {
            $config = $config->allowElement($element, $attributes);
        }

        return $config->forceAttribute('a', 'rel', 'nofollow');
    }

    /**
     * @param  list<string>  $elements
     */
    private static function opening(HtmlSanitizerConfig $config, array $elements): HtmlSanitizerConfig
    {
        foreach ($elements as $element) {
            $config = $config->blockElement($element);
        }

        return $config;
    }

    /**
     * @return array<string, int> how many elements there are, and attributes of elements, by name: "img", "img loading"
     */
    private static function census(string $html): array
    {
        $count = [];
        foreach ((new HTML5(['disable_html_ns' => true]))->loadHTML("<!doctype html><html><body>{$html}</body></html>")->getElementsByTagName('*') as $element) {
            if (in_array($element->nodeName, ['html', 'head', 'body'], true)) {
                continue;
            }
            $names = [$element->nodeName];
            foreach ($element->attributes as $attribute) {
                $names[] = "{$element->nodeName} {$attribute->nodeName}";
            }
            foreach ($names as $name) {
                $count[$name] = ($count[$name] ?? 0) + 1;
            }
        }

        return $count;
    }

    /**
     * @param  array<string, int>  $before
     * @param  array<string, int>  $after
     * @return list<string> in words, elements before attributes of those that stayed
     */
    private static function lost(array $before, array $after): array
    {
        $elements = $attributes = [];
        foreach ($before as $name => $count) {
            $gone = $count - ($after[$name] ?? 0);
            [$element, $attribute] = explode(' ', $name) + ['', ''];
            if ($gone <= 0 || ($attribute !== '' && ! isset($after[$element]))) {
                continue;
            }
            $times = $gone === 1 ? '' : " ×{$gone}";
            $attribute === '' ? $elements[] = "<{$element}>{$times}" : $attributes[] = "{$attribute} of <{$element}>{$times}";
        }

        return [...$elements, ...$attributes];
    }
}
