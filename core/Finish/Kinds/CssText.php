<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish\Kinds;

use ZincPane\Core\Finish\Css\CssReview;
use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** CSS that a person wrote for one gallery: only what cannot leave it. */
final readonly class CssText implements Kind
{
    /**
     * @param  positive-int  $longest  bytes
     */
    public function __construct(private int $longest)
    {
    }

    public function read(string $field, mixed $given): string
    {
        if (! is_string($given) || strlen($given) > $this->longest) {
            throw SettingException::notText($field, $given, $this->longest);
        }
        $refused = CssReview::refused($given);

        return $refused === [] ? $given : throw SettingException::refusedCss($field, $refused);
    }

    public function write(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function says(string|int|float|bool|null $written): string
    {
        $rules = substr_count((string) $written, '{');

        return match ($rules) {
            0 => 'no CSS',
            1 => '1 rule',
            default => "{$rules} rules",
        };
    }

    public function schema(): Schema
    {
        return Schema::text('^[\\s\\S]*$');
    }

    public function control(): Control
    {
        return Control::css($this->longest);
    }
}
