<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Setting;

/** Says in words how a design stands, and what was changed of it. */
final class DesignWords
{
    /**
     * What was changed: "gap 8 px to 14 px, columns by itself to 2". What has no effect before or after is
     * told only where nothing else was changed.
     */
    public static function changed(GalleryDesign $from, GalleryDesign $to): string
    {
        $before = $from->values();
        $changed = array_keys(array_filter($to->values(), static fn (mixed $value, string $path): bool => $value !== $before[$path], ARRAY_FILTER_USE_BOTH));
        $felt = array_intersect($changed, [...$from->inForce(), ...$to->inForce()]);
        $told = array_map(static fn (string $path): string => self::step(GalleryDesign::settings()[$path], $before[$path], $to->values()[$path]), $felt === [] ? $changed : $felt);

        return $told === [] ? 'changed the design' : implode(', ', $told);
    }

    /**
     * How the settings under each heading stand, those without effect left out: "Tiles" => "3 columns, 3:2, gap 8 px".
     *
     * @return array<string, string> by heading, in their order
     */
    public static function briefs(GalleryDesign $design): array
    {
        $values = $design->values();
        $briefs = [];
        foreach ($design->inForce() as $path) {
            $setting = GalleryDesign::settings()[$path];
            $briefs[$setting->under][] = str_replace('{}', $setting->kind->says($values[$path]), $setting->brief);
        }

        return array_map(static fn (array $said): string => implode(', ', array_filter($said, static fn (string $one): bool => $one !== '')), $briefs);
    }

    private static function step(Setting $setting, string|int|float|bool|null $from, string|int|float|bool|null $to): string
    {
        return lcfirst($setting->label).' '.$setting->kind->says($from).' to '.$setting->kind->says($to);
    }
}
