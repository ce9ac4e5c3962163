<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;

/** What is changed of a place; what its settings may be is said by the site. */
final class PaneRequest extends StudioRequest
{
    /** px of two windows and of the room for a gallery in them, as they were measured. */
    public const ROOM = [
        'room' => ['nullable', 'array:phone,in_phone,wide,in_wide'],
        'room.phone' => ['required_with:room', 'integer', 'between:200,800'], 'room.in_phone' => ['required_with:room', 'integer', 'between:1,800'],
        'room.wide' => ['required_with:room', 'integer', 'between:800,4000'], 'room.in_wide' => ['required_with:room', 'integer', 'between:1,4000'],
    ];

    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return [
            'place' => ['array'], 'exceptions' => ['array'], 'name' => ['string'], 'spot' => ['integer', 'min:0'],
            'page_id' => ['nullable', 'string', 'exists:pages,id'], 'except' => ['array', 'max:2000', new Identifiers],
        ];
    }

    /**
     * @return array{place?: mixed, exceptions?: mixed, name?: mixed, spot?: int, page_id?: ?string, except?: list<string>}
     */
    public function told(): array
    {
        /** @var array{place?: mixed, exceptions?: mixed, name?: mixed, spot?: int, page_id?: ?string, except?: list<string>} */
        return array_intersect_key($this->all(), array_flip(['place', 'exceptions', 'name', 'spot', 'page_id', 'except']));
    }

    /**
     * @return list<callable(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($this->told() === []) {
                $validator->errors()->add('place', 'Nothing is told of the place: there are place, exceptions, name, spot, page_id, except.');
            }
        }];
    }
}
