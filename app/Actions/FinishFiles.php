<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Finish;
use Illuminate\Support\Str;
use ZincPane\Core\Design\FinishFile;
use ZincPane\Core\Design\FinishFileException;
use ZincPane\Core\Settings\SettingException;

/** Sends finishes out as files, and takes them in. */
final readonly class FinishFiles
{
    public function __construct(private Finishes $finishes)
    {
    }

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

    /**
     * @throws FinishFileException|SettingException when the file holds no finish that could be taken in; nothing was stored
     */
    public function takeIn(string $contents): Finish
    {
        return $this->finishes->takeIn($contents);
    }
}
