<?php

declare(strict_types=1);

namespace App\Contract;

use BackedEnum;

/** A JSON Schema under construction (https://json-schema.org/draft/2020-12). Objects are closed: a key that is not told is a fault. */
final readonly class Type
{
    /**
     * @param  array<string, mixed>  $schema
     */
    private function __construct(private array $schema)
    {
    }

    /**
     * @param  array<string, self>  $properties  by key
     * @param  list<string>  $optional  keys that may be missing
     */
    public static function object(array $properties, array $optional = []): self
    {
        return new self([
            'type' => 'object',
            'properties' => (object) array_map(static fn (self $type): array => $type->schema, $properties),
            'required' => array_values(array_diff(array_keys($properties), $optional)),
            'additionalProperties' => false,
        ]);
    }

    /**
     * @param  array<string, self>  $properties  any of which may be missing
     */
    public static function part(array $properties): self
    {
        return self::object($properties, array_keys($properties));
    }

    public static function list(self $of): self
    {
        return new self(['type' => 'array', 'items' => $of->schema]);
    }

    /** So many of the same. */
    public static function tuple(self $of, int $count): self
    {
        return new self(['type' => 'array', 'prefixItems' => array_fill(0, $count, $of->schema), 'items' => $of->schema, 'minItems' => $count, 'maxItems' => $count]);
    }

    /** By identifiers or names that are not known before. */
    public static function map(self $of): self
    {
        return new self(['type' => 'object', 'additionalProperties' => $of->schema]);
    }

    public static function text(): self
    {
        return new self(['type' => 'string']);
    }

    public static function number(): self
    {
        return new self(['type' => 'number']);
    }

    public static function whole(): self
    {
        return new self(['type' => 'integer']);
    }

    public static function flag(): self
    {
        return new self(['type' => 'boolean']);
    }

    /**
     * @param  non-empty-list<string|int>  $values
     */
    public static function among(array $values): self
    {
        return new self(['enum' => $values]);
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     */
    public static function enum(string $enum): self
    {
        return new self(['enum' => array_map(static fn (BackedEnum $case): string|int => $case->value, $enum::cases())]);
    }

    /** One that has a name of its own in the contract. */
    public static function ref(string $name): self
    {
        return new self(['$ref' => "#/\$defs/{$name}"]);
    }

    public static function either(self ...$types): self
    {
        return new self(['anyOf' => array_map(static fn (self $type): array => $type->schema, array_values($types))]);
    }

    /**
     * As another part of the program wrote it.
     *
     * @param  array<string, mixed>  $schema
     */
    public static function written(array $schema): self
    {
        return new self($schema);
    }

    public function orNull(): self
    {
        return self::either($this, new self(['type' => 'null']));
    }

    public function told(string $description): self
    {
        return new self([...$this->schema, 'description' => $description]);
    }

    /**
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        return $this->schema;
    }
}
