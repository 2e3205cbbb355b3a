<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/**
 * What every importance draw needs and no fish changes: a step of a Student t
 * with five degrees of freedom, its log density, and the normals for the way
 * growth time wanders.
 */
final readonly class ProposalTable
{
    private const DEGREES_OF_FREEDOM = 5;

    private const DIMENSIONS = 3;

    /** For the parameters, the degrees of freedom, and two for growth time. */
    private const NORMALS = self::DIMENSIONS + self::DEGREES_OF_FREEDOM + 2;

    /**
     * @return list<array{float, float, float, float, float, float}> three steps, log density up to a constant,
     *                                                               normal of the deviation, normal of the wander
     */
    public static function of(int $draws): array
    {
        /** @var array<int, list<array{float, float, float, float, float, float}>> $tables */
        static $tables = [];

        return $tables[$draws] ??= array_map(self::row(...), NormalTable::of($draws, self::NORMALS));
    }

    /**
     * @param  list<float>  $z
     * @return array{float, float, float, float, float, float}
     */
    private static function row(array $z): array
    {
        $chiSquare = 0.0;
        for ($i = 0; $i < self::DEGREES_OF_FREEDOM; $i++) {
            $chiSquare += $z[self::DIMENSIONS + $i] ** 2;
        }
        $scale = sqrt(self::DEGREES_OF_FREEDOM / $chiSquare);
        $distance = $z[0] ** 2 + $z[1] ** 2 + $z[2] ** 2;
        $logDensity = -(self::DEGREES_OF_FREEDOM + self::DIMENSIONS) / 2 * log(1 + $distance / $chiSquare);

        return [$scale * $z[0], $scale * $z[1], $scale * $z[2], $logDensity, $z[8], $z[9]];
    }
}
