<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\People;
use App\Http\Requests\RoleRequest;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;

/** Who works in the studio, and who was invited. */
final readonly class PeopleController
{
    public function __construct(private People $people)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse([
            'people' => User::query()->orderBy('name')->withMax('signIns', 'seen_at')->withCasts(['sign_ins_max_seen_at' => 'datetime'])->get()->map(static fn (User $user): array => [
                'id' => $user->id, 'name' => $user->name, 'email' => $user->email, 'role' => $user->role->value, 'second_step' => $user->hasSecondStep(),
                'seen_at' => $user->sign_ins_max_seen_at?->toIso8601ZuluString(),
            ])->all(),
            'invitations' => Invitation::open()->latest()->get()->map(static fn (Invitation $invitation): array => [
                'id' => $invitation->id, 'email' => $invitation->email, 'role' => $invitation->role->value, 'expires_at' => $invitation->expires_at->toIso8601ZuluString(),
            ])->all(),
            'roles' => People::roles(),
        ]);
    }

    /**
     * @throws ValidationException when nobody would be left who may do everything
     */
    public function update(RoleRequest $request, User $user): JsonResponse
    {
        $this->people->give($user, $request->string('role')->toString());

        return new JsonResponse(null, 204);
    }

    /**
     * @throws ValidationException when nobody would be left who may do everything
     */
    public function destroy(User $user): JsonResponse
    {
        $this->people->remove($user);

        return new JsonResponse(null, 204);
    }
}
