<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A page that is to be made; its rules are the site's. */
final class NewPageRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'title' => ['present', 'string'], 'address' => ['nullable', 'string'],
            'menu_label' => ['nullable', 'string'], 'parent' => ['nullable', 'string', 'exists:pages,id'],
        ];
    }

    /**
     * @return array{title: string, address?: ?string, menu_label?: ?string, parent?: ?string}
     */
    public function told(): array
    {
        /** @var array{title: string, address?: ?string, menu_label?: ?string, parent?: ?string} */
        return $this->validated();
    }
}
