<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Redesign;
use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Colour\LookAlikes;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Layout\Sections;
use ZincPane\Core\Legibility\CaptionBox;
use ZincPane\Core\Legibility\Verdict;
use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Ordering\LookAlikesApart;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\AltReview;

/** A gallery as it is saved, or as it would be after a change, with all that rules look at. */
final class Inspected
{
    /** @var list<Item> that visitors are to see, those of which there is nothing to draw among them */
    public readonly array $items;

    /** @var list<Item> of which there is something to draw */
    public readonly array $drawn;

    private ?Candidates $candidates = null;

    private ?Candidate $now = null;

    /** @var array<string, array<string, int>>|null */
    private ?array $alike = null;

    /** @var list<list<AltFlaw>>|null */
    private ?array $altFlaws = null;

    /** @var array<string, list<float>> em, by what is said */
    private array $widths = [];

    /** @var array<string, list<Sighting>> by rule */
    private array $found = [];

    /**
     * @param  array<string, AtHand>  $atHand  by identifier of the item; of those that no visitor is to see anywhere there is none
     * @param  ?Verdict  $captions  on captions over pictures; null where none was asked for
     */
    public function __construct(
        public readonly GalleryDocument $gallery,
        private readonly array $atHand,
        public readonly Around $around,
        private readonly Viewport $wide,
        private readonly Viewport $phone,
        public readonly ?Verdict $captions = null,
    ) {
        $this->items = array_values(array_filter($gallery->items, static fn (Item $item): bool => ! $item->hidden && isset($atHand[$item->id])));
        $this->drawn = array_values(array_filter($this->items, static fn (Item $item): bool => $atHand[$item->id]->subject !== null));
    }

    /** What a change leaves as it is, is not looked at again. */
    public function after(Change $change): self
    {
        $after = new self($change->appliedTo($this->gallery), $this->atHand, $this->around, $this->wide, $this->phone);
        $after->alike = $this->alike();
        $after->widths = $this->widths;
        if ($change instanceof Reword) {
            [$after->candidates, $after->now] = [$this->candidates(), $this->now()];
            $after->altFlaws = $this->flawsAfter($after);
        }
        if ($change instanceof Redesign) {
            $after->altFlaws = $this->altFlaws();
        }

        return $after;
    }

    public function atHand(Item $item): AtHand
    {
        return $this->atHand[$item->id];
    }

    /** The words of an item in force. */
    public function words(Item $item): Words
    {
        return $item->words->over($this->atHand[$item->id]->words);
    }

    /** What an item is called: by its title, else by its file; empty of a text without a title. */
    public function titleOf(Item $item): string
    {
        $title = $this->words($item)->title;

        return $title !== '' ? $title : $this->atHand($item)->name;
    }

    /** The same as it stands in a sentence; a text without a title is called by what it is. */
    public function nameOf(string $item): string
    {
        $name = $this->titleOf($this->gallery->item($item));

        return $name === '' ? 'a text' : "“{$name}”";
    }

    /**
     * @return list<Item> those that are pictures or videos
     */
    public function pictures(): array
    {
        return array_values(array_filter($this->items, fn (Item $item): bool => ! $this->atHand[$item->id]->isText));
    }

    /**
     * @return list<Subject> of the drawn ones
     */
    public function subjects(): array
    {
        $subjects = [];
        foreach ($this->drawn as $item) {
            $subject = $this->atHand[$item->id]->subject;
            if ($subject !== null) {
                $subjects[] = $subject;
            }
        }

        return $subjects;
    }

    public function lookOf(Item $item): ?PerceptualHash
    {
        return ($this->atHand[$item->id] ?? null)?->look;
    }

    /**
     * What a rule finds; each looks once.
     *
     * @return list<Sighting>
     */
    public function seenBy(Rule $rule): array
    {
        return $this->found[$rule->code()] ??= $rule->found($this);
    }

    /**
     * Pictures that look alike, whether they are shown or not.
     *
     * @return array<string, array<string, int>> by item, those that look like it, with the bits they differ in
     */
    public function alike(): array
    {
        return $this->alike ??= self::byItem(array_keys($this->atHand), (new LookAlikes(array_map(static fn (AtHand $one): ?PerceptualHash => $one->look, array_values($this->atHand))))->pairs(LookAlikesApart::ALIKE));
    }

    /**
     * @param  list<string>  $ids
     * @param  array<int, array<int, int>>  $pairs  by place
     * @return array<string, array<string, int>>
     */
    private static function byItem(array $ids, array $pairs): array
    {
        $alike = [];
        foreach ($pairs as $place => $others) {
            foreach ($others as $other => $bits) {
                $alike[$ids[$place]][$ids[$other]] = $bits;
            }
        }

        return $alike;
    }

    /**
     * @return list<list<AltFlaw>> of each of the pictures
     */
    public function altFlaws(): array
    {
        return $this->altFlaws ??= AltReview::of(array_map($this->words(...), $this->pictures()));
    }

    /**
     * Flaws after words were changed, from those before.
     *
     * @return list<list<AltFlaw>>
     */
    private function flawsAfter(self $after): array
    {
        $now = $after->pictures();
        $before = [];
        foreach ($this->pictures() as $place => $item) {
            if ($item !== $now[$place]) {
                $before[$place] = $this->words($item);
            }
        }

        return array_values(array_replace($this->altFlaws(), AltReview::afterwards(array_map($after->words(...), $now), $before)));
    }

    /**
     * How wide the caption of an item is, each part on a line of its own.
     *
     * @return list<float> em; none where it has no caption
     */
    public function captionWidths(Item $item, CaptionBox $box): array
    {
        $said = $this->atHand[$item->id]->isText ? [] : $box->said($this->words($item));

        return $said === [] ? [] : $this->widths[implode("\n", $said)] ??= CaptionBox::widths($said);
    }

    /**
     * @return non-empty-list<list<int>> places among the drawn ones that are laid out together
     */
    public function parts(): array
    {
        return array_map(static fn (array $part): array => $part[1], Sections::parts(array_map(static fn (Item $item): ?string => $item->album, $this->drawn), $this->gallery->albums));
    }

    /** Laid out as it is; each once. */
    public function now(): Candidate
    {
        return $this->now ??= $this->candidates()->of([]);
    }

    public function candidates(): Candidates
    {
        return $this->candidates ??= new Candidates(
            $this->gallery->design, $this->subjects(), array_keys(array_filter($this->drawn, static fn (Item $item): bool => $item->large)), $this->wide, $this->phone, $this->parts(),
        );
    }

    /** Whether a layout would be judged as that of another: the same pictures in the same places, in the same sizes. */
    public function isLaidOutLike(self $other): bool
    {
        return $this->gallery->isLaidOutLike($other->gallery);
    }
}
