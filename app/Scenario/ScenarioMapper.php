<?php

declare(strict_types=1);

namespace App\Scenario;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\AdultSizeClaim;
use Biomegas\Facility\Animal;
use Biomegas\Facility\Background;
use Biomegas\Facility\CardinalTemperatures;
use Biomegas\Facility\ClaimKind;
use Biomegas\Facility\CurveName;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\Diet;
use Biomegas\Facility\Equipment\Divider;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Facility\FeedingPace;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Inspection;
use Biomegas\Facility\LeastHome;
use Biomegas\Facility\LegalStatus;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\LengthWeight;
use Biomegas\Facility\LitresNeed;
use Biomegas\Facility\Opening;
use Biomegas\Facility\PlantManners;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Prey;
use Biomegas\Facility\Range;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Shape\Bow;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Shape\LShape;
use Biomegas\Facility\Shape\Outline;
use Biomegas\Facility\Shape\Round;
use Biomegas\Facility\Shape\Shape;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\TellingMark;
use Biomegas\Facility\TemperatureReadings;
use Biomegas\Facility\WaterLayer;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Facility\Way;

/**
 * Turns descriptions in the words of the scenario format into the core's
 * picture. Both the scenario files and the database hold species and systems in
 * these words. The descriptions have passed the schema.
 */
