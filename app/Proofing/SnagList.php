<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\MeantSnag;
use App\Models\Site;
use Illuminate\Support\Collection;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Snags\GallerySnags;
use ZincPane\Core\Snags\Kinds;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Snag;

/** All that visitors of a gallery would trip over, and what somebody means to be so. */
final readonly class SnagList
{
    public function __construct(private Inspections $inspections)
    {
    }

    /**
     * @param  bool  $withMends  whether what would mend them is told too
     * @param  bool  $withPlaces  whether the gallery is drawn small, to show where snags are
     * @return array<string, mixed>
     */
    public function of(Gallery $gallery, bool $withMends, bool $withPlaces): array
    {
        [$inspected, $shown] = $this->inspections->withShown($gallery, Site::whole());
        $meant = self::meant($gallery);

        return [
            'version' => $gallery->version,
            'snags' => array_map(self::snag(...), (new GallerySnags($inspected, self::marks($meant), $withMends))->open()),
            'meant' => array_values($meant->unique('code')->map(static fn (MeantSnag $one): array => [
                'code' => $one->code, 'kind' => Kinds::name($one->code), 'says' => $one->says, 'word' => $one->word, 'by' => $one->user?->name, 'at' => $one->created_at->toIso8601String(),
            ])->all()),
            'places' => $withPlaces ? ['wide' => SnagPlaces::of($inspected, $shown, false), 'phone' => SnagPlaces::of($inspected, $shown, true)] : null,
        ];
    }

    /**
     * Those of a gallery that nobody means, for the list of the site.
     *
     * @return list<array<string, mixed>>
     */
    public function open(Gallery $gallery, Site $site): array
    {
        return array_map(self::snag(...), $this->unmeant($gallery, $site));
    }

    /**
     * @throws SettingException when no rule of that code finds anything that nobody means
     */
    public function called(Gallery $gallery, string $code): Snag
    {
        $open = $this->unmeant($gallery, Site::whole());
        foreach ($open as $snag) {
            if ($snag->code === $code) {
                return $snag;
            }
        }

        throw SettingException::notAmong('code', $code, array_map(static fn (Snag $snag): string => $snag->code, $open));
    }

    /**
     * @return list<Snag>
     */
    private function unmeant(Gallery $gallery, Site $site): array
    {
        return (new GallerySnags($this->inspections->of($gallery, $site), self::marks(self::meant($gallery))))->open();
    }

    /**
     * @param  Collection<int, MeantSnag>  $meant
     * @return list<string>
     */
    private static function marks(Collection $meant): array
    {
        return array_values($meant->map(static fn (MeantSnag $one): string => $one->mark)->all());
    }

    /**
     * @return Collection<int, MeantSnag> the newest first
     */
    private static function meant(Gallery $gallery): Collection
    {
        return MeantSnag::query()->where('gallery_id', $gallery->id)->with('user')->latest('created_at')->latest('id')->get();
    }

    /**
     * @return array<string, mixed>
     */
    private static function snag(Snag $snag): array
    {
        return [
            'code' => $snag->code, 'kind' => Kinds::name($snag->code), 'stage' => $snag->stage->value, 'says' => $snag->says, 'in_crops' => $snag->isInCrops, 'on_phone' => $snag->isOnPhone,
            'items' => $snag->items, 'page' => $snag->page, 'mends' => array_map(self::mend(...), $snag->mends),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function mend(Mend $mend): array
    {
        return ['label' => $mend->label, 'change' => $mend->change?->toArray(), 'page' => $mend->page === null ? null : ['id' => $mend->page['id'], 'menu_label' => mb_substr($mend->page['title'], 0, Page::LONGEST_LABEL)]];
    }
}
