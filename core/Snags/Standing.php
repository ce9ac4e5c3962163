<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** A page that a gallery stands on. */
final readonly class Standing
{
    /**
     * @param  bool  $isFound  whether the menu, words of another page or its address lead visitors there
     * @param  ?string  $takenId  the id that the gallery was given, where something else on the page has it
     * @param  int  $besides  bytes that the other galleries on it weigh on a phone
     */
    public function __construct(public string $id, public string $title, public bool $isFound, public ?string $takenId = null, public int $besides = 0)
    {
    }
}