final readonly class ScenarioMapper
{
    private const USUAL_GLASS_MM = 10.0;

    /**
     * @param  array<string, mixed>  $d
     *
     * @throws ImpossiblePicture
     */
    public static function species(array $d): Species
    {
        $d = [...UsualSpecies::values(), ...array_filter($d, fn (mixed $value): bool => $value !== null)];
        $points = $d['temperature_c'] ?? null;

        return new Species(
            key: $d['key'],
            commonName: $d['common_name'],
            scientificName: $d['scientific_name'],
            adultLength: self::range('adult_length_mm', $d['adult_length_mm']),
            growthCoefficient: self::range('growth_coefficient_per_year', $d['growth_coefficient_per_year']),
            swimming: SwimmingStyle::from($d['swimming']),
            lengthKind: LengthKind::from($d['length_kind']),
            curve: CurveName::from($d['curve']),
            cardinalTemperatures: $points === null ? null : CardinalTemperatures::of($d['key'], $points['minimum'], $points['best'], $points['maximum'], $points['reference']),
            keepingRange: self::span($d['keep_c'] ?? null),
            layer: WaterLayer::from($d['layer']),
            tallRatio: $d['tall_ratio'] ?? null,
            claims: array_map(self::claim(...), array_values($d['adult_size_claims'] ?? [])),
            lengthWeight: isset($d['length_weight']) ? new LengthWeight($d['length_weight']['a'], $d['length_weight']['b']) : null,
            needs: self::needs($d),
            habits: new Habits(
                $d['temperament'],
                Diet::from($d['diet']),
                PlantManners::from($d['plants']),
                $d['region'] ?? null,
                $d['mouth_ratio'],
                $d['bites_pieces'],
                Animal::from($d['animal']),
                array_map(Prey::from(...), array_values($d['eats'] ?? [])),
                $d['nips_fins'],
                $d['long_fins'],
                FeedingPace::from($d['pace']),
            ),
            lookAlikes: array_column($d['look_alikes'] ?? [], 'kind'),
        );
    }

    /**
     * @param  array<string, mixed>  $d
     *
     * @throws ImpossiblePicture
     */
    public static function system(array $d): System
    {
        /** @var non-empty-list<array{key: string, shape: array<string, mixed>}> $pools */
        $pools = $d['pools'] ?? [['key' => $d['key'], 'shape' => $d['shape']]];

        return new System(
            key: $d['key'],
            name: $d['name'],
            kind: SystemKind::from($d['kind']),
            pools: array_map(fn (array $pool): Pool => new Pool($pool['key'], self::shape($pool['shape'])), $pools),
            temperature: self::temperature($d['temperature_c'] ?? null),
            availableFrom: isset($d['available_from']) ? LocalDate::fromIso($d['available_from']) : null,
            readings: self::readings($d['readings'] ?? []),
            fittings: self::fittings($d['fittings'] ?? []),
            salinity: Salinity::from($d['salinity'] ?? Salinity::Fresh->value),
            overflowSlot: $d['overflow_slot_mm'] ?? null,
            ph: $d['ph'] ?? null,
            hardness: $d['gh_dgh'] ?? null,
            equipment: self::equipment($d, $pools[0]['key']),
            opening: self::opening($d),
        );
    }

    /** @param  array<string, mixed>  $d  a system */
    private static function opening(array $d): ?Opening
    {
        [$price, $leadDays] = [(float) ($d['opening_cost'] ?? 0.0), (int) ($d['lead_days'] ?? 0)];

        return $price > 0.0 || $leadDays > 0 ? new Opening($price, $leadDays) : null;
    }

    /** @param  array<string, mixed>  $d  a system */
    private static function equipment(array $d, string $firstPool): Equipment
    {
        $filter = $d['filter'] ?? null;
        $light = $d['light'] ?? null;

        return new Equipment(
            sumpLitres: $d['sump_litres'] ?? 0.0,
            decorArea: $d['decor']['area_mm2'] ?? 0.0,
            decorLitres: $d['decor']['litres'] ?? 0.0,
            decorKilograms: $d['decor']['kilograms'] ?? 0.0,
            filter: $filter === null ? null : new Filter(FilterMedia::from($filter['media']), $filter['litres']),
            turnover: $d['turnover_l_h'] ?? null,
            heaterWatts: $d['heater_w'] ?? null,
            light: $light === null ? null : LightSchedule::of($light['on'], $light['dim'] ?? null, $light['off'], $light['window'] ?? false),
            weeklyChange: $d['weekly_change'] ?? null,
            source: $d['source'] ?? null,
            substrate: $d['substrate'] ?? null,
            site: $d['site'] ?? null,
            dividers: array_map(fn (array $divider): Divider => new Divider(
                $divider['pool'] ?? $firstPool,
                $divider['at_mm'],
                LocalDate::fromIso($divider['from']),
                isset($divider['until']) ? LocalDate::fromIso($divider['until']) : null,
            ), array_values($d['dividers'] ?? [])),
        );
    }

    /**
     * @param  array<string, mixed>  $d
     *
     * @throws ImpossiblePicture
     */
    public static function shape(array $d): Shape
    {
        $glass = ($d['outside'] ?? false) ? (float) ($d['glass_mm'] ?? self::USUAL_GLASS_MM) : 0.0;

        return match ($d['type']) {
            'box' => Box::outside($d['length_mm'], $d['width_mm'], $d['depth_mm'], $glass),
            'round' => Round::outside($d['diameter_mm'], $d['depth_mm'], $glass),
            'l' => LShape::outside($d['length_mm'], $d['width_mm'], $d['leg_length_mm'], $d['leg_width_mm'], $d['depth_mm'], $glass),
            'bow' => Bow::outside($d['length_mm'], $d['width_mm'], $d['bow_mm'], $d['depth_mm'], $glass),
            default => $glass > 0.0
                ? throw ImpossiblePicture::becauseAnOutlineIsMeasuredInside()
                : Outline::inside($d['points_mm'], $d['depth_mm']),
        };
    }

    /** @param  array<string, mixed>  $d  a species */
    public static function background(array $d): Background
    {
        return new Background(
            self::span($d['lifespan_years'] ?? null),
            $d['sold_at_mm'] ?? null,
            $d['protected'] ?? null,
            array_values($d['hazards'] ?? []),
            $d['disease_prone'] ?? false,
            array_map(fn (array $inspection): Inspection => new Inspection($inspection['what'], $inspection['every_days']), array_values($d['inspections'] ?? [])),
            array_map(LegalStatus::from(...), array_values($d['status'] ?? [])),
            array_map(fn (array $mark): TellingMark => new TellingMark($mark['kind'], $mark['marks'], (float) $mark['shows_at_mm']), array_values($d['look_alikes'] ?? [])),
        );
    }

    /** @param  array<string, mixed>  $d  a species */
    private static function needs(array $d): HousingNeeds
    {
        $litres = $d['litres'] ?? null;
        $home = $d['least_home'] ?? null;

        return new HousingNeeds(
            $d['minimum_group'],
            $d['species_only'],
            $litres === null ? null : new LitresNeed($litres['for'], $litres['lean'], $litres['usual'], $litres['generous'], $litres['each_more']),
            $home === null ? null : new LeastHome($home['length_mm'] ?? null, $home['width_mm'] ?? null, $home['litres'] ?? null, $home['for'] ?? 1),
            self::fittings($d['needs'] ?? []),
            Salinity::from($d['salinity']),
            self::span($d['ph'] ?? null),
            self::span($d['hardness_dgh'] ?? null),
            $d['body_depth_ratio'] ?? null,
            $d['may_live_alone'],
            array_map(Way::from(...), array_values($d['ways'] ?? [])),
        );
    }

    /**
     * @param  array<string>  $names
     * @return list<Fitting>
     */
    private static function fittings(array $names): array
    {
        return array_map(Fitting::from(...), array_values($names));
    }

    /** @param  array{low: float, high: float}|null  $d */
    private static function span(?array $d): ?Span
    {
        return $d === null ? null : new Span($d['low'], $d['high']);
    }

    /** @param  array{length_mm: float, kind: string, sex?: string|null, source?: string}  $d */
    private static function claim(array $d): AdultSizeClaim
    {
        return new AdultSizeClaim($d['length_mm'], ClaimKind::from($d['kind']), Sex::tryFrom($d['sex'] ?? ''), $d['source'] ?? '');
    }

    /** @param  list<array{date: string, temperature_c: float}>  $readings */
    private static function readings(array $readings): ?TemperatureReadings
    {
        return $readings === [] ? null : new TemperatureReadings(array_map(
            fn (array $reading): array => [LocalDate::fromIso($reading['date']), (float) $reading['temperature_c']],
            $readings,
        ));
    }

    /** @param  array{low: float, typical: float, high: float}  $d */
    private static function range(string $what, array $d): Range
    {
        return Range::of($what, $d['low'], $d['typical'], $d['high']);
    }

    /** @param  float|non-empty-list<float>|null  $celsius */
    private static function temperature(float|array|null $celsius): ?WaterTemperature
    {
        return match (true) {
            $celsius === null => null,
            is_array($celsius) => WaterTemperature::byMonth($celsius),
            default => WaterTemperature::heldAt($celsius),
        };
    }
}
