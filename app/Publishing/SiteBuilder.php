<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Site\SiteState;

/** Writes the whole public site, from editions only, as files by path. */
final readonly class SiteBuilder
{
    public function __construct(private VisitorScript $script, private PageContent $content, private ScriptEmbed $embed, private PicturePages $pictures, private Languages $languages, private Contents $contents, private BroughtInPages $broughtIn)
    {
    }

    /**
     * @param  array<string, FrozenGallery>  $editions  of live galleries, by gallery id
     * @param  array<string, ShownPicture>  $pictures  that stand by themselves, by id
     * @return array<string, string> contents by path
     */
    public function build(Site $site, SiteState $state, array $editions, array $pictures = []): array
    {
        $addresses = Addresses::rooted();
        $style = 'assets/site-'.substr(hash('sha256', $site->stylesheet), 0, 12).'.css';
        $script = 'assets/'.$this->script->fingerprinted();
        $viewer = 'assets/'.$this->script->viewer()->fingerprinted();
        $arrival = 'assets/'.$this->script->arrival()->fingerprinted();
        $files = [
            $style => $site->stylesheet,
            $script => $this->script->contents(),
            $viewer => $this->script->viewer()->contents(),
            $arrival => $this->script->arrival()->contents(),
            'embed.js' => $this->script->contents(),
            'viewer.js' => $this->script->viewer()->contents(),
            'arrival.js' => $this->script->arrival()->contents(),
        ];
        $run = PageComposer::run($addresses->of($script), $addresses->of($viewer));
        $arrives = PageComposer::run($addresses->of($arrival));
        $composer = new PageComposer($site, $addresses->of($style), $run, $arrives);
        $menu = $state->menu();
        $shown = static fn (string $id): ?FrozenGallery => $editions[$id] ?? null;
        $this->contents->fetch($state->pages);
        foreach ($state->pages as $page) {
            if ($page->isBroughtIn) {
                $files[BroughtInPages::path($page)] = $this->broughtIn->compose($page, $site, $shown, $run, $arrives);

                continue;
            }
            $files["pages/{$page->address}.html"] = $composer->compose($this->content->of($page, $site, $state, $shown, $pictures), $menu);
        }
        $files += $this->broughtIn->filesOf($state->pages);
        $files[LiveFiles::MISSING] = $composer->compose(self::missing($site), $menu);
        $files['pages/'.PageComments::RECEIVED.'.html'] = $composer->compose(self::received($site), $menu);
        foreach ($editions as $id => $edition) {
            foreach ($this->languages->all() as $phrases) {
                $files["embed/{$id}.{$phrases->tag}.json"] = $this->embed->contents($edition, $phrases);
            }
            // For scripts that were fetched before there was more than one language.
            $files["embed/{$id}.json"] = $files["embed/{$id}.".Phrases::DEFAULT.'.json'];
            $files += $this->pictures->of($site, $composer, $menu, $edition, $state, $id);
        }

        return $files;
    }

    /** What visitors get for an address that leads nowhere. */
    private static function missing(Site $site): Composed
    {
        $phrases = $site->phrases();
        $title = $phrases->say('missing');
        $home = Element::of('a', ['href' => '/'])->text($phrases->say('missing_on'));

        return new Composed($title, '', [(string) Element::of('h1')->text($title), "<p>{$home}</p>"]);
    }

    /** What visitors see whose comment was taken. */
    private static function received(Site $site): Composed
    {
        $phrases = $site->phrases();

        return new Composed($phrases->say('comments'), '', [(string) Element::of('h1')->text($phrases->say('comments')), (string) Element::of('p')->text($phrases->say('comment_received'))]);
    }
}
