<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/** Many numbers as one text that is short and quickly read, for what is kept; every bit of them comes back. */
final readonly class PackedFloats
{
    /** Eight bytes each, the least first, on every machine. */
    private const FORMAT = 'e*';

    /** @param  list<float>  $numbers */
    public static function of(array $numbers): string
    {
        return pack(self::FORMAT, ...$numbers);
    }

    /** @return list<float> */
    public static function read(string $packed): array
    {
        /** @var list<float> $numbers */
        $numbers = array_values((array) unpack(self::FORMAT, $packed));

        return $numbers;
    }
}
