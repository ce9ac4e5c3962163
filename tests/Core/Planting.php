<?php

declare(strict_types=1);

use Random\Randomizer;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Ratio;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Legibility\CaptionMend;
use ZincPane\Core\Legibility\CaptionSight;
use ZincPane\Core\Legibility\Verdict;
use ZincPane\Core\Measuring\Subject;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Snags\Around;
use ZincPane\Core\Snags\AtHand;
use ZincPane\Core\Snags\GallerySnags;
use ZincPane\Core\Snags\Inspected;
use ZincPane\Core\Snags\Standing;
use ZincPane\Core\Viewer\ClickAct;

// Galleries with faults planted into them, so that it is known without any rule what there is to be found.

const LONG_ALT = 'Twelve kites of all colours over the long dyke, with people below them who look up, and behind them the marsh, the creek, two boats with brown sails and the old mill at the bend';

/** Alt texts by what is wrong with them; a number stands for the place of the picture. */
const ALTS = [
    'good' => 'Kite number %d over the marsh', 'missing' => '', 'file-name' => 'DSC_04%02d.jpg', 'says-nothing' => 'untitled', 'filler' => 'Photo of kite number %d', 'too-long' => LONG_ALT.' (%d)',
];

/** Bits in which two looks differ. */
function bitsApart(string $one, string $other): int
{
    $count = 0;
    foreach (str_split($one) as $i => $digit) {
        $count += substr_count(decbin(hexdec($digit) ^ hexdec($other[$i])), '1');
    }

    return $count;
}

/** As WCAG has it, written down once more. */
function contrastOf(array $one, array $other): float
{
    $light = static fn (array $rgb): float => array_sum(array_map(static fn (float $c, float $share): float => $share * ($c / 255 <= 0.04045 ? $c / 255 / 12.92 : (($c / 255 + 0.055) / 1.055) ** 2.4), $rgb, [0.2126, 0.7152, 0.0722]));
    [$a, $b] = [$light($one), $light($other)];

    return (max($a, $b) + 0.05) / (min($a, $b) + 0.05);
}

function rgb(string $hex): array
{
    return array_map(hexdec(...), str_split(substr($hex, 1), 2));
}

/**
 * A gallery with faults in it, and which items or pages each rule should name; "" is the gallery itself.
 *
 * @return array{Inspected, array<string, list<string>>}
 */
