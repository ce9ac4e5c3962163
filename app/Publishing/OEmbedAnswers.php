<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Access\EmbedRule;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Embeds\EmbedSource;
use ZincPane\Core\Embeds\OEmbed;

/** Finds what an address of ours shows: a gallery by itself, or the first one on a page. */
final readonly class OEmbedAnswers
{
    public function __construct(private Painter $painter, private Publishers $publishers)
    {
    }

    /**
     * @param  string  $address  from outside
     * @param  ?int  $maxWidth  px
     * @param  ?int  $maxHeight  px
     */
    public function to(string $address, ?int $maxWidth, ?int $maxHeight): OEmbedAnswer
    {
        $site = Site::query()->firstOrFail();
        $gallery = $this->galleryAt($address, $site);
        $edition = $gallery?->edition;
        if ($gallery === null || $edition === null) {
            return OEmbedAnswer::unknown();
        }
        $guard = Guard::of($gallery, $site);
        if ($guard->isLocked || $guard->origins->rule === EmbedRule::Nobody) {
            return OEmbedAnswer::closed();
        }
        $source = new EmbedSource($gallery->id, $edition->content, $this->painter->sections($edition->content), $this->publishers->host(), $site->phrases(), ContentWidth::unknown());

        return OEmbedAnswer::of((new OEmbed($source))->answer($maxWidth, $maxHeight, $site->name));
    }

    private function galleryAt(string $address, Site $site): ?Gallery
    {
        $host = $this->publishers->host();
        if (! str_starts_with($address, "{$host}/")) {
            return null;
        }
        $path = ltrim((string) parse_url(substr($address, strlen($host)), PHP_URL_PATH), '/');
        if (preg_match('~^embed/([0-9a-z]{26})$~D', $path, $found) === 1) {
            return Gallery::query()->with('edition')->find($found[1]);
        }
        foreach ($site->asLive()->pages as $page) {
            if (ltrim($page->path(), '/') === $path) {
                return $page->panes === [] ? null : Gallery::query()->with('edition')->find($page->panes[0]->gallery);
            }
        }

        return null;
    }
}
