<?php

declare(strict_types=1);

namespace App\Contract;

use ZincPane\Core\Access\Ability;
use ZincPane\Core\Access\Role;
use ZincPane\Core\Access\Scope;

/** People, their sign-ins, and what was noted of them. */
final class AccessTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $role = Type::ref('Role');
        $named = Type::list(Type::object(['key' => Type::text(), 'label' => Type::text()]));

        return [
            'Scope' => Type::among(array_column(Scope::cases(), 'value')),
            'TokenMade' => Type::object(['token' => Type::text()->told('Told this once.')]),
            'Role' => Type::among(array_column(Role::cases(), 'value')),
            'Ability' => Type::among(array_column(Ability::cases(), 'value')),
            'Account' => Type::object([
                'name' => Type::text(), 'email' => Type::text(), 'role' => Type::text(), 'second_step' => Type::flag(), 'recovery_codes' => Type::whole(),
                'tokens' => Type::list(Type::object(['id' => Type::whole(), 'name' => Type::text(), 'scopes' => Type::list(Type::ref('Scope')), 'created_at' => Type::text()->orNull(), 'used_at' => Type::text()->orNull()])),
                'scopes' => Type::list(Type::object(['key' => Type::ref('Scope'), 'label' => Type::text(), 'says' => Type::text()])), 'longest_name' => Type::whole(),
                'sign_ins' => Type::list(Type::object(['id' => Type::text(), 'address' => Type::text(), 'browser' => Type::text(), 'since' => Type::text(), 'seen_at' => Type::text(), 'here' => Type::flag()])),
            ]),
            'SecondStepOffer' => Type::object(['secret' => Type::text()->told('In groups of four, to be typed.'), 'uri' => Type::text()->told('To be scanned.')]),
            'RecoveryCodes' => Type::object(['recovery_codes' => Type::list(Type::text())]),
            'People' => Type::object([
                'people' => Type::list(Type::object(['id' => Type::text(), 'name' => Type::text(), 'email' => Type::text(), 'role' => $role, 'second_step' => Type::flag(), 'seen_at' => Type::text()->orNull()])),
                'invitations' => Type::list(Type::object(['id' => Type::text(), 'email' => Type::text(), 'role' => $role, 'expires_at' => Type::text()])),
                'roles' => Type::list(Type::object(['key' => $role, 'label' => Type::text(), 'says' => Type::text()])),
            ]),
            'InvitationLink' => Type::object(['link' => Type::text(), 'days' => Type::whole()]),
            'InvitationSeen' => Type::object(['invitation' => Type::object(['email' => Type::text(), 'role' => Type::text()])->orNull()]),
            'SecurityLog' => Type::object([
                'entries' => Type::list(Type::object(['id' => Type::whole(), 'at' => Type::text(), 'kind' => Type::text(), 'who' => Type::text(), 'address' => Type::text(), 'says' => Type::text()])),
                'more' => Type::flag(), 'kinds' => $named,
            ]),
        ];
    }
}
