<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/** Everything about how a gallery looks and behaves. Never changed, only replaced. */
final readonly class GalleryDesign
{
    /** Raised when stored designs must be read in another way. */
    public const SCHEMA = 1;

    private function __construct(public LayoutDesign $layout)
    {
    }

    public static function default(): self
    {
        return self::fromArray([]);
    }

    /**
     * @param  array<array-key, mixed>  $values  as toArray() gives it; missing keys take their defaults
     *
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public static function fromArray(array $values): self
    {
        $settings = Settings::read('design', $values, ['schema', 'layout']);
        if (! in_array($settings->raw('schema'), [self::SCHEMA, null], true)) {
            throw SettingException::wrongSchema($settings->raw('schema'), self::SCHEMA);
        }

        return new self(LayoutDesign::fromArray(array_key_exists('layout', $values) ? $values['layout'] : []));
    }

    /**
     * @return array{schema: int, layout: array<string, int|string|list<string>|array<string, ?int>>}
     */
    public function toArray(): array
    {
        return ['schema' => self::SCHEMA, 'layout' => $this->layout->toArray()];
    }

    /**
     * The design with some settings replaced, the others kept.
     *
     * @param  array<array-key, mixed>  $part  nested as toArray(), only what changes
     *
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public function with(array $part): self
    {
        if (array_key_exists('layout', $part) && ! is_array($part['layout'])) {
            throw SettingException::notAGroup('design.layout', $part['layout']);
        }

        return self::fromArray(self::merged($this->toArray(), $part));
    }

    /**
     * What of this design differs from another, nested as toArray(): `$other->with($this->differenceFrom($other))`
     * is this one.
     *
     * @return array<string, mixed>
     */
    public function differenceFrom(self $other): array
    {
        $layout = self::difference($this->layout->toArray(), $other->layout->toArray());

        return $layout === [] ? [] : ['layout' => $layout];
    }

    /**
     * @param  array<array-key, mixed>  $these
     * @param  array<array-key, mixed>  $others
     * @return array<array-key, mixed>
     */
    private static function difference(array $these, array $others): array
    {
        $difference = [];
        foreach ($these as $key => $value) {
            $other = $others[$key] ?? null;
            if ($value !== $other) {
                $difference[$key] = is_array($value) && is_array($other) && ! array_is_list($value) ? self::difference($value, $other) : $value;
            }
        }

        return $difference;
    }

    /**
     * @param  array<array-key, mixed>  $base
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private static function merged(array $base, array $part): array
    {
        foreach ($part as $key => $value) {
            $old = $base[$key] ?? null;
            $base[$key] = is_array($old) && is_array($value) && ! array_is_list($old) ? self::merged($old, $value) : $value;
        }

        return $base;
    }
}
