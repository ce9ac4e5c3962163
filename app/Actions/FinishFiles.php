<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Finish;
use Illuminate\Support\Str;
use ZincPane\Core\Design\FinishFile;

/** Finishes as they are sent out. */
final class FinishFiles
{
    public function contents(Finish $finish): string
    {
        return FinishFile::write($finish->named());
    }

    /** Safe in a header, whatever the finish is called. */
    public function name(Finish $finish): string
    {
        $slug = Str::slug($finish->name);

        return ($slug === '' ? 'finish' : $slug).'.finish.json';
    }
}
