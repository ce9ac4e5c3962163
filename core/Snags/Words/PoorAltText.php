<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags\Words;

use ZincPane\Core\Changes\Reword;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Mend;
use ZincPane\Core\Snags\Rule;
use ZincPane\Core\Snags\Sighting;
use ZincPane\Core\Snags\Stage;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\AltReview;
use ZincPane\Core\Wording\Fillers;

/** Alt texts that are missing, or of no use to who hears them. */
final readonly class PoorAltText implements Rule
{
    public function __construct(private AltFlaw $flaw)
    {
    }

    public function code(): string
    {
        return "alt-{$this->flaw->value}";
    }

    public function stage(): Stage
    {
        return Stage::Words;
    }

    public function found(Inspected $gallery): array
    {
        $found = [];
        $pictures = $gallery->pictures();
        foreach ($gallery->altFlaws() as $i => $flaws) {
            if (in_array($this->flaw, $flaws, true)) {
                $words = $gallery->words($pictures[$i]);
                $found[] = Sighting::ofItem($pictures[$i]->id, $this->flaw === AltFlaw::SameAsCaption ? "{$words->alt} / {$words->caption}" : $words->alt);
            }
        }

        return $found;
    }

    public function says(Inspected $gallery, array $seen): string
    {
        $one = count($seen) === 1;
        $of = $one ? 'The alt text of '.$gallery->nameOf((string) $seen[0]->item) : 'The alt texts of '.count($seen).' pictures';

        return match ($this->flaw) {
            AltFlaw::Missing => $one ? $gallery->nameOf((string) $seen[0]->item).' has no alt text: who cannot see it is told nothing.' : count($seen).' pictures have no alt text: who cannot see them is told nothing.',
            AltFlaw::FileName => $of.($one ? ' is a file name.' : ' are file names.'),
            AltFlaw::SaysNothing => $of.($one ? ' says nothing of the picture.' : ' say nothing of the pictures.'),
            AltFlaw::Filler => $of.($one ? ' begins' : ' begin').' with words like “image of”, which a screen reader says already.',
            AltFlaw::SameAsCaption => $of.($one ? ' is' : ' are').' the same as the caption and would be heard twice.',
            AltFlaw::TooLong => $of.($one ? ' is' : ' are').' longer than '.AltReview::LONGEST.' characters.',
            AltFlaw::Repeated => count($seen).' pictures have the alt text of another: nobody can tell them apart by it.',
        };
    }

    public function mends(Inspected $gallery, array $seen): iterable
    {
        $better = [];
        foreach ($seen as $sighting) {
            $words = $gallery->words($gallery->gallery->item((string) $sighting->item));
            $alt = $this->better($words);
            if ($alt !== null) {
                $better[(string) $sighting->item] = ['alt' => $alt];
            }
        }
        if ($better !== []) {
            $count = count($better);
            $label = match (true) {
                $this->flaw === AltFlaw::Filler => 'Leave those words out',
                $count === 1 => 'Use its title',
                default => 'Use their titles',
            };
            yield Mend::by($count === count($seen) ? $label : "{$label}, of {$count}", Reword::of($better), $count);
        }
    }

    /** Null where nothing better is known. */
    private function better(Words $words): ?string
    {
        $alt = match ($this->flaw) {
            AltFlaw::TooLong, AltFlaw::Repeated => '',
            AltFlaw::Filler => Fillers::without($words->alt),
            default => $words->title,
        };
        $isGood = $alt !== '' && AltReview::of([new Words($words->title, $words->caption, $alt)])[0] === [];

        return $isGood ? $alt : null;
    }
}
