<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Access\Door;
use App\Access\People;
use App\Access\SecurityLog;
use App\Http\Requests\PasswordRequest;
use App\Models\SecurityKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;

/** A new password, given with the old one; all other browsers are signed out. */
final class ChangePassword
{
    /**
     * @throws ValidationException when the old one is not right, or the new one not good enough
     */
    public function __invoke(PasswordRequest $request, Door $door, SecurityLog $log): JsonResponse
    {
        $user = $request->confirmed();
        $new = $request->string('new')->toString();
        People::refuseWeak($new, 'new', [$user->email, $user->name]);
        $user->update(['password' => $new]);
        $door->leaveOthers($request, $user);
        $request->session()->migrate(true);
        $log->note(SecurityKind::Account, 'Changed the password.');

        return new JsonResponse(null, 204);
    }
}
