<?php

declare(strict_types=1);

namespace ZincPane\Core\Measuring;

use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/** How much each quality of a layout counts when one is looked for; whole numbers from 0 to 10. */
final readonly class Weights
{
    public const LABELS = ['complete' => 'Full rows', 'crop' => 'Little crop', 'even' => 'Even', 'full' => 'No holes', 'size' => 'Tile size', 'phone' => 'On a phone', 'short' => 'Short', 'light' => 'Light'];

    public const MOST = 10;

    public const DEFAULTS = ['complete' => 6, 'crop' => 7, 'even' => 4, 'full' => 5, 'size' => 7, 'phone' => 5, 'short' => 4, 'light' => 2];

    /**
     * @param  array<string, int>  $values
     */
    private function __construct(public array $values)
    {
    }

    /**
     * @throws SettingException when one is unknown or out of its range
     */
    public static function fromArray(mixed $values): self
    {
        $settings = Settings::read('weights', $values, array_keys(self::DEFAULTS));
        $read = [];
        foreach (self::DEFAULTS as $name => $default) {
            $read[$name] = $settings->int($name, $default, 0, self::MOST);
        }

        return new self($read);
    }

    /**
     * @param  array<string, float>  $qualities  0 to 1 each
     * @return float 0 to 1; 0 where nothing counts
     */
    public function score(array $qualities): float
    {
        $sum = array_sum($this->values);
        $score = 0.0;
        foreach ($this->values as $name => $weight) {
            $score += $weight * ($qualities[$name] ?? 0.0);
        }

        return $sum > 0 ? $score / $sum : 0.0;
    }
}
