<?php

declare(strict_types=1);

namespace App\Models;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;
use ZincPane\Core\Tidying\Tidied;

/** How a picture stands: as it came, and as it was tidied. */
trait IsTidied
{
    /** Before it was tidied. */
    public function upright(): Size
    {
        return Size::of($this->original_width, $this->original_height);
    }

    public function recipe(): Recipe
    {
        return Recipe::fromArray($this->recipe);
    }

    public function tidied(): Tidied
    {
        return new Tidied($this->upright(), $this->recipe(), FocalPoint::of($this->focal_x, $this->focal_y), $this->focal_by === 'person');
    }

    /** Where it is on the picture as it is seen. */
    public function focal(): FocalPoint
    {
        $point = FocalPoint::of((float) $this->plain('focal_x'), (float) $this->plain('focal_y'));

        return in_array($this->plain('recipe'), ['{}', '[]'], true) ? $point : $this->recipe()->seen($point, $this->upright());
    }
}
