<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Access\EmbedOrigins;

/** A file for a page elsewhere. */
final readonly class EmbedAnswer
{
    /**
     * @param  ?string  $file  its path; null where nothing was ever put live
     * @param  ?EmbedOrigins  $only  for which it is; null for all
     */
    public function __construct(public ?string $file, public int $status, public ?EmbedOrigins $only = null)
    {
    }
}
