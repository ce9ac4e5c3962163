<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Actions\FinishUpload;
use App\Http\Requests\BeginUploadRequest;
use App\Http\Requests\PartRequest;
use App\Http\Resources\TakenInResource;
use App\Intake\IntakeException;
use App\Intake\PartException;
use App\Intake\Parts;
use App\Models\Upload;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;
use Throwable;

/**
 * Files in parts, by the tus protocol 1.0 (https://tus.io/protocols/resumable-upload): a lost
 * connection goes on where it broke. The answer to the last part says what became of the file.
 */
final readonly class UploadController
{
    private const VERSION = ['Tus-Resumable' => '1.0.0', 'Cache-Control' => 'no-store'];

    public function __construct(private Parts $parts)
    {
    }

    /**
     * @throws IntakeException when the file is larger than any that is taken
     */
    public function store(BeginUploadRequest $request): Response
    {
        $this->parts->sweep();
        $upload = Upload::query()->create($request->facts());

        return new Response('', 201, [...self::VERSION, 'Location' => "/studio/api/uploads/{$upload->id}", 'Upload-Offset' => '0']);
    }

    /** Where the last part was taken in and nobody was told, it is finished now. */
    public function show(Request $request, string $upload, FinishUpload $finish): Response
    {
        $own = $this->own($request, $upload);
        if ($own->outcome === null && $this->parts->received($own) === $own->bytes) {
            rescue(static fn () => $finish->handle($own), report: static fn (Throwable $fault): bool => ! $fault instanceof IntakeException);
        }

        return new Response('', 200, [...self::VERSION, 'Upload-Offset' => (string) $this->parts->received($own), 'Upload-Length' => (string) $own->bytes]);
    }

    /**
     * @throws PartException when the part does not begin where the last one ended, or goes beyond the end
     * @throws IntakeException when it was the last part and the file is not taken
     */
    public function update(PartRequest $request, string $upload, FinishUpload $finish): Answer
    {
        $own = $this->own($request, $upload);
        $received = $this->parts->append($own, BeginUploadRequest::number($request, 'Upload-Offset'), $request->getContent(true));
        $own->touch();
        $answer = $received < $own->bytes
            ? new Response('', 204)
            : TakenInResource::of($finish->handle($own));
        $answer->headers->add([...self::VERSION, 'Upload-Offset' => (string) $received]);

        return $answer;
    }

    public function destroy(Request $request, string $upload): Response
    {
        $this->parts->forget($this->own($request, $upload));

        return new Response('', 204, self::VERSION);
    }

    private function own(Request $request, string $id): Upload
    {
        return Upload::query()->where('user_id', $request->user()?->getAuthIdentifier())->findOrFail($id);
    }
}
