<?php

declare(strict_types=1);

namespace App\Http\Requests;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Wording\Fill;

/** A word of many pictures that is to be filled. */
final class FillRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['fill' => ['required', 'array'], 'items' => ['required', 'array', 'max:10000'], 'items.*' => ['string'], 'version' => ['integer', 'min:1']];
    }

    /**
     * @throws SettingException when something of it is unknown or cannot be
     */
    public function fill(): Fill
    {
        /** @var array<string, mixed> $fill */
        $fill = $this->input('fill');

        return Fill::fromArray($fill);
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
