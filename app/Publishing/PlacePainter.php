<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\CleanHtml;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Site\PageFrame;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\PaneCss;

/** Draws galleries in the places where they stand on pages. */
final readonly class PlacePainter
{
    public function __construct(private Painter $painter)
    {
    }

    /** The identifier of a pane in markup: its own on the page, letters and digits. */
    public static function idOf(string $pane): string
    {
        return strtolower(substr($pane, -12));
    }

    /**
     * @param  ?PageFrame  $page  null where the page does not tell how wide it is
     * @param  ?string  $own  its identifier in markup; null for the usual one
     * @param  bool  $isTold  in the studio, the element tells which pane it is
     * @param  ?Addresses  $addresses  null for those of the site itself
     */
    public function place(Pane $pane, FrozenGallery $gallery, ?PageFrame $page, Phrases $phrases, ?string $own = null, bool $isTold = false, ?Addresses $addresses = null): Fragment
    {
        $frame = $pane->frame($page);
        $id = $own ?? self::idOf($pane->id);
        $drawn = $this->painter->draw($pane->exceptions->in($gallery), $id, $frame->of($pane->design), $addresses ?? Addresses::rooted(), $phrases);
        // Of the core's own making, escaped there.
        $html = (string) Element::of('div', [
            'class' => PaneCss::CLASS_NAME." zp-at-{$id}", 'id' => $pane->name === '' ? null : $pane->name, 'data-pane' => $isTold ? $pane->id : null,
        ])->html(CleanHtml::cleanedBefore($drawn->html));

        return new Fragment($id, $html, PaneCss::of($id, $pane->design, $frame).$drawn->css, $drawn->font, $drawn->arrives);
    }
}
