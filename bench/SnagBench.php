<?php

declare(strict_types=1);

namespace Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Snags\Around;
use ZincPane\Core\Snags\AtHand;
use ZincPane\Core\Snags\GallerySnags;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Standing;

/** Looking a gallery over by every rule, and trying what would mend what is found. */
final class SnagBench
{
    /** Each so many pictures one lacks its alt text, bears the name of a file, or looks like the one before. */
    private const FAULTY = 9;

    /**
     * @param  array<string, mixed>  $layout
     * @param  bool  $isToMend  as the list of snags asks for; with each change they are only found
     * @return array<string, int|float>
     */
    public static function look(int $count, array $layout, bool $isToMend): array
    {
        $subjects = Shapes::subjects($count);
        $dice = new Randomizer(new Mt19937(14));
        $items = $atHand = [];
        $look = '';
        foreach ($subjects as $i => $subject) {
            $fault = $i % self::FAULTY;
            $look = $fault === 3 ? $look : bin2hex($dice->getBytes(8));
            $items[] = new Item("item{$i}", "p{$i}", ItemWords::parse([
                'title' => $fault === 5 ? sprintf('IMG_%04d.jpg', $i) : "Kite {$i} of the marsh", 'alt' => $fault === 7 ? '' : "Kite number {$i} over the dyke", 'caption' => "The {$i}th kite of the day, flown by whoever came",
            ]));
            $atHand["item{$i}"] = new AtHand($subject, new Words, "{$i}.jpg", PerceptualHash::parse($look));
        }
        $document = new GalleryDocument(About::titled('Kites'), GalleryDesign::default()->with(['layout' => $layout, 'finish' => ['captions' => ['place' => 'below']]]), Albums::none(), $items);
        $around = new Around([new Standing('p', 'Kites', false)], ['/', '/kites']);
        $found = 0;
        $open = static function () use ($document, $atHand, $around, $isToMend, &$found): void {
            $found = count((new GallerySnags(new Inspected($document, $atHand, $around, Viewport::wide(1120), Viewport::phone(354)), [], $isToMend))->open());
        };

        return [...Stopwatch::time($open, 15), 'pictures' => $count, 'snags' => $found];
    }
}
