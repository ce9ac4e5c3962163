<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\Door;
use App\Access\People;
use App\Http\Requests\AcceptInvitationRequest;
use App\Models\Invitation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Somebody comes in by a link. */
final readonly class AcceptInvitation
{
    public function __construct(private People $people, private Door $door)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $token = $request->input('token');
        $invitation = is_string($token) ? Invitation::by($token) : null;

        return new JsonResponse(['invitation' => $invitation === null ? null : ['email' => $invitation->email, 'role' => $invitation->role->label()]]);
    }

    /**
     * @throws ValidationException when the link is not good any more, or the password is not good enough
     */
    public function store(AcceptInvitationRequest $request): JsonResponse
    {
        $user = $this->people->accept($request->string('token')->toString(), $request->string('name')->trim()->toString(), $request->string('password')->toString());
        $this->door->welcome($request, $user);

        return new JsonResponse(null, 204);
    }
}
