<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Delivery\ContentWidth;

/** How wide the places are that galleries stand at. */
final class Places
{
    /** Of the first pane of a gallery; one that stands nowhere is reckoned to stand in the column of a page. */
    public static function of(Gallery $gallery, Site $site): ContentWidth
    {
        foreach ($site->pages as $page) {
            foreach ($page->panes as $pane) {
                if ($pane->gallery_id === $gallery->id) {
                    return $pane->contentWidth($site);
                }
            }
        }
        foreach ($site->framePanes() as $pane) {
            if ($pane->gallery_id === $gallery->id) {
                return $pane->contentWidth($site);
            }
        }

        return $site->frame()->column();
    }
}
