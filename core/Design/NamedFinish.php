<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Finish\FinishDesign;
use ZincPane\Core\Finish\Ready;
use ZincPane\Core\Settings\SettingException;

/** A finish with a name: all of its settings but what belongs to one gallery alone. */
final readonly class NamedFinish
{
    /** Most characters of a name. */
    public const LONGEST = 40;

    /**
     * @param  string  $key  by which galleries say that they follow it
     * @param  array<string, mixed>  $finish  every setting, nested
     */
    private function __construct(public string $key, public string $name, public array $finish)
    {
    }

    /**
     * @param  array<array-key, mixed>  $finish  nested; what is missing is as in a bare finish
     *
     * @throws SettingException when the name is empty or too long, or a setting unknown or out of its range
     */
    public static function of(string $key, string $name, array $finish): self
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > self::LONGEST || preg_match('/\p{C}/u', $name) !== 0) {
            throw SettingException::notOfForm('name', $name, 'a name', self::LONGEST);
        }

        return new self($key, $name, self::shared(GalleryDesign::default()->with(['finish' => array_diff_key($finish, array_flip(FinishDesign::ONES_OWN))])));
    }

    public static function ready(Ready $ready): self
    {
        return self::of($ready->key, $ready->name, $ready->finish);
    }

    /** What of a gallery's finish may be another's, too. */
    public static function ofGallery(string $key, string $name, GalleryDesign $design): self
    {
        return self::of($key, $name, self::shared($design));
    }

    /**
     * The part of a design that takes it over; what belongs to the gallery alone stays.
     *
     * @return array<string, mixed>
     */
    public function part(): array
    {
        return ['finish' => [...$this->finish, 'named' => $this->key]];
    }

    /** Whether a gallery follows it: it was taken over, and nothing of it changed since. */
    public function isFollowedBy(GalleryDesign $design): bool
    {
        return $design->finish->named === $this->key && self::shared($design) === $this->finish;
    }

    /**
     * @return array<string, mixed>
     */
    private static function shared(GalleryDesign $design): array
    {
        /** @var array{finish: array<string, mixed>} $all */
        $all = $design->toArray();

        return array_diff_key($all['finish'], array_flip(FinishDesign::ONES_OWN));
    }
}
