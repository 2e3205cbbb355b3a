<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

use Biomegas\Facility\Salinity;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Number;
use Biomegas\Water\Nitrogen;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;
use Biomegas\Water\UnionisedAmmonia;

/** How the water that a fish comes from and the one that it goes to compare, and how it is brought from one to the other. */
final readonly class WaterMatch
{
    private const ALIKE_C = 1.0;

    private const ALIKE_PH = 0.2;

    private const ALIKE_SHARE = 0.15;

    private const MIX_C = 3.0;

    private const MIX_PH = 0.5;

    private const MIX_SHARE = 0.40;

    private const ALIKE_PPT = 1.0;

    private const MIX_PPT = 4.0;

    /** Salt-water fish bear so much in an hour. Common practice, no published source. */
    private const PPT_PER_HOUR = 1.0;

    private const SLOW_MINUTES = 60.0;

    private const TOO_LONG_MINUTES = 180.0;

    /** mg/l of the ion in the water that it goes to. */
    private const NITRITE = 0.3;

    /** pH of water with little carbonate hardness after air has driven out the carbon dioxide of the bag, by its hardness in °dH: pH = 7.4 + log10(KH). */
    private const AERATED_AT_ONE_DEGREE = 7.4;

    private const STEPS = 20;

    /** @param  non-empty-list<Finding>  $reasons  the weightiest first */
    private function __construct(
        public MatchClass $class,
        public array $reasons,
        public MixingSchedule $schedule,
    ) {
    }

    /**
     * @param  float  $container  litres to the brim
     * @param  bool  $alwaysSlow  even alike waters are mixed
     */
    public static function of(WaterSample $from, WaterSample $to, Hardiness $fish, MixingWay $way, float $container, bool $alwaysSlow = false): self
    {
        $waters = new Mixture($from, $to);
        [$class, $reasons] = self::compare($from, $to);
        $isGentle = $fish === Hardiness::Sensitive || $alwaysSlow;
        $least = $class === MatchClass::StraightAcross && ! $isGentle ? 0 : max($isGentle ? Hardiness::Usual->leastPortions() : 0, $fish->leastPortions());
        $schedule = MixingSchedule::of($waters, $fish, $way, $container, $least);
        if ($class === MatchClass::StraightAcross && $least === 0) {
            $schedule = MixingSchedule::none();
        } elseif ($class === MatchClass::StraightAcross) {
            $reasons[] = $fish === Hardiness::Sensitive ? Finding::of('mixing.sensitive') : Finding::of('mixing.always_slowly');
        }
        if ($schedule->minutes > self::SLOW_MINUTES && $class === MatchClass::Mix) {
            $class = MatchClass::SlowMix;
        }
        $obstacles = self::obstacles($waters, $schedule);
        if ($schedule->isTooFull) {
            $reasons[] = Finding::of('mixing.too_full');
        }
        if (! $from->hasKnownAlkalinity() || ! $to->hasKnownAlkalinity()) {
            $reasons[] = Finding::of('mixing.alkalinity_taken', taken: WaterValue::of(Quantity::CarbonateHardness, WaterSample::USUAL_CARBONATE));
        }

        return new self($obstacles === [] ? $class : MatchClass::NotYet, [...$obstacles, ...$reasons], $schedule);
    }

    /** @return array{MatchClass, non-empty-list<Finding>} */
    private static function compare(WaterSample $from, WaterSample $to): array
    {
        $parts = array_values(array_filter([
            self::part(Quantity::Temperature, $from->celsius, $to->celsius, fn (float $a, float $b): array => [abs($a - $b) / self::ALIKE_C, abs($a - $b) / self::MIX_C]),
            self::part(Quantity::Ph, $from->ph, $to->ph, fn (float $a, float $b): array => [abs($a - $b) / self::ALIKE_PH, abs($a - $b) / self::MIX_PH]),
            self::part(Quantity::GeneralHardness, $from->hardness, $to->hardness, self::ratio(...)),
            self::part(Quantity::Conductivity, $from->conductivity, $to->conductivity, self::ratio(...)),
            self::part(Quantity::Salinity, $from->salinity, $to->salinity, fn (float $a, float $b): array => [abs($a - $b) / self::ALIKE_PPT, abs($a - $b) / self::MIX_PPT]),
        ]));
        if ($parts === []) {
            return [MatchClass::Mix, [Finding::of('mixing.nothing_known')]];
        }
        $alike = max(array_column($parts, 0));
        $mix = max(array_column($parts, 1));
        $class = $alike <= 1 + 1e-9 ? MatchClass::StraightAcross : ($mix <= 1 + 1e-9 ? MatchClass::Mix : MatchClass::SlowMix);
        $different = array_values(array_filter($parts, fn (array $part): bool => $part[0] > 1 + 1e-9));
        if ($different === [] && ! ($from->isTested && $to->isTested)) {
            return [MatchClass::Mix, [Finding::of('mixing.alike_as_typed')]];
        }

        return [$class, $different === [] ? [Finding::of('mixing.alike')] : array_column($different, 2)];
    }

    /**
     * @param  callable(float, float): array{float, float}  $measure  over 1: not alike, too much to mix fast
     * @return array{float, float, Finding}|null
     */
    private static function part(Quantity $quantity, ?float $from, ?float $to, callable $measure): ?array
    {
        return $from === null || $to === null ? null : [
            ...$measure($from, $to),
            $quantity === Quantity::Ph
                ? Finding::of('mixing.goes', quantity: $quantity, from: Number::of($from), to: Number::of($to))
                : Finding::of('mixing.goes', quantity: $quantity, from: WaterValue::of($quantity, $from), to: WaterValue::of($quantity, $to)),
        ];
    }

    /** @return array{float, float} */
    private static function ratio(float $a, float $b): array
    {
        $apart = max($a, $b) / max(0.1, min($a, $b)) - 1;

        return [$apart / self::ALIKE_SHARE, $apart / self::MIX_SHARE];
    }

    /** @return list<Finding> */
    private static function obstacles(Mixture $waters, MixingSchedule $schedule): array
    {
        $to = $waters->to;
        $ammonia = self::freeAmmonia($waters);

        return array_values(array_filter([
            $schedule->minutes > self::TOO_LONG_MINUTES ? Finding::of('mixing.too_different', hours: intdiv((int) self::TOO_LONG_MINUTES, 60)) : null,
            $to->nitrite !== null && $to->nitrite > self::NITRITE ? Finding::of('mixing.nitrite', there: WaterValue::of(Quantity::Nitrite, $to->nitrite)) : null,
            $ammonia > UnionisedAmmonia::HARM ? Finding::of('mixing.ammonia') : null,
            self::salinity($waters->from) !== self::salinity($to) ? Finding::of('mixing.salt_and_fresh') : self::saltApart($waters->from->salinity, $to->salinity),
        ]));
    }

    /** The most un-ionised ammonia on the way, and in the bag once air has driven its carbon dioxide out, mg N/l. */
    private static function freeAmmonia(Mixture $waters): float
    {
        $ammonia = Nitrogen::Ammonia->asNitrogen($waters->from->ammonia ?? 0.0);
        $most = 0.0;
        for ($i = 0; $i <= self::STEPS; $i++) {
            $share = $i / self::STEPS;
            $ph = $waters->ph($share);
            if ($ph !== null) {
                $most = max($most, $ammonia * (1 - $share) * UnionisedAmmonia::share($ph, $waters->celsius($share) ?? WaterTemperature::USUAL_CELSIUS));
            }
        }

        return max($most, $ammonia * UnionisedAmmonia::share(self::aeratedPh($waters->from), $waters->from->celsius ?? WaterTemperature::USUAL_CELSIUS));
    }

    /** The pH that the water of a bag comes to once air has driven its carbon dioxide out. */
    public static function aeratedPh(WaterSample $water): float
    {
        return self::AERATED_AT_ONE_DEGREE + log10($water->alkalinity());
    }

    /** Salt of one class, but far apart: the fish must be brought over in hours to days. */
    private static function saltApart(?float $from, ?float $to): ?Finding
    {
        $apart = abs(($from ?? 0.0) - ($to ?? 0.0));

        return $from === null || $to === null || $apart <= self::MIX_PPT ? null : Finding::of(
            'mixing.salt_apart',
            from: WaterValue::of(Quantity::Salinity, $from), to: WaterValue::of(Quantity::Salinity, $to), hours: (int) ceil($apart / self::PPT_PER_HOUR),
        );
    }

    private static function salinity(WaterSample $water): Salinity
    {
        return match (true) {
            ($water->salinity ?? 0.0) < 3.0 => Salinity::Fresh,
            $water->salinity < 20.0 => Salinity::Brackish,
            default => Salinity::Marine,
        };
    }
}
