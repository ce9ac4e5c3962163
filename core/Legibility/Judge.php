<?php

declare(strict_types=1);

namespace ZincPane\Core\Legibility;

use ZincPane\Core\Colour\PixelGrid;
use ZincPane\Core\Finish\CaptionAt;
use ZincPane\Core\Finish\CaptionPlace;
use ZincPane\Core\Finish\Captions;
use ZincPane\Core\Finish\Pointed;

/** Looks captions over, at rest and pointed at; counts the colours under each area once, whatever ground is tried on it. */
final class Judge
{
    /** What is held against the words of a picture of which no pixels are known: white and black. */
    private const UNKNOWN = "\xFF\xFF\xFF\0\0\0";

    /** @var array<string, non-empty-list<AreaColours>> by place and state */
    private array $counted = [];

    /** @var array<string, non-empty-list<array{ContrastMeter, float}>> by what they are made of: each is asked for many pictures */
    private array $meters = [];

    /**
     * @param  array{int, int, int}  $behind  colour behind the pictures
     * @param  array<int, PixelGrid>  $pixels  by place in the gallery
     */
    public function __construct(private readonly Pointed $pointed, private readonly Captions $now, private readonly array $behind, private readonly array $pixels)
    {
    }

    /**
     * @param  array<int, non-empty-list<CaptionArea>>  $areas  by place
     * @return list<CaptionSight> the hardest to read first
     */
    public function sights(array $areas, Captions $captions): array
    {
        $meters = $this->meters($captions);
        $sights = [];
        foreach ($areas as $place => $ofPicture) {
            $worst = INF;
            $where = $ofPicture[0];
            foreach ($meters as [$meter, $scale]) {
                [$ratio, $colours] = $meter->worst($this->grid($place), $this->colours($place, $ofPicture, $scale, $captions->fades));
                if ($ratio < $worst) {
                    [$worst, $where] = [$ratio, $colours->area];
                }
            }
            $sights[] = new CaptionSight($place, $worst, (int) round($where->at), [$where->left, $where->top, $where->width, $where->height]);
        }
        usort($sights, static fn (CaptionSight $one, CaptionSight $other): int => $one->ratio <=> $other->ratio);

        return $sights;
    }

    private function grid(int $place): PixelGrid
    {
        return $this->pixels[$place] ?? PixelGrid::of(2, 1, "\0\1", self::UNKNOWN);
    }

    /**
     * @param  non-empty-list<CaptionArea>  $areas
     * @return non-empty-list<AreaColours>
     */
    private function colours(int $place, array $areas, float $scale, bool $fades): array
    {
        $grid = $this->grid($place);

        return $this->counted["{$place} {$scale} {$fades}"] ??= array_map(
            fn (CaptionArea $area): AreaColours => AreaColours::of($grid, $scale === 1.0 ? $area : $area->enlarged($scale), $fades, $this->now->at === CaptionAt::Top),
            $areas,
        );
    }

    /**
     * One for each state in which a caption is seen, with how large the picture is in it.
     *
     * @return non-empty-list<array{ContrastMeter, float}>
     */
    private function meters(Captions $captions): array
    {
        return $this->meters["{$captions->lettersOver()} {$captions->ground} {$captions->opacity} {$captions->fades}"] ??= $this->made($captions);
    }

    /**
     * @return non-empty-list<array{ContrastMeter, float}>
     */
    private function made(Captions $captions): array
    {
        $meter = fn (bool $isPointed): ContrastMeter => new ContrastMeter($captions, new Light($this->pointed, $captions, $isPointed, $this->behind), $this->behind);
        $pointed = [$meter(true), max(1.0, $this->pointed->scale / 100)];

        return $captions->place === CaptionPlace::Pointed || ! $this->pointed->changesPicture() ? [$pointed] : [[$meter(false), 1.0], $pointed];
    }
}
