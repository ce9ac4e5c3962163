<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\People;
use App\Http\Requests\InvitationRequest;
use App\Models\Invitation;
use App\Models\User;
use App\Serving\Hosts;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;

/** Invitations: a link to hand on, good once. */
final readonly class InvitationController
{
    public function __construct(private People $people)
    {
    }

    /**
     * @throws ValidationException when somebody of that address is here already
     */
    public function store(InvitationRequest $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $token = $this->people->invite($user, $request->string('email')->toString(), $request->string('role')->toString());

        return new JsonResponse(['link' => Hosts::invitation($token), 'days' => People::DAYS], 201);
    }

    public function destroy(Invitation $invitation): JsonResponse
    {
        $invitation->delete();

        return new JsonResponse(null, 204);
    }
}
