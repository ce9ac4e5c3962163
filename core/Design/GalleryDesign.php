<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Settings\Group;
use ZincPane\Core\Settings\Part;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Viewer\ViewerDesign;

/** Everything about how a gallery looks and behaves. Never changed, only replaced. */
final readonly class GalleryDesign
{
    /** Raised when stored designs must be read in another way; Upgrades/ has the step. */
    public const SCHEMA = 3;

    private function __construct(
        #[Part]
        public LayoutDesign $layout,
        #[Part]
        public FinishDesign $finish,
        #[Part]
        public ViewerDesign $viewer,
    ) {
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
        $schema = $values['schema'] ?? self::SCHEMA;
        if ($schema !== self::SCHEMA) {
            throw SettingException::wrongSchema($schema, self::SCHEMA);
        }
        unset($values['schema']);

        return Group::of(self::class)->read('design', $values);
    }

    /**
     * Every setting there is, by its path in the design: "layout.phone.columns".
     *
     * @return array<string, Setting>
     */
    public static function settings(): array
    {
        return Group::of(self::class)->all();
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return ['schema' => self::SCHEMA, ...Group::of(self::class)->write($this)];
    }

    /**
     * Every setting's value as it is stored, by path.
     *
     * @return array<string, string|int|float|bool|null>
     */
    public function values(): array
    {
        return self::flat(Group::of(self::class)->write($this));
    }

    /**
     * The settings that have an effect on the design as it is.
     *
     * @return list<string> paths
     */
    public function inForce(): array
    {
        $values = $this->values();

        return array_keys(array_filter(self::settings(), static fn (Setting $setting): bool => $setting->when?->holds($values) ?? true));
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
        return self::fromArray(self::merged($this->toArray(), $part));
    }

    /**
     * What of this design differs from another, nested as toArray(): `$other->with($this->differenceFrom($other))`
     * is this one.
     *
     * @return array<array-key, mixed>
     */
    public function differenceFrom(self $other): array
    {
        return self::difference($this->toArray(), $other->toArray());
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
                $difference[$key] = is_array($value) && is_array($other) ? self::difference($value, $other) : $value;
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
            $base[$key] = is_array($old) && is_array($value) ? self::merged($old, $value) : $value;
        }

        return $base;
    }

    /**
     * The settings of a design, or of part of one, each by its path: "layout.columns" => 4.
     *
     * @param  array<array-key, mixed>  $nested
     * @return array<string, string|int|float|bool|null>
     */
    public static function flat(array $nested, string $path = ''): array
    {
        $flat = [];
        foreach ($nested as $key => $value) {
            $own = ltrim("{$path}.{$key}", '.');
            if (is_array($value)) {
                $flat = [...$flat, ...self::flat($value, $own)];
            } elseif ($value === null || is_scalar($value)) {
                $flat[$own] = $value;
            }
        }

        return $flat;
    }
}
