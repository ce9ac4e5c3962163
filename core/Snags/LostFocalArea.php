<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Design\TileShape;
use ZincPane\Core\Measuring\Candidate;

/** Crops that cut into what matters of a picture. */
final readonly class LostFocalArea implements CropRule
{
    public function code(): string
    {
        return 'lost-focal-area';
    }

    public function says(Candidate $candidate, array $subjects): ?string
    {
        $harmed = max($candidate->wide->harmed, $candidate->phone->harmed);

        return match ($harmed) {
            0 => null,
            1 => 'The crop of one picture cuts into what matters in it.',
            default => "The crops of {$harmed} pictures cut into what matters in them.",
        };
    }

    public function mends(Candidate $candidate, int $count): iterable
    {
        return self::lessCropped($candidate);
    }

    /**
     * @return iterable<Mend> other shapes, and none; the nearest to the present one first
     */
    public static function lessCropped(Candidate $candidate): iterable
    {
        $now = $candidate->layout->shape->ratio;
        if ($candidate->layout->kind === LayoutKind::Grid && $now !== null) {
            $shapes = [];
            foreach (TileShape::USUAL as $usual) {
                $ratio = TileShape::of('shape', $usual)->ratio;
                if ($ratio !== null && $usual !== $candidate->layout->shape->value) {
                    $shapes[$usual] = abs(log($ratio->value / $now->value));
                }
            }
            asort($shapes);
            foreach (array_keys($shapes) as $shape) {
                yield Mend::shape($shape);
            }
            yield Mend::layout('Give each its own shape', ['shape' => TileShape::OWN]);
        }
        yield Mend::layout('Fit pictures inside', ['object_fit' => ObjectFit::Contain->value]);
    }
}
