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
     */
    public function __construct(private readonly Candidates $candidates, private readonly array $subjects)
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
        $found = $this->found($now);
        foreach (self::rules() as $rule) {
            if (isset($found[$rule->code()])) {
                $snags[] = new Snag($rule->code(), $found[$rule->code()], $this->mends($rule, $now, $found), $rule instanceof CropRule);
            }
        }

        return $snags;
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
            $left = $this->after[serialize($mend->part)] ??= $this->found($this->candidates->of($mend->part));
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

    /**
     * @return array<string, string> what is said, by code of the rule
     */
    private function found(Candidate $candidate): array
    {
        $found = [];
        foreach (self::rules() as $rule) {
            $says = $rule->says($candidate, $this->subjects);
            if ($says !== null) {
                $found[$rule->code()] = $says;
            }
        }

        return $found;
    }
}
