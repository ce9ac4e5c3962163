<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

uses(TestCase::class)->in('Feature');

require_once __DIR__.'/Core/support.php';

/** Boxes are told in floats; a hundredth of a px is far below what a screen can show. */
const TOLERANCE_PX = 0.01;

/** Whether `bin/test long` runs: all seeds, all trials, all faults. The short run takes a sample of each. */
function isLong(): bool
{
    return getenv('ZINC_LONG') === '1';
}

/**
 * How often a property is tried.
 *
 * @param  positive-int  $all  in the long run
 * @param  positive-int  $few  in the short one
 */
function trials(int $all, int $few = 60): int
{
    return isLong() ? $all : min($all, $few);
}

/**
 * A dataset: all of it in the long run, its first entries in the short one.
 *
 * @template T
 *
 * @param  array<T>  $all
 * @param  positive-int  $few
 * @return array<T>
 */
function sample(array $all, int $few): array
{
    return isLong() ? $all : array_slice($all, 0, $few, true);
}

/** The seed of a test: its own, or another that SEED=… asks for. */
function seed(int $own): int
{
    $asked = (string) getenv('SEED');

    return $asked === '' ? $own : crc32("{$asked} {$own}");
}

function dice(int $seed): Randomizer
{
    return new Randomizer(new Mt19937(seed($seed)));
}
