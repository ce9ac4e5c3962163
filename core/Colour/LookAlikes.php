<?php

declare(strict_types=1);

namespace ZincPane\Core\Colour;

/**
 * Finds who looks like whom among many pictures.
 *
 * Every pair is compared: hashes lie as four words of 16 bits, the number of bits set in a word is
 * looked up, and half of the words is enough to tell most pairs apart.
 */
final readonly class LookAlikes
{
    /** @var list<int> of those that have a look */
    private array $keys;

    /** @var list<list<int>> words, four lists of one for each key */
    private array $words;

    /**
     * @param  array<int, ?PerceptualHash>  $looks  null where there is none
     */
    public function __construct(array $looks)
    {
        $keys = [];
        $words = [[], [], [], []];
        foreach ($looks as $key => $look) {
            if ($look !== null) {
                $keys[] = $key;
                [$words[0][], $words[1][], $words[2][], $words[3][]] = $look->words();
            }
        }
        $this->keys = $keys;
        $this->words = $words;
    }

    /**
     * @param  int  $bits  of difference, at most
     * @return array<int, array<int, int>> by key, the keys of those that look like it, with the bits they differ in
     */
    public function pairs(int $bits): array
    {
        [$a, $b, $c, $d] = $this->words;
        $set = self::bitsSet();
        $pairs = [];
        $count = count($this->keys);
        for ($i = 0; $i < $count; $i++) {
            [$ai, $bi, $ci, $di] = [$a[$i], $b[$i], $c[$i], $d[$i]];
            for ($j = $i + 1; $j < $count; $j++) {
                if ($bits >= $set[$ai ^ $a[$j]] + $set[$bi ^ $b[$j]]) {
                    $all = $set[$ai ^ $a[$j]] + $set[$bi ^ $b[$j]] + $set[$ci ^ $c[$j]] + $set[$di ^ $d[$j]];
                    if ($all <= $bits) {
                        $pairs[$this->keys[$i]][$this->keys[$j]] = $pairs[$this->keys[$j]][$this->keys[$i]] = $all;
                    }
                }
            }
        }

        return $pairs;
    }

    /**
     * Those that look like a picture, or like its mirror image.
     *
     * @param  int  $bits  of difference, at most
     * @return array<int, int> keys of those that look like it, with the bits they differ in
     */
    public function near(PerceptualHash $look, int $bits): array
    {
        [$a, $b, $c, $d] = $this->words;
        [$ai, $bi, $ci, $di] = $look->words();
        $set = self::bitsSet();
        $mask = PerceptualHash::MIRRORED;
        $near = [];
        foreach ($this->keys as $j => $key) {
            $all = $set[$ai ^ $a[$j]] + $set[$bi ^ $b[$j]] + $set[$ci ^ $c[$j]] + $set[$di ^ $d[$j]];
            $mirrored = $set[$ai ^ $a[$j] ^ $mask] + $set[$bi ^ $b[$j] ^ $mask] + $set[$ci ^ $c[$j] ^ $mask] + $set[$di ^ $d[$j] ^ $mask];
            if (min($all, $mirrored) <= $bits) {
                $near[$key] = min($all, $mirrored);
            }
        }

        return $near;
    }

    /**
     * @return array<int, int> of every word of 16 bits
     */
    private static function bitsSet(): array
    {
        /** @var array<int, int> $set */
        static $set = [];
        if ($set === []) {
            $table = [0];
            for ($word = 1; $word < 65536; $word++) {
                $table[$word] = $table[$word >> 1] + ($word & 1);
            }
            $set = $table;
        }

        return $set;
    }
}
