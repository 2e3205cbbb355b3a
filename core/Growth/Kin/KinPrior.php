<?php

declare(strict_types=1);

namespace Biomegas\Growth\Kin;

use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Numerics\Matrix2;

/**
 * The prior of a fish that has kin in the same facility: same water, same
 * food, perhaps the same brood. How much they share is not assumed but weighed
 * from their own lengths, or fish that share nothing would be made alike.
 */
final readonly class KinPrior
{
    /** Shares of the variance between fish of a species that kin may have in common, and the belief in each before looking. */
    private const SHARES = [[0.0, 0.4], [0.25, 0.3], [0.5, 0.2], [0.75, 0.1]];

    /**
     * @param  GrowthPrior  $ofKind  the prior from the species alone
     * @param  list<KinEvidence>  $kin  of the others, never of the fish itself
     */
    public static function of(GrowthPrior $ofKind, array $kin): GrowthPrior
    {
        if ($kin === []) {
            return $ofKind;
        }
        $parts = array_map(fn (array $share): array => self::underShare($ofKind->covariance, $kin, $share[0], log($share[1])), self::SHARES);
        $greatest = max(array_column($parts, 'logBelief'));
        $beliefs = array_map(fn (array $part): float => exp($part['logBelief'] - $greatest), $parts);
        $sum = array_sum($beliefs);
        $shift = [0.0, 0.0];
        foreach ($parts as $i => $part) {
            $shift[0] += $beliefs[$i] / $sum * $part['shift'][0];
            $shift[1] += $beliefs[$i] / $sum * $part['shift'][1];
        }
        $covariance = [[0.0, 0.0], [0.0, 0.0]];
        foreach ($parts as $i => $part) {
            [$a, $k] = [$part['shift'][0] - $shift[0], $part['shift'][1] - $shift[1]];
            $spread = Matrix2::plus($part['covariance'], [[$a * $a, $a * $k], [$a * $k, $k * $k]]);
            $covariance = Matrix2::plus($covariance, $spread, $beliefs[$i] / $sum);
        }

        return GrowthPrior::normal([$ofKind->mean[0] + $shift[0], $ofKind->mean[1] + $shift[1]], $covariance, $ofKind->logStart);
    }

    /**
     * Normal theory for one share: what is common to the kin, given their
     * evidence. Nothing here inverts a singular matrix.
     *
     * @param  array<int, array<int, float>>  $variance  between fish of the species
     * @param  list<KinEvidence>  $kin
     * @return array{logBelief: float, shift: array{float, float}, covariance: array{array{float, float}, array{float, float}}}
     */
    private static function underShare(array $variance, array $kin, float $share, float $logBelief): array
    {
        $own = Matrix2::plus([[0.0, 0.0], [0.0, 0.0]], $variance, 1 - $share);
        $common = Matrix2::plus([[0.0, 0.0], [0.0, 0.0]], $variance, $share);
        [$precision, $pull, $logLikelihood] = [[[0.0, 0.0], [0.0, 0.0]], [0.0, 0.0], 0.0];
        foreach ($kin as $relative) {
            $ofOne = $relative->ofCommon($variance, $share);
            $precision = Matrix2::plus($precision, $ofOne['precision']);
            $pull = [$pull[0] + $ofOne['pull'][0], $pull[1] + $ofOne['pull'][1]];
            $logLikelihood += $ofOne['logLikelihood'];
        }
        $widen = Matrix2::inverse(Matrix2::plus(Matrix2::IDENTITY, Matrix2::product($precision, $common)));
        $ofCommon = Matrix2::product($common, $widen);
        $shift = Matrix2::times($ofCommon, $pull);

        return [
            'logBelief' => $logBelief + $logLikelihood + Matrix2::dot($pull, $shift) / 2 + log(Matrix2::determinant($widen)) / 2,
            'shift' => $shift,
            'covariance' => Matrix2::plus($own, $ofCommon),
        ];
    }
}
