<?php

declare(strict_types=1);

namespace Biomegas\Growth\Pace;

/**
 * The ways in which animals may keep to their curve that are weighed against
 * each other: every spread of the pace with every error of the lengths. Nothing
 * of an animal tells beforehand which is its own. Numbers tried on measured
 * series of chicks, rats, trees and soybeans and on invented fish: decision 19.
 */
final readonly class PaceLevels
{
    /** Standard deviation of the pace while it was watched, the weight of each before anything was measured, and the standard deviation in the time to come. */
    public const SPREADS = [[0.0, 8.0, 0.0], [0.15, 1.5, 0.25], [0.35, 1.5, 0.8], [0.7, 0.8, 0.8]];

    /** Factor on the stated error, relative error on top, and the weight of both. */
    public const ERRORS = [[0.4, 0.0, 0.4], [1.0, 0.0, 0.55], [1.0, 0.03, 0.05]];

    /** Of ERRORS the one that takes the stated error as it is. */
    public const USUAL_ERROR = 1;

    /** @return non-empty-list<PaceLevel> all errors of the first spread, then those of the next */
    public static function all(): array
    {
        /** @var non-empty-list<PaceLevel>|null $levels */
        static $levels = null;

        return $levels ??= array_merge(...array_map(fn (array $spread): array => array_map(
            fn (array $error): PaceLevel => new PaceLevel($spread[0], $error[0], $error[1]),
            self::ERRORS,
        ), self::SPREADS));
    }

    /** @return non-empty-list<list<PaceLevel>> the errors of each spread */
    public static function bySpread(): array
    {
        return array_chunk(self::all(), count(self::ERRORS));
    }

    /** @return list<float> in the time to come */
    public static function spreadsAhead(): array
    {
        return array_column(self::SPREADS, 2);
    }
}
