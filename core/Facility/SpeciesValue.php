<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/**
 * Values of a species, by their path in the scenario format, and how far each
 * may go: wide of every animal that is kept, so that a lost decimal point is
 * noticed before it grows into a fish of tonnes. Judgement, no published
 * source; the lifespan leaves room for the oldest sturgeons.
 */
enum SpeciesValue: string
{
    case AdultLength = 'adult_length_mm';
    case GrowthCoefficient = 'growth_coefficient_per_year';
    case ClaimedLength = 'adult_size_claims.length_mm';
    case WeightFactor = 'length_weight.a';
    case WeightExponent = 'length_weight.b';
    case TallRatio = 'tall_ratio';
    case BodyDepthRatio = 'body_depth_ratio';
    case MouthRatio = 'mouth_ratio';
    case KeepingTemperature = 'keep_c';
    case Ph = 'ph';
    case Hardness = 'hardness_dgh';
    case MinimumGroup = 'minimum_group';
    case LitresFor = 'litres.for';
    case LitresLean = 'litres.lean';
    case LitresUsual = 'litres.usual';
    case LitresGenerous = 'litres.generous';
    case LitresEachMore = 'litres.each_more';
    case LeastHomeLength = 'least_home.length_mm';
    case LeastHomeWidth = 'least_home.width_mm';
    case LeastHomeLitres = 'least_home.litres';
    case LeastHomeFor = 'least_home.for';
    case Lifespan = 'lifespan_years';
    case SoldAt = 'sold_at_mm';

    public function least(): float
    {
        return match ($this) {
            self::AdultLength => 0.5,
            self::GrowthCoefficient => 0.001,
            self::WeightFactor => 0.00001,
            self::WeightExponent => 1.5,
            self::TallRatio, self::Lifespan => 0.1,
            self::BodyDepthRatio, self::LitresLean, self::LitresUsual, self::LitresGenerous, self::LeastHomeLitres => 0.01,
            self::MouthRatio, self::Ph, self::Hardness, self::LitresEachMore => 0.0,
            self::KeepingTemperature => -5.0,
            default => 1.0,
        };
    }

    public function most(): float
    {
        return match ($this) {
            self::AdultLength, self::ClaimedLength, self::SoldAt => 20_000.0,
            self::GrowthCoefficient, self::KeepingTemperature => 50.0,
            self::WeightFactor => 2.0,
            self::WeightExponent => 4.5,
            self::TallRatio => 20.0,
            self::BodyDepthRatio => 3.0,
            self::MouthRatio => 1.0,
            self::Ph => 14.0,
            self::Hardness => 100.0,
            self::MinimumGroup, self::LitresFor, self::LeastHomeFor => 1000.0,
            self::LitresLean, self::LitresUsual, self::LitresGenerous, self::LitresEachMore, self::LeastHomeLitres => 10_000_000.0,
            self::LeastHomeLength, self::LeastHomeWidth => 1_000_000.0,
            self::Lifespan => 200.0,
        };
    }

    /** @throws ImpossiblePicture naming the value */
    public function checkSpan(?Span $span): void
    {
        $this->check($span?->low, $span?->high);
        if ($span !== null && $span->low > $span->high) {
            throw ImpossiblePicture::becauseALowIsAboveItsHigh($this->value);
        }
    }

    /**
     * Each of the values that is known.
     *
     * @throws ImpossiblePicture naming the value
     */
    public function check(?float ...$values): void
    {
        foreach ($values as $value) {
            if ($value !== null && ! ($value >= $this->least() && $value <= $this->most())) {
                throw ImpossiblePicture::becauseAValueIsOutOfBounds($this->value, $this->least(), $this->most());
            }
        }
    }
}
