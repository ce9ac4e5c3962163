<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

/** A JSON Schema of one value (https://json-schema.org/draft/2020-12/json-schema-validation). */
final readonly class Schema
{
    /**
     * @param  array<string, mixed>  $keywords
     */
    private function __construct(public array $keywords)
    {
    }

    public static function wholeNumber(int $least, int $most): self
    {
        return new self(['type' => 'integer', 'minimum' => $least, 'maximum' => $most]);
    }

    /**
     * @param  non-empty-list<string|int>  $values
     */
    public static function among(array $values): self
    {
        return new self(['enum' => $values]);
    }

    /**
     * @param  string  $pattern  regular expression as ECMA-262 has it
     */
    public static function text(string $pattern): self
    {
        return new self(['type' => 'string', 'pattern' => $pattern]);
    }

    public static function flag(): self
    {
        return new self(['type' => 'boolean']);
    }

    public function orNull(): self
    {
        return new self(['anyOf' => [$this->keywords, ['type' => 'null']]]);
    }
}
