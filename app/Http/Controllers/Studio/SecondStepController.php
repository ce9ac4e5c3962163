<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\SecondStep;
use App\Access\SecurityLog;
use App\Http\Requests\PasswordRequest;
use App\Models\SecurityKind;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A second step for one's own sign-in: begun with the password, in force with the first code. */
final readonly class SecondStepController
{
    public function __construct(private SecondStep $second, private SecurityLog $log)
    {
    }

    /**
     * @throws ValidationException when the password is not right
     */
    public function store(PasswordRequest $request): JsonResponse
    {
        return new JsonResponse($this->second->offer($request->session(), $request->confirmed()), 201);
    }

    /**
     * @throws ValidationException when the code is not the right one
     */
    public function update(Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $code = $request->input('code');
        $codes = $this->second->confirm($request->session(), $user, is_string($code) ? $code : '');
        if ($codes === null) {
            throw ValidationException::withMessages(['code' => 'That is not the code that the authenticator shows for this. Check its clock, and try the next one.']);
        }
        $this->log->note(SecurityKind::Account, 'Set up a second step.');

        return new JsonResponse(['recovery_codes' => $codes]);
    }

    /**
     * @throws ValidationException when the password is not right
     */
    public function destroy(PasswordRequest $request): JsonResponse
    {
        $this->second->end($request->confirmed());
        $this->log->note(SecurityKind::Account, 'Took the second step away.');

        return new JsonResponse(null, 204);
    }
}
