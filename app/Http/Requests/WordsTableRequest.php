<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

/** The contents of a CSV file. */
final class WordsTableRequest extends StudioRequest
{
    private const LONGEST = 8 * 1024 * 1024;

    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::LONGEST / 1024], 'version' => ['integer', 'min:1']];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['file.max' => 'The table is larger than 8 MB. Split it.', 'file.required' => 'Choose a CSV file.'];
    }

    public function csv(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file->getContent() : '';
    }
}
