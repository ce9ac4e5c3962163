<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ItemRow;
use ZincPane\Core\Delivery\RenditionPlan;

/** The pictures that a gallery shows, and the plan of the files its layout needs of them. */
final readonly class GalleryNeeds
{
    /**
     * @param  list<ItemRow>  $pictures
     */
    public function __construct(public array $pictures, public RenditionPlan $plan)
    {
    }
}
