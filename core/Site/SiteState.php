<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

/** All pages of a site with the galleries on them: as they are saved, or as visitors have them. */
final readonly class SiteState
{
    /** Spots of the frame around every page, by what they are called. */
    public const SPOTS = [0 => 'above the content', 1 => 'above the footer'];

    /**
     * @param  array<string, Page>  $pages  by id, in their order
     * @param  list<Pane>  $frame  galleries that stand on every page
     */
    private function __construct(public array $pages, public array $frame)
    {
    }

    /**
     * @param  list<Page>  $pages
     * @param  list<Pane>  $frame
     */
    public static function of(array $pages, array $frame): self
    {
        usort($pages, static fn (Page $a, Page $b): int => [$a->position, $a->id] <=> [$b->position, $b->id]);
        usort($frame, static fn (Pane $a, Pane $b): int => [$a->spot, $a->id] <=> [$b->spot, $b->id]);

        return new self(array_combine(array_map(static fn (Page $page): string => $page->id, $pages), $pages), $frame);
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param  array<string, mixed>  $values  as toArray() gave it
     */
    public static function fromArray(array $values): self
    {
        /** @var array{pages: list<array<string, mixed>>, frame: list<array<string, mixed>>} $values */
        return self::of(array_map(Page::fromArray(...), $values['pages']), array_map(Pane::fromArray(...), $values['frame']));
    }

    /**
     * @return array{pages: list<array<string, mixed>>, frame: list<array<string, mixed>>}
     */
    public function toArray(): array
    {
        return [
            'pages' => array_map(static fn (Page $page): array => $page->toArray(), array_values($this->pages)),
            'frame' => array_map(static fn (Pane $pane): array => $pane->toArray(), $this->frame),
        ];
    }

    public function isSameAs(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    /**
     * What visitors are to have once some galleries and pages are put live: those as they are saved, all others as
     * they are live, so that nobody's unfinished work goes out with it. A page that was never live goes along with
     * a gallery that stands on it.
     *
     * @param  list<string>  $galleries  that go live
     * @param  list<string>  $chosen  pages that go live, with title, menu, words and order
     * @param  list<string>  $heldBack  pages that were taken offline and stay so unless they are chosen
     */
    public function with(self $saved, array $galleries, array $chosen, array $heldBack = []): self
    {
        $goes = static fn (Pane $pane): bool => in_array($pane->gallery, $galleries, true);
        $pages = [];
        foreach ($this->pages as $id => $page) {
            // One that was deleted goes when it is chosen.
            if (isset($saved->pages[$id]) || ! in_array($id, $chosen, true)) {
                $pages[$id] = $page;
            }
        }
        foreach ($saved->pages as $id => $page) {
            $live = $pages[$id] ?? null;
            $isNew = $live === null && ! in_array($id, $heldBack, true) && array_filter($page->panes, $goes) !== [];
            if ($live === null && ! $isNew && ! in_array($id, $chosen, true)) {
                continue;
            }
            $base = $live === null || in_array($id, $chosen, true) ? $page : $live;
            $others = array_filter($live->panes ?? [], static fn (Pane $pane): bool => ! $goes($pane));
            $own = array_filter($page->panes, $goes);
            // Of a page whose parts are others now, a gallery that did not go stands where it is saved, or the words would be between others.
            $moved = $base === $live ? array_values($others) : array_map(static fn (Pane $pane): Pane => self::inNewPlace($pane, $page), array_values($others));
            $pages[$id] = $base->holding([...$moved, ...array_values($own)]);
        }
        $frame = [...array_filter($this->frame, static fn (Pane $pane): bool => ! $goes($pane)), ...array_filter($saved->frame, $goes)];

        return self::of(array_values($pages), $frame);
    }

    private static function inNewPlace(Pane $pane, Page $page): Pane
    {
        foreach ($page->panes as $saved) {
            if ($saved->id === $pane->id) {
                return new Pane($pane->id, $pane->gallery, $saved->spot, $pane->name, $pane->design, $pane->exceptions, $pane->room, $pane->except);
            }
        }

        return $pane;
    }

    /** Without a gallery. */
    public function withoutGallery(string $gallery): self
    {
        return self::of(
            array_map(static fn (Page $page): Page => $page->holding($page->panesNotOf($gallery)), array_values($this->pages)),
            array_values(array_filter($this->frame, static fn (Pane $pane): bool => $pane->gallery !== $gallery)),
        );
    }

    public function withoutPage(string $id): self
    {
        return self::of(array_values(array_diff_key($this->pages, [$id => true])), $this->frame);
    }

    /**
     * The galleries that stand on a page, those of the frame among them.
     *
     * @return list<Pane>
     */
    public function panesOn(Page $page): array
    {
        return $page->isBroughtIn ? $page->panes : [...$page->panes, ...$this->frameOn($page->id)];
    }

    /**
     * @return list<Pane> of the frame, that are shown on a page
     */
    public function frameOn(string $page): array
    {
        return array_values(array_filter($this->frame, static fn (Pane $pane): bool => ! in_array($page, $pane->except, true)));
    }

    /**
     * @return list<MenuEntry>
     */
    public function menu(): array
    {
        return Menu::of(array_values($this->pages));
    }

    /**
     * @return list<string> identifiers of galleries that stand on some page
     */
    public function galleries(): array
    {
        $all = array_merge($this->frame, ...array_map(static fn (Page $page): array => $page->panes, array_values($this->pages)));

        return array_values(array_unique(array_map(static fn (Pane $pane): string => $pane->gallery, $all)));
    }
}
