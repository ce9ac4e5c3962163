<?php

declare(strict_types=1);

namespace Bench\Mutants;

/** One line of the code, broken on purpose. */
final readonly class Mutant
{
    private const SWAPPED = [
        '<' => '<=', '>' => '>=', '+' => '-', '-' => '+', '*' => '/', '/' => '*', '%' => '*',
        '<=' => '<', '>=' => '>', '===' => '!==', '!==' => '===', '&&' => '||', '||' => '&&', '+=' => '-=', '-=' => '+=',
        'true' => 'false', 'false' => 'true', 'min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor',
        'continue' => 'break', '!' => '',
    ];

    public function __construct(public string $file, public int $line, public string $before, public string $after, public string $code)
    {
    }

    /**
     * Every mutant of a file that changes one token, or leaves one statement of one line out.
     *
     * @return list<self>
     */
    public static function of(string $file): array
    {
        $code = (string) file_get_contents($file);

        return [...self::swaps($file, $code), ...self::gaps($file, $code)];
    }

    /**
     * @return list<self>
     */
    private static function swaps(string $file, string $code): array
    {
        $found = [];
        $depthOfAttribute = 0;
        foreach (\PhpToken::tokenize($code) as $token) {
            $depthOfAttribute += $token->id === T_ATTRIBUTE ? 1 : 0;
            if ($token->text === ']' && $depthOfAttribute > 0) {
                $depthOfAttribute--;
            }
            $after = match (true) {
                // The first line says strict_types=1.
                $token->line < 6, $token->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML]) => null,
                $token->is(T_LNUMBER) => (string) ((int) $token->text + 1),
                $token->is(T_DNUMBER) => (string) (1.5 * (float) $token->text + 0.1),
                default => self::SWAPPED[$token->text] ?? null,
            };
            if ($after !== null && $depthOfAttribute === 0) {
                $found[] = new self($file, $token->line, $token->text, $after, substr_replace($code, $after, $token->pos, strlen($token->text)));
            }
        }

        return $found;
    }

    /**
     * @return list<self>
     */
    private static function gaps(string $file, string $code): array
    {
        $lines = explode("\n", $code);
        $found = [];
        foreach ($lines as $i => $line) {
            // An empty list to begin with is PHP's own beginning as well.
            if (! str_ends_with($line, '= [];') && preg_match('/^\s+(\$[\w>\-\[\]\'$]+(\(.*\)| [.+\-*\/]?= .*|\+\+|--)|self::\w+\(.*\));$/', $line) === 1) {
                $found[] = new self($file, $i + 1, trim($line), '', implode("\n", array_replace($lines, [$i => ''])));
            }
        }

        return $found;
    }
}
