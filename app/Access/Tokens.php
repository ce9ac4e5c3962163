<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\SecurityKind;
use App\Models\Token;
use App\Models\User;
use ZincPane\Core\Access\AccessException;
use ZincPane\Core\Access\Scope;

/** Keys for scripts, each with a name and with what it may do. Only its hash is kept. */
final readonly class Tokens
{
    /** Characters of a name, and tokens of one person. */
    public const LONGEST = 60;

    private const MOST = 50;

    public function __construct(private SecurityLog $log)
    {
    }

    /**
     * @param  mixed  $name  from outside
     * @param  mixed  $scopes  the same
     * @return string the token itself, which is told this once
     *
     * @throws AccessException when it has no name, may do nothing, or there are too many
     */
    public function make(User $user, mixed $name, mixed $scopes): string
    {
        $called = is_string($name) ? trim((string) preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($name, 'UTF-8'))) : '';
        if ($called === '' || mb_strlen($called) > self::LONGEST) {
            throw AccessException::tokenName(mb_strlen($called), self::LONGEST);
        }
        $may = is_array($scopes) ? array_values(array_unique(array_map(static fn (mixed $scope): Scope => (is_string($scope) ? Scope::tryFrom($scope) : null) ?? throw AccessException::unknownScope($scope), $scopes), SORT_REGULAR)) : [];
        if ($may === []) {
            throw AccessException::noScope();
        }
        if (Token::of($user)->count() >= self::MOST) {
            throw AccessException::tooManyTokens(self::MOST);
        }
        $token = $user->createToken($called, array_map(static fn (Scope $scope): string => $scope->value, $may));
        $this->log->note(SecurityKind::Account, "Made the token “{$called}”.");

        return $token->plainTextToken;
    }

    /**
     * It opens nothing from now on.
     *
     * @param  string  $id  from outside
     */
    public function revoke(User $user, string $id): void
    {
        $token = Token::of($user)->findOrFail($id);
        $token->delete();
        $this->log->note(SecurityKind::Account, "Revoked the token “{$token->name}”.");
    }

    /**
     * @return list<array<string, mixed>> the last made first
     */
    public function of(User $user): array
    {
        return array_values(Token::of($user)->latest('id')->get()->map(static fn (Token $token): array => [
            'id' => $token->id, 'name' => $token->name, 'scopes' => $token->abilities,
            'created_at' => $token->created_at?->toIso8601ZuluString(), 'used_at' => $token->last_used_at?->toIso8601ZuluString(),
        ])->all());
    }

    /**
     * @return list<array{key: string, label: string, says: string}>
     */
    public static function scopes(): array
    {
        return array_map(static fn (Scope $scope): array => ['key' => $scope->value, 'label' => $scope->label(), 'says' => $scope->says()], Scope::cases());
    }
}
