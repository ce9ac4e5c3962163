<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\FinishUpload;
use App\Http\Resources\TakenInResource;
use App\Intake\IntakeException;
use App\Intake\Parts;
use App\Models\Upload;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What became of a file that is wholly here, for whom the answer to its last part never reached. */
final class ShowUploadOutcome
{
    /**
     * @throws IntakeException when the file was not taken
     */
    public function __invoke(Request $request, string $upload, Parts $parts, FinishUpload $finish): JsonResponse
    {
        $own = Upload::query()->where('user_id', $request->user()?->getAuthIdentifier())->findOrFail($upload);
        abort_unless($parts->received($own) === $own->bytes, 404);

        return TakenInResource::of($finish->handle($own));
    }
}
