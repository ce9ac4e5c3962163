<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use Illuminate\Contracts\View\Factory;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Embeds\EmbedSource;
use ZincPane\Core\Embeds\FrameHeight;
use ZincPane\Core\Embeds\OEmbed;
use ZincPane\Core\Embeds\Shadow;
use ZincPane\Core\Formats\PageHead;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Phrases\Phrases;

/** What pages elsewhere ask for, of each gallery that is live. */
final readonly class EmbedFiles
{
    /** In place of a gallery's identifier: what is said where there is none to be seen. */
    public const NONE = 'none';

    /** The same where the page that asks may not have it. */
    public const REFUSED = 'refused';

    /** Stands in the contents for the address of this host, which the script knows. */
    private const HOST = '{{host}}';

    public function __construct(private Painter $painter, private Languages $languages, private Factory $views, private Publishers $publishers)
    {
    }

    /**
     * @param  Guard  $guard  who may have it
     * @param  string  $scripts  elements that run the visitors' script
     * @return array<string, string> contents by path
     */
    public function of(FrozenGallery $gallery, string $id, Guard $guard, Site $site, string $scripts): array
    {
        if ($guard->isLocked) {
            return $this->saying('embed_locked', $id, $site);
        }
        $files = [EmbedSource::path($id).'.html' => $this->frame($gallery, $id, $site, $scripts)];
        $files += $this->inAllLanguages($id, fn (Phrases $phrases): array => $this->contents($gallery, $phrases));

        return $guard->isOpen() ? $files : LiveFiles::guarded($files);
    }

    /**
     * What is said in place of galleries that are not there, or not for that page.
     *
     * @return array<string, string> contents by path
     */
    public function instead(Site $site): array
    {
        return $this->saying('embed_none', self::NONE, $site) + $this->saying('embed_refused', self::REFUSED, $site);
    }

    /**
     * @return array<string, string> contents by path
     */
    private function saying(string $phrase, string $id, Site $site): array
    {
        $says = $site->phrases()->say($phrase);
        $page = $this->page($site->phrases(), '', $says, '', (string) Element::of('p')->text($says), true, '');

        return [EmbedSource::path($id).'.html' => $page] + $this->inAllLanguages($id, static fn (Phrases $phrases): array => ['said' => $phrases->say($phrase)]);
    }

    /**
     * @param  callable(Phrases): array<string, string>  $contents
     * @return array<string, string> JSON by path
     */
    private function inAllLanguages(string $id, callable $contents): array
    {
        $path = EmbedSource::path($id);
        $files = [];
        foreach ($this->languages->all() as $phrases) {
            $files["{$path}.{$phrases->tag}.json"] = json_encode($contents($phrases), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        }
        // For scripts that were fetched before there was more than one language.
        $files["{$path}.json"] = $files["{$path}.".Phrases::DEFAULT.'.json'];

        return $files;
    }

    /**
     * @return array<string, string> what the script fetches, with words in one language
     */
    private function contents(FrozenGallery $gallery, Phrases $phrases): array
    {
        $fragment = $this->painter->draw($gallery, 'embed', ContentWidth::unknown(), Addresses::absolute(self::HOST), $phrases);

        return ['title' => $gallery->about->title, 'html' => Shadow::wish().$fragment->html, 'css' => Shadow::css().$fragment->css];
    }

    /** The same of a gallery as it is saved. */
    public function framed(FrozenGallery $gallery, string $id, string $scripts): string
    {
        return $this->frame($gallery, $id, Site::query()->firstOrFail(), $scripts);
    }

    /** The gallery by itself, for frames and for whoever follows a link. */
    private function frame(FrozenGallery $gallery, string $id, Site $site, string $scripts): string
    {
        $phrases = $site->phrases();
        $fragment = $this->painter->draw($gallery, 'frame', ContentWidth::window(), Addresses::rooted(), $phrases);
        $host = $this->publishers->host();
        $head = PageComposer::preloads([$fragment]).implode('', [...PageHead::named($gallery->about->description), ...OEmbed::discovery($host, "{$host}/".EmbedSource::path($id), $gallery->about->title)]).PageComposer::styles([$fragment]).$scripts;
        $hasWords = (new FrameHeight($gallery, $this->painter->sections($gallery), $phrases))->hasWords();

        return $this->page($phrases, $id, $gallery->about->title, $head, $fragment->html, $hasWords, $gallery->about->showsTitle ? '' : $gallery->about->title);
    }

    /**
     * @param  bool  $hasGround  words are to be read, whatever is behind the frame
     * @param  string  $heading  for those who do not see it; empty where it is to be seen
     */
    private function page(Phrases $phrases, string $gallery, string $title, string $head, string $body, bool $hasGround, string $heading): string
    {
        return $this->views->make('frame', [
            'language' => $phrases->tag, 'gallery' => $gallery, 'title' => $title, 'head' => $head, 'body' => $body, 'heading' => $heading,
            'ground' => $hasGround ? 'background:Canvas' : '', 'line' => FrameHeight::LINE,
        ])->render();
    }
}
