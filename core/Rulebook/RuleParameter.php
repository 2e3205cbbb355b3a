<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** The numbers behind the rules. Common practice, no published source, where nothing else is said. */
enum RuleParameter: string
{
    case SwimSlow = 'swim_slow';
    case SwimCruising = 'swim_cruising';
    case SwimRacing = 'swim_racing';
    case SwimLargeFrom = 'swim_large_from_mm';
    case SwimLargeBeyond = 'swim_large_beyond';
    case TurnSlow = 'turn_slow';
    case TurnCruising = 'turn_cruising';
    case TurnRacing = 'turn_racing';
    case TurnRay = 'turn_ray';
    case FloorRoomy = 'floor_roomy';
    case FloorCrowded = 'floor_crowded';
    case CrowdedLeast = 'crowded_least';
    case CrowdedSizeRatio = 'crowded_size_ratio';
    case CrowdedLongest = 'crowded_longest_mm';
    case LitresExponent = 'litres_exponent';
    case GrowOutFrom = 'grow_out_from_mm';
    case GrowOutLitres = 'grow_out_litres_per_cm';
    case LitresLeast = 'litres_least';
    case LitresLeastFrom = 'litres_least_from_mm';
    case SizeTolerance = 'size_tolerance';
    case TemperatureTolerance = 'temperature_tolerance_c';
    case MoveAt = 'move_at';
    case StagedMonths = 'staged_months';
    case QuarantineShort = 'quarantine_short_days';
    case QuarantineStandard = 'quarantine_standard_days';
    case QuarantineLong = 'quarantine_long_days';
    case QuarantineClean = 'quarantine_clean_days';
    case WeeklyChange = 'weekly_change';
    case BuildLeadDays = 'build_lead_days';
    case NitrateTarget = 'nitrate_target_mg_l';
    case NitrateTap = 'nitrate_tap_mg_l';
    case NitrateYield = 'nitrate_yield';
    case ChangeOutgrown = 'change_outgrown';
    case ChangeMost = 'change_most';
    case FeedShare = 'feed_share';
    case FeedExponent = 'feed_exponent';
    case FeedGrown = 'feed_grown';
    case FeedSparse = 'feed_sparse';
    case FeedSeveral = 'feed_several';
    case FilterRate = 'filter_rate_g_m2_d';
    case CompanyAlike = 'company_alike';
    case CompanyTemper = 'company_temper';
    case CompanyStronger = 'company_stronger';
    case CompanyNipper = 'company_nipper';
    case CompanyPace = 'company_pace';
    case CompanyDiet = 'company_diet';
    case CompanyWater = 'company_water';
    case CompanyHurt = 'company_hurt';
    case CompanyGuards = 'company_guards';
    case CompanyTooFew = 'company_too_few';
    case CompanyWatch = 'company_watch_from';
    case CompanyAvoid = 'company_avoid_from';
    case FoodPrice = 'food_price_per_kg';
    case BuildPrice = 'build_price_per_litre';
    case FittingPrice = 'fitting_price';
    case MediaPrice = 'media_price_per_litre';
    case WaterPrice = 'water_price_per_m3';
    case PowerPrice = 'power_price_per_kwh';
    case LightPower = 'light_watts_per_m2';
    case RoomCelsius = 'room_celsius';
    case TapCelsius = 'tap_celsius';

    public function standard(): float
    {
        return $this->figures()[0];
    }

    /** The least value that makes sense. */
    public function least(): float
    {
        return $this->figures()[1];
    }

    public function most(): float
    {
        return $this->figures()[2];
    }

    /** @return array{float, float, float} standard, least, most */
    private function figures(): array
    {
        /** @var array<string, array{float, float, float}> $known cases are matched one by one, and rules ask for these all the time */
        static $known = [];

        return $known[$this->value] ??= $this->stated();
    }

