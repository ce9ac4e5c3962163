<?php

declare(strict_types=1);

namespace App\Models;

/** What the security log tells of. */
enum SecurityKind: string
{
    case SignedIn = 'signed-in';
    case SignInRefused = 'sign-in-refused';
    case SignedOut = 'signed-out';
    case Account = 'account';
    case People = 'people';
    case NotAllowed = 'not-allowed';
    case FileRefused = 'file-refused';
    case Deleted = 'deleted';
    case Published = 'published';

    public function label(): string
    {
        return match ($this) {
            self::SignedIn => 'Signed in',
            self::SignInRefused => 'Sign-in refused',
            self::SignedOut => 'Signed out',
            self::Account => 'Account',
            self::People => 'People',
            self::NotAllowed => 'Not allowed',
            self::FileRefused => 'File refused',
            self::Deleted => 'Deleted',
            self::Published => 'Put live',
        };
    }
}
