<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;

/** Gives a text item another text. */
final readonly class Rewrite implements Change
{
    private function __construct(private string $item, private string $text)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values  the text is HTML that was cleaned before
     *
     * @throws ChangeException when there is no item or no text
     */
    public static function parse(array $values): self
    {
        $item = $values['item'] ?? null;
        $text = $values['text'] ?? null;
        if (! is_string($item)) {
            throw ChangeException::unknownItem($item);
        }

        return new self($item, is_string($text) ? $text : throw ChangeException::notText('text', $text));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        $item = $gallery->item($this->item);

        return $gallery->replacing([$item->id => $item->text === null ? throw ChangeException::notATextItem($item->id) : $item->withText($this->text)]);
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return new self($this->item, $before->item($this->item)->text ?? '');
    }

    public function touches(): array
    {
        return ["items.{$this->item}.text"];
    }

    public function summary(GalleryDocument $before): string
    {
        return 'rewrote a text';
    }

    public function toArray(): array
    {
        return ['kind' => 'text', 'item' => $this->item, 'text' => $this->text];
    }
}
