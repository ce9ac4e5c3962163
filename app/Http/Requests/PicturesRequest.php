<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Some pictures of the store. */
final class PicturesRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return ['pictures' => ['required', 'array', 'max:10000', new Identifiers]];
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
}
