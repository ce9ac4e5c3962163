<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/** What is wished otherwise below an inner width of 600 px; null is what the core finds good. */
final readonly class PhoneDesign
{
    /** Least and most of each number; px but for the columns. */
    public const RANGES = ['columns' => [1, 6], 'row_height' => [60, 400], 'height' => [120, 800]];

    private function __construct(public ?int $columns, public ?int $rowHeight, public ?int $height)
    {
    }

    /**
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public static function fromArray(mixed $values): self
    {
        $settings = Settings::read('design.layout.phone', $values, array_keys(self::RANGES));
        $read = static fn (string $key, string $unit): ?int => $settings->raw($key) === null ? null : $settings->int($key, 0, ...[...self::RANGES[$key], $unit]);

        return new self($read('columns', ''), $read('row_height', 'px'), $read('height', 'px'));
    }

    /**
     * @return array{columns: ?int, row_height: ?int, height: ?int}
     */
    public function toArray(): array
    {
        return ['columns' => $this->columns, 'row_height' => $this->rowHeight, 'height' => $this->height];
    }
}
