<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Changes\FlagItems;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Wording\AltFlaw;

/** Looks a gallery over by every rule, and offers only mends that were seen to mend. */
final class GallerySnags
{
    /** Offered for one snag. */
    private const MOST_MENDS = 2;

    /** @var list<Snag>|null */
    private ?array $layoutSnags = null;

    /**
     * @param  list<string>  $meant  marks of what is meant to be so
     * @param  bool  $isToMend  whether mends are looked for, which takes several times as long
     */
    public function __construct(private readonly Inspected $gallery, private readonly array $meant = [], private readonly bool $isToMend = true)
    {
    }

    /**
     * @return list<Rule>
     */
    public static function rules(): array
    {
        return [
            new Pictures\CannotBeShown, new Pictures\FileIsMissing, new Pictures\NearDoubles, new Ordering\LookAlikesBeside,
            ...array_map(static fn (AltFlaw $flaw): Words\PoorAltText => new Words\PoorAltText($flaw), AltFlaw::cases()),
            new Words\TitleIsFileName, new Words\CaptionTooLong,
            new Finish\HardToRead, new Finish\FaintBelow, new Viewer\FaintSigns,
            new Viewer\GivesPlace, new Viewer\GivesReserved, new Viewer\LeadsNowhere,
            new Pages\OnNoPage, new Pages\NotFound, new Pages\IdTwice, new Pages\HeavyPage,
        ];
    }

    /**
     * What is not meant to be so.
     *
     * @return list<Snag> pictures first, pages last
     */
    public function open(): array
    {
        $snags = [...$this->ofLayout(), ...$this->ofRules()];
        $order = array_flip(array_column(Stage::cases(), 'value'));
        usort($snags, static fn (Snag $a, Snag $b): int => $order[$a->stage->value] <=> $order[$b->stage->value]);

        return $snags;
    }

    /**
     * @return list<Snag>
     */
    private function ofLayout(): array
    {
        return array_values(array_filter($this->layoutSnags(), fn (Snag $snag): bool => array_diff($snag->marks, $this->meant) !== []));
    }

    /**
     * @return list<Snag> meant or not
     */
    private function layoutSnags(): array
    {
        return $this->layoutSnags ??= array_map($this->orHidden(...), (new LayoutSnags(
            $this->gallery->candidates(), $this->gallery->subjects(), array_map(static fn (Item $item): string => $item->id, $this->gallery->drawn), $this->isToMend,
        ))->of($this->gallery->now()));
    }

    /** Pictures that no layout is small enough for can be hidden, where others are left and stand as well without them. */
    private function orHidden(Snag $snag): Snag
    {
        if (! $this->isToMend || $snag->code !== PictureTooSmall::CODE || $snag->mends !== [] || count($snag->items) === count($this->gallery->drawn)) {
            return $snag;
        }
        $hide = FlagItems::parse(['kind' => 'hide', 'hidden' => true, 'items' => $snag->items]);
        $after = $this->gallery->after($hide);
        $left = LayoutSnags::found($after->now(), $after->subjects());
        $isWorse = array_diff_key($left, LayoutSnags::found($this->gallery->now(), $this->gallery->subjects())) !== [];

        return isset($left[$snag->code]) || $isWorse ? $snag : $snag->mendedBy(Mend::by(count($snag->items) === 1 ? 'Hide it' : 'Hide these '.count($snag->items), $hide));
    }

    /**
     * @return list<Snag>
     */
    private function ofRules(): array
    {
        $snags = [];
        foreach (self::rules() as $rule) {
            $seen = array_values(array_filter($this->gallery->seenBy($rule), fn (Sighting $sighting): bool => ! in_array($sighting->mark($rule->code()), $this->meant, true)));
            if ($seen !== []) {
                $snags[] = $this->snag($rule, $seen);
            }
        }

        return $snags;
    }

    /**
     * @param  non-empty-list<Sighting>  $seen
     */
    private function snag(Rule $rule, array $seen): Snag
    {
        return new Snag(
            $rule->code(), $rule->stage(), $rule->says($this->gallery, $seen), $this->isToMend ? $this->mends($rule, $seen) : [], false,
            array_values(array_unique(array_merge(...array_map(static fn (Sighting $sighting): array => $sighting->items(), $seen)))), false,
            array_map(static fn (Sighting $sighting): string => $sighting->mark($rule->code()), $seen), $seen[0]->page,
        );
    }

    /**
     * @param  non-empty-list<Sighting>  $seen
     * @return list<Mend>
     */
    private function mends(Rule $rule, array $seen): array
    {
        $mends = [];
        foreach ($rule->mends($this->gallery, $seen) as $mend) {
            if ($mend->change === null || $rule instanceof MeasuredItself || $this->isMended($rule, $seen, $mend)) {
                $mends[] = $mend;
            }
            if (count($mends) === self::MOST_MENDS) {
                break;
            }
        }

        return $mends;
    }

    /**
     * Whether nothing of what was seen is seen afterwards, and nothing that no rule had found before.
     *
     * @param  non-empty-list<Sighting>  $seen
     */
    private function isMended(Rule $rule, array $seen, Mend $mend): bool
    {
        if ($mend->change === null) {
            return false;
        }
        try {
            $after = $this->gallery->after($mend->change);
        } catch (ChangeException|SettingException) {
            return false;
        }
        if (count($after->seenBy($rule)) > count($this->gallery->seenBy($rule)) - ($mend->heals ?? count($seen))) {
            return false;
        }
        foreach (self::rules() as $other) {
            if ($other->code() !== $rule->code() && count($after->seenBy($other)) > count($this->gallery->seenBy($other))) {
                return false;
            }
        }

        return $after->isLaidOutLike($this->gallery)
            || array_diff(array_keys(LayoutSnags::found($after->now(), $after->subjects())), array_map(static fn (Snag $snag): string => $snag->code, $this->layoutSnags())) === [];
    }
}
