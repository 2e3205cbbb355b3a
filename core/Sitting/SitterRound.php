<?php

declare(strict_types=1);

namespace Biomegas\Sitting;

/** In which order a sitter walks: as the keeper does, but to those who may be ill last. Common practice, no published source. */
final readonly class SitterRound
{
    /**
     * @param  list<SitterStop>  $stops  in walking order
     * @return list<SitterStop>
     */
    public static function inOrder(array $stops): array
    {
        $isLast = fn (SitterStop $stop): bool => $stop->isQuarantine;

        return [...array_values(array_filter($stops, fn (SitterStop $stop): bool => ! $isLast($stop))), ...array_values(array_filter($stops, $isLast))];
    }
}
