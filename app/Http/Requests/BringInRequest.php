<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;
use LogicException;

/** An HTML page, or a ZIP of some, and the address that those go under. */
final class BringInRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:65536'], 'under' => ['nullable', 'string', 'max:80']];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : throw new LogicException('The rules let nothing else pass.');
    }
}
