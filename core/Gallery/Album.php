<?php

declare(strict_types=1);

namespace ZincPane\Core\Gallery;

/** A named section of a gallery. */
final readonly class Album
{
    /** Greatest number of characters of its name. */
    public const LONGEST = 80;

    private function __construct(public string $id, public string $name)
    {
    }

    /**
     * @throws ChangeException when it has no identifier, or no name that fits
     */
    public static function parse(mixed $values): self
    {
        $id = is_array($values) ? $values['id'] ?? null : null;
        $name = is_array($values) ? $values['name'] ?? null : null;
        if (! is_string($id) || preg_match('/^[0-9A-Za-z]{1,26}$/', $id) !== 1 || ! is_string($name)) {
            throw ChangeException::notAnAlbum($values);
        }
        $name = trim((string) preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($name, 'UTF-8')));
        if ($name === '' || mb_strlen($name) > self::LONGEST) {
            throw ChangeException::albumName($name, self::LONGEST);
        }

        return new self($id, $name);
    }

    /**
     * @return array{id: string, name: string}
     */
    public function toArray(): array
    {
        return ['id' => $this->id, 'name' => $this->name];
    }
}
