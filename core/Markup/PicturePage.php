<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\ClickAct;

/** The page of one picture: large, with its words and facts, and the way to its neighbours and back. */
final readonly class PicturePage
{
    public const STYLE = '.zp-one{margin:0}.zp-one picture,.zp-one img,.zp-one video{display:block;max-width:100%}.zp-one :is(img,video){width:auto;height:auto;max-height:66vh;margin:0 auto}'
        .'.zp-one figcaption{margin-top:14px;max-width:70ch}.zp-one figcaption p{margin:0 0 .7em;white-space:pre-line;overflow-wrap:anywhere}.zp-one .zp-facts,.zp-one .zp-word-credit{font-size:.9em}'
        .'.zp-around{display:flex;flex-wrap:wrap;gap:8px 24px;justify-content:space-between;margin:18px 0}.zp-around a{padding:4px 0;overflow-wrap:anywhere}@media print{.zp-around{display:none}}';

    /** Share of the window's height that a picture takes at most, as the style has it. */
    private const HEIGHT = 66;

    /** px beside it, in narrow windows; only used to choose a file. */
    private const BESIDE = 36;

    /**
     * @param  int  $place  of the item, which is a picture or video
     * @param  Leads  $leads  of the gallery, the same for all its pages
     * @param  ?int  $previous  place of the picture before it
     * @param  ?int  $next  and of the one after it
     * @param  string  $up  address of the page the gallery stands on
     * @param  string  $upTitle  what that is called
     * @param  string  $host  scheme and host of the site, without a closing slash
     */
    public function __construct(
        private FrozenGallery $gallery,
        private int $place,
        private ShownPicture $picture,
        private Addresses $addresses,
        private Leads $leads,
        private ?int $previous,
        private ?int $next,
        private string $up,
        private string $upTitle,
        private string $host,
        private Phrases $phrases,
    ) {
    }

    public function title(): string
    {
        return $this->nameOf($this->place);
    }

    public function html(): string
    {
        $words = $this->picture->words;
        $shown = $this->gallery->design->viewer->words;
        $said = Element::of('figcaption');
        foreach ([['zp-word-caption', $shown->caption ? $words->caption : ''], ['zp-word-description', $shown->description ? $words->description : ''], ['zp-word-credit', $shown->credit ? $words->credit : '']] as [$class, $text]) {
            if ($text !== '') {
                $said->add(Element::of('p', ['class' => $class])->text($text));
            }
        }
        $facts = FactsLine::of($this->picture->facts, $shown, $this->phrases);
        if ($facts !== []) {
            $said->add(Element::of('p', ['class' => 'zp-facts'])->text(implode(' · ', $facts)));
        }
        $get = $this->leads->download($this->picture);
        if ($get !== null) {
            $said->add(Element::of('p')->add(Element::of('a', ['href' => $get, 'download' => $this->leads->fileName($this->picture, $this->place)])->text($this->phrases->say('download'))));
        }
        if ($words->link !== '') {
            $said->add(Element::of('p')->add(Element::of('a', ['href' => $words->link])->text(ClickAct::named($words->link))));
        }

        return Element::of('h1')->text($this->title()).Element::of('figure', ['class' => 'zp-one'])->add($this->seen(), $said).$this->around();
    }

    /**
     * What machines are told in the head of the page.
     *
     * @param  array<string, mixed>  $data  of the picture, in a vocabulary of theirs
     */
    public function head(array $data): string
    {
        $words = $this->picture->words;
        $description = $words->caption !== '' ? $words->caption : ($words->description !== '' ? $words->description : $words->alt);
        $large = $this->host.'/'.ltrim($this->picture->addressOf(Leads::large($this->picture)), '/');
        $canonical = $this->host.'/'.Leads::pagePath($this->gallery, $this->place);
        $meta = static fn (string $key, string $name, string $content): Element => Element::of('meta', [$key => $name, 'content' => $content]);

        return implode('', array_filter([
            $description === '' ? null : $meta('name', 'description', $description),
            Element::of('link', ['rel' => 'canonical', 'href' => $canonical]),
            $meta('property', 'og:type', $this->picture->video === null ? 'article' : 'video.other'),
            $meta('property', 'og:title', $this->title()),
            $description === '' ? null : $meta('property', 'og:description', $description),
            $meta('property', 'og:url', $canonical),
            $meta('property', 'og:image', $large),
            $words->alt === '' ? null : $meta('property', 'og:image:alt', $words->alt),
            Element::of('style')->css(self::STYLE),
            Element::of('script', ['type' => 'application/ld+json'])->json($data),
        ], static fn (?Element $element): bool => $element !== null));
    }

    private function seen(): Element
    {
        $video = $this->picture->video;
        if ($video !== null) {
            $player = Element::of('video', ['src' => $this->addresses->of($video->address), 'poster' => $this->addresses->of($this->picture->addressOf(Leads::large($this->picture))), 'controls' => true, 'playsinline' => true, 'preload' => 'none', 'width' => $this->picture->size->width, 'height' => $this->picture->size->height]);

            return $video->track === null ? $player : $player->add(Element::of('track', ['kind' => 'captions', 'src' => $this->addresses->of($video->track), 'default' => true]));
        }
        $files = [];
        foreach ($this->picture->widths() as $width) {
            $files[] = $this->addresses->of("{$this->picture->address}/{$width}.webp")." {$width}w";
        }
        $high = round(self::HEIGHT * $this->picture->ratio()->value, 2);

        return Element::of('picture')->add(
            Element::of('source', ['type' => Format::WebP->mediaType(), 'srcset' => implode(', ', $files), 'sizes' => 'min(100vw - '.self::BESIDE."px, {$high}vh, {$this->picture->size->width}px)"]),
            Element::of('img', [
                'src' => $this->addresses->of($this->picture->addressOf(Leads::large($this->picture))), 'width' => $this->picture->size->width, 'height' => $this->picture->size->height,
                'alt' => $this->picture->words->decorative ? '' : $this->picture->words->alt,
            ]),
        );
    }

    private function around(): Element
    {
        $around = Element::of('nav', ['class' => 'zp-around', 'aria-label' => $this->phrases->say('around')]);
        foreach (['previous' => $this->previous, 'next' => $this->next] as $way => $other) {
            if ($other !== null) {
                $around->add(Element::of('a', ['href' => $this->addresses->ofPage(Leads::pagePath($this->gallery, $other)), 'rel' => $way === 'next' ? 'next' : 'prev'])->text($this->phrases->say($way, ['t' => $this->nameOf($other)])));
            }
        }

        return $around->add(Element::of('a', ['href' => $this->up, 'rel' => 'up'])->text($this->phrases->say('up', ['t' => $this->upTitle])));
    }

    private function nameOf(int $place): string
    {
        $title = $this->gallery->items[$place]->words()->title;

        return $title !== '' ? $title : $this->phrases->say('picture', ['n' => $place + 1, 'm' => count($this->gallery->items)]);
    }
}
