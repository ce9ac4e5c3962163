<?php

declare(strict_types=1);

namespace App\Intake;

use App\Faults\MachineException;
use App\Imaging\FactsReader;
use App\Imaging\ImagingException;
use App\Models\Picture;
use App\Models\PictureKind;
use App\Models\PictureState;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;

/** What is peculiar to videos on their way in. They are kept and published as they come. */
final readonly class TakeInVideo
{
    public function __construct(private FactsReader $facts, private FirstWords $words)
    {
    }

    /**
     * @return list<string> what is to be told of it
     *
     * @throws IntakeException when it has no size that can be read
     * @throws MachineException when the tool cannot be started
     */
    public function prepare(Picture $picture, string $path, Provenance $from): array
    {
        try {
            $facts = $this->facts->read($path);
        } catch (ImagingException $exception) {
            throw IntakeException::by($exception, $picture->name);
        }
        if ($facts->size === null) {
            throw IntakeException::noVideo($picture->name);
        }
        $size = Size::of(...$facts->size);
        $picture->fill([
            'kind' => PictureKind::Video,
            'rendition_key' => Picture::keyFor($picture->hash, Recipe::plain()),
            'width' => $size->width, 'height' => $size->height,
            'original_width' => $size->width, 'original_height' => $size->height,
            'shape' => Shape::of($size)->value,
            'seconds' => $facts->seconds,
            'state' => PictureState::Ready,
        ]);
        $this->words->fill($picture, $facts, $from);

        return [];
    }

    public function record(Picture $picture): void
    {
        // A video has no colours and no look of its own; its poster has.
    }

    public function finish(Picture $picture): void
    {
        // Nothing is made of a video; its poster is a picture of its own.
    }
}
