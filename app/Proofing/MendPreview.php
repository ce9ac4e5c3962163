<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Gallery;
use App\Models\Site;
use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Snags\Inspected;

/** What a change of a gallery would come to, before anybody makes it: in words, and drawn small before and after. */
final readonly class MendPreview
{
    public function __construct(private Inspections $inspections)
    {
    }

    /**
     * @param  array<array-key, mixed>  $asked  the change, as it came
     * @return array<string, mixed>
     *
     * @throws ChangeException|SettingException when the change cannot be made
     */
    public function of(Gallery $gallery, array $asked): array
    {
        $change = Changes::asked($asked);
        [$before, $shown] = $this->inspections->withShown($gallery, Site::whole());
        $after = $before->after($change);
        $isDrawn = ! $after->isLaidOutLike($before);

        return [
            'says' => $change->summary($before->gallery),
            'rows' => self::rows($before, $after),
            'before' => $isDrawn ? SnagPlaces::of($before, $shown, false) : null,
            'after' => $isDrawn ? SnagPlaces::of($after, $shown, false) : null,
        ];
    }

    /**
     * Words that become others.
     *
     * @return list<array{item: string, name: string, field: string, before: string, after: string}>
     */
    private static function rows(Inspected $before, Inspected $after): array
    {
        $rows = [];
        $then = $after->gallery->places();
        foreach ($before->items as $item) {
            $place = $then[$item->id] ?? null;
            if ($place === null || $after->gallery->items[$place]->words === $item->words) {
                continue;
            }
            foreach (WordField::cases() as $field) {
                [$was, $is] = [$before->words($item)->text($field), $after->words($after->gallery->items[$place])->text($field)];
                if ($was !== $is) {
                    $rows[] = ['item' => $item->id, 'name' => $before->titleOf($item), 'field' => $field->label(), 'before' => $was, 'after' => $is];
                }
            }
        }

        return $rows;
    }
}
