<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\SiteState;

/** Writes the whole public site, from editions only, as files by path. */
final readonly class SiteBuilder
{
    public function __construct(private VisitorScript $script, private PageContent $content, private EmbedFiles $embeds, private PicturePages $pictures, private Contents $contents, private BroughtInPages $broughtIn, private PlacePainter $painter, private MachineFiles $machines)
    {
    }

    /**
     * @param  array<string, FrozenGallery>  $editions  of live galleries, by gallery id
     * @param  array<string, Guard>  $guards  who may have them, by gallery id
     * @param  array<string, int>  $times  seconds since 1970 when each went live, by gallery id
     * @param  array<string, ShownPicture>  $pictures  that stand by themselves, by id
     * @return array<string, string> contents by path
     */
    public function build(Site $site, SiteState $state, array $editions, array $guards, array $times, array $pictures = []): array
    {
        $addresses = Addresses::rooted();
        $style = self::stylesheet($site);
        $script = 'assets/'.$this->script->fingerprinted();
        $viewer = 'assets/'.$this->script->viewer()->fingerprinted();
        $arrival = 'assets/'.$this->script->arrival()->fingerprinted();
        $files = [
            $style => $site->stylesheet,
            $script => $this->script->contents(),
            $viewer => $this->script->viewer()->contents(),
            $arrival => $this->script->arrival()->contents(),
            'embed.js' => $this->script->elsewhere()->contents(),
            'viewer.js' => $this->script->viewer()->contents(),
            'arrival.js' => $this->script->arrival()->contents(),
        ];
        $run = PageComposer::run($addresses->of($script), $addresses->of($viewer));
        $arrives = PageComposer::run($addresses->of($arrival));
        $composer = new PageComposer($site, $addresses->of($style), $run, $arrives);
        $menu = $state->menu();
        $shown = static fn (string $id): ?FrozenGallery => $editions[$id] ?? null;
        $open = Guard::unlocked($editions, $guards);
        $this->contents->fetch($state->pages);
        foreach ($state->pages as $page) {
            if ($page->isBroughtIn) {
                $around = static fn (Pane $pane, Fragment $drawn): Fragment => self::around($guards, $pane, $drawn, $page, $site);
                $files[BroughtInPages::path($page)] = $this->broughtIn->compose($page, $site, $shown, $run, $arrives, around: $around);

                continue;
            }
            $content = $this->content->of($page, $site, $state, $shown, $pictures, $this->place($guards, $page, $site));
            $files["pages/{$page->address}.html"] = $composer->compose($content->headed($this->machines->head($page, $content, $open, $site, $state)), $menu);
        }
        $files = LockedPages::parted($files) + $this->broughtIn->filesOf($state->pages);
        $files[LiveFiles::MISSING] = $composer->compose(self::missing($site), $menu);
        $files['pages/'.PageComments::RECEIVED.'.html'] = $composer->compose(self::received($site), $menu);
        $files += $this->embeds->instead($site) + $this->machines->files($open, $times, $site, $state);
        foreach ($editions as $id => $edition) {
            $guard = $guards[$id] ?? Guard::open();
            $pages = $this->pictures->of($site, $composer, $menu, $edition, $state, $id);
            $files += $this->embeds->of($edition, $id, $guard, $site, $run.$arrives) + ($guard->isLocked ? LiveFiles::guarded($pages) : $pages);
            if ($guard->isLocked) {
                $files[LockedFiles::path($id)] = LockedFiles::of($edition);
            }
        }

        return $files;
    }

    /** Path of the style sheet in a build. */
    public static function stylesheet(Site $site): string
    {
        return 'assets/site-'.substr(hash('sha256', $site->stylesheet), 0, 12).'.css';
    }

    /**
     * @param  array<string, Guard>  $guards
     * @return callable(Pane, FrozenGallery): Fragment
     */
    private function place(array $guards, Page $page, Site $site): callable
    {
        return fn (Pane $pane, FrozenGallery $gallery): Fragment => self::around($guards, $pane, $this->painter->place($pane, $gallery, $site->frame(), $site->phrases()), $page, $site);
    }

    /**
     * @param  array<string, Guard>  $guards
     */
    private static function around(array $guards, Pane $pane, Fragment $drawn, Page $page, Site $site): Fragment
    {
        return ($guards[$pane->gallery] ?? null)?->isLocked === true ? LockedPages::around($pane->gallery, $drawn, $page->path(), $site->phrases()) : $drawn;
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
