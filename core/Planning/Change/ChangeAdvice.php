<?php

declare(strict_types=1);

namespace Biomegas\Planning\Change;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Water\Nitrification\LoadForecast;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Nitrification\Peak;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;

/** What a change would come to. */
final readonly class ChangeAdvice
{
    public function __construct(private BeforeAfter $change)
    {
    }

    /** @return non-empty-list<Finding> */
    public function findings(): array
    {
        $new = $this->change->newObjections();
        $water = $this->ofWater();

        return match (true) {
            $new !== [] => [Finding::of('change.not_like_this', objection: $new[0]), ...$water],
            $water !== [] => $water,
            default => [Finding::of('change.everybody_fits')],
        };
    }

    /** @return list<Finding> of ammonia and nitrite alone; none: nothing would stir the filter */
    public function ofWater(): array
    {
        $forecast = $this->change->forecast;
        if ($forecast === null) {
            return [];
        }
        $peaks = $this->peaks($forecast);

        return match ($forecast->outcome()) {
            Outcome::Safe => [Finding::of('change.safe', peaks: $peaks)],
            Outcome::TestDaily => [Finding::of('change.test_daily', peaks: $peaks)],
            Outcome::FilterTooSmall => [Finding::of('change.filter_too_small')],
            Outcome::TooMuch => [Finding::of('change.too_much', peaks: $peaks), ...$this->remedies()],
        };
    }

    private function peaks(LoadForecast $forecast): Finding
    {
        return Finding::of(
            'change.peaks',
            ammonia: self::height(Quantity::Ammonia, $forecast->ammoniaPeak()), ammonia_on: $this->day($forecast->ammoniaPeak()),
            nitrite: self::height(Quantity::Nitrite, $forecast->nitritePeak()), nitrite_on: $this->day($forecast->nitritePeak()),
        );
    }

    private static function height(Quantity $quantity, Peak $peak): WaterValue
    {
        return WaterValue::of($quantity, round($peak->height, 2));
    }

    private function day(Peak $peak): LocalDate
    {
        return $this->change->on->plusDays((int) ceil($peak->day));
    }

    /** @return list<Finding> */
    private function remedies(): array
    {
        $most = $this->change->mostAtOnce;
        $better = $this->change->withChanges;
        $clear = $this->change->forecast?->course->clearFrom();

        return array_values(array_filter([
            match (true) {
                $most === null => null,
                $most > 0 => Finding::of('change.most_at_once', most: $most),
                $this->change->before->load->ammonia <= 0.0 => Finding::of('change.not_run_in'),
                default => Finding::of('change.too_small_for_residents'),
            },
            $better !== null && $better->isBearable() ? Finding::of('change.with_daily_changes', nitrite: self::height(Quantity::Nitrite, $better->nitritePeak())) : null,
            $clear === null ? null : Finding::of('change.over_by', day: $this->change->on->plusDays($clear)),
        ]));
    }
}
