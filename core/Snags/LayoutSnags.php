<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Subject;

/** Looks a layout over by every rule, and offers only mends that were seen to mend. */
final class LayoutSnags
{
    /** Offered for one snag. */
    private const MOST_MENDS = 2;

    /** Tried for one snag. */
    private const MOST_TRIED = 12;

    /** @var array<string, array<string, string>> what is found after a mend, by its part of the layout: several rules offer the same */
    private array $after = [];

    /**
     * @param  list<Subject>  $subjects
     * @param  list<string>  $items  what each of them is called by
     * @param  bool  $isToMend  whether mends are looked for, which takes several times as long
     */
    public function __construct(private readonly Candidates $candidates, private readonly array $subjects, private readonly array $items = [], private readonly bool $isToMend = true)
    {
    }

    /**
     * @return list<LayoutRule>
     */
    public static function rules(): array
    {
        return [
            new RaggedLastRow, new GiantLastTile, new UnevenColumns, new Holes, new LostFocalArea, new MuchCropped, new PortraitsHalved, new SmallOnPhone,
            new AloneOnPhone, new LongOnPhone, new HigherThanWindow, new PictureTooSmall, new HeavyFirstView,
        ];
    }

    /**
     * @return list<Snag>
     */
    public function of(Candidate $now): array
    {
        $snags = [];
        $found = self::found($now, $this->subjects);
        foreach (self::rules() as $rule) {
            if (isset($found[$rule->code()])) {
                $items = $this->meant($rule, $now);
                // The same sentence about other pictures is another matter.
                $mark = Sighting::ofGallery(implode(' ', [$found[$rule->code()], ...$items]))->mark($rule->code());
                $snags[] = new Snag(
                    $rule->code(), Stage::Layout, $found[$rule->code()], $this->isToMend ? $this->mends($rule, $now, $found) : [], $rule instanceof CropRule, $items,
                    $rule instanceof OnPhone, [$mark],
                );
            }
        }

        return $snags;
    }

    /**
     * @param  list<Subject>  $subjects
     * @return array<string, string> what is said, by code of the rule
     */
    public static function found(Candidate $candidate, array $subjects): array
    {
        $found = [];
        foreach (self::rules() as $rule) {
            $says = $rule->says($candidate, $subjects);
            if ($says !== null) {
                $found[$rule->code()] = $says;
            }
        }

        return $found;
    }

    /**
     * @return list<string> of the items, those that the rule means
     */
    private function meant(LayoutRule $rule, Candidate $now): array
    {
        $places = $rule instanceof MarksPlaces ? $rule->places($now, $this->subjects) : [];

        return array_values(array_intersect_key($this->items, array_flip($places)));
    }

    /**
     * @param  array<string, string>  $found  the snags there are now
     * @return list<Mend>
     */
    private function mends(LayoutRule $rule, Candidate $now, array $found): array
    {
        $mends = [];
        $tried = 0;
        foreach ($rule->mends($now, count($this->subjects)) as $mend) {
            $left = $this->after[serialize($mend->part)] ??= self::found($this->candidates->of($mend->part), $this->subjects);
            // A mend must not tear another hole.
            if (! isset($left[$rule->code()]) && array_diff_key($left, $found) === []) {
                $mends[] = $mend;
            }
            if (count($mends) === self::MOST_MENDS || ++$tried === self::MOST_TRIED) {
                break;
            }
        }

        return $mends;
    }
}
