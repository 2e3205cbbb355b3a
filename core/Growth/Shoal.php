<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Facility\Purpose;
use Biomegas\Facility\Species;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Numerics\StandardNormal;

/**
 * How far the largest and the smallest of a shoal are from its mean: the
 * largest outgrows the home first, the smallest is swallowed first. Lengths of
 * one brood are taken to be log-normal about their mean, and stay so. Where
 * sizes were told apart that differ by more, they are of unlike age: on one von
 * Bertalanffy curve the difference between two ages shrinks as the growth that
 * is left, so that the small ones catch up.
 */
final readonly class Shoal
{
    /** Standard deviation of the logarithm while no sample has shown it. From memory, no published source. */
    private const USUAL_SPREAD = 0.08;

    private const HALVINGS = 40;

    private function __construct(
        private Fish $fish,
        /** Logarithm of the largest over the mean, and of the mean over the smallest, that lasts. */
        private float $lasting,
        /** What the largest is beyond that, while the mean is as when it was seen. */
        private float $above,
        private float $below,
        /** Mean length when that was seen, millimetres. */
        private float $seenAt,
        private float $adult,
    ) {
    }

    public static function of(Fish $fish): self
    {
        if (! $fish->isShoal()) {
            return new self($fish, 0.0, 0.0, 0.0, 0.0, 0.0);
        }
        $extreme = self::expectedExtreme($fish->count);
        $sized = self::sized($fish);
        if ($sized === null) {
            return new self($fish, self::sampledSpread($fish) * $extreme, 0.0, 0.0, 0.0, 0.0);
        }
        $mean = $sized->meanMm();
        $above = log($sized->largestMm() / $mean);
        $below = log($mean / $sized->smallestMm());
        $lasting = min(self::USUAL_SPREAD * $extreme, max($above, $below));

        return new self($fish, $lasting, $above - $lasting, $below - $lasting, $mean, $fish->statedAdultMm ?? $fish->species->adultLength->typical);
    }

    /** Sizes told apart since a sample last showed a spread; null: there are none. */
    private static function sized(Fish $fish): ?Makeup
    {
        $makeup = $fish->makeup;
        foreach ($fish->lengths as $sample) {
            if ($makeup !== null && $sample->sample > 1 && $sample->spreadMm !== null && $sample->date->isAfter($makeup->date)) {
                return null;
            }
        }

        return $makeup?->hasSizes() === true ? $makeup : null;
    }

    private static function sampledSpread(Fish $fish): float
    {
        foreach (array_reverse($fish->lengths->all()) as $sample) {
            if ($sample->sample > 1 && $sample->spreadMm !== null) {
                return $sample->spreadMm / $sample->length->millimetres();
            }
        }

        return self::USUAL_SPREAD;
    }

    /** Of the largest of n standard normals: Blom (1958), Statistical Estimates and Transformed Beta-Variables. */
    private static function expectedExtreme(int $n): float
    {
        return StandardNormal::quantile(($n - 0.375) / ($n + 0.25));
    }

    /** Length of the largest over this mean, millimetres; 1 for a single fish. */
    public function largestAt(float $mean): float
    {
        return exp($this->lasting + $this->above * $this->left($mean));
    }

    /** Length of the smallest over this mean, millimetres. */
    public function smallestAt(float $mean): float
    {
        return exp(-$this->lasting - $this->below * $this->left($mean));
    }

    /** Length of those of one size at this mean, millimetres: as they were seen beside the others, the difference shrinking as that of the largest and smallest. */
    public function lengthOf(SizeClass $size, float $mean): float
    {
        $makeup = self::sized($this->fish);
        if ($makeup === null) {
            return $mean;
        }
        $apart = log($size->length->millimetres() / $makeup->meanMm());
        $lasting = max(-$this->lasting, min($this->lasting, $apart));

        return $mean * exp($lasting + ($apart - $lasting) * $this->left($mean));
    }

    /** The mean, millimetres, at which the largest is as long as this. */
    public function meanWhenLargestIs(float $millimetres): float
    {
        $low = $millimetres / exp($this->lasting + max(0.0, $this->above));
        $high = $millimetres / exp($this->lasting + min(0.0, $this->above));
        for ($i = 0; $i < self::HALVINGS && $low < $high; $i++) {
            $middle = ($low + $high) / 2;
            if ($middle * $this->largestAt($middle) < $millimetres) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /** As one who lives somewhere, when its mean is so long. */
    public function occupant(float $mean, ?int $count = null, ?Species $species = null): Occupant
    {
        return new Occupant(
            $this->fish->name, $species ?? $this->fish->species, $mean, $count ?? $this->fish->count, $this->largestAt($mean),
            $this->fish->key, $this->fish->purpose === Purpose::Food, $this->smallestAt($mean), $this->fish->sexes(), $this->fish->manner,
        );
    }

    /** Some of one size by themselves, when the mean of all is so long. */
    public function occupantOfSize(SizeClass $size, float $mean, int $count): Occupant
    {
        return new Occupant($this->fish->name, $this->fish->species, $this->lengthOf($size, $mean), $count, fish: $this->fish->key, isFood: $this->fish->purpose === Purpose::Food, manner: $this->fish->manner);
    }

    /** Share of the growth between them that is left at this mean. */
    private function left(float $mean): float
    {
        $room = $this->adult - $this->seenAt;

        return $room <= 0.0 ? 1.0 : min(1.0, max(0.0, ($this->adult - $mean) / $room));
    }
}
