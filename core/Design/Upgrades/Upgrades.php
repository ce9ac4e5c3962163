<?php

declare(strict_types=1);

namespace ZincPane\Core\Design\Upgrades;

use ZincPane\Core\Design\GalleryDesign;

/** Brings what was stored under an earlier schema up to the present one; what is of the present one comes back as it is. */
final readonly class Upgrades
{
    /** The schema of what does not say. */
    public const FIRST = 1;

    /**
     * @param  array<int, Upgrade>  $steps  by the schema they start from
     */
    private function __construct(private array $steps)
    {
    }

    public static function all(): self
    {
        return new self([1 => new From1To2, 2 => new From2To3]);
    }

    /**
     * @param  array<array-key, mixed>  $design  whole
     * @return array<array-key, mixed>
     */
    public function design(array $design): array
    {
        $schema = is_int($design['schema'] ?? null) ? $design['schema'] : self::FIRST;

        return $schema > GalleryDesign::SCHEMA ? $design : [...$this->part($design, $schema), 'schema' => GalleryDesign::SCHEMA];
    }

    /**
     * A change of the journal; only changes of a design differ between schemas.
     *
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    public function change(array $change, int $schema): array
    {
        return is_array($change['design'] ?? null) ? [...$change, 'design' => $this->part($change['design'], $schema)] : $change;
    }

    /**
     * What an edition keeps.
     *
     * @param  array<string, mixed>  $content
     * @return array<string, mixed>
     */
    public function edition(array $content): array
    {
        return is_array($content['design'] ?? null) ? [...$content, 'design' => $this->design($content['design'])] : $content;
    }

    /**
     * @param  array<array-key, mixed>  $design
     * @return array<array-key, mixed>
     */
    private function part(array $design, int $schema): array
    {
        for (; $schema < GalleryDesign::SCHEMA; $schema++) {
            $design = $this->steps[$schema]->design($design);
        }

        return $design;
    }
}
