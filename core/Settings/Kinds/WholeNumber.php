<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings\Kinds;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** A whole number in a range. */
final readonly class WholeNumber implements Kind
{
    /**
     * @param  string  $unit  "px"; empty for what is merely counted
     * @param  array<int, string>  $words  what is said in place of some numbers: 0 => "by hand"
     * @param  array<string, int>  $named  usual numbers, by what they are called: "very-large" => 400
     */
    public function __construct(public int $least, public int $most, public string $unit = '', private array $words = [], private array $named = [])
    {
    }

    public function read(string $field, mixed $given): int
    {
        return is_int($given) && $given >= $this->least && $given <= $this->most
            ? $given
            : throw SettingException::outOfRange($field, $given, $this->least, $this->most, $this->unit);
    }

    /** The number of the range that is nearest. */
    public function nearest(int $number): int
    {
        return max($this->least, min($number, $this->most));
    }

    public function write(mixed $value): int
    {
        return is_int($value) ? $value : 0;
    }

    public function says(string|int|float|bool|null $written): string
    {
        return $this->words[(int) $written] ?? trim("{$written} {$this->unit}");
    }

    public function schema(): Schema
    {
        return Schema::wholeNumber($this->least, $this->most);
    }

    public function control(): Control
    {

        $named = [];
        foreach ($this->named as $name => $number) {
            $named[] = ['value' => $number, 'label' => ucfirst(str_replace('-', ' ', $name))];
        }

        return Control::number($this->least, $this->most, $this->unit, $this->words, $named);
    }
}
