<?php

declare(strict_types=1);

namespace App\Intake\Sources;

/** The sources there are. */
final readonly class Sources
{
    /**
     * @param  list<Source>  $all
     */
    public function __construct(public array $all)
    {
    }

    /**
     * @throws SourceException when there is none of that name
     */
    public function named(string $name): Source
    {
        foreach ($this->all as $source) {
            if ($source->name() === $name) {
                return $source;
            }
        }
        throw SourceException::noSuchSource($name);
    }
}
