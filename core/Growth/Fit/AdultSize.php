<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Facility\AdultSizeClaim;
use Biomegas\Facility\Range;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Species;

/**
 * How long a species becomes, from all that is claimed. Claims are averaged in
 * logarithms by how far each is believed; where they disagree more than the
 * species' own range, the range widens. Claims of a fish's own sex set the others
 * aside. A record says what is possible, not what is usual: it does not count.
 */
final readonly class AdultSize
{
    /** @param  list<float>  $shares  of each claim of the species, in its order; they sum to 1 or are all 0 */
    private function __construct(
        public float $logMean,
        public float $logSpread,
        public array $shares,
    ) {
    }

    public static function of(Species $species, ?Sex $sex = null): self
    {
        $weights = self::weights($species->claims, $sex);
        $spread = $species->adultLength->logSpread();
        $sum = array_sum($weights);
        if ($sum <= 0.0) {
            return new self(log($species->adultLength->typical), $spread, array_map(fn (): float => 0.0, $weights));
        }
        $mean = $square = 0.0;
        foreach ($species->claims as $i => $claim) {
            $log = log($claim->millimetres);
            $mean += $weights[$i] / $sum * $log;
            $square += $weights[$i] / $sum * $log ** 2;
        }

        return new self($mean, max($spread, sqrt(max(0.0, $square - $mean ** 2))), array_map(fn (float $weight): float => $weight / $sum, $weights));
    }

    /** The central 90 %, millimetres. */
    public function range(): Range
    {
        return Range::about(exp($this->logMean), $this->logSpread);
    }

    /**
     * @param  list<AdultSizeClaim>  $claims
     * @return list<float>
     */
    private static function weights(array $claims, ?Sex $sex): array
    {
        $hasOwn = $sex !== null && array_filter($claims, fn (AdultSizeClaim $claim): bool => $claim->sex === $sex) !== [];

        return array_map(fn (AdultSizeClaim $claim): float => match (true) {
            $hasOwn && $claim->sex !== $sex, $sex !== null && $claim->sex !== null && $claim->sex !== $sex => 0.0,
            default => $claim->kind->weight(),
        }, $claims);
    }
}
