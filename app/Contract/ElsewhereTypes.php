<?php

declare(strict_types=1);

namespace App\Contract;

use ZincPane\Core\Access\EmbedRule;
use ZincPane\Core\Embeds\EmbedKind;
use ZincPane\Core\Embeds\Strength;

/** Galleries on pages elsewhere, and who may have them. */
final class ElsewhereTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $rule = Type::object(['rule' => Type::ref('EmbedRule'), 'origins' => Type::list(Type::text())]);
        $named = Type::object(['key' => Type::ref('EmbedRule'), 'label' => Type::text()]);
        $refused = Type::object([...array_fill_keys(['origin', 'at', 'gallery_id', 'gallery'], Type::text()), 'times' => Type::whole()]);

        return [
            'EmbedKind' => Type::enum(EmbedKind::class),
            'EmbedRule' => Type::enum(EmbedRule::class),
            'EmbedOrigins' => $rule,
            'EmbedRuleNamed' => $named,
            'EmbedRefused' => $refused,
            'Strength' => Type::enum(Strength::class),
            'EmbedOfKind' => Type::object([
                'kind' => Type::ref('EmbedKind'), 'label' => Type::text(), 'says' => Type::text(), 'follows' => Type::flag()->told('Whether pages that have it show what is put live later.'),
                'pieces' => Type::list(Type::object(['place' => Type::text(), 'text' => Type::text()])),
                'policy' => Type::list(Type::text())->told('Directives that the other page has to allow.'), 'survives' => Type::list(Type::ref('Strength')),
            ]),
            'Elsewhere' => Type::object([
                'is_live' => Type::flag(), 'page' => Type::text(), 'kinds' => Type::list(Type::ref('EmbedOfKind')),
                'strengths' => Type::list(Type::object(['key' => Type::ref('Strength'), 'label' => Type::text(), 'says' => Type::text()])),
                'hosts' => Type::list(Type::object(['key' => Type::text(), 'label' => Type::text()])),
                'rule' => Type::ref('EmbedOrigins')->orNull()->told('Null for as the site has it.'), 'site_rule' => Type::ref('EmbedOrigins'),
                'rules' => Type::list(Type::ref('EmbedRuleNamed')), 'refusals' => Type::list(Type::ref('EmbedRefused')),
                'lock' => Type::object(['is_locked' => Type::flag(), ...array_fill_keys(['hours', 'shortest', 'longest', 'most_hours'], Type::whole())]),
            ]),
            'ElsewhereOfSite' => Type::object([
                'rule' => Type::ref('EmbedOrigins'), 'rules' => Type::list(Type::ref('EmbedRuleNamed')), 'refusals' => Type::list(Type::ref('EmbedRefused')),
                'acquire_page' => Type::text()->orNull()->told('The page that tells how pictures may be used.'), 'pages' => Type::list(Type::object(['id' => Type::text(), 'title' => Type::text()])),
            ]),
            'PageChecked' => Type::object(['findings' => Type::list(Type::object([
                ...array_fill_keys(['code', 'says', 'mend', 'gallery'], Type::text()), 'is_fault' => Type::flag(), 'kind' => Type::ref('EmbedKind')->orNull(),
            ]))]),
            'Understood' => Type::object([
                'from' => Type::text()->told('What it was read from, in words.'), 'title' => Type::text(), 'description' => Type::text(),
                'pictures' => Type::list(Type::object(array_fill_keys(['file', 'title', 'caption', 'alt'], Type::text()))),
                'absent' => Type::list(Type::text())->told('Named there, and not among the files.'), 'left' => Type::list(Type::text())->told('Among the files, and not named there.'),
            ]),
            'PastedCleaned' => Type::object(['html' => Type::text(), 'lost' => Type::list(Type::text())]),
        ];
    }
}
