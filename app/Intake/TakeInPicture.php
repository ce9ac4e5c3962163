<?php

declare(strict_types=1);

namespace App\Intake;

use App\Imaging\FactsReader;
use App\Imaging\FirstLook;
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
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

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
    ) {
    }

    /**
     * Fills in all that is to be known of a picture.
     *
     * @throws IntakeException when it is damaged or too large; nothing of it is left
     */
    public function prepare(Picture $picture, string $path, Provenance $from): void
    {
        $size = $this->size($path, $picture->name);
        $picture->fill([
            'kind' => PictureKind::Picture,
            'rendition_key' => Picture::keyFor($picture->hash, Recipe::plain()),
            'width' => $size->width, 'height' => $size->height,
            'original_width' => $size->width, 'original_height' => $size->height,
            'shape' => Shape::of($size)->value,
            'state' => PictureState::Preparing,
        ]);
        $raster = $this->firstLook($picture, $path, $size);
        $focal = FocalFinder::find($raster);
        $palette = Palette::of($raster);
        [$x, $y] = $from->focal ?? [$focal->x, $focal->y];
        $picture->fill([
            'focal_x' => $x, 'focal_y' => $y, 'focal_by' => $from->focal === null ? 'found' : 'person',
            'palette' => $palette->toArray(), 'colour' => $palette->main()->toHex(), 'look' => PerceptualHash::of($raster)->hex,
        ]);
        $this->words->fill($picture, $this->facts->read($path), $from);
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
     * @throws IntakeException
     */
    private function size(string $path, string $name): Size
    {
        try {
            $header = Header::of($this->tools, $path);
        } catch (ImagingException $exception) {
            throw IntakeException::damaged($name, $exception);
        }
        $limit = $this->config->integer('zinc.limits.megapixels');
        if ($header->megapixels() > $limit) {
            throw IntakeException::tooManyPixels($name, $header->megapixels(), $limit);
        }

        return Size::of($header->seenWidth(), $header->seenHeight());
    }

    /**
     * @throws IntakeException
     */
    private function firstLook(Picture $picture, string $path, Size $size): Raster
    {
        $first = new Rendition(max(1, min(self::FIRST_WIDTH, $size->width)), Format::WebP);
        try {
            [$bytes, $raster] = $this->look->take(new Source($path, $size, Recipe::plain()), $first, $this->disks->disk('renditions'), $picture->renditionFolder());
        } catch (ImagingException $exception) {
            $this->disks->disk('renditions')->deleteDirectory($picture->renditionFolder());
            throw IntakeException::damaged($picture->name, $exception);
        }
        $picture->renditions = [$first->fileName() => $bytes];

        return $raster;
    }
}
