<?php

declare(strict_types=1);

use Tests\TestCase;

uses(TestCase::class)->in('Feature');

require_once __DIR__.'/Core/support.php';

/** Boxes are told in floats; a hundredth of a px is far below what a screen can show. */
const TOLERANCE_PX = 0.01;
