<?php

declare(strict_types=1);

namespace App\Actions;

/** What a window knows of its own changes, so that none of them is held against it and none is made twice. */
final readonly class Asking
{
    /**
     * @param  list<int>  $own  versions that it made since the one its change is made on
     * @param  ?string  $key  of this change, the same when it is asked for again
     * @param  list<string>  $tried  keys of earlier forms of it, and of changes before it, whose answers never came
     */
    public function __construct(public array $own = [], public ?string $key = null, public array $tried = [])
    {
    }
}
