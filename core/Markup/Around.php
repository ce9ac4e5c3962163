<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Design\InitialView;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Layout\Section;
use ZincPane\Core\Markup\Style\Css;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\ClickAct;
use ZincPane\Core\Viewer\HintPlace;

/** What stands around the lists of tiles of a gallery: title, words, hint, names of albums, what opens the rest. */
final readonly class Around
{
    /** Whether albums or pages are shown one at a time. */
    public bool $hasTabs;

    /**
     * @param  string  $id  of the gallery on its page
     * @param  non-empty-list<Section>  $sections
     */
    public function __construct(private string $id, private FrozenGallery $gallery, private array $sections, private Phrases $phrases)
    {
        $this->hasTabs = count($sections) > 1 && ($gallery->albums->view === AlbumView::Tabs || $sections[0]->page !== null);
    }

    /**
     * @param  callable(Section, int): Element  $list  what stands for the tiles of a section, by its number
     */
    public function fill(Element $root, callable $list): Element
    {
        $about = $this->gallery->about;
        if ($about->showsTitle) {
            $root->add(Element::of('h2', ['class' => 'zp-title'])->text($about->title));
        }
        if ($about->showsDescription && $about->description !== '') {
            $root->add(Element::of('p', ['class' => 'zp-about'])->text($about->description));
        }
        $root->add(...$this->hint(HintPlace::Above));
        if ($this->hasTabs) {
            $root->add((new AlbumTabs($this->id, $this->phrases))->chooser($this->sections));
        }
        foreach ($this->sections as $number => $section) {
            $root->add($this->section($section, $number, $list($section, $number)));
        }

        return $root->add(...$this->hint(HintPlace::Below));
    }

    public function tabsCss(Css $pane): Css
    {
        return $this->hasTabs ? (new AlbumTabs($this->id, $this->phrases))->css($pane, $this->sections) : Css::none();
    }

    public function hintCss(Css $pane): Css
    {
        $hint = $this->gallery->design->viewer->click->hint;

        return $hint === HintPlace::None ? Css::none() : HintCss::of($pane, $hint, $this->hintSays());
    }

    private function section(Section $section, int $number, Element $list): Element
    {
        $layout = $this->gallery->design->layout;
        $more = $layout->initialView === InitialView::Rows && ! $layout->kind->isStrip() ? $this->more(count($section->places)) : null;
        if ($section->name === null && ! $this->hasTabs && $more === null) {
            return $list;
        }
        $whole = Element::of('div', ['class' => "zp-album zp-a{$number}"]);
        if ($section->name !== null && ! $this->hasTabs) {
            // Under the gallery's own title where that is shown, else in its place.
            $whole->add(Element::of($this->gallery->about->showsTitle ? 'h3' : 'h2', ['class' => 'zp-name'])->text($section->name));
        }
        $whole->add($list);

        return $more === null ? $whole : $whole->add($more);
    }

    /** Opens and closes what is hidden at first, without a script; shown only in bands where something is. */
    private function more(int $count): Element
    {
        return Element::of('details', ['class' => 'zp-all'])->add(Element::of('summary')->add(
            Element::of('span', ['class' => 'zp-open'])->text($this->phrases->say('show_all', ['n' => $count])),
            Element::of('span', ['class' => 'zp-close'])->text($this->phrases->say('show_fewer')),
        ));
    }

    /**
     * @return list<Element> one where it is said in that place
     */
    private function hint(HintPlace $place): array
    {
        return $this->gallery->design->viewer->click->hint === $place ? [Element::of('p', ['class' => 'zp-hint'])->text($this->hintSays())] : [];
    }

    private function hintSays(): string
    {
        $click = $this->gallery->design->viewer->click;

        return $click->hintSays !== '' ? $click->hintSays : $this->phrases->say(match ($click->act) {
            ClickAct::Large, ClickAct::Nothing => 'hint_large',
            ClickAct::Place => 'hint_place',
            ClickAct::Page => 'hint_page',
            default => 'hint_other',
        });
    }
}
