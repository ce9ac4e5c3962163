<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A list of texts, looked at in one go: a rule for each of thousands takes minutes. */
final class Identifiers implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        foreach (is_array($value) ? $value : [null] as $place => $one) {
            if (! is_string($one)) {
                $fail("{$attribute} takes identifiers; number ".((int) $place + 1).' is none.');

                return;
            }
        }
    }
}
