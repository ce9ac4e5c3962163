<?php

declare(strict_types=1);

namespace App\Http\Requests;

use ZincPane\Core\Ordering\Order;
use ZincPane\Core\Ordering\Orders;
use ZincPane\Core\Settings\SettingException;

/** An order that the core knows. */
final class OrderRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['by' => ['required'], 'seed' => ['integer', 'min:0', 'max:4294967295'], 'version' => ['integer', 'min:1']];
    }

    /**
     * @throws SettingException when there is no such order
     */
    public function order(): Order
    {
        return Orders::of($this->input('by'), $this->integer('seed'));
    }
}
