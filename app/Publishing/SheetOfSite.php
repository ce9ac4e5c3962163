<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;

/** A page that is no page of the site, in its look: an answer to what a visitor sent. */
final class SheetOfSite
{
    public static function compose(Site $site, Composed $sheet): string
    {
        return (new PageComposer($site, '/'.SiteBuilder::stylesheet($site), ''))->compose($sheet, $site->asLive()->menu());
    }
}
