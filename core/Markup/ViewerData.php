<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Colour\Letters;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Edition\ShownText;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\AtEnd;
use ZincPane\Core\Viewer\ClickAct;
use ZincPane\Core\Viewer\LoupePlace;

/** What the viewer's script has to know of a gallery, and of its items; it decides nothing by itself. */
final readonly class ViewerData
{
    public function __construct(private FrozenGallery $gallery, public Leads $leads, private Phrases $phrases)
    {
    }

    /** Of the gallery, as JSON; null where no click needs a script. */
    public function ofGallery(): ?string
    {
        $viewer = $this->gallery->design->viewer;
        $acts = $this->gallery->acts();
        $isShown = array_filter($acts, static fn (ClickAct $act): bool => $act->shows()) !== [];
        $hasLoupe = in_array($viewer->zoom->loupe, [LoupePlace::Tiles, LoupePlace::Both], true);
        if (! $isShown && ! $hasLoupe) {
            return null;
        }

        return json_encode([
            'name' => $this->gallery->about->title,
            'words' => $viewer->words->place->value,
            'colour' => $viewer->backdrop->colour, 'letters' => Letters::on($viewer->backdrop->colour),
            'opacity' => $viewer->backdrop->opacity, 'blur' => $viewer->backdrop->blur,
            'has' => array_keys(array_filter([
                'count' => $viewer->controls->counter, 'arrows' => $viewer->controls->arrows, 'sides' => $viewer->controls->sides, 'thumbs' => $viewer->controls->thumbnails,
                'share' => $viewer->controls->share, 'full' => $viewer->controls->fullScreen, 'play' => $viewer->playing->offered,
                'zoom' => $viewer->zoom->most->times() !== 1 && $viewer->zoom->buttons, 'slider' => $viewer->zoom->most->times() !== 1 && $viewer->zoom->slider,
                'loupe' => in_array($viewer->zoom->loupe, [LoupePlace::Large, LoupePlace::Both], true), 'tileLoupe' => $hasLoupe,
                'again' => $viewer->turning->atEnd === AtEnd::Again, 'apart' => $viewer->turning->apart,
                'starts' => $viewer->playing->offered && $viewer->playing->starts, 'repeats' => $viewer->playing->repeats, 'fades' => $viewer->playing->fades,
            ])),
            'most' => $viewer->zoom->most->times(), 'loupe' => [$viewer->zoom->size, $viewer->zoom->strength],
            'seconds' => $viewer->playing->seconds, 'sequence' => $viewer->turning->sequence,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** Words of the script, as JSON. */
    public function phrases(): string
    {
        return json_encode($this->phrases->ofViewer(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * Of a picture that is seen large.
     *
     * @return array<string, string|int|null> attributes
     */
    public function ofPicture(ShownPicture $picture, int $place): array
    {
        $words = $picture->words;
        $shown = $this->gallery->design->viewer->words;
        $said = static fn (bool $is, string $text): ?string => $is && $text !== '' ? $text : null;
        $facts = FactsLine::of($picture->facts, $shown, $this->phrases);
        $get = $this->leads->download($picture);

        return [
            'data-video' => $picture->video === null ? null : $this->leads->asset($picture->video->address),
            'data-track' => $picture->video?->track === null ? null : $this->leads->asset($picture->video->track),
            'data-at' => $this->leads->asset($picture->address),
            'data-files' => implode(' ', $picture->widths()),
            'data-title' => $said($shown->title, $words->title),
            'data-caption' => $said($shown->caption, $words->caption),
            'data-about' => $said($shown->description, $words->description),
            'data-credit' => $said($shown->credit, $words->credit),
            'data-facts' => $facts === [] ? null : implode(' · ', $facts),
            'data-link' => $words->link === '' ? null : $words->link,
            'data-clear' => $picture->hasAlpha ? '' : null,
            'data-get' => $get,
            'data-name' => $get === null ? null : $this->leads->fileName($picture, $place),
        ];
    }

    /**
     * @return array<string, string|null> attributes
     */
    public function ofText(ShownText $text): array
    {
        return ['data-text' => '', 'data-title' => $text->words->title === '' ? null : $text->words->title];
    }
}
