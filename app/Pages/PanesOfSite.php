<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\OwnIds;
use App\BroughtIn\PageFile;
use App\Intake\Workshop;
use App\Models\Body;
use App\Models\Gallery;
use App\Models\GalleryItem;
use App\Models\Page;
use App\Models\Pane;
use App\Models\Site;
use App\Publishing\Contents;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Site\Pane as CorePane;
use ZincPane\Core\Site\PaneDesign;
use ZincPane\Core\Site\PaneExceptions;
use ZincPane\Core\Site\SiteException;
use ZincPane\Core\Site\SiteState;

/** Places galleries on pages, moves them, and gives them what is otherwise in one place. */
final readonly class PanesOfSite
{
    public function __construct(private SiteJournal $journal, private OwnIds $ids, private Workshop $workshop, private Contents $contents)
    {
    }

    /**
     * @param  ?string  $pageId  null for every page
     * @param  ?array{phone: int, in_phone: int, wide: int, in_wide: int}  $room
     *
     * @throws SiteException when there is no such place on the page
     * @throws SettingException when something on the page has the gallery's own id
     */
    public function place(Gallery $gallery, ?string $pageId, int $spot, ?array $room, ?string $userId): Pane
    {
        $pane = $this->journal->act($userId, function () use ($gallery, $pageId, $spot, $room): Pane {
            $page = $pageId === null ? null : Page::query()->with('site', 'content')->findOrFail($pageId);
            $this->refuseSpot($page, $spot);
            if ($page !== null) {
                $this->ids->refusePlacing($gallery, $page);
            }

            return Pane::query()->create([
                'page_id' => $page?->id, 'gallery_id' => $gallery->id, 'spot' => $spot, 'room' => $room,
                'name' => CorePane::nameFor($gallery->title, $this->takenNames($page, null)),
            ]);
        });
        $this->workshop->makeWhatGalleryLacks($gallery->id);

        return $pane;
    }

    /**
     * @param  array{place?: mixed, exceptions?: mixed, name?: mixed, spot?: int, page_id?: ?string, except?: list<string>}  $told  only what changes
     *
     * @throws SiteException|SettingException when something of it cannot be
     */
    public function change(Pane $pane, array $told, ?string $userId): void
    {
        $this->journal->act($userId, function () use ($pane, $told): void {
            $pageId = array_key_exists('page_id', $told) ? $told['page_id'] : $pane->page_id;
            $page = $pageId === null ? null : Page::query()->with('site', 'content')->findOrFail($pageId);
            $hasMoved = $pageId !== $pane->page_id;
            $new = ['page_id' => $page?->id];
            if (isset($told['spot']) || $hasMoved) {
                $new['spot'] = $told['spot'] ?? 0;
                $this->refuseSpot($page, $new['spot']);
            }
            if ($hasMoved && $page !== null) {
                $this->ids->refusePlacing($pane->gallery, $page);
            }
            if (isset($told['name']) || $hasMoved) {
                $taken = $this->takenNames($page, $pane->id);
                $new['name'] = isset($told['name']) ? CorePane::checkedName($told['name'], $taken) : CorePane::nameFor($pane->name, $taken);
            }
            if (isset($told['place'])) {
                $new['place'] = PaneDesign::fromArray($pane->place)->with($told['place'])->toArray();
            }
            if (isset($told['exceptions'])) {
                $new['exceptions'] = self::exceptions($pane, $told['exceptions'])->toArray();
            }
            if (isset($told['except'])) {
                $new['except'] = array_values(array_intersect($told['except'], array_filter(Page::query()->pluck('id')->all(), is_string(...))));
            }
            $pane->update($new);
        });
        $this->workshop->makeWhatGalleryLacks($pane->gallery_id);
    }

    public function remove(Pane $pane, ?string $userId): void
    {
        $this->journal->act($userId, static fn () => $pane->delete());
    }

    /**
     * What is told replaces what was; what is null is as the gallery has it again.
     */
    private static function exceptions(Pane $pane, mixed $told): PaneExceptions
    {
        if (! is_array($told)) {
            return PaneExceptions::fromArray($told);
        }
        $new = PaneExceptions::fromArray(array_filter([...$pane->exceptions, ...$told], static fn (mixed $value): bool => $value !== null));
        if ($new->album !== null && ! $pane->gallery->albumsInUse()->has($new->album)) {
            throw SettingException::notAmong('exceptions.album', $new->album, array_column($pane->gallery->albumsInUse()->toArray()['list'], 'id'));
        }
        $items = GalleryItem::query()->where('gallery_id', $pane->gallery_id)->pluck('id')->all();

        // What is no item of the gallery any more is left out everywhere.
        return PaneExceptions::fromArray([...$new->toArray(), 'left_out' => array_values(array_intersect($new->leftOut, array_filter($items, is_string(...))))]);
    }

    private function refuseSpot(?Page $page, int $spot): void
    {
        $last = match (true) {
            $page === null => array_key_last(SiteState::SPOTS),
            $page->isBroughtIn() => count(PageFile::read(Body::called($page->body)->content, $page->title)->spots) - 1,
            default => count(Body::called($page->body)->parts()->list),
        };
        if ($spot < 0 || $spot > $last) {
            throw SiteException::noSuchSpot($spot, (int) $last);
        }
    }

    /**
     * Names that something on a page has: its own elements, and other galleries. One in the frame meets those of all pages.
     *
     * @return list<string>
     */
    private function takenNames(?Page $page, ?string $but): array
    {
        $site = Site::whole();
        $saved = $site->asSaved();
        $own = $page === null ? $saved->pages : array_filter([$saved->pages[$page->id] ?? null]);
        $names = [];
        foreach ($own as $one) {
            foreach ($one->panes as $pane) {
                if ($pane->id !== $but) {
                    $names[] = $pane->name;
                }
            }
            preg_match_all('/\sid\s*=\s*["\']?([^\s"\'>]+)/i', $one->isBroughtIn ? $this->contents->body($one)->content : implode('', $this->contents->blocks($one, $site->frame(), [])).$site->shell, $found);
            $names = [...$names, ...$found[1]];
        }
        foreach ($saved->frame as $pane) {
            if ($pane->id !== $but) {
                $names[] = $pane->name;
            }
        }

        return array_values(array_unique($names));
    }
}
