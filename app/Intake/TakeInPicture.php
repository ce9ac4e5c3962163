<?php

declare(strict_types=1);

namespace App\Intake;

use App\Faults\MachineException;
use App\Imaging\FactsReader;
use App\Imaging\FirstLook;
use App\Imaging\Flaws;
use App\Imaging\Header;
use App\Imaging\ImagingException;
use App\Imaging\Source;
use App\Imaging\Tools;
use App\Models\Picture;
use App\Models\PictureKind;
use App\Models\PictureState;
use Illuminate\Config\Repository;
use Illuminate\Contracts\Filesystem\Factory;
use ZincPane\Core\Colour\Palette;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Colour\Raster;
use ZincPane\Core\Cropping\FocalFinder;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;
use ZincPane\Core\Wording\FileFacts;

/** What is peculiar to pictures on their way in. */
final readonly class TakeInPicture
{
    /** Width in px of the first rendition, made at once: it proves that the file reads to its end. */
    private const FIRST_WIDTH = 540;

    public function __construct(
        private Tools $tools,
        private FirstLook $look,
        private FactsReader $facts,
        private FirstWords $words,
        private NoteColours $colours,
        private Factory $disks,
        private Repository $config,
        private Workshop $workshop,
        private Moving $moving,
    ) {
    }

    /**
     * Fills in all that is to be known of a picture.
     *
     * @return list<string> what is to be told of it
     *
     * @throws IntakeException when it is damaged or too large; nothing of it is left
     */
    public function prepare(Picture $picture, string $path, Provenance $from): array
    {
        $header = $this->header($path, $picture->name);
        $size = Size::of($header->seenWidth(), $header->seenHeight());
        $type = FileType::from($picture->media_type);
        $moves = $this->moving->pictures($type, $path, $header) > 1;
        $still = $moves ? $this->moving->whyStill($type, $path, $picture->bytes, $header) : null;
        $picture->fill([
            'is_moving' => $moves && $still === null,
            'kind' => PictureKind::Picture,
            'rendition_key' => Picture::keyFor($picture->hash, Recipe::plain()),
            'width' => $size->width, 'height' => $size->height,
            'original_width' => $size->width, 'original_height' => $size->height,
            'shape' => Shape::of($size)->value,
            'state' => PictureState::Preparing,
        ]);
        $flaws = $type === FileType::Jpeg ? new Flaws : null;
        $raster = $this->firstLook($picture, $path, $size, $flaws);
        $focal = FocalFinder::find($raster);
        $palette = Palette::of($raster);
        [$x, $y] = $from->focal ?? [$focal->point->x, $focal->point->y];
        $picture->fill([
            'focal_x' => $x, 'focal_y' => $y, 'focal_by' => $from->focal === null ? 'found' : 'person', 'focal_sure' => $from->focal !== null || $focal->isSure,
            'palette' => $palette->toArray(), 'colour' => $palette->main()->toHex(), 'look' => PerceptualHash::of($raster)->hex,
        ]);
        $facts = $this->facts($picture, $path);
        $this->words->fill($picture, $facts, $from);

        return array_values(array_filter([
            $flaws?->isDamage() === true ? "“{$picture->name}” is damaged inside: parts of it may be grey or shifted. Look at it closely, or copy it again from where it came from." : null,
            $still === null ? null : "“{$picture->name}” moves, but is taken as a still: {$still}.",
            $picture->is_moving ? "“{$picture->name}” moves, and visitors see it move." : null,
            ...array_map(static fn (string $field, int $length): string => self::cut($picture->name, $field, $length), array_keys($facts->cut), $facts->cut),
        ], static fn (?string $said): bool => $said !== null));
    }

    private static function cut(string $name, string $field, int $length): string
    {
        $word = WordField::from($field);
        $where = $word === WordField::Caption ? '; the whole of it is the description' : '';

        return 'The '.$word->label()." in “{$name}” has {$length} characters, of which {$word->longest()} are taken{$where}.";
    }

    /** What else is stored of it, in the transaction that stores it. */
    public function record(Picture $picture): void
    {
        $this->colours->handle($picture);
    }

    public function finish(Picture $picture): void
    {
        $this->workshop->makeRenditions($picture->id);
    }

    /**
     * @throws IntakeException when it says far more than any file of a camera; nothing of it is left
     * @throws MachineException when the tool cannot be started
     */
    private function facts(Picture $picture, string $path): FileFacts
    {
        try {
            return $this->facts->read($path);
        } catch (ImagingException $exception) {
            $this->disks->disk('renditions')->deleteDirectory($picture->renditionFolder());
            throw IntakeException::by($exception, $picture->name);
        }
    }

    /**
     * @throws IntakeException
     * @throws MachineException when it is not the file's fault
     */
    private function header(string $path, string $name): Header
    {
        try {
            $header = Header::of($this->tools, $path);
        } catch (ImagingException $exception) {
            throw IntakeException::by($exception, $name);
        }
        $limit = $this->config->integer('zinc.limits.megapixels');
        if ($header->megapixels() > $limit) {
            throw IntakeException::tooManyPixels($name, $header->megapixels(), $limit);
        }

        return $header;
    }

    /**
     * @throws IntakeException
     * @throws MachineException when it is not the file's fault
     */
    private function firstLook(Picture $picture, string $path, Size $size, ?Flaws $flaws): Raster
    {
        $first = new Rendition(max(1, min(self::FIRST_WIDTH, $size->width)), Format::WebP);
        try {
            [$bytes, $raster, $picture->has_alpha] = $this->look->take(new Source($path, $size, Recipe::plain(), $picture->is_moving), $first, $this->disks->disk('renditions'), $picture->renditionFolder(), $flaws);
        } catch (ImagingException $exception) {
            $this->disks->disk('renditions')->deleteDirectory($picture->renditionFolder());
            throw IntakeException::by($exception, $picture->name);
        }
        $picture->renditions = [$first->fileName() => $bytes];

        return $raster;
    }
}
