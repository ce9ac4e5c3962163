<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Invitation;
use App\Models\SecurityKind;
use App\Models\Token;
use App\Models\User;
use Illuminate\Database\Connection;
use Illuminate\Validation\ValidationException;
use ZincPane\Core\Access\PasswordRules;
use ZincPane\Core\Access\Role;

/** Who may work in the studio: invited by a link that is good once. */
final readonly class People
{
    /** Days that a link is good for. */
    public const DAYS = 3;

    /** Bytes of chance in a link. */
    private const TOKEN = 24;

    public function __construct(private SecurityLog $log, private Connection $database)
    {
    }

    /**
     * @return list<array{key: string, label: string, says: string}>
     */
    public static function roles(): array
    {
        return array_map(static fn (Role $role): array => ['key' => $role->value, 'label' => $role->label(), 'says' => $role->says()], Role::cases());
    }

    /**
     * @param  string  $role  key of one of roles()
     * @return string what the link holds; told this once
     *
     * @throws ValidationException when somebody of that address is here already
     */
    public function invite(User $by, string $email, string $role): string
    {
        $address = mb_strtolower(trim($email));
        if (User::query()->where('email', $address)->exists()) {
            throw ValidationException::withMessages(['email' => "{$address} works here already."]);
        }
        $token = rtrim(strtr(base64_encode(random_bytes(self::TOKEN)), '+/', '-_'), '=');
        Invitation::query()->where('email', $address)->delete();
        Invitation::query()->create(['user_id' => $by->id, 'email' => $address, 'role' => Role::from($role), 'token' => hash('sha256', $token), 'expires_at' => now()->addDays(self::DAYS)]);
        $this->log->note(SecurityKind::People, "Invited {$address} as {$role}.");

        return $token;
    }

    /**
     * @throws ValidationException when the link is not good any more, or the password is not good enough
     */
    public function accept(string $token, string $name, string $password): User
    {
        $invitation = Invitation::by($token) ?? throw ValidationException::withMessages(['token' => 'This link was used already, or is older than '.self::DAYS.' days. Ask for another one.']);
        self::refuseWeak($password, 'password', [$invitation->email, $name]);

        return $this->database->transaction(function () use ($invitation, $name, $password): User {
            // Of two that come at once, one finds it.
            if (Invitation::query()->whereKey($invitation->id)->delete() !== 1) {
                throw ValidationException::withMessages(['token' => 'This link was used a moment ago.']);
            }
            $user = User::query()->create(['name' => $name, 'email' => $invitation->email, 'password' => $password, 'role' => $invitation->role]);
            $this->log->note(SecurityKind::People, "{$name} ({$user->email}) came in by an invitation as {$user->role->value}.", $user);

            return $user;
        });
    }

    /**
     * @throws ValidationException when nobody would be left who may do everything
     */
    public function give(User $user, string $role): void
    {
        $role = Role::from($role);
        $this->database->transaction(function () use ($user, $role): void {
            if ($role !== Role::Owner) {
                $this->refuseLast($user);
            }
            $user->update(['role' => $role]);
            $this->log->note(SecurityKind::People, "Made {$user->name} ({$user->email}) {$role->value}.");
        });
    }

    /**
     * What they did stays; they are signed out at once.
     *
     * @throws ValidationException when nobody would be left who may do everything
     */
    public function remove(User $user): void
    {
        $this->database->transaction(function () use ($user): void {
            $this->refuseLast($user);
            Token::of($user)->delete();
            $user->delete();
            $this->log->note(SecurityKind::People, "Removed {$user->name} ({$user->email}).");
        });
    }

    /**
     * @param  list<string>  $around  words that others know of the person
     *
     * @throws ValidationException
     */
    public static function refuseWeak(string $password, string $field, array $around): void
    {
        $why = PasswordRules::refusal($password, $around);
        if ($why !== null) {
            throw ValidationException::withMessages([$field => $why]);
        }
    }

    /**
     * @throws ValidationException
     */
    private function refuseLast(User $user): void
    {
        if ($user->role === Role::Owner && User::query()->where('role', Role::Owner)->whereKeyNot($user->id)->doesntExist()) {
            throw ValidationException::withMessages(['role' => "{$user->name} is the only owner. Make somebody else an owner first."]);
        }
    }
}
