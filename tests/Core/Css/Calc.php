<?php

declare(strict_types=1);

namespace Tests\Core\Css;

use LogicException;

/** Works lengths and numbers out: calc(), min(), max(), var(), px, %, cqw. (https://www.w3.org/TR/css-values-4/#calc-syntax) */
final class Calc
{
    private string $rest = '';

    /**
     * @param  array<string, string>  $properties  custom ones, as they are declared
     * @param  float  $percent  px that 100 % are
     * @param  float  $container  px that 100cqw are
     */
    public function __construct(private readonly array $properties, private readonly float $percent, private readonly float $container)
    {
    }

    public function value(string $expression): float
    {
        $outer = $this->rest;
        $this->rest = $this->filled($expression);
        $value = $this->sum();
        if (trim($this->rest) !== '') {
            throw new LogicException("Left over of {$expression}: {$this->rest}");
        }
        $this->rest = $outer;

        return $value;
    }

    /** With every var() replaced by what it stands for, or by what is given for the case that there is nothing. */
    public function filled(string $expression): string
    {
        while (($at = strpos($expression, 'var(')) !== false) {
            $depth = 0;
            for ($end = $at + 3; ; $end++) {
                $depth += $expression[$end] === '(' ? 1 : ($expression[$end] === ')' ? -1 : 0);
                if ($depth === 0) {
                    break;
                }
            }
            [$name, $default] = [...StyleSheet::parted(substr($expression, $at + 4, $end - $at - 4), ','), null];
            $value = $this->properties[$name] ?? $default ?? throw new LogicException("{$name} stands for nothing.");
            $expression = substr($expression, 0, $at).$value.substr($expression, $end + 1);
        }

        return $expression;
    }

    private function sum(): float
    {
        $value = $this->product();
        // Between blanks, as CSS wants it; else the sign belongs to the number.
        while (preg_match('/^\s+([+-])\s+/', $this->rest, $found) === 1) {
            $this->rest = substr($this->rest, strlen($found[0]));
            $value += ($found[1] === '-' ? -1 : 1) * $this->product();
        }

        return $value;
    }

    private function product(): float
    {
        $value = $this->atom();
        while (preg_match('~^\s*([*/])\s*~', $this->rest, $found) === 1) {
            $this->rest = substr($this->rest, strlen($found[0]));
            $next = $this->atom();
            $value = $found[1] === '*' ? $value * $next : $value / $next;
        }

        return $value;
    }

    private function atom(): float
    {
        $this->rest = ltrim($this->rest);
        if (preg_match('/^(calc|min|max)?\(/', $this->rest, $found) === 1) {
            $this->rest = substr($this->rest, strlen($found[0]));
            $values = [$this->sum()];
            while (preg_match('/^\s*,/', $this->rest, $comma) === 1) {
                $this->rest = substr($this->rest, strlen($comma[0]));
                $values[] = $this->sum();
            }
            $this->rest = (string) preg_replace('/^\s*\)/', '', $this->rest, 1, $closed);

            return $closed !== 1 ? throw new LogicException("A bracket is not closed before {$this->rest}") : match ($found[1] ?? '') {
                'min' => min($values),
                'max' => max($values),
                default => $values[0],
            };
        }
        if (preg_match('/^(-?(?:\d+\.?\d*|\.\d+))(px|%|cqw)?/', $this->rest, $found) !== 1) {
            throw new LogicException("No number: {$this->rest}");
        }
        $this->rest = substr($this->rest, strlen($found[0]));

        return (float) $found[1] * match ($found[2] ?? '') {
            '%' => $this->percent / 100,
            'cqw' => $this->container / 100,
            default => 1,
        };
    }
}
