<?php

declare(strict_types=1);

namespace ZincPane\Core\Phrases;

/** What is said to visitors by itself, in the language of the page. */
final readonly class Phrases
{
    public const DEFAULT = 'en';

    /** At the head of the names of phrases that the viewer's script says. */
    private const OF_VIEWER = 'v.';

    /**
     * @param  string  $tag  of the language
     * @param  class-string<Language>  $language
     * @param  array<string, string>  $phrases
     */
    private function __construct(public string $tag, private string $language, private array $phrases)
    {
    }

    /**
     * @param  string  $tag  of a language (https://www.rfc-editor.org/info/bcp47): "de-AT" is said in German; one that there are no words in, in English
     */
    public static function in(string $tag): self
    {
        $primary = strtolower(explode('-', $tag)[0]);
        $primary = preg_match('/^[a-z]{2,3}$/D', $primary) === 1 ? $primary : self::DEFAULT;
        $class = self::classOf($primary);
        $known = is_subclass_of($class, Language::class);
        $class = $known ? $class : In\En::class;

        // What a language does not say yet is said in English.
        return new self($known ? $primary : self::DEFAULT, $class, [...In\En::phrases(), ...$class::phrases()]);
    }

    private static function classOf(string $primary): string
    {
        return __NAMESPACE__.'\\In\\'.ucfirst($primary);
    }

    /**
     * @param  array<string, string|int>  $values  in place of {n}, {m}, {t}
     */
    public function say(string $name, array $values = []): string
    {
        $said = [];
        foreach ($values as $key => $value) {
            $said['{'.$key.'}'] = (string) $value;
        }

        return strtr($this->phrases[$name], $said);
    }

    /**
     * @return array<string, string> what the viewer's script says, by name
     */
    public function ofViewer(): array
    {
        $said = [];
        foreach ($this->phrases as $name => $phrase) {
            if (str_starts_with($name, self::OF_VIEWER)) {
                $said[substr($name, strlen(self::OF_VIEWER))] = $phrase;
            }
        }

        return $said;
    }

    /**
     * A day: "3 May 2026".
     *
     * @param  int  $time  seconds since 1970, in UTC
     */
    public function date(int $time): string
    {
        [$year, $month, $day] = array_map(intval(...), explode(' ', gmdate('Y n j', $time)));

        return $this->say('date', ['d' => $day, 'month' => $this->language::months()[$month - 1] ?? '', 'y' => $year]);
    }

    /** A link to elsewhere, after what it is of: "Red kite, leads to saltreed.example". */
    public function leadsTo(string $said, string $where, bool $newTab): string
    {
        return ltrim("{$said}, ".$this->say($newTab ? 'elsewhere_new' : 'elsewhere', ['t' => $where]), ', ');
    }

    /** What a text's link is called. */
    public function readText(string $title): string
    {
        return $title === '' ? $this->say('read') : $this->say('read_named', ['t' => $title]);
    }

    /**
     * @param  int  $number  from 1
     */
    public function video(string $said, int $number, int $count): string
    {
        return $said === '' ? $this->say('video_numbered', ['n' => $number, 'm' => $count]) : $this->say('video', ['t' => $said]);
    }
}
