<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Species;
use Biomegas\Facility\SystemKind;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Size\NearestHome;
use Biomegas\Measure\Sides;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** The home that is missing at the end of a chain: for an adult, larger than nine in ten. */
final readonly class HomeToBuild
{
    private const LONGEST_TANK_MM = 2400.0;

    private const WIDEST_TANK_MM = 900.0;

    private const LONGEST_VAT_MM = 4000.0;

    private const LEAST_DEPTH_MM = 500.0;

    private const MOST_DEPTH_MM = 1300.0;

    /** Below this a pond needs no heater. */
    private const WINTER_WATER_C = 4.0;

    private function __construct(
        /** The day it must be ready. */
        public LocalDate $by,
        /** The day to begin. */
        public LocalDate $begin,
        /** Inside, millimetres. */
        public float $length,
        public float $width,
        public float $litres,
        public SystemKind $kind,
        public bool $isHeated,
    ) {
    }

    public static function for(Species $species, float $adultMm, int $count, LocalDate $by, LocalDate $today, Rulebook $rulebook): self
    {
        $least = NearestHome::forGroup($species, $adultMm, $count, $rulebook);
        $depth = $least->depth ?? max(self::LEAST_DEPTH_MM, min(self::MOST_DEPTH_MM, $least->turningWidth / 2));
        $begin = $by->plusDays(-(int) $rulebook->number(RuleParameter::BuildLeadDays));

        return new self(
            $by,
            LocalDate::later($begin, $today),
            $least->swimLength,
            $least->turningWidth,
            max($least->litres ?? 0.0, $least->swimLength * $least->turningWidth * $depth / 1e6),
            match (true) {
                $least->swimLength <= self::LONGEST_TANK_MM && $least->turningWidth <= self::WIDEST_TANK_MM => SystemKind::Tank,
                $least->swimLength <= self::LONGEST_VAT_MM => SystemKind::Vat,
                default => SystemKind::Pond,
            },
            $species->keepingRange !== null && $species->keepingRange->low > self::WINTER_WATER_C,
        );
    }

    /** "a heated pond of 5.8 by 1.7 m inside" */
    public function finding(): Finding
    {
        return self::named($this->kind, $this->isHeated, Sides::ofMillimetres($this->length, $this->width));
    }

    public static function named(SystemKind $kind, bool $isHeated, Sides $sides): Finding
    {
        return match (true) {
            $kind === SystemKind::Tank => Finding::of('build.tank', sides: $sides),
            $kind === SystemKind::Vat && $isHeated => Finding::of('build.heated_vat', sides: $sides),
            $kind === SystemKind::Vat => Finding::of('build.vat', sides: $sides),
            $isHeated => Finding::of('build.heated_pond', sides: $sides),
            default => Finding::of('build.pond', sides: $sides),
        };
    }
}
