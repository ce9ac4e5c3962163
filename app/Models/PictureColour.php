<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One colour of a picture's palette, in OKLab, so that pictures are found by colour.
 *
 * @property string $picture_id
 * @property float $l
 * @property float $a
 * @property float $b
 * @property float $share
 */
final class PictureColour extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
