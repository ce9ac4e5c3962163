<?php

declare(strict_types=1);

namespace App\Contract;

use App\Proofing\Vocabulary;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\ObjectFit;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Settings\Setting;

/** Designs, as the registry of settings declares them, and what is measured of them. */
final class DesignTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $measures = [
            ...array_fill_keys(['rows', 'complete', 'in_last_row', 'harmed', 'smallest', 'largest', 'height', 'first_bytes', 'all_bytes', 'first_requests', 'all_requests'], Type::whole()),
            ...array_fill_keys(['crop', 'worst_crop', 'uneven', 'used', 'span', 'screens'], Type::number()),
            'worst_picture' => Type::whole()->orNull(), 'too_small' => Type::flag(), 'much_cropped' => Type::flag(),
        ];

        return [
            'GalleryDesign' => Type::object(['schema' => Type::among([GalleryDesign::SCHEMA]), ...self::nested(GalleryDesign::settings(), false)]),
            'DesignPart' => Type::part(self::nested(GalleryDesign::settings(), true))->told('What changes; the rest stays.'),
            'LayoutKind' => Type::enum(LayoutKind::class),
            'SettingPath' => Type::among(self::paths()),
            'Measures' => Type::object($measures)->told('docs/measures.md has the definitions.'),
            'MiniatureTile' => Type::object([
                ...array_fill_keys(['left', 'top', 'width', 'height'], Type::number()),
                'src' => Type::text()->orNull(), 'at' => Type::tuple(Type::number(), 2), 'fit' => Type::enum(ObjectFit::class),
            ]),
            'Miniature' => Type::object(['width' => Type::whole(), 'height' => Type::whole(), 'tiles' => Type::list(Type::ref('MiniatureTile'))])->told('A gallery drawn small, in px of its own.'),
            'Proof' => Type::object(['key' => Type::text(), 'html' => Type::text()->orNull()->told('Null where it is the one whose key was sent.'), 'css' => Type::text()]),
            'Quality' => Type::among(self::names(Weights::DEFAULTS)),
            'Candidate' => Type::object([
                'name' => Type::text(), 'layout' => Type::ref('LayoutPart'), 'wide' => Type::ref('Measures'), 'phone' => Type::ref('Measures'),
                'miniature' => Type::ref('Miniature'), 'score' => Type::number(), 'reasons' => Type::text(),
            ], ['score', 'reasons']),
            'CropShown' => Type::object([
                'src' => Type::text(), 'title' => Type::text(), 'width' => Type::whole(), 'height' => Type::whole(),
                'seen' => Type::tuple(Type::number(), 4)->told('Left, top, width, height; shares of the picture.'), 'focal' => Type::tuple(Type::number(), 2), 'lost' => Type::number(), 'much_cropped' => Type::flag(),
            ]),
            'Alternatives' => Type::object([
                'weights' => Type::object(array_fill_keys(array_keys(Weights::DEFAULTS), Type::whole())),
                'candidates' => Type::list(Type::ref('Candidate')), 'suggestions' => Type::list(Type::ref('Candidate')), 'crops' => Type::list(Type::ref('CropShown')),
            ]),
            'LayoutPart' => self::layoutPart(),
            ...FinishTypes::all(),
            ...ViewerTypes::all(),
            ...self::vocabulary(),
        ];
    }

    /**
     * @return array<string, Type>
     */
    private static function vocabulary(): array
    {
        $option = Type::ref('Option');
        $common = ['path' => Type::ref('SettingPath'), 'label' => Type::text(), 'under' => Type::text(), 'can_be_left' => Type::flag()->told('Whether null leaves it to what the core finds good.')];
        $numbers = Type::list(Type::object(['value' => Type::whole(), 'label' => Type::text()]));

        return [
            'Option' => Type::object(['value' => Type::text(), 'label' => Type::text()]),
            'PlaceSetting' => Type::object([
                'path' => Type::text(), 'label' => Type::text(), 'under' => Type::text(), 'can_be_left' => Type::flag(), 'control' => Type::among(['number', 'choice']),
                'least' => Type::whole(), 'most' => Type::whole(), 'unit' => Type::text(), 'words' => $numbers, 'named' => $numbers, 'options' => Type::list($option),
            ], ['least', 'most', 'unit', 'words', 'named', 'options']),
            'NumberSetting' => Type::object([...$common, 'control' => Type::among(['number']), 'least' => Type::whole(), 'most' => Type::whole(), 'unit' => Type::text(), 'words' => $numbers, 'named' => $numbers]),
            'ChoiceSetting' => Type::object([...$common, 'control' => Type::among(['choice']), 'options' => Type::list($option)]),
            'ShapeSetting' => Type::object([...$common, 'control' => Type::among(['shape']), 'options' => Type::list($option), 'first' => Type::text(), 'extreme' => Type::whole(), 'longest' => Type::whole()]),
            'FlagSetting' => Type::object([...$common, 'control' => Type::among(['flag'])]),
            'ColourSetting' => Type::object([...$common, 'control' => Type::among(['colour']), 'first' => Type::text()]),
            'TextSetting' => Type::object([...$common, 'control' => Type::among(['text']), 'longest' => Type::whole(), 'allowed' => Type::text(), 'shown' => Type::flag()]),
            'CssSetting' => Type::object([...$common, 'control' => Type::among(['css']), 'longest' => Type::whole()]),
            'PictureSetting' => Type::object([...$common, 'control' => Type::among(['picture'])]),
            'Setting' => Type::either(...array_map(Type::ref(...), ['NumberSetting', 'ChoiceSetting', 'ShapeSetting', 'FlagSetting', 'ColourSetting', 'TextSetting', 'CssSetting', 'PictureSetting'])),
            'WordInfo' => Type::object(['field' => Type::ref('WordField'), 'label' => Type::text(), 'longest' => Type::whole(), 'has_lines' => Type::flag()]),
            'LayoutFacts' => Type::object(array_fill_keys(['ends_in_columns', 'makes_large', 'has_tile_size'], Type::flag())),
            'Vocabulary' => Type::object([
                'settings' => Type::list(Type::ref('Setting')),
                'layouts' => Type::object(array_fill_keys(array_column(LayoutKind::cases(), 'value'), Type::ref('LayoutFacts'))),
                'words' => Type::list(Type::ref('WordInfo')),
                'fill' => Type::object(['acts' => Type::list(Type::object(['value' => Type::ref('FillAct'), 'label' => Type::text()])), 'tokens' => Type::list($option), 'longest' => Type::whole(), 'farthest' => Type::whole()]),
                'orders' => Type::list(Type::object(['value' => Type::ref('OrderName'), 'label' => Type::text()])),
                'seeds' => Type::whole(),
                'album_views' => Type::list(Type::object(['value' => Type::ref('AlbumView'), 'label' => Type::text()])),
                'shapes' => Type::list($option),
                'tile_sizes' => Type::object(['names' => Type::list($option), 'range' => Type::tuple(Type::whole(), 2), 'first' => Type::whole()]),
                'qualities' => Type::list(Type::object(['value' => Type::ref('Quality'), 'label' => Type::text(), 'weight' => Type::whole()])),
                'flaws' => Type::list(Type::ref('Flaw')),
                'heaviest' => Type::whole(),
                'widths' => Type::object(array_fill_keys(['least', 'most', 'wide', 'phone'], Type::whole())),
                'tidying' => Type::object(['least' => Type::number(), 'steepest' => Type::number(), 'light' => Type::whole()]),
                'class_names' => Type::list(Type::object(['name' => Type::text(), 'says' => Type::text()])),
                'css_example' => Type::text(),
                'files' => Type::list(Type::text()),
                'pictures' => Type::text(),
                'places' => Type::list(Type::ref('PlaceSetting')),
                'part_kinds' => Type::list(Type::object(['value' => Type::ref('PartKind'), 'label' => Type::text(), 'is_written' => Type::flag()])),
                'frame_spots' => Type::list(Type::text()),
                'heading_levels' => Type::list(Type::whole()),
                'longest' => Type::object(array_map(static fn (): Type => Type::whole(), Vocabulary::longest())),
            ]),
        ];
    }

    /** A part of the layout of a design. */
    private static function layoutPart(): Type
    {
        $settings = [];
        foreach (GalleryDesign::settings() as $path => $setting) {
            if (str_starts_with($path, 'layout.')) {
                $settings[substr($path, strlen('layout.'))] = $setting;
            }
        }

        return Type::part(self::nested($settings, true));
    }

    /**
     * @param  array<string, Setting>  $settings  by path
     * @param  bool  $part  whether any may be missing
     * @return array<string, Type> by the first key of the paths
     */
    private static function nested(array $settings, bool $part): array
    {
        $types = $groups = [];
        foreach ($settings as $path => $setting) {
            [$key, $rest] = [...explode('.', $path, 2), null];
            if ($rest === null) {
                $types[$key] = Type::written($setting->kind->schema()->keywords);
            } else {
                $groups[$key][$rest] = $setting;
            }
        }
        foreach ($groups as $key => $within) {
            $types[$key] = $part ? Type::part(self::nested($within, true)) : Type::object(self::nested($within, false));
        }

        return $types;
    }

    /**
     * @return non-empty-list<string>
     */
    private static function paths(): array
    {
        return self::names(GalleryDesign::settings());
    }

    /**
     * @param  array<string, mixed>  $by
     * @return non-empty-list<string>
     */
    private static function names(array $by): array
    {
        $names = array_keys($by);

        return $names === [] ? [''] : $names;
    }
}
