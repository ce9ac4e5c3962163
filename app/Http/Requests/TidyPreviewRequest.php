<?php

declare(strict_types=1);

namespace App\Http\Requests;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Recipe;

/** A recipe to be looked at, as JSON in the address, so that the browser keeps what it saw. */
final class TidyPreviewRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['recipe' => ['required', 'json', 'max:500']];
    }

    /**
     * @throws SettingException when a value is out of its range
     */
    public function recipe(): Recipe
    {
        return Recipe::fromArray(json_decode($this->string('recipe')->toString(), true));
    }
}