function planted(Randomizer $dice): array
{
    $count = [1, 2, 4, 7, 12, 20][$dice->getInt(0, 5)];
    $isOne = static fn (int $in): bool => $dice->getInt(1, $in) === 1;
    $amiss = $items = $atHand = $looks = [];
    $design = ['layout' => ['kind' => ['grid', 'rows', 'masonry', 'strip'][$dice->getInt(0, 3)], 'columns' => $dice->getInt(2, 5)],
        'finish' => ['captions' => ['place' => ['none', 'below', 'over'][$dice->getInt(0, 2)], 'title' => false, 'caption' => true, 'colour' => $isOne(3) ? ['#777777', '#dddddd'][$dice->getInt(0, 1)] : null], 'edges' => ['tile' => [null, null, '#101417', '#f2f5f6'][$dice->getInt(0, 3)]], 'ground' => ['colour' => [null, '#38464d'][$dice->getInt(0, 1)], 'opacity' => [100, 50][$dice->getInt(0, 1)]], 'own' => ['id' => $isOne(4) ? 'kites' : '']],
        'viewer' => ['giving' => ['download' => ['none', 'large', 'stripped', 'original'][$dice->getInt(0, 3)]], 'backdrop' => ['opacity' => $dice->getInt(40, 100), 'colour' => ['#101417', '#f2f5f6', '#6a6a6a', '#c8c8c8'][$dice->getInt(0, 3)]], 'click' => ['act' => $isOne(4) ? 'nothing' : 'large']]];
    $isWild = $dice->getInt(0, 2) > 0;
    for ($i = 0; $i < $count; $i++) {
        $id = sprintf('item%04d', $i);
        $flaw = $isWild ? array_rand_of($dice, array_keys(ALTS)) : 'good';
        $caption = $isOne(6) ? str_repeat('words of a caption that goes on ', 16) : 'C'.$i;
        $title = $isOne(8) ? sprintf('IMG_20%02d.jpg', $i) : "Kite {$i} of the marsh";
        $link = [null, 'https://saltreed.example/kites', '/kites/', '/gone', '/kites?year=1#top'][$dice->getInt(0, 4)] ?? '';
        $click = $isOne(8) ? ClickAct::Address : null;
        $look = $looks !== [] && $isOne(6) ? flipped($dice, $looks[array_key_last($looks)], [3, 13, 20][$dice->getInt(0, 2)]) : bin2hex($dice->getBytes(8));
        $picture = new AtHand(
            new Subject(Ratio::of(3, 2), Size::of(3000, 2000), FocalPoint::centre(), [540 => 20_000, 1620 => 20_000, 3000 => 20_000]), new Words, "{$id}.jpg", PerceptualHash::parse($look),
            $isOne(15) ? 'It is cut off.' : null, $isOne(15), $isOne(6) ? '© Somebody. All rights reserved.' : '© Somebody', '', $isOne(5), false,
        );
        $items[] = new Item($id, "p{$i}", ItemWords::parse(['title' => $title, 'caption' => $caption, 'alt' => sprintf(ALTS[$flaw], $i), 'link' => $link]), click: $click);
        $atHand[$id] = $picture;
        $looks[$id] = $look;
        foreach ([
            "alt-{$flaw}" => $flaw !== 'good', 'words-are-file-name' => str_starts_with($title, 'IMG'), 'cannot-be-shown' => $picture->failure !== null, 'file-is-missing' => $picture->isMissing,
            'caption-too-long' => strlen($caption) > 100 && $design['finish']['captions']['place'] !== 'none', 'leads-nowhere' => $link === '/gone' || ($link === '' && $click !== null),
            'gives-place' => $picture->tellsPlace && $design['viewer']['giving']['download'] === 'original', 'gives-reserved' => str_contains($picture->rights, 'reserved') && $design['viewer']['giving']['download'] !== 'none',
        ] as $code => $is) {
            $is ? $amiss[$code][] = $id : null;
        }
    }
    // The same words said of several are a fault of all of them.
    count($amiss['alt-says-nothing'] ?? []) > 1 ? $amiss['alt-repeated'] = $amiss['alt-says-nothing'] : null;
    foreach (array_keys($looks) as $n => $id) {
        $before = array_slice($looks, 0, $n);
        array_filter($before, static fn (string $other): bool => bitsApart($looks[$id], $other) <= 12) !== [] ? $amiss['near-doubles'][] = $id : null;
        $n > 0 && bitsApart($looks[$id], end($before)) <= 14 ? $amiss['look-alikes-beside'][] = $id : null;
    }
    $pages = [];
    for ($n = $dice->getInt(0, 3); $n > 0; $n--) {
        $page = new Standing("page{$n}", "Page {$n}", ! $isOne(3), $isOne(3) && $design['finish']['own']['id'] !== '' ? 'kites' : null, $isOne(4) ? 13_000_000 : 100_000);
        $pages[] = $page;
        $page->isFound ? null : $amiss['page-in-no-menu'][] = $page->id;
        $page->takenId === null ? null : $amiss['id-twice'][] = $page->id;
        $page->besides > 12_000_000 ? $amiss['heavy-page'][] = $page->id : null;
    }
    $isUsed = $pages !== [] || $isOne(2);
    $isUsed ? null : $amiss['on-no-page'] = [''];
    $letters = rgb($design['finish']['captions']['colour'] ?? '#222222');
    $ground = rgb($design['finish']['edges']['tile'] ?? $design['finish']['ground']['colour'] ?? '#fffdf6');
    if ($design['finish']['edges']['tile'] === null && $design['finish']['ground']['opacity'] === 50) {
        $ground = array_map(static fn (int $one, int $page): int => (int) round(($one + $page) / 2), $ground, rgb('#fffdf6'));
    }
    $design['finish']['captions']['place'] === 'below' && contrastOf($letters, $ground) < 4.5 ? $amiss['faint-below'] = [''] : null;
    $solid = $design['viewer']['backdrop']['opacity'] / 100;
    $backdrop = rgb($design['viewer']['backdrop']['colour']);
    $signs = array_values(array_filter(['#f4f6f7', '#101417', '#ffffff', '#000000'], static fn (string $one): bool => contrastOf(rgb($one), $backdrop) >= 4.5))[0];
    $seen = static fn (int $page): array => array_map(static fn (int $c): int => (int) round($solid * $c + (1 - $solid) * $page), $backdrop);
    $design['viewer']['click']['act'] === 'large' && min(contrastOf(rgb($signs), $seen(0)), contrastOf(rgb($signs), $seen(255))) < 3 ? $amiss['faint-signs'] = [''] : null;
    $verdict = null;
    if ($design['finish']['captions']['place'] === 'over') {
        $hard = $isOne(3) ? [$dice->getInt(0, $count - 1)] : [];
        $verdict = new Verdict(4.5, array_map(static fn (int $place): CaptionSight => new CaptionSight($place, 2.16, 400, [0, 0, 1, 1]), $hard), $hard === [] ? [] : [new CaptionMend('Make it 90 %', ['opacity' => 90])]);
        $hard === [] ? null : $amiss['hard-to-read'] = [sprintf('item%04d', $hard[0])];
    }
    $document = new GalleryDocument(About::titled('Kites'), GalleryDesign::default()->with($design), Albums::none(), $items);

    return [new Inspected($document, $atHand, new Around($pages, ['/', '/kites'], '#222222', '#fffdf6', $isUsed), Viewport::wide(1120), Viewport::phone(354), $verdict), $amiss];
}

function array_rand_of(Randomizer $dice, array $from): mixed
{
    return $from[$dice->getInt(0, count($from) - 1)];
}

function flipped(Randomizer $dice, string $look, int $bits): string
{
    foreach ($dice->pickArrayKeys(range(0, 63), $bits) as $bit) {
        $look[intdiv($bit, 4)] = dechex(hexdec($look[intdiv($bit, 4)]) ^ (1 << $bit % 4));
    }

    return $look;
}

/** What each rule besides those of the layout names. */
function namedBy(Inspected $gallery): array
{
    $named = [];
    foreach (GallerySnags::rules() as $rule) {
        foreach ($gallery->seenBy($rule) as $sighting) {
            $named[$rule->code()][] = $sighting->item ?? $sighting->page ?? '';
        }
    }

    return $named;
}

function ordered(array $named): array
{
    $named = array_map(static function (array $ids): array {
        sort($ids);

        return $ids;
    }, $named);
    ksort($named);

    return $named;
}

/** The same gallery, looked at for the first time. */
function freshlySeen(Inspected $gallery): Inspected
{
    return new Inspected($gallery->gallery, ...array_map(static fn (string $name): mixed => (new ReflectionProperty(Inspected::class, $name))->getValue($gallery), ['atHand', 'around', 'wide', 'phone']));
}
