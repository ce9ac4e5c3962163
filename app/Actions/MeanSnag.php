<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use App\Models\MeantSnag;
use Illuminate\Database\Connection;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Snags\Snag;

/** Keeps that a snag is meant to be so, with a word why; and takes that back. */
final readonly class MeanSnag
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * @throws SettingException when there is no word, or too long a one; nothing was stored
     */
    public function mean(Gallery $gallery, Snag $snag, string $word, ?string $userId): void
    {
        // Without signs that nobody sees, which might turn round the line that it stands in.
        $word = trim((string) preg_replace('/[^\P{C}\x{200C}\x{200D}]+/u', ' ', $word));
        if ($word === '' || mb_strlen($word) > MeantSnag::LONGEST) {
            throw SettingException::notText('word', $word, MeantSnag::LONGEST);
        }
        $kept = ['gallery_id' => $gallery->id, 'code' => $snag->code, 'says' => mb_substr($snag->says, 0, 500), 'word' => $word, 'user_id' => $userId, 'created_at' => now()];
        $this->database->transaction(static fn () => MeantSnag::query()->upsert(
            array_map(static fn (string $mark): array => [...$kept, 'mark' => $mark], $snag->marks), ['gallery_id', 'mark'], ['says', 'word', 'user_id', 'created_at'],
        ));
    }

    /** Nothing that a rule finds is meant any more. */
    public function doubt(Gallery $gallery, string $code): void
    {
        MeantSnag::query()->where('gallery_id', $gallery->id)->where('code', $code)->delete();
    }
}
