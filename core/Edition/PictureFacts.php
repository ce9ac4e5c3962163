<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

/** What is known of how a picture came to be; an empty text is nothing. */
final readonly class PictureFacts
{
    /**
     * @param  ?int  $takenAt  seconds since 1970, the camera's clock read as if it were UTC
     * @param  string  $place  by name
     */
    public function __construct(
        public string $camera = '',
        public string $lens = '',
        public string $exposure = '',
        public ?int $takenAt = null,
        public string $place = '',
        public string $rights = '',
        public string $licence = '',
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $values  as toArray() gave them; missing ones are nothing
     */
    public static function fromArray(array $values): self
    {
        $text = static fn (string $key): string => is_string($values[$key] ?? null) ? $values[$key] : '';

        return new self($text('camera'), $text('lens'), $text('exposure'), is_int($values['taken_at'] ?? null) ? $values['taken_at'] : null, $text('place'), $text('rights'), $text('licence'));
    }

    /**
     * @return array<string, string|int> what is known
     */
    public function toArray(): array
    {
        return array_filter([
            'camera' => $this->camera, 'lens' => $this->lens, 'exposure' => $this->exposure, 'taken_at' => $this->takenAt,
            'place' => $this->place, 'rights' => $this->rights, 'licence' => $this->licence,
        ], static fn (string|int|null $value): bool => $value !== '' && $value !== null);
    }
}
