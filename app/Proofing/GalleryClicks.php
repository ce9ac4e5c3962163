<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\ItemRow;
use App\Models\ItemRows;
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
            'pictures' => array_map(static fn (ItemRow $row): array => [
                'id' => $row->id(),
                'title' => $row->words()->title !== '' ? $row->words()->title : $row->name(),
                'src' => self::thumbnail($row),
                'click' => $row->click()?->value,
                'does' => ($row->click() ?? $rule)->says($row->html() !== null, $row->words()->link),
                // What was asked for, and cannot be done as long as there is no address.
                'lacks' => ($row->click() ?? $rule) === ClickAct::Address && $row->words()->link === '',
            ], ItemRows::of($gallery->id)->all),
        ];
    }

    private static function thumbnail(ItemRow $row): ?string
    {
        if (! $row->hasFace()) {
            return null;
        }
        foreach ($row->renditions() as $rendition) {
            if ($rendition->width >= self::WIDE) {
                return $row->address().'/'.$rendition->fileName();
            }
        }

        return null;
    }
}
