<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An order that the core knows. */
final class OrderRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['by' => ['required'], 'seed' => ['integer', 'min:0', 'max:4294967295'], 'version' => ['integer', 'min:1']];
    }

    public function by(): mixed
    {
        return $this->input('by');
    }

    /** Of a shuffle. */
    public function seed(): int
    {
        return $this->integer('seed');
    }
}
