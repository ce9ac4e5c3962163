<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What is changed of a page: its entry in the menu, null for none. */
final class ChangePageRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['menu_label' => ['present', 'nullable', 'string', 'min:1', 'max:40']];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['menu_label.max' => 'A menu entry takes at most 40 characters. Shorten it.', 'menu_label.min' => 'A menu entry needs a label. Type one, or switch the entry off.'];
    }
}