    /** @return array{float, float, float} standard, least, most */
    private function stated(): array
    {
        return match ($this) {
            // Body lengths of straight swimming room, and from front to back to turn, by swimming style.
            self::SwimSlow => [3.3, 1.0, 20.0],
            self::SwimCruising => [4.8, 1.0, 20.0],
            self::SwimRacing => [7.5, 1.0, 20.0],
            // A large cruiser glides: of what it is longer than this it needs fewer lengths.
            self::SwimLargeFrom => [800.0, 100.0, 6000.0],
            self::SwimLargeBeyond => [2.5, 0.0, 20.0],
            self::TurnSlow => [1.3, 0.5, 10.0],
            self::TurnCruising => [1.4, 0.5, 10.0],
            self::TurnRacing => [1.8, 0.5, 10.0],
            // A ray turns on its disc: in widths, whatever its style.
            self::TurnRay => [2.0, 1.0, 10.0],
            // Floor area per sum of squared lengths, in each water layer.
            self::FloorRoomy => [2.9, 0.5, 20.0],
            self::FloorCrowded => [1.65, 0.5, 20.0],
            self::CrowdedLeast => [6.0, 2.0, 100.0],
            self::CrowdedSizeRatio => [1.35, 1.0, 5.0],
            self::CrowdedLongest => [200.0, 20.0, 1000.0],
            // Kinds longer than this as adults foul a small tank long before they cannot turn in it.
            self::GrowOutFrom => [300.0, 10.0, 6000.0],
            self::GrowOutLitres => [7.0, 0.0, 100.0],
            // Litres grow with length to this power; kinds longer than some never have less than so many.
            self::LitresExponent => [1.5, 0.5, 3.0],
            self::LitresLeast => [75.0, 0.0, 1000.0],
            self::LitresLeastFrom => [300.0, 10.0, 6000.0],
            // Tanks are sold by round sizes and thermometers are read to half a degree: a claim is met within so much.
            self::SizeTolerance => [0.03, 0.0, 0.2],
            self::TemperatureTolerance => [0.5, 0.0, 3.0],
            // Share of the limit at which a fish is moved on, and how long the next home should last.
            self::MoveAt => [0.85, 0.3, 1.0],
            self::StagedMonths => [6.0, 0.0, 120.0],
            self::QuarantineShort => [8.0, 1.0, 365.0],
            self::QuarantineStandard => [28.0, 1.0, 365.0],
            self::QuarantineLong => [60.0, 1.0, 365.0],
            // Without a sign and without a dose, before it may leave.
            self::QuarantineClean => [14.0, 0.0, 365.0],
            self::WeeklyChange => [0.25, 0.01, 1.0],
            // From the decision to settled water: built, leak-tested, cycled.
            self::BuildLeadDays => [60.0, 0.0, 1000.0],
            self::NitrateTarget => [50.0, 1.0, 500.0],
            self::NitrateTap => [10.0, 0.0, 200.0],
            // Of the nitrate by the book, where a system has not shown its own; the weekly change above which a home is outgrown, and that above which there are too many.
            self::NitrateYield => [0.5, 0.05, 1.0],
            self::ChangeOutgrown => [0.5, 0.1, 1.0],
            self::ChangeMost => [0.6, 0.1, 1.0],
            // Dry food a day as a share of the mass of a fish of ten grams, the power by which that falls with mass, what is left of it for a grown one, and by how it is fed.
            self::FeedShare => [0.025, 0.001, 0.1],
            self::FeedExponent => [0.25, 0.0, 1.0],
            self::FeedGrown => [0.5, 0.1, 1.0],
            self::FeedSparse => [0.7, 0.1, 1.0],
            self::FeedSeveral => [1.4, 1.0, 3.0],
            // Grams of ammonia nitrogen that a square metre of media turns over in a day in warm water.
            self::FilterRate => [0.2, 0.01, 2.0],
            // What speaks against two in one home, added up, and from what sum on it is to be watched or avoided. Judgement.
            self::CompanyAlike => [2.0, 0.0, 10.0],
            self::CompanyTemper => [2.0, 0.0, 10.0],
            self::CompanyStronger => [1.0, 0.0, 10.0],
            self::CompanyNipper => [3.0, 0.0, 10.0],
            self::CompanyPace => [2.0, 0.0, 10.0],
            self::CompanyDiet => [1.0, 0.0, 10.0],
            self::CompanyWater => [1.0, 0.0, 10.0],
            self::CompanyHurt => [2.0, 0.0, 10.0],
            self::CompanyGuards => [3.0, 0.0, 10.0],
            self::CompanyTooFew => [1.0, 0.0, 10.0],
            self::CompanyWatch => [2.0, 0.0, 20.0],
            self::CompanyAvoid => [6.0, 0.0, 40.0],
            // In the facility's money: judgement, to be replaced by the keeper's own.
            self::FoodPrice => [12.0, 0.0, 10000.0],
            self::BuildPrice => [1.5, 0.0, 1000.0],
            self::FittingPrice => [60.0, 0.0, 100000.0],
            self::MediaPrice => [8.0, 0.0, 10000.0],
            self::WaterPrice => [5.0, 0.0, 1000.0],
            self::PowerPrice => [0.35, 0.0, 100.0],
            // Of lamps over each square metre of water, while they are on.
            self::LightPower => [60.0, 0.0, 1000.0],
            // Around tanks and vats, and of the water that comes from the tap.
            self::RoomCelsius => [18.0, -20.0, 40.0],
            self::TapCelsius => [12.0, 0.0, 35.0],
        };
    }
}
