<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Settings\Settings;

/** One act that changes a word of many pictures. */
final readonly class Fill
{
    /** Characters of a pattern, and of what is looked for. */
    public const LONGEST = 2000;

    /** Greatest number that counting may begin at. */
    public const FARTHEST = 100000;

    private function __construct(
        public WordField $field,
        private FillAct $act,
        private Pattern $pattern,
        private string $find,
        private bool $onlyEmpty,
        private int $from,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $values  field, act, text, find, only_empty, from
     *
     * @throws SettingException when something of it is unknown or cannot be
     */
    public static function fromArray(array $values): self
    {
        $settings = Settings::read('fill', $values, ['field', 'act', 'text', 'find', 'only_empty', 'from']);
        $act = $settings->choice('act', FillAct::class, FillAct::Set);
        $find = $settings->text('find', '', self::LONGEST);
        if ($act === FillAct::Replace && $find === '') {
            throw SettingException::nothingToFind();
        }

        return new self(
            $settings->choice('field', WordField::class, WordField::Title),
            $act,
            Pattern::parse($settings->text('text', '', self::LONGEST)),
            $find,
            $settings->flag('only_empty', false),
            $settings->int('from', 1, 0, self::FARTHEST),
        );
    }

    /**
     * What each text becomes.
     *
     * @param  list<array{text: string, values: array<string, string>}>  $rows  texts in force, and what the tokens stand for; number and count are told here
     * @return list<?string> null where the text stays
     */
    public function applied(array $rows): array
    {
        $number = $this->from;
        $texts = [];
        foreach ($rows as $row) {
            if ($this->onlyEmpty && $row['text'] !== '') {
                $texts[] = null;

                continue;
            }
            $new = $this->one($row['text'], $this->pattern->filled([...$row['values'], 'number' => (string) $number, 'count' => (string) count($rows)]));
            $texts[] = $new === $row['text'] ? null : $new;
            $number++;
        }

        return $texts;
    }

    /** With a blank between, unless one was typed. */
    private static function joined(string $first, string $second): string
    {
        return $first === '' || $second === '' || preg_match('/\s$/u', $first) === 1 || preg_match('/^\s/u', $second) === 1 ? $first.$second : "{$first} {$second}";
    }

    private function one(string $text, string $filled): string
    {
        return match ($this->act) {
            FillAct::Set => $filled,
            FillAct::Before => self::joined($filled, $text),
            FillAct::After => self::joined($text, $filled),
            FillAct::Replace => str_replace($this->find, $filled, $text),
            FillAct::Clear => '',
        };
    }
}
