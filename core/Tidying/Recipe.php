<?php

declare(strict_types=1);

namespace ZincPane\Core\Tidying;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/**
 * How a picture was tidied: turned, then straightened, then cropped, then its light changed; and whether published
 * files of it keep the words of the original. The original stays as it is.
 */
final readonly class Recipe
{
    /** Degrees either way that a horizon may be straightened by. */
    public const STEEPEST = 15.0;

    /** How much darker or lighter, flatter or harder at most. */
    public const LIGHT = 100;

    private const KEYS = ['turn', 'straighten', 'crop', 'brightness', 'contrast', 'words', 'free'];

    /**
     * @param  int  $turn  quarter turns clockwise, 0 to 3
     * @param  float  $straighten  degrees clockwise, -15 to 15
     * @param  int  $brightness  -100 to 100
     * @param  int  $contrast  -100 to 100
     * @param  bool  $words  published files say of creator, rights and licence what the original says
     * @param  bool  $free  straightened, as much is kept as can be, whatever its shape
     */
    private function __construct(
        public int $turn,
        public float $straighten,
        public Crop $crop,
        public int $brightness,
        public int $contrast,
        public bool $words,
        public bool $free,
    ) {
    }

    public static function plain(): self
    {
        return new self(0, 0.0, Crop::whole(), 0, 0, false, false);
    }

    /**
     * @throws SettingException when a key is unknown or a value out of its range
     */
    public static function fromArray(mixed $values): self
    {
        $settings = Settings::read('recipe', $values, self::KEYS);

        return new self(
            $settings->int('turn', 0, 0, 3, 'quarter turns'),
            round($settings->number('straighten', 0, -self::STEEPEST, self::STEEPEST, 'degrees'), 1),
            $settings->raw('crop') === null ? Crop::whole() : Crop::fromArray($settings->raw('crop')),
            $settings->int('brightness', 0, -self::LIGHT, self::LIGHT),
            $settings->int('contrast', 0, -self::LIGHT, self::LIGHT),
            $settings->flag('words', false),
            $settings->flag('free', false),
        );
    }

    /**
     * @return array{turn: int, straighten: float, crop: ?array{left: float, top: float, width: float, height: float}, brightness: int, contrast: int, words: bool, free: bool}
     */
    public function toArray(): array
    {
        return [
            'turn' => $this->turn,
            'straighten' => $this->straighten,
            'crop' => $this->crop->isWhole() ? null : $this->crop->toArray(),
            'brightness' => $this->brightness,
            'contrast' => $this->contrast,
            'words' => $this->words,
            'free' => $this->free,
        ];
    }

    /** Value by value. */
    public function isSameAs(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    public function isPlain(): bool
    {
        return $this->isSameAs(self::plain());
    }

    /** Whether the picture is seen as it came. */
    public function leavesPicture(): bool
    {
        return $this->keepsShape() && $this->keepsLight();
    }

    /** Whether the picture keeps its brightness and contrast. */
    public function keepsLight(): bool
    {
        return $this->brightness === 0 && $this->contrast === 0;
    }

    /** Whether the picture keeps its geometry and only its light changes, if anything. */
    public function keepsShape(): bool
    {
        return $this->turn === 0 && $this->straighten === 0.0 && $this->crop->isWhole();
    }

    /** The size of the tidied picture. */
    public function sizeOf(Size $upright): Size
    {
        [$width, $height] = $this->straightened($upright);

        return Size::of(max(1, (int) round($width * $this->crop->width)), max(1, (int) round($height * $this->crop->height)));
    }

    /**
     * Turning and straightening as a matrix about the top left corner, and the part of the outcome
     * that is kept, as `affine` of libvips has them.
     *
     * @return array{matrix: array{float, float, float, float}, area: array{left: int, top: int, width: int, height: int}} px
     */
    public function affine(Size $upright): array
    {
        $angle = deg2rad($this->straighten + 90 * $this->turn);
        $size = $this->sizeOf($upright);
        [$width, $height] = $this->straightened($upright);
        // The centre of the picture, in px of which the first lies at 0, stays the centre of what is kept.
        $x = ($upright->width - 1) / 2;
        $y = ($upright->height - 1) / 2;
        $left = $x * cos($angle) - $y * sin($angle) - $width / 2 + $width * $this->crop->left + 0.5;
        $top = $x * sin($angle) + $y * cos($angle) - $height / 2 + $height * $this->crop->top + 0.5;

        return [
            'matrix' => [cos($angle), -sin($angle), sin($angle), cos($angle)],
            'area' => ['left' => (int) round($left), 'top' => (int) round($top), 'width' => $size->width, 'height' => $size->height],
        ];
    }

    /**
     * Brightness and contrast as one straight line over sRGB values of 0 to 255: v becomes a·v + b.
     * Contrast turns the line about the middle grey, from flat to three times as steep; brightness
     * moves it by up to half of the range.
     *
     * @return array{float, float} a and b
     */
    public function light(): array
    {
        $a = $this->contrast < 0 ? 1 + $this->contrast / 100 : 1 + 2 * $this->contrast / 100;

        return [$a, 127.5 * (1 - $a) + 127.5 * $this->brightness / 100];
    }

    /** Where a point of the upright original is in the tidied picture; at its nearest edge when it was cropped away. */
    public function seen(FocalPoint $point, Size $upright): FocalPoint
    {
        [$x, $y] = $this->rotated(($point->x - 0.5) * $upright->width, ($point->y - 0.5) * $upright->height, 1);
        [$width, $height] = $this->straightened($upright);

        return self::within(
            ($x / $width + 0.5 - $this->crop->left) / $this->crop->width,
            ($y / $height + 0.5 - $this->crop->top) / $this->crop->height,
        );
    }

    /** Where a point of the tidied picture is in the upright original. */
    public function original(FocalPoint $point, Size $upright): FocalPoint
    {
        [$width, $height] = $this->straightened($upright);
        [$x, $y] = $this->rotated(
            ($this->crop->left + $point->x * $this->crop->width - 0.5) * $width,
            ($this->crop->top + $point->y * $this->crop->height - 0.5) * $height,
            -1,
        );

        return self::within($x / $upright->width + 0.5, $y / $upright->height + 0.5);
    }

    /**
     * The largest rectangle that has no empty corner once the picture is straightened: of the picture's shape, or of any.
     *
     * Of any shape: where the picture is long and thin, it touches both long sides with half of the short one on its diagonal;
     * else its four corners lie on the four sides.
     *
     * @return array{float, float} width and height in px, as turned
     */
    private function straightened(Size $upright): array
    {
        [$width, $height] = $this->turn % 2 === 0 ? [$upright->width, $upright->height] : [$upright->height, $upright->width];
        $sin = abs(sin(deg2rad($this->straighten)));
        $cos = cos(deg2rad($this->straighten));
        if (! $this->free || $sin < 1e-9) {
            $scale = min($width / ($width * $cos + $height * $sin), $height / ($width * $sin + $height * $cos));

            return [$width * $scale, $height * $scale];
        }
        $short = min($width, $height);
        if ($short <= 2 * $sin * $cos * max($width, $height)) {
            return $width >= $height ? [$short / (2 * $sin), $short / (2 * $cos)] : [$short / (2 * $cos), $short / (2 * $sin)];
        }
        $double = $cos * $cos - $sin * $sin;

        return [($width * $cos - $height * $sin) / $double, ($height * $cos - $width * $sin) / $double];
    }

    /**
     * @param  int  $way  1 as the recipe turns, -1 back
     * @return array{float, float}
     */
    private function rotated(float $x, float $y, int $way): array
    {
        $angle = $way * deg2rad($this->straighten + 90 * $this->turn);

        return [$x * cos($angle) - $y * sin($angle), $x * sin($angle) + $y * cos($angle)];
    }

    private static function within(float $x, float $y): FocalPoint
    {
        return FocalPoint::of(max(0.0, min(1.0, $x)), max(0.0, min(1.0, $y)));
    }
}
