<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A word of many pictures that is to be filled. */
final class FillRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return ['fill' => ['required', 'array'], 'items' => ['required', 'array', 'max:10000', new Identifiers], 'version' => ['integer', 'min:1']];
    }

    /**
     * @return array<array-key, mixed>
     */
    public function fill(): array
    {
        return $this->array('fill');
    }

    /**
     * @return list<string>
     */
    public function items(): array
    {
        /** @var array<string> $items */
        $items = $this->validated('items');

        return array_values($items);
    }
}
