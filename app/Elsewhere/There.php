<?php

declare(strict_types=1);

namespace App\Elsewhere;

use App\Models\Gallery;
use App\Publishing\EmbedFiles;
use App\Publishing\VisitorScript;
use Illuminate\Contracts\View\Factory;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Embeds\EmbedKind;
use ZincPane\Core\Embeds\Embeds;
use ZincPane\Core\Embeds\EmbedSource;
use ZincPane\Core\Embeds\OEmbed;
use ZincPane\Core\Embeds\ScriptEmbed;
use ZincPane\Core\Embeds\Shadow;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\GalleryMarkup;

/** A gallery as it is saved, on a made-up page of somebody else's: the pieces that are copied, drawn by what visitors' browsers make of them. */
final readonly class There
{
    /** px that an address is given by a site which turns it into a frame. */
    private const FRAME = 640;

    public function __construct(private EmbedSources $sources, private VisitorScript $script, private EmbedFiles $files, private Factory $views)
    {
    }

    /**
     * @param  string  $kindOf  from outside
     * @param  string  $hostOf  the same
     * @param  int  $width  px of the place on the page; 0 where it is not known
     * @return ?string null for a kind or a page that there is not
     */
    public function page(Gallery $gallery, string $kindOf, string $hostOf, int $width): ?string
    {
        [$kind, $host] = [EmbedKind::tryFrom($kindOf), HostPage::tryFrom($hostOf)];

        return $kind === null || $host === null ? null : $this->drawn($gallery, $kind, $host, $width);
    }

    private function drawn(Gallery $gallery, EmbedKind $kind, HostPage $host, int $width): string
    {
        $source = $this->sources->draft($gallery, $width);
        [$head, $body] = $this->pieces($source, $kind, $host);
        $strength = $host->strength();
        if ($strength !== null) {
            [$head, $body] = ['', StrictEditor::clean($head.$body, $strength)->html];
        }

        return $this->views->make('there', [
            'style' => $host->style(), 'rightToLeft' => $host === HostPage::RightToLeft, 'head' => $head.($host->runsScripts() && $strength === null ? $this->script->elsewhere()->whole() : ''),
            'pieces' => array_fill(0, $host === HostPage::Twice ? 2 : 1, $body),
        ])->render();
    }

    /** The page in its frame. */
    public function frame(Gallery $gallery): string
    {
        return $this->files->framed($this->sources->draft($gallery)->gallery, $gallery->id, $this->script->whole());
    }

    /**
     * @return array{string, string} what goes into the head, and into the body
     */
    private function pieces(EmbedSource $source, EmbedKind $kind, HostPage $host): array
    {
        $pieces = array_map(static fn ($piece): string => $piece->text, Embeds::one($kind, $source)->pieces());
        // The frame is that of the draft.
        $framed = static fn (string $html): string => str_replace('src="/'.EmbedSource::path($source->id).'"', 'src="/studio/there/'.$source->id.'/frame"', $html);

        return match ($kind) {
            EmbedKind::Script => ['', $host->runsScripts() && $host->strength() === null ? self::filled($source) : $pieces[0]],
            EmbedKind::HtmlCss => [$pieces[0], $pieces[1] ?? ''],
            EmbedKind::Frame => ['', $framed($pieces[0])],
            EmbedKind::Images => ['', $pieces[0]],
            EmbedKind::OEmbed => ['', $framed((string) (new OEmbed($source))->answer(self::FRAME, null, '')['html'])],
        };
    }

    /** What the script makes of its element: the same markup in the same kind of root, from what is saved. */
    private static function filled(EmbedSource $source): string
    {
        $drawn = (new GalleryMarkup('embed', $source->gallery, $source->sections, ContentWidth::unknown(), $source->addresses(), phrases: $source->phrases))->render();

        return (string) Element::of(ScriptEmbed::TAG, ['drawn' => true, 'gallery' => $source->id])->add(
            Element::of('template', ['shadowrootmode' => 'open'])->add(Element::of('style')->css(Shadow::css().$drawn->css), Shadow::wish())->gallery($drawn),
        );
    }
}
