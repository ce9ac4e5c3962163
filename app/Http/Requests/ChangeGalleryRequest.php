<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\RichText;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Settings\SettingException;

/** A change of a gallery and the version it was made on; the core says whether it can be made. */
final class ChangeGalleryRequest extends StudioRequest
{
    /**
     * Kinds that a person may ask for; the others are the journal's own.
     */
    private const KINDS = ['about', 'design', 'words', 'move', 'remove', 'order', 'hide', 'albums', 'text'];

    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'change' => ['required', 'array'],
            'change.kind' => ['required', 'string', 'in:'.implode(',', self::KINDS)],
        ];
    }

    /**
     * @throws ChangeException|SettingException when the change cannot be
     */
    public function change(): Change
    {
        /** @var array<string, mixed> $change */
        $change = $this->input('change');

        if ($change['kind'] === 'text' && is_string($change['text'] ?? null)) {
            $change['text'] = RichText::cleaned($change['text']);
        }

        return Changes::parse($change);
    }
}
