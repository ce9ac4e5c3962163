<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** All pages in their order, each with the one that it stands below in the menu. */
final class MenuRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['order' => ['required', 'array', 'max:2000'], 'order.*' => ['required', 'array:id,parent'], 'order.*.id' => ['required', 'string', 'distinct'], 'order.*.parent' => ['present', 'nullable', 'string']];
    }

    /**
     * @return list<array{id: string, parent: ?string}>
     */
    public function order(): array
    {
        /** @var array<array{id: string, parent: ?string}> $order */
        $order = $this->validated('order');

        return array_values($order);
    }
}
