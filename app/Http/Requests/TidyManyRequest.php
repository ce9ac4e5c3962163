<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** One recipe for some pictures. */
final class TidyManyRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return ['pictures' => ['required', 'array', 'max:1000', new Identifiers], 'recipe' => ['required', 'array']];
    }

    /**
     * @return list<string>
     */
    public function ids(): array
    {
        /** @var array<string> $ids */
        $ids = $this->validated('pictures');

        return array_values($ids);
    }

    /**
     * @return array<string, mixed>
     */
    public function recipe(): array
    {
        /** @var array<string, mixed> $part */
        $part = $this->array('recipe');

        return array_diff_key($part, ['focal' => true, 'point' => true, 'chosen' => true]);
    }
}
