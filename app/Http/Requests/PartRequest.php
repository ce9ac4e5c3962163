<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A part of a file, as its body. */
final class PartRequest extends StudioRequest
{
}
