<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use Closure;
use ZincPane\Core\Design\GalleryDesign;

/** Says in words what is otherwise of pages and of the galleries on them, between two states. */
final readonly class SiteWords
{
    /** The setting that tells which named finish a gallery follows. */
    private const FINISH = 'finish.named';

    /**
     * @param  Closure(string): string  $titleOf  a gallery
     * @param  Closure(Page): ?Parts  $partsOf  a page; null of one that was brought in
     */
    public function __construct(private Closure $titleOf, private Closure $partsOf, private bool $isRightToLeft = false)
    {
    }

    /**
     * What is otherwise of a page itself: title, address, menu, comments, words.
     *
     * @return list<string>
     */
    public function ofPage(?Page $before, ?Page $after): array
    {
        if ($before === null || $after === null) {
            return $after === null ? ['the page is taken off'] : ['a new page'];
        }
        $says = [];
        if ($before->title !== $after->title) {
            $says[] = "“{$before->title}” becomes “{$after->title}”";
        }
        if ($before->address !== $after->address) {
            $says[] = "its address {$before->path()} becomes {$after->path()}";
        }
        if ($before->label !== $after->label) {
            $says[] = $after->label === null ? 'out of the menu' : "in the menu as “{$after->label}”";
        }
        if ($before->parent !== $after->parent || ($before->label !== null && $after->label !== null && $before->position !== $after->position)) {
            $says[] = 'in another place of the menu';
        }
        if ($before->comments !== $after->comments) {
            $says[] = $after->comments ? 'comments on' : 'comments off';
        }

        return $before->body === $after->body ? $says : [...$says, ...$this->ofWords($before, $after)];
    }

    /**
     * @return list<string>
     */
    private function ofWords(Page $before, Page $after): array
    {
        [$old, $new] = [($this->partsOf)($before), ($this->partsOf)($after)];
        $says = $old === null || $new === null ? [] : $old->changesTo($new);

        return $says === [] ? ['its file was brought in anew'] : $says;
    }

    /**
     * What is otherwise of the places of one gallery on a page.
     *
     * @param  list<Pane>  $before
     * @param  list<Pane>  $after
     * @return list<string>
     */
    public function ofPanes(array $before, array $after, ?Page $page): array
    {
        [$old, $new] = [self::byId($before), self::byId($after)];
        $says = [];
        foreach ($new as $id => $pane) {
            $title = $this->titleOf($pane->gallery);
            $own = isset($old[$id]) ? $this->ofPane($old[$id], $pane, $page) : [];
            if (! isset($old[$id])) {
                $says[] = "“{$title}” appears {$this->saysSpot($pane, $page)}, {$pane->design->says($this->isRightToLeft)}";
            } elseif ($own !== []) {
                $says[] = "“{$title}”: ".implode(', ', $own);
            }
        }
        foreach (array_diff_key($old, $new) as $pane) {
            $says[] = '“'.$this->titleOf($pane->gallery).'” is taken from there';
        }

        return $says;
    }

    /**
     * @param  list<Pane>  $panes
     * @return array<string, Pane>
     */
    private static function byId(array $panes): array
    {
        return array_combine(array_map(static fn (Pane $pane): string => $pane->id, $panes), $panes);
    }

    /**
     * @return list<string>
     */
    private function ofPane(Pane $before, Pane $after, ?Page $page): array
    {
        $says = [];
        if ($before->spot !== $after->spot) {
            $says[] = "now {$this->saysSpot($after, $page)}";
        }
        if ($before->design->says() !== $after->design->says()) {
            $says[] = $after->design->says($this->isRightToLeft);
        }
        foreach (['above' => 'above', 'below' => 'below'] as $key => $where) {
            if ($before->design->{$key} !== $after->design->{$key}) {
                $px = $key === 'above' ? $after->design->spaceAbove() : $after->design->spaceBelow();
                $says[] = "{$px} px of space {$where}";
            }
        }
        if ($before->name !== $after->name) {
            $says[] = "#{$before->name} becomes #{$after->name}";
        }
        if ($before->except !== $after->except) {
            $says[] = 'left out on other pages than before';
        }

        return [...$says, ...self::ofExceptions($before->exceptions, $after->exceptions)];
    }

    /**
     * @return list<string>
     */
    private static function ofExceptions(PaneExceptions $before, PaneExceptions $after): array
    {
        $says = [];
        if ($before->tileSize?->value !== $after->tileSize?->value) {
            $says[] = $after->tileSize === null ? 'tiles as large as in the gallery' : 'tiles of another size';
        }
        array_push($says, ...self::ofSettings(GalleryDesign::flat($before->design), GalleryDesign::flat($after->design)));
        if ($before->album !== $after->album) {
            $says[] = $after->album === null ? 'all albums' : 'one album only';
        }
        $out = count(array_diff($after->leftOut, $before->leftOut));
        $in = count(array_diff($before->leftOut, $after->leftOut));
        $pictures = static fn (int $count): string => $count === 1 ? 'a picture' : "{$count} pictures";

        return [...$says, ...($out === 0 ? [] : ["{$pictures($out)} left out"]), ...($in === 0 ? [] : ["{$pictures($in)} shown again"])];
    }

    /**
     * What is otherwise there than in the gallery, whose own values are nothing to it.
     *
     * @param  array<string, string|int|float|bool|null>  $before  by path
     * @param  array<string, string|int|float|bool|null>  $after
     * @return list<string>
     */
    private static function ofSettings(array $before, array $after): array
    {
        $says = [];
        if (($before[self::FINISH] ?? null) !== ($after[self::FINISH] ?? null)) {
            // One choice, though many settings.
            $says[] = isset($after[self::FINISH]) ? 'only here another finish' : 'the finish of the gallery';
            [$before, $after] = array_map(static fn (array $values): array => array_filter($values, static fn (string $path): bool => ! str_starts_with($path, 'finish.'), ARRAY_FILTER_USE_KEY), [$before, $after]);
        }
        $settings = GalleryDesign::settings();
        foreach ($after as $path => $value) {
            if (! array_key_exists($path, $before) || $before[$path] !== $value) {
                $says[] = 'only here '.lcfirst($settings[$path]->label).' '.$settings[$path]->kind->says($value);
            }
        }
        foreach (array_diff_key($before, $after) as $path => $value) {
            $says[] = lcfirst($settings[$path]->label).' as in the gallery';
        }

        return $says;
    }

    public function titleOf(string $gallery): string
    {
        return ($this->titleOf)($gallery);
    }

    /**
     * Where it stands: "after “Every kite begins …”".
     *
     * @param  ?Page  $page  null for the frame of the site
     */
    public function saysSpot(Pane $pane, ?Page $page): string
    {
        $parts = $page === null ? null : ($this->partsOf)($page);

        return match (true) {
            $page === null => 'on every page, '.(SiteState::SPOTS[$pane->spot] ?? ''),
            $parts === null => $pane->spot === 0 ? 'at the top' : "at place {$pane->spot} of the page",
            default => $parts->saysSpot($pane->spot),
        };
    }

    /**
     * All that is otherwise, page by page.
     *
     * @return array<string, list<string>> by page id; of the frame under an empty one; what did not change is left out
     */
    public function between(SiteState $before, SiteState $after): array
    {
        $says = [];
        foreach ([...$before->pages, ...$after->pages] as $id => $page) {
            [$old, $new] = [$before->pages[$id] ?? null, $after->pages[$id] ?? null];
            $own = $old !== null && $new !== null && $old->isSameWithoutPanes($new) ? [] : $this->ofPage($old, $new);
            $panes = $new === null ? [] : $this->ofPanes($old->panes ?? [], $new->panes, $new);
            if ($own !== [] || $panes !== []) {
                $says[$id] = [...$own, ...$panes];
            }
        }
        $frame = $this->ofPanes($before->frame, $after->frame, null);

        return $frame === [] ? $says : [...$says, '' => $frame];
    }
}
