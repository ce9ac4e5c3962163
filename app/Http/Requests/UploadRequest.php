<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\FileName;
use App\Intake\IntakeException;
use Illuminate\Http\UploadedFile;

/** One file. */
final class UploadRequest extends StudioRequest
{
    /**
     * @throws IntakeException when it did not arrive whole or is over the web server's limit
     */
    public function picture(): UploadedFile
    {
        $file = $this->files->get('picture');
        if (! $file instanceof \Symfony\Component\HttpFoundation\File\UploadedFile) {
            throw IntakeException::notSent('picture');
        }
        $name = FileName::clean($file->getClientOriginalName());
        if (in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true)) {
            throw IntakeException::tooLargeForOneRequest($name, config()->integer('zinc.limits.request_bytes'));
        }
        if (! $file->isValid()) {
            throw IntakeException::notSent($name);
        }

        return UploadedFile::createFromBase($file);
    }
}
