<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Facility\WaterTemperature;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Portioned;
use Biomegas\Measure\Share;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\MatchClass;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Mixing\WaterMatch;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Water\UnionisedAmmonia;

/**
 * A fish comes in a bag: how long it floats, and whether its water is mixed or
 * it is lifted across. Floating and mixing for about 25 minutes in all, and never
 * the water of the bag into the home: common practice, no published source.
 */
final readonly class BagArrival
{
    /** A closed bag of the usual size nears the home by two thirds in this time. Judgement. */
    private const MINUTES_PER_FOLD = 8.0;

    private const NEAR_CELSIUS = 1.0;

    private const LEAST_FLOAT = 10.0;

    private const MOST_FLOAT = 30.0;

    /** Where the temperature of the bag is not known. */
    private const USUAL_FLOAT = 20.0;

    /** Of a container the bag is the part that is filled at the beginning. */
    private const FILLED = 0.4;

    private function __construct(
        public Finding $sentence,
        /** @var list<SheetStep> none where the home cannot take it yet */
        public array $steps,
        public float $minutes,
    ) {
    }

    public static function of(Bag $bag, WaterSample $home, string $homeName, Hardiness $fish, bool $alwaysSlow = false): self
    {
        $match = WaterMatch::of($bag->floated($home), $home, $fish, MixingWay::TakeOut, $bag->litres / self::FILLED, $alwaysSlow);
        if ($match->class === MatchClass::NotYet) {
            return new self(Finding::of('bag.not_yet', why: $match->reasons[0]), [], 0.0);
        }
        $float = self::floatMinutes($bag, $home);
        $isFoul = self::isFoul($bag, $home);
        $mixing = $isFoul ? [] : self::mixing($match, $homeName);
        $mixed = $mixing === [] ? 0.0 : $match->schedule->minutes;

        return new self(
            match (true) {
                $isFoul => Finding::of('bag.foul', minutes: (int) $float),
                $mixing === [] => Finding::of('bag.across', minutes: (int) $float),
                default => Finding::of('bag.mix', minutes: (int) $float, portions: count($mixing), mixed: (int) ceil($mixed), why: $match->reasons[0]),
            },
            [
                SheetStep::of('bag-dark', Phase::Before, Finding::of('bag.dark'), Finding::of('bag.dark_why')),
                SheetStep::of('bag-float', Phase::Before, Finding::of('bag.float', system: $homeName), Finding::of('bag.float_why'))->timed($float),
                ...$mixing,
                SheetStep::of('bag-across', Phase::Release, Finding::of('bag.net'), Finding::of('bag.net_why')),
                SheetStep::of('bag-lights', Phase::After, Finding::of('bag.lights'), Finding::of('bag.lights_why')),
            ],
            $float + $mixed,
        );
    }

    private static function floatMinutes(Bag $bag, WaterSample $home): float
    {
        if ($bag->celsius === null || $home->celsius === null) {
            return self::USUAL_FLOAT;
        }
        $apart = abs($bag->celsius - $home->celsius);
        $minutes = self::MINUTES_PER_FOLD * ($bag->litres / Bag::USUAL_LITRES) ** (1 / 3) * log(max(1.0, $apart / self::NEAR_CELSIUS));

        return min(self::MOST_FLOAT, max(self::LEAST_FLOAT, ceil($minutes / 5) * 5));
    }

    /** What has gathered in it turns to poison once it is open: nothing is mixed into it. */
    private static function isFoul(Bag $bag, WaterSample $home): bool
    {
        return $bag->ammonia() * UnionisedAmmonia::share(WaterMatch::aeratedPh($bag->floated($home)), $home->celsius ?? WaterTemperature::USUAL_CELSIUS) > UnionisedAmmonia::HARM;
    }

    /** @return list<SheetStep> */
    private static function mixing(WaterMatch $match, string $homeName): array
    {
        $portions = $match->schedule->portions;

        return array_map(fn (int $i): SheetStep => SheetStep::of(
            'bag-mix-'.($i + 1), Phase::Mixing,
            Finding::of('moving.step.mix', way: MixingWay::TakeOut, portion: Portioned::ofLitres($portions[$i]->litres), system: $homeName),
            ...($i === 0 ? $match->reasons : [Finding::of('moving.step.old_water_left', left: Share::of($portions[$i]->remaining))]),
        )->timed(($portions[$i + 1]->minute ?? $match->schedule->minutes) - $portions[$i]->minute), array_keys($portions));
    }
}
