<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Measuring\Candidate;
use ZincPane\Core\Measuring\Candidates;
use ZincPane\Core\Measuring\Subject;

/** Looks a layout over by every rule, and offers only mends that were seen to mend. */
final readonly class LayoutSnags
{
    /** Offered for one snag. */
    private const MOST_MENDS = 2;

    /**
     * @param  list<Subject>  $subjects
     */
    public function __construct(private Candidates $candidates, private array $subjects)
    {
    }

    /**
     * @return list<LayoutRule>
     */
    public static function rules(): array
    {
        return [new RaggedLastRow, new LostFocalArea, new MuchCropped, new SmallOnPhone, new PictureTooSmall, new HeavyFirstView];
    }

    /**
     * @return list<Snag>
     */
    public function of(Candidate $now): array
    {
        $snags = [];
        foreach (self::rules() as $rule) {
            $says = $rule->says($now, $this->subjects);
            if ($says !== null) {
                $snags[] = new Snag($rule->code(), $says, $this->mends($rule, $now));
            }
        }

        return $snags;
    }

    /**
     * @return list<Mend>
     */
    private function mends(LayoutRule $rule, Candidate $now): array
    {
        $mends = [];
        foreach ($rule->mends($now, count($this->subjects)) as $mend) {
            // A mend must not tear another hole.
            $mended = $this->candidates->of($mend->part);
            if ($rule->says($mended, $this->subjects) === null && $this->count($mended) < $this->count($now)) {
                $mends[] = $mend;
            }
            if (count($mends) === self::MOST_MENDS) {
                break;
            }
        }

        return $mends;
    }

    private function count(Candidate $candidate): int
    {
        return count(array_filter(self::rules(), fn (LayoutRule $rule): bool => $rule->says($candidate, $this->subjects) !== null));
    }
}
