<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Actions\Finishes;
use App\Models\Finish;
use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\Drafts;
use App\Publishing\Painter;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Finish\PageStyle;
use ZincPane\Core\Finish\Ready;

/** What a gallery may be dressed in, each drawn on a few of its own pictures as it would be published. */
final readonly class GalleryFinishes
{
    /** Pictures that each is drawn on, those with words first. */
    private const DRAWN = 3;

    /** Tiles of a card: px between them, and their shape. */
    private const CARD = ['kind' => 'grid', 'column_rule' => 'count', 'columns' => self::DRAWN, 'shape' => '2:3', 'gap' => 10, 'last_row' => 'start', 'initial_view' => 'all', 'object_fit' => 'cover', 'phone' => ['columns' => self::DRAWN]];

    /** What may be looked at: whole finishes, effects, drifts. */
    public const VIEWS = ['finishes', 'effects', 'drifts'];

    /** Galleries whose finish is offered. */
    private const MOST_OTHERS = 20;

    public function __construct(private Painter $painter, private Finishes $finishes)
    {
    }

    /**
     * @param  string  $view  of VIEWS
     * @return array<string, mixed>
     */
    public function of(Gallery $gallery, string $view): array
    {
        $drawn = $this->few(Drafts::of($gallery));
        $page = PageStyle::read(Site::query()->firstOrFail()->stylesheet);

        return [
            'cards' => match ($view) {
                'effects' => array_map(fn (Ready $ready): array => $this->part($drawn, $ready, 'pointed'), Ready::effects()),
                'drifts' => array_map(fn (Ready $ready): array => $this->part($drawn, $ready, 'drift'), Ready::drifts()),
                default => [...$this->shipped($gallery, $drawn), ...$this->kept($gallery, $drawn), ...$this->others($gallery, $drawn)],
            },
            'page' => [
                'text' => $page->text, 'ground' => $page->ground, 'font' => $page->font,
                'colours' => array_map(static fn (string $name, string $colour): array => ['name' => $name, 'colour' => $colour], array_keys($page->colours), array_values($page->colours)),
                'part' => ['finish' => $page->taken()],
            ],
        ];
    }

    private function few(FrozenGallery $drawn): FrozenGallery
    {
        $pictures = array_values(array_filter($drawn->items, static fn ($item): bool => $item instanceof ShownPicture));
        usort($pictures, static fn (ShownPicture $a, ShownPicture $b): int => ($b->words->caption !== '') <=> ($a->words->caption !== ''));
        $few = array_slice($pictures, 0, self::DRAWN);
        $none = array_fill(0, count($few), null);

        return new FrozenGallery($drawn->about->with(['shows_title' => false, 'shows_description' => false]), $drawn->design, $drawn->albums, $few, $none, array_fill(0, count($few), false), $drawn->ground);
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function shipped(Gallery $gallery, FrozenGallery $drawn): array
    {
        return array_map(function (Ready $ready) use ($gallery, $drawn): array {
            $named = NamedFinish::ready($ready);

            return $this->card($drawn, $named->key, $named->name, $ready->says, 'shipped', $named->part(), $gallery->design->finish->named === $named->key, $named->isFollowedBy($gallery->design));
        }, Ready::finishes());
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function kept(Gallery $gallery, FrozenGallery $drawn): array
    {
        $cards = [];
        foreach (Finish::query()->orderBy('name')->get() as $finish) {
            $named = $finish->named();
            $followers = count($this->finishes->followers($finish));
            $cards[] = $this->card(
                $drawn, $named->key, $named->name, $followers === 1 ? 'one gallery follows it' : "{$followers} galleries follow it", 'kept', $named->part(),
                $gallery->design->finish->named === $named->key, $named->isFollowedBy($gallery->design),
            );
        }

        return $cards;
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function others(Gallery $gallery, FrozenGallery $drawn): array
    {
        $cards = [];
        foreach (Gallery::query()->whereKeyNot($gallery->id)->orderBy('title')->limit(self::MOST_OTHERS)->get() as $other) {
            $named = NamedFinish::ofGallery($other->design->finish->named === '' ? Ready::BARE : $other->design->finish->named, mb_substr($other->title, 0, NamedFinish::LONGEST), $other->design);
            $part = ['finish' => [...$named->finish, 'named' => $other->design->finish->named]];
            $cards[] = $this->card($drawn, "of-{$other->id}", $named->name, 'as that gallery wears it', 'gallery', $part, false, false);
        }

        return $cards;
    }

    /**
     * A part of a finish, on the gallery as it is otherwise.
     *
     * @return array<string, mixed>
     */
    private function part(FrozenGallery $drawn, Ready $ready, string $group): array
    {
        $part = ['finish' => [$group => NamedFinish::ready($ready)->finish[$group]]];
        $design = $drawn->design->with($part);

        $isChosen = $design->toArray() === $drawn->design->toArray();

        return $this->card($drawn, $ready->key, $ready->name, $ready->says, 'shipped', $part, $isChosen, $isChosen);
    }

    /**
     * @param  array<string, mixed>  $part  of a design that takes it
     * @return array<string, mixed>
     */
    private function card(FrozenGallery $drawn, string $key, string $name, string $says, string $source, array $part, bool $isChosen, bool $follows): array
    {
        $design = self::small($drawn->design->with($part));
        $fragment = $this->painter->proof($drawn->designed($design), "card-{$key}", ContentWidth::unknown());

        return [
            'key' => $key, 'name' => $name, 'says' => $says, 'source' => $source, 'part' => $part, 'chosen' => $isChosen, 'follows' => $follows,
            'html' => $fragment->html(), 'css' => $fragment->css(),
        ];
    }

    /** On a card, nothing is wider than the few tiles bear; what a person wrote for the gallery stays with it. */
    private static function small(GalleryDesign $design): GalleryDesign
    {
        $finish = $design->finish;

        return $design->with(['layout' => self::CARD, 'finish' => [
            'own' => ['id' => '', 'classes' => '', 'css' => ''],
            'captions' => ['hidden_below' => 0, 'hidden_within' => 0],
            'arrival' => ['way' => 'none'],
            'ground' => ['margin' => 0, 'padding' => min(14, $finish->ground->padding)],
        ]]);
    }
}
