<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What is changed of a page: title, address, entry in the menu (null for none), comments. */
final class ChangePageRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'title' => ['string'], 'address' => ['string'], 'menu_label' => ['nullable', 'string'], 'comments' => ['boolean:strict'],
        ];
    }

    /**
     * @return array{title?: string, address?: string, menu_label?: ?string, comments?: bool}
     */
    public function told(): array
    {
        /** @var array{title?: string, address?: string, menu_label?: ?string, comments?: bool} */
        return $this->validated();
    }
}
