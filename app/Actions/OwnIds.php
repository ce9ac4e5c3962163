<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Body;
use App\Models\Gallery;
use App\Models\Page;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Settings\SettingException;

/** Ids that people give their galleries: each the only one of the pages where its gallery stands. */
final class OwnIds
{
    /** Where the id is in a design. */
    private const FIELD = 'design.finish.own.id';

    /**
     * @throws SettingException when another gallery has it, or something else on a page of this one
     */
    public function refuseTaken(Gallery $gallery, GalleryDocument $before, GalleryDocument $after): void
    {
        $id = $after->design->finish->own->id;
        if ($id === '' || $id === $before->design->finish->own->id) {
            return;
        }
        $other = Gallery::query()->whereKeyNot($gallery->id)->where('design->finish->own->id', $id)->first();
        if ($other !== null) {
            throw SettingException::takenId(self::FIELD, $id, "the gallery “{$other->title}”");
        }
        foreach ($gallery->panes()->with('page.site')->get() as $pane) {
            if ($pane->page !== null) {
                self::refuseOn($pane->page, $id);
            }
        }
    }

    /**
     * @throws SettingException when something on a page has the id of a gallery that is to be placed there
     */
    public function refusePlacing(Gallery $gallery, Page $page): void
    {
        self::refuseOn($page, $gallery->design->finish->own->id);
    }

    /** Whether something on a page has an id, the galleries on it apart. */
    public static function isOn(Page $page, string $id): bool
    {
        return preg_match('/\sid\s*=\s*(\\\\?["\']?)'.preg_quote($id, '/').'\1[\s>]/i', Body::called($page->body)->content.$page->site->shell) === 1;
    }

    private static function refuseOn(Page $page, string $id): void
    {
        if ($id !== '' && self::isOn($page, $id)) {
            throw SettingException::takenId(self::FIELD, $id, "the page “{$page->title}”");
        }
    }
}
