<?php

declare(strict_types=1);

namespace App\Elsewhere;

use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\Guard;
use App\Serving\Hosts;
use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Embeds\EmbedKind;
use ZincPane\Core\Embeds\Embeds;
use ZincPane\Core\Embeds\EmbedSource;
use ZincPane\Core\Embeds\Finding;
use ZincPane\Core\Embeds\Found;
use ZincPane\Core\Embeds\FoundPart;
use ZincPane\Core\Embeds\Inspection;
use ZincPane\Core\Embeds\KnownGallery;
use ZincPane\Core\Embeds\PagePolicy;

/** Looks at a page of somebody else's for galleries of this site. */
final readonly class EmbedCheck
{
    public function __construct(private EmbedSources $sources)
    {
    }

    /**
     * @return list<Finding> the worst first; none where all is well
     */
    public function of(string $html): array
    {
        $reader = self::reader($html);
        $found = $reader->found();
        $known = $this->known($found);

        return [...(new Inspection($found, $known))->findings(), ...$this->refusedByPolicy(PagePolicy::parse($reader->policy()), $found, $known)];
    }

    /**
     * Whether of a gallery all is left that visitors need.
     *
     * @param  EmbedSource  $source  that it was made of
     */
    public function survives(EmbedSource $source, EmbedKind $kind, string $html): bool
    {
        $pictures = self::pictures($source->gallery);
        $found = array_values(array_filter((new PageReader($html, Hosts::origin(), array_fill_keys($pictures, $source->id)))->found(), static fn (Found $one): bool => $one->part->kind() === $kind || $one->part === FoundPart::Script));
        // Whether it is live is another matter.
        $known = new KnownGallery($source->id, $source->title(), true, false, EmbedOrigins::anyone(), count($pictures), []);

        return (new Inspection($found, [$source->id => $known]))->isWhole();
    }

    private static function reader(string $html): PageReader
    {
        $folders = [];
        foreach (Gallery::query()->whereNotNull('edition_id')->with('edition')->get() as $gallery) {
            $folders += array_fill_keys(self::pictures(EmbedSources::shown($gallery)), $gallery->id);
        }

        return new PageReader($html, Hosts::origin(), $folders);
    }

    /**
     * @param  list<Found>  $found
     * @return array<string, KnownGallery> by identifier
     */
    private function known(array $found): array
    {
        $known = [];
        $site = Site::query()->firstOrFail();
        foreach ($found as $one) {
            $gallery = isset($known[$one->gallery]) || $one->gallery === '' ? null : Gallery::query()->with('edition')->find($one->gallery);
            if ($gallery !== null) {
                $guard = Guard::of($gallery, $site);
                $known[$gallery->id] = new KnownGallery($gallery->id, $gallery->title, $gallery->edition_id !== null, $guard->isLocked, $guard->origins, count(self::pictures(EmbedSources::shown($gallery))), $this->stamps($gallery, $found));
            }
        }

        return $known;
    }

    /**
     * @param  list<Found>  $found
     * @return array<string, string> by kind
     */
    private function stamps(Gallery $gallery, array $found): array
    {
        $stamps = [];
        foreach (EmbedKind::cases() as $kind) {
            $width = array_sum(array_map(static fn (Found $one): int => $one->gallery === $gallery->id && $one->part->kind() === $kind ? $one->width : 0, array_slice(array_filter($found, static fn (Found $one): bool => $one->width > 0), 0, 1)));
            $stamps[$kind->value] = Embeds::one($kind, $this->sources->of($gallery, $width))->stamp();
        }

        return $stamps;
    }

    /**
     * @param  list<Found>  $found
     * @param  array<string, KnownGallery>  $known
     * @return list<Finding>
     */
    private function refusedByPolicy(PagePolicy $policy, array $found, array $known): array
    {
        $findings = [];
        foreach ($found as $one) {
            $gallery = isset($known[$one->gallery]) ? Gallery::query()->find($one->gallery) : null;
            $lacking = $gallery === null ? [] : $policy->lacking(Embeds::one($one->part->kind(), $this->sources->of($gallery, $one->width))->directives());
            if ($lacking !== []) {
                $findings[$one->gallery.$one->part->kind()->value] = new Finding('policy', 'The policy of the page does not let “'.$known[$one->gallery]->title.'” in.', 'Add to its policy: '.implode('; ', $lacking), true, $one->gallery);
            }
        }

        return array_values($findings);
    }

    /**
     * @return list<string> names of folders of files
     */
    private static function pictures(FrozenGallery $gallery): array
    {
        return array_values(array_map(static fn (ShownPicture $picture): string => basename($picture->address), array_filter($gallery->items, static fn ($item): bool => $item instanceof ShownPicture)));
    }
}
