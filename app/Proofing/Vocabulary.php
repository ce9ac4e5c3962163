<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Intake\FileType;
use App\Intake\RichText;
use App\Models\MeantSnag;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\LayoutKind;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Album;
use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Shape;
use ZincPane\Core\Layout\Arrangement;
use ZincPane\Core\Markup\ClassNames;
use ZincPane\Core\Measuring\Viewport;
use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Ordering\Orders;
use ZincPane\Core\Settings\Setting;
use ZincPane\Core\Site\Page;
use ZincPane\Core\Site\PageAddress;
use ZincPane\Core\Site\Pane;
use ZincPane\Core\Site\PaneDesign;
use ZincPane\Core\Site\Part;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\SiteState;
use ZincPane\Core\Tidying\Crop;
use ZincPane\Core\Tidying\Recipe;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\Fill;
use ZincPane\Core\Wording\FillAct;
use ZincPane\Core\Wording\Pattern;

/** What there is to choose from, by what names, and in what limits: the studio knows none of it by itself. */
final class Vocabulary
{
    /**
     * @return array<string, mixed>
     */
    public static function all(): array
    {
        return [
            'settings' => self::settings(),
            'layouts' => array_combine(array_column(LayoutKind::cases(), 'value'), array_map(static fn (LayoutKind $kind): array => [
                'ends_in_columns' => $kind->endsInColumns(), 'makes_large' => $kind->makesLarge(), 'has_tile_size' => $kind->sizeKey() !== null,
            ], LayoutKind::cases())),
            'words' => array_map(static fn (WordField $field): array => [
                'field' => $field->value, 'label' => ucfirst($field->label()), 'longest' => $field->longest(), 'has_lines' => $field->hasLines(),
            ], WordField::cases()),
            'fill' => [
                'acts' => array_map(static fn (FillAct $act): array => ['value' => $act->value, 'label' => $act->label()], FillAct::cases()),
                'tokens' => self::options(array_map(ucfirst(...), Pattern::TOKENS)),
                'longest' => Fill::LONGEST,
                'farthest' => Fill::FARTHEST,
            ],
            'orders' => self::options(Orders::LABELS),
            'seeds' => Orders::SEEDS,
            'album_views' => array_map(static fn (AlbumView $view): array => ['value' => $view->value, 'label' => $view->label()], AlbumView::cases()),
            'shapes' => array_map(static fn (Shape $shape): array => ['value' => $shape->value, 'label' => $shape->label()], Shape::cases()),
            'tile_sizes' => ['names' => self::options(array_map(static fn (string $name): string => ucfirst(str_replace('-', ' ', $name)), array_combine(array_keys(TileSize::TILES), array_keys(TileSize::TILES)))), 'range' => TileSize::RANGE, 'first' => TileSize::FIRST],
            'qualities' => array_map(static fn (array $option): array => [...$option, 'weight' => Weights::DEFAULTS[$option['value']]], self::options(Weights::LABELS)),
            'flaws' => array_map(static fn (AltFlaw $flaw): array => ['code' => $flaw->value, 'label' => $flaw->label(), 'advice' => $flaw->advice()], AltFlaw::cases()),
            'heaviest' => Weights::MOST,
            'widths' => ['least' => Arrangement::NARROWEST, 'most' => Arrangement::WIDEST, 'wide' => Viewport::WIDE, 'phone' => Viewport::PHONE],
            'tidying' => ['least' => Crop::LEAST, 'steepest' => Recipe::STEEPEST, 'light' => Recipe::LIGHT],
            'class_names' => array_map(static fn (string $name, string $says): array => ['name' => $name, 'says' => $says], array_keys(ClassNames::ALL), array_values(ClassNames::ALL)),
            'css_example' => ClassNames::EXAMPLE,
            'files' => FileType::offered(),
            'pictures' => FileType::pictures(),
            'places' => array_map(static fn (string $key, Setting $setting): array => ['path' => $key, 'label' => $setting->label, 'under' => $setting->under, ...$setting->kind->control()->toArray()], array_keys(PaneDesign::settings()), array_values(PaneDesign::settings())),
            'part_kinds' => array_map(static fn (PartKind $kind): array => ['value' => $kind->value, 'label' => $kind->label(), 'is_written' => $kind->isWritten()], PartKind::cases()),
            'frame_spots' => array_map(ucfirst(...), SiteState::SPOTS),
            'heading_levels' => Part::LEVELS,
            'longest' => self::longest(),
        ];
    }

    /**
     * @return array<string, int> how many characters each text may have
     */
    public static function longest(): array
    {
        return [
            'gallery_title' => About::LONGEST_TITLE,
            'gallery_description' => About::LONGEST_DESCRIPTION,
            'album' => Album::LONGEST,
            'keywords' => Words::LONGEST_KEYWORDS,
            'text' => RichText::LONGEST,
            'menu_label' => Page::LONGEST_LABEL,
            'page_title' => Page::LONGEST_TITLE,
            'address' => PageAddress::LONGEST,
            'pane_name' => Pane::LONGEST_NAME,
            'part_caption' => Part::LONGEST_CAPTION,
            'finish_name' => NamedFinish::LONGEST,
            'snag_word' => MeantSnag::LONGEST,
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function settings(): array
    {
        $settings = GalleryDesign::settings();

        return array_map(static fn (string $path, Setting $setting): array => [
            'path' => $path, 'label' => $setting->label, 'under' => $setting->under, ...$setting->kind->control()->toArray(),
        ], array_keys($settings), array_values($settings));
    }

    /**
     * @param  array<string, string>  $labels  by value
     * @return list<array{value: string, label: string}>
     */
    private static function options(array $labels): array
    {
        return array_map(static fn (string $value, string $label): array => ['value' => $value, 'label' => $label], array_keys($labels), array_values($labels));
    }
}
