<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Gallery;
use App\Models\Page;
use Illuminate\Validation\Validator;

/** A gallery, a page, and after how many blocks of it. */
final class PlacePaneRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'page_id' => ['required', 'string', 'exists:pages,id'],
            'gallery_id' => ['required', 'string', 'exists:galleries,id'],
            'spot' => ['required', 'integer', 'min:0'],
        ];
    }

    public function gallery(): Gallery
    {
        return Gallery::query()->findOrFail($this->string('gallery_id')->toString());
    }

    public function page(): Page
    {
        return Page::query()->with('site')->findOrFail($this->string('page_id')->toString());
    }

    /**
     * @return list<callable(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $id = $this->input('page_id');
            $blocks = count(Page::query()->find(is_string($id) ? $id : '')->blocks ?? []);
            if ($this->integer('spot') > $blocks) {
                $validator->errors()->add('spot', "This page has {$blocks} blocks; a gallery stands after 0 to {$blocks} of them.");
            }
        }];
    }
}
