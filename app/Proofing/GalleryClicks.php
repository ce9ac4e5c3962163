<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\ItemRow;
use App\Models\ItemRows;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Viewer\ClickAct;

/** What a click on each picture of a gallery does, in words. */
final class GalleryClicks
{
    /** px that a picture is at least wide in the list. */
    private const WIDE = 240;

    /**
     * @return array{rule: string, acts: list<array{value: string, label: string}>, pictures: list<array<string, mixed>>}
     */
    public static function of(Gallery $gallery): array
    {
        $rule = $gallery->design->viewer->click->act;

        return [
            'rule' => lcfirst($rule->label()),
            'acts' => array_map(static fn (ClickAct $act): array => ['value' => $act->value, 'label' => $act->label()], ClickAct::cases()),
            'pictures' => array_map(static fn (ItemRow $row): array => self::picture($row, $rule), ItemRows::of($gallery->id)->all),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function picture(ItemRow $row, ClickAct $rule): array
    {
        $words = $row->words();
        $act = $row->click() ?? $rule;

        return [
            'id' => $row->id(),
            'title' => $words->title !== '' ? $words->title : $row->name(),
            'src' => self::thumbnail($row),
            'click' => $row->click()?->value,
            'does' => $act->says($row->html() !== null, $words->link),
            // What was asked for, and cannot be done as long as there is no address.
            'lacks' => $act === ClickAct::Address && $words->link === '',
        ];
    }

    private static function thumbnail(ItemRow $row): ?string
    {
        $file = $row->hasFace() ? Rendition::smallest($row->renditions(), self::WIDE) : null;

        return $file === null ? null : $row->address().'/'.$file->fileName();
    }
}
