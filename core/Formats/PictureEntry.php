<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Tidying\Recipe;

/** A picture or video of a gallery that is taken along: its original, and what a person said and did. */
final readonly class PictureEntry
{
    private const KEYS = ['file', 'name', 'words', 'keywords', 'focal', 'recipe', 'source', 'licence', 'poster', 'track'];

    /** As a name in a folder has to be: of what is in the file, and no way out. */
    private const FILE = '~^'.GalleryFile::ORIGINALS.'/[0-9a-f]{64}\.[a-z0-9]{2,5}$~D';

    /**
     * @param  string  $file  path of the original beside the file: "originals/…jpg"
     * @param  ?array{float, float}  $focal  that a person chose, shares of the upright original; null where it was found
     * @param  ?int  $poster  place of the picture that stands for a video
     * @param  string  $track  words of a video, WebVTT; empty for none
     */
    public function __construct(public string $file, public string $name, public Words $words, public string $keywords, public ?array $focal, public Recipe $recipe, public string $source, public string $licence, public ?int $poster, public string $track)
    {
    }

    /**
     * @throws FormatException when something in it cannot be
     */
    public static function parse(Fields $told): self
    {
        $told->onlyKnows(self::KEYS);
        $file = $told->text('file', 100);
        if (preg_match(self::FILE, $file) !== 1) {
            throw FormatException::at($told->at('file'), 'the path of an original is expected: '.GalleryFile::ORIGINALS.'/, 64 hexadecimal digits, and an ending.');
        }
        $focal = $told->raw('focal') === null ? null : Fields::of($told->at('focal'), $told->raw('focal'));

        return new self(
            $file, $told->text('name', 255),
            GalleryFile::said($told->at('words'), static fn (): Words => ItemWords::parse(Fields::of($told->at('words'), $told->raw('words'))->values)->over(new Words)),
            $told->text('keywords'),
            $focal === null ? null : [$focal->share('x'), $focal->share('y')],
            GalleryFile::said($told->at('recipe'), static fn (): Recipe => $told->raw('recipe') === null ? Recipe::plain() : Recipe::fromArray($told->raw('recipe'))),
            $told->text('source', 100), $told->text('licence', 500),
            $told->raw('poster') === null ? null : $told->whole('poster', 0, GalleryFile::MOST),
            $told->text('track', 1024 ** 2),
        );
    }

    /** SHA-256 of what is in the original. */
    public function hash(): string
    {
        return pathinfo($this->file, PATHINFO_FILENAME);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'file' => $this->file, 'name' => $this->name, 'words' => $this->words->toArray(), 'keywords' => $this->keywords,
            'focal' => $this->focal === null ? null : ['x' => $this->focal[0], 'y' => $this->focal[1]],
            'recipe' => $this->recipe->isPlain() ? null : $this->recipe->toArray(), 'source' => $this->source, 'licence' => $this->licence, 'poster' => $this->poster, 'track' => $this->track,
        ];
    }
}
