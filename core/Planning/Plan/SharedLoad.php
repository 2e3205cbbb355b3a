<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterLayer;
use Biomegas\Housing\Floor\CrowdedFloor;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;

/** What all who live in a system share of it: the floor by layer, the water by what is fed, the filter. */
enum SharedLoad: string
{
    case Bottom = 'bottom';
    case Middle = 'middle';
    case Top = 'top';
    case Water = 'water';
    case Filter = 'filter';

    /** More than any fish asks for. */
    private const NO_LIMIT = 1e12;

    /** What a fish or shoal asks for on a day: square millimetres of floor, or grams of dry food a day in warm water. */
    public function of(Lodger $lodger, LocalDate $date, Rulebook $rulebook): float
    {
        $occupant = $lodger->occupantOn($date);
        $layer = $this->layer();
        if ($layer !== null) {
            return $occupant->species->layer->uses($layer) ? $rulebook->number(RuleParameter::FloorRoomy) * $occupant->squaredLength() : 0.0;
        }

        return (new FedOccupant($occupant->species, $occupant->length, $occupant->count, $rulebook->ration()))->feed(null, $rulebook);
    }

    /** How much of it the system has, in the same units. */
    public function in(System $system, Rulebook $rulebook): float
    {
        $rulebook = $rulebook->holdingFor($system->key);
        $rule = $this->rule();
        if ($rule !== null && $rulebook->setAside($rule->value) !== null) {
            return self::NO_LIMIT;
        }

        return match ($this) {
            self::Water => $this->byWeeklyChange($system, $rulebook),
            self::Filter => $this->byFilter($system, $rulebook),
            default => $system->floorArea() / (1 - $rulebook->number(RuleParameter::SizeTolerance)) * CrowdedFloor::mostRoomFor($rulebook, $system),
        };
    }

    /** In points, for each day and each whole home of it too much. */
    public function costOfTooMuch(): float
    {
        return $this === self::Filter ? Weights::FILTER_TOO_SMALL : Weights::TOO_FULL;
    }

    private function layer(): ?WaterLayer
    {
        return match ($this) {
            self::Bottom => WaterLayer::Bottom,
            self::Middle => WaterLayer::Middle,
            self::Top => WaterLayer::Top,
            default => null,
        };
    }

    /** The rule that it stands for; null: none, only advice. */
    private function rule(): ?HousingRule
    {
        return match ($this) {
            self::Water => HousingRule::Water,
            self::Filter => null,
            default => HousingRule::Floor,
        };
    }

    /** The load of one gram of dry food a day in it. */
    private function perGram(System $system, Rulebook $rulebook): SystemLoad
    {
        return SystemLoad::ofFeed($system, 1.0, $rulebook);
    }

    private function byWeeklyChange(System $system, Rulebook $rulebook): float
    {
        $load = $this->perGram($system, $rulebook);

        return $load->mostChange / $load->leastWeeklyChange($rulebook->number(RuleParameter::NitrateYield));
    }

    private function byFilter(System $system, Rulebook $rulebook): float
    {
        $share = $this->perGram($system, $rulebook)->filterShare();

        return $share === null ? self::NO_LIMIT : 1 / $share;
    }
}
