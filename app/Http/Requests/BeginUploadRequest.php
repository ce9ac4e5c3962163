<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\Arrival;
use App\Intake\FileName;
use App\Intake\IntakeException;
use App\Intake\PartException;
use App\Models\Batch;
use App\Models\Gallery;
use Illuminate\Http\Request;

/** A file that is announced: its size and name, and where it is to go, in the headers of tus. */
final class BeginUploadRequest extends StudioRequest
{
    /** Files that may be dropped together. */
    private const MOST = 100_000;

    /**
     * @return array{user_id: ?string, gallery_id: ?string, arrival: ?string, purpose: string, name: string, bytes: int, of: int}
     *
     * @throws IntakeException when the file is empty, or larger than any that is taken
     * @throws PartException when the size is missing
     */
    public function facts(): array
    {
        $told = $this->metadata();
        $name = FileName::clean($told['filename'] ?? '');
        $bytes = self::number($this, 'Upload-Length');
        $limits = [config()->integer('zinc.limits.bytes'), config()->integer('zinc.limits.video_bytes'), config()->integer('zinc.limits.zip_bytes')];
        if ($bytes === 0) {
            throw IntakeException::empty($name);
        }
        if ($bytes > max($limits)) {
            throw IntakeException::tooLarge($name, max($limits));
        }
        $gallery = isset($told['gallery']) ? Gallery::query()->findOrFail($told['gallery'])->id : null;
        $arrival = Arrival::parse($told['batch'] ?? '', $told['place'] ?? '');

        return ['user_id' => $this->userId(), 'gallery_id' => $gallery, 'arrival' => $arrival?->mark(), 'purpose' => ($told['purpose'] ?? '') === Batch::GALLERY ? Batch::GALLERY : Batch::PICTURES, 'name' => $name, 'bytes' => $bytes, 'of' => max(1, min(self::MOST, (int) ($told['of'] ?? 1)))];
    }

    /**
     * @throws PartException when the header is missing or no whole number
     */
    public static function number(Request $request, string $header): int
    {
        $value = (string) $request->headers->get($header);

        return ctype_digit($value) && strlen($value) < 16 ? (int) $value : throw PartException::badHeader($header);
    }

    /**
     * @return array<string, string> values by key; in the header they are Base64
     */
    private function metadata(): array
    {
        $told = [];
        foreach (explode(',', (string) $this->headers->get('Upload-Metadata')) as $pair) {
            [$key, $value] = array_pad(explode(' ', trim($pair), 2), 2, '');
            $told[$key] = (string) base64_decode($value, true);
        }

        return array_filter($told, static fn (string $value): bool => $value !== '');
    }
}
