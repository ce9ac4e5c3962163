<?php

declare(strict_types=1);

namespace App\Contract;

use ZincPane\Core\Viewer\ClickAct;

/** What clicks do. */
final class ViewerTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        return [
            'ClickAct' => Type::enum(ClickAct::class),
            'ClickOfPicture' => Type::object([
                'id' => Type::text(), 'title' => Type::text(), 'src' => Type::text()->orNull(), 'click' => Type::ref('ClickAct')->orNull()->told('Null where it is the gallery’s rule.'),
                'does' => Type::text(), 'lacks' => Type::flag()->told('Whether an address is wanted that it does not have.'),
            ]),
            'Clicks' => Type::object([
                'rule' => Type::text(), 'acts' => Type::list(Type::object(['value' => Type::ref('ClickAct'), 'label' => Type::text()])), 'pictures' => Type::list(Type::ref('ClickOfPicture')),
            ]),
        ];
    }
}
