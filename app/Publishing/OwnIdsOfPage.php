<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Edition\FrozenGallery;

/** The ids that people gave the galleries of one page: each stands there once, with the first pane that has it. */
final class OwnIdsOfPage
{
    /** @var array<string, true> */
    private array $taken = [];

    public function once(FrozenGallery $gallery): FrozenGallery
    {
        $id = $gallery->design->finish->own->id;
        if ($id === '' || ! isset($this->taken[$id])) {
            $this->taken[$id] = true;

            return $gallery;
        }

        return $gallery->designed($gallery->design->with(['finish' => ['own' => ['id' => '']]]));
    }
}
