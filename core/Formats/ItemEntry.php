<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Viewer\ClickAct;

/** A place in a gallery that is taken along: a picture, or a text. */
final readonly class ItemEntry
{
    private const KEYS = ['picture', 'text', 'words', 'album', 'hidden', 'large', 'click'];

    /**
     * @param  ?int  $picture  place among the pictures; null for a text
     * @param  ?string  $text  HTML of a text
     * @param  ?string  $album  its identifier in the file
     */
    public function __construct(public ?int $picture, public ?string $text, public ItemWords $words, public ?string $album, public bool $isHidden, public bool $isLarge, public ?ClickAct $click)
    {
    }

    /**
     * @param  int  $pictures  how many there are
     *
     * @throws FormatException when something in it cannot be
     */
    public static function parse(Fields $told, int $pictures, Albums $albums): self
    {
        $told->onlyKnows(self::KEYS);
        $picture = $told->raw('picture') === null ? null : $told->whole('picture', 0, $pictures - 1);
        $text = $told->raw('text') === null ? null : $told->text('text');
        if (($picture === null) === ($text === null)) {
            throw FormatException::at($told->where, 'either a picture or a text is expected.');
        }
        $album = $told->raw('album') === null ? null : $told->text('album', 26);
        if ($album !== null && ! $albums->has($album)) {
            throw FormatException::at($told->at('album'), 'there is no album of that identifier.');
        }
        $click = $told->raw('click') === null ? null : $told->text('click', 20);
        if ($click !== null && ClickAct::tryFrom($click) === null) {
            throw FormatException::at($told->at('click'), 'one of '.implode(', ', array_column(ClickAct::cases(), 'value')).' is expected.');
        }

        return new self(
            $picture, $text,
            GalleryFile::said($told->at('words'), static fn (): ItemWords => ItemWords::parse(Fields::of($told->at('words'), $told->raw('words'))->values)),
            $album, $told->flag('hidden'), $told->flag('large'), $click === null ? null : ClickAct::from($click),
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'picture' => $this->picture, 'text' => $this->text,
            'words' => (object) array_filter($this->words->toArray(), static fn (string|bool|null $word): bool => $word !== null),
            'album' => $this->album, 'hidden' => $this->isHidden, 'large' => $this->isLarge, 'click' => $this->click?->value,
        ];
    }
}
