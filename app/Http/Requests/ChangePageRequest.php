<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Page;
use Illuminate\Validation\Validator;

/** What is changed of a page: its entry in the menu, null for none. */
final class ChangePageRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['menu_label' => ['present', 'nullable', 'string', 'max:'.Page::LONGEST_LABEL]];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['menu_label.max' => 'A menu entry takes at most '.Page::LONGEST_LABEL.' characters. Shorten it.'];
    }

    /**
     * @return list<callable(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $label = $this->input('menu_label');
            if (is_string($label) && trim($label) === '') {
                $validator->errors()->add('menu_label', 'A menu entry needs a label. Type one, or switch the entry off.');
            }
        }];
    }
}
