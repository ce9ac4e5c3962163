<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Picture;
use Illuminate\Database\Connection;
use ZincPane\Core\Colour\LookAlikes;
use ZincPane\Core\Colour\PerceptualHash;

/** Notes which pictures of the store a new one looks like. */
final readonly class LookAlikeFinder
{
    public function __construct(private Connection $database)
    {
    }

    /** The one it looks most like, null when there is none. */
    public function find(Picture $picture): ?Picture
    {
        $look = $picture->look();
        if ($look === null) {
            return null;
        }
        $others = Picture::query()->whereKeyNot($picture->id)->whereNotNull('look')->pluck('look', 'id')->all();
        $ids = array_map(strval(...), array_keys($others));
        $near = (new LookAlikes(array_map(static fn (mixed $hex): PerceptualHash => PerceptualHash::parse(is_string($hex) ? $hex : ''), array_values($others))))->near($look, PerceptualHash::ALIKE);
        if ($near === []) {
            return null;
        }
        $rows = [];
        foreach ($near as $place => $bits) {
            $rows[] = ['picture_id' => $picture->id, 'other_id' => $ids[$place], 'bits' => $bits];
            $rows[] = ['picture_id' => $ids[$place], 'other_id' => $picture->id, 'bits' => $bits];
        }
        $this->database->table('look_alikes')->insertOrIgnore($rows);
        asort($near);

        return Picture::query()->find($ids[array_key_first($near)]);
    }
}
