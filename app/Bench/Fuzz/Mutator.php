<?php

declare(strict_types=1);

namespace App\Bench\Fuzz;

use Random\Randomizer;

/** Spoils a request: wrong types, extremes, days that are none, strangers' numbers, broken text. */
final readonly class Mutator
{
    /** Stands for a number that JSON can write and nothing can hold. */
    private const NOT_FINITE = '@not-finite@';

    /** Stands for bytes that are no text. */
    private const NOT_TEXT = '@not-text@';

    public function __construct(private Randomizer $random)
    {
    }

    public function path(string $path): string
    {
        return (string) preg_replace_callback('/\d+/', fn (): string => $this->one(['0', '999999', '-1', '1e3', 'abc', '99999999999999999999', '%00', '1.5', '007']), $path, 1);
    }

    /** @return string the body as it is sent */
    public function body(mixed $body, int $mutations): string
    {
        for ($i = 0; $i < $mutations; $i++) {
            $body = $this->mutated($body, 0);
        }
        $text = (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR);
        $text = str_replace(['"'.self::NOT_FINITE.'"', self::NOT_TEXT], ['1e999', "\xff\xfe\xc0"], $text);

        return $mutations > 0 && $this->random->getInt(1, 40) === 1 ? substr($text, 0, intdiv(strlen($text), 2)) : $text;
    }

    private function mutated(mixed $value, int $depth): mixed
    {
        if (! is_array($value) || $value === [] || ($depth > 0 && $this->random->getInt(1, 4) === 1)) {
            return $depth === 0 && $this->random->getInt(1, 3) > 1 ? $value : $this->bad();
        }
        $key = $this->random->pickArrayKeys($value, 1)[0];
        switch ($this->random->getInt(1, 8)) {
            case 1:
                unset($value[$key]);
                break;
            case 2:
                $value[$this->one(['extra', '', '0', '__proto__'])] = $this->bad();
                break;
            case 3:
                $value[$key] = [$value[$key], $value[$key]];
                break;
            default:
                $value[$key] = $this->mutated($value[$key], $depth + 1);
        }

        return $value;
    }

    private function bad(): mixed
    {
        return $this->one([
            null, true, false, 0, -1, 1, 1.5, 2_147_483_648, PHP_INT_MAX, PHP_INT_MIN, 1e308, -1e308, 1e-300, 305, 65_536, self::NOT_FINITE,
            '', ' ', '0', '-5', '11', '2', '1e308', 'NaN', 'INF', '42 cm', '1e9 km', '0 l', '-3 cm', '½ in', '99999999999999999999', "\0", "x\0y", self::NOT_TEXT, 'é👋‮', "' or 1=1 --", '<b>x</b>', str_repeat('x', 3000),
            '0001-01-01', '9999-12-31', '2199-12-31', '2202-01-01', '1900-01-01', '06-01-25', '2027-02-31', '2027-13-01', '2027-03-13T25:61:00Z', '25:61', '2027-02-31T08:00:00Z', '0001-01-01T00:00:00Z',
            [], [[]], [null], ['x'], [1, 2, 3], ['a' => ['b' => ['c' => 1]]], array_fill(0, 70, 'x'), $this->nested(30),
        ]);
    }

    /** @return array<mixed> */
    private function nested(int $levels): array
    {
        return $levels === 0 ? [] : [$this->nested($levels - 1)];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private function one(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }
}
