<?php

declare(strict_types=1);

namespace App\BroughtIn;

use Masterminds\HTML5\Elements;
use Masterminds\HTML5\Parser\EventHandler;
use Masterminds\HTML5\Parser\Scanner;

/**
 * Finds in a stream of tags the places where a gallery can stand: between blocks of text, in the body and in what
 * parts it. Broken nesting is taken as a browser takes it: a paragraph ends where a block begins, an end tag closes
 * what stands open within.
 */
final class SpotFinder implements EventHandler
{
    /** Elements that part a page; places are in them. */
    private const PARTS = ['html' => true, 'body' => true, 'main' => true, 'article' => true, 'section' => true, 'div' => true];

    /** Blocks of text; what holds at least one of them has places. */
    private const TEXT = ['p' => true, 'h1' => true, 'h2' => true, 'h3' => true, 'h4' => true, 'h5' => true, 'h6' => true, 'ul' => true, 'ol' => true, 'dl' => true, 'figure' => true, 'blockquote' => true, 'table' => true, 'pre' => true, 'hr' => true, 'address' => true, 'details' => true];

    /** Other blocks that one may stand before or behind. */
    private const BLOCKS = ['main' => true, 'article' => true, 'section' => true, 'div' => true, 'header' => true, 'footer' => true, 'nav' => true, 'aside' => true, 'form' => true, 'fieldset' => true];

    /** What is closed by itself when one of the kind begins. */
    private const CLOSED_BY = ['li' => ['li'], 'dt' => ['dt', 'dd'], 'dd' => ['dt', 'dd'], 'tr' => ['tr', 'td', 'th'], 'td' => ['td', 'th'], 'th' => ['td', 'th'], 'option' => ['option']];

    /** Byte where the tag begins that is being read. */
    public int $begin = 0;

    public ?Scanner $bytes = null;

    public ?int $headEnd = null;

    public ?int $bodyBegin = null;

    public ?int $bodyEnd = null;

    public bool $hasFrames = false;

    public bool $hasTags = false;

    public ?string $base = null;

    public int $scripts = 0;

    public int $handlers = 0;

    /** @var array<string, true> */
    public array $ids = [];

    /** @var list<string> addresses of other hosts that it asks for */
    public array $elsewhere = [];

    /** @var list<array{name: string, spots: array<int, int>, hasText: bool}> elements that are open */
    private array $open = [];

    /** @var array<string, int> how many are open, by name */
    private array $names = [];

    /** Open elements that do not part the page: within them is no place. */
    private int $within = 0;

    /** @var list<int> bytes */
    private array $spots = [];

    /**
     * @return list<int> bytes where a gallery can stand, ascending
     */
    public function spots(): array
    {
        while ($this->open !== []) {
            $this->close();
        }
        $spots = array_values(array_unique($this->spots));
        sort($spots);

        return $spots;
    }

    /**
     * @param  string  $name
     * @param  array<array-key, mixed>  $attributes
     * @param  bool  $selfClosing
     * @return int
     */
    public function startTag($name, $attributes = [], $selfClosing = false)
    {
        $this->hasTags = true;
        $this->note($name, $attributes);
        $isText = isset(self::TEXT[$name]);
        $isBlock = $isText || isset(self::BLOCKS[$name]);
        if ($isBlock) {
            $this->closeWithin(['p']);
        }
        if (isset(self::CLOSED_BY[$name])) {
            $this->closeWithin(self::CLOSED_BY[$name]);
        }
        if ($name === 'body') {
            $this->bodyBegin = $this->end();
        }
        if ($isBlock) {
            $this->spotBefore($isText);
        }
        if (! Elements::isA($name, Elements::VOID_TAG) && ! ($selfClosing && ! Elements::isHtml5Element($name))) {
            $this->push($name);
        } elseif ($isBlock) {
            $this->spotBehind($this->end());
        }

        return Elements::element($name);
    }

