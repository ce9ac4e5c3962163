<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Setting;

/** Says in words how a design stands, and what was changed of it. */
final class DesignWords
{
    /** What is told of a heading under which all is as it was at first. */
    private const PLAIN = ['Ground' => 'the page’s own', 'Pointed at' => 'nothing moves', 'Your CSS' => 'none'];

    /**
     * What was changed: "gap 8 px to 14 px, columns by itself to 2". What has no effect before or after is
     * told only where nothing else was changed.
     */
    public static function changed(GalleryDesign $from, GalleryDesign $to): string
    {
        $before = $from->values();
        $changed = array_keys(array_filter($to->values(), static fn (mixed $value, string $path): bool => $value !== $before[$path], ARRAY_FILTER_USE_BOTH));
        $felt = array_intersect($changed, [...$from->inForce(), ...$to->inForce()]);
        // A key says nothing to a person; what was taken over by it does.
        $named = array_filter($felt === [] ? $changed : $felt, static fn (string $path): bool => GalleryDesign::settings()[$path]->under !== '');
        $told = array_map(static fn (string $path): string => self::step(GalleryDesign::settings()[$path], $before[$path], $to->values()[$path]), $named);

        return match (true) {
            $told !== [] => implode(', ', $told),
            $changed === [] => 'changed the design',
            default => 'followed a finish',
        };
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
            if ($setting->under !== '') {
                $briefs[$setting->under][] = self::brief($setting, $values[$path]);
            }
        }
        $told = [];
        foreach ($briefs as $under => $said) {
            $said = array_filter($said, static fn (string $one): bool => $one !== '');
            $told[$under] = $said === [] ? self::PLAIN[$under] ?? 'as it is' : implode(', ', $said);
        }

        return $told;
    }

    /** Empty where it is not worth a word. */
    private static function brief(Setting $setting, string|int|float|bool|null $value): string
    {
        $isOnlyWhenOther = str_starts_with($setting->brief, Setting::IF_OTHER);
        if ($value === false || ($isOnlyWhenOther && $value === $setting->default)) {
            return '';
        }

        return str_replace('{}', $setting->kind->says($value), $isOnlyWhenOther ? substr($setting->brief, strlen(Setting::IF_OTHER)) : $setting->brief);
    }

    private static function step(Setting $setting, string|int|float|bool|null $from, string|int|float|bool|null $to): string
    {
        return lcfirst($setting->label).' '.$setting->kind->says($from).' to '.$setting->kind->says($to);
    }
}
