<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;

/** What of pictures anyone may fetch. */
final readonly class Published
{
    /**
     * @param  list<FrozenGallery>  $galleries
     * @param  list<string>  $folders  addresses of folders of files
     */
    private function __construct(public array $galleries, public array $folders)
    {
    }

    /**
     * @param  list<FrozenGallery>  $galleries  that are live
     * @param  array<ShownPicture>  $singles  pictures that stand by themselves on pages
     */
    public static function of(array $galleries, array $singles): self
    {
        $folders = array_map(static fn (ShownPicture $picture): string => $picture->address, array_values($singles));
        foreach ($galleries as $gallery) {
            if ($gallery->ground !== null) {
                $folders[] = $gallery->ground->address;
            }
            foreach ($gallery->items as $item) {
                if ($item instanceof ShownPicture) {
                    $folders[] = $item->address;
                    if ($item->video !== null) {
                        $folders[] = dirname($item->video->address);
                    }
                }
            }
        }

        return new self($galleries, array_values(array_unique($folders)));
    }
}