    /**
     * @param  mixed  $name
     */
    public function endTag($name): void
    {
        $name = is_string($name) ? $name : '';
        if ($name === 'head') {
            $this->headEnd ??= $this->begin;
        }
        if ($name === 'body' || $name === 'html') {
            $this->bodyEnd ??= $this->begin;
        }
        if (($this->names[$name] ?? 0) === 0) {
            return;
        }
        while ($this->open !== [] && $this->close() !== $name);
        if (isset(self::TEXT[$name]) || isset(self::BLOCKS[$name])) {
            $this->spotBehind($this->end());
        }
    }

    private function push(string $name): void
    {
        $this->open[] = ['name' => $name, 'spots' => [], 'hasText' => false];
        $this->names[$name] = ($this->names[$name] ?? 0) + 1;
        $this->within += isset(self::PARTS[$name]) ? 0 : 1;
    }

    /** The byte behind the tag that is being read. */
    private function end(): int
    {
        return ($this->bytes?->position() ?? 0) + 1;
    }

    private function spotBefore(bool $isText): void
    {
        $at = $this->container();
        if ($at !== null && isset($this->open[$at])) {
            $this->open[$at]['hasText'] = $this->open[$at]['hasText'] || $isText;
            $this->open[$at]['spots'][$this->begin] = $this->begin;
        }
    }

    private function spotBehind(int $byte): void
    {
        $at = $this->container();
        if ($at !== null && isset($this->open[$at])) {
            $this->open[$at]['spots'][$byte] = $byte;
        }
    }

    /** The element that is open, where all that is open parts the page; null within a list, a menu, a form. */
    private function container(): ?int
    {
        if ($this->within > 0) {
            return null;
        }
        // A page may do without its body's tags.
        if ($this->open === []) {
            $this->push('html');
        }

        return count($this->open) - 1;
    }

    /**
     * @param  list<string>  $names
     */
    private function closeWithin(array $names): void
    {
        $last = $this->open[count($this->open) - 1]['name'] ?? null;
        if ($last !== null && in_array($last, $names, true)) {
            $this->close();
        }
    }

    private function close(): ?string
    {
        $element = array_pop($this->open);
        if ($element === null) {
            return null;
        }
        $this->names[$element['name']]--;
        $this->within -= isset(self::PARTS[$element['name']]) ? 0 : 1;
        if ($element['hasText']) {
            array_push($this->spots, ...array_values($element['spots']));
        }

        return $element['name'];
    }

    /**
     * @param  array<array-key, mixed>  $attributes
     */
    private function note(string $name, array $attributes): void
    {
        foreach ($attributes as $key => $value) {
            if (str_starts_with((string) $key, 'on')) {
                $this->handlers++;
            }
            if ($key === 'id' && is_string($value) && $value !== '') {
                $this->ids[$value] = true;
            }
            if (in_array($key, ['src', 'href'], true) && $name !== 'a' && is_string($value) && preg_match('~^(?:https?:)?//~i', $value) === 1) {
                $this->elsewhere[] = $value;
            }
        }
        $this->scripts += $name === 'script' ? 1 : 0;
        $this->hasFrames = $this->hasFrames || $name === 'frameset';
        if ($name === 'base' && is_string($attributes['href'] ?? null) && trim($attributes['href']) !== '') {
            $this->base ??= trim($attributes['href']);
        }
    }

    /**
     * @param  mixed  $cdata
     */
    public function text($cdata): void
    {
    }

    public function doctype($name, $idType = 0, $id = null, $quirks = false): void
    {
    }

    /**
     * @param  mixed  $cdata
     */
    public function comment($cdata): void
    {
    }

    /** The end of the file ends a paragraph too, and there is a place behind it: a byte beyond all that there are. */
    public function eof(): void
    {
        if (($this->open[count($this->open) - 1]['name'] ?? null) === 'p') {
            $this->close();
            $this->spotBehind(PHP_INT_MAX);
        }
    }

    /**
     * @param  mixed  $msg
     * @param  mixed  $line
     * @param  mixed  $col
     */
    public function parseError($msg, $line, $col): void
    {
    }

    public function cdata($data): void
    {
    }

    public function processingInstruction($name, $data = null): void
    {
    }
}
