<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

use Biomegas\Facility\Salinity;
use Biomegas\Water\Nitrogen;
use Biomegas\Water\Test\Quantity;
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

    private const SLOW_MINUTES = 60.0;

    private const TOO_LONG_MINUTES = 180.0;

    /** mg/l of the ion in the water that it goes to. */
    private const NITRITE = 0.3;

    /** pH of water with little carbonate hardness after air has driven out the carbon dioxide of the bag, by its hardness in °dH: pH = 7.4 + log10(KH). */
    private const AERATED_AT_ONE_DEGREE = 7.4;

    private const STEPS = 20;

    /** @param  list<string>  $reasons  sentences */
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
            $reasons[] = $fish === Hardiness::Sensitive ? 'Its kind is sensitive: a quarter of an hour of mixing all the same.' : 'The rulebook says always slowly.';
        }
        if ($schedule->minutes > self::SLOW_MINUTES && $class === MatchClass::Mix) {
            $class = MatchClass::SlowMix;
        }
        $obstacles = self::obstacles($waters, $schedule);
        if ($schedule->isTooFull) {
            $reasons[] = 'The container would be too full: it can jump. Take water out before you add, or use a larger one.';
        }
        if (! $from->hasKnownAlkalinity() || ! $to->hasKnownAlkalinity()) {
            $reasons[] = 'Carbonate hardness is not known of both: 4 °dH is taken.';
        }

        return new self($obstacles === [] ? $class : MatchClass::NotYet, [...$obstacles, ...$reasons], $schedule);
    }

    /** @return array{MatchClass, list<string>} */
    private static function compare(WaterSample $from, WaterSample $to): array
    {
        $parts = array_values(array_filter([
            self::part(Quantity::Temperature, $from->celsius, $to->celsius, fn (float $a, float $b): array => [abs($a - $b) / self::ALIKE_C, abs($a - $b) / self::MIX_C]),
            self::part(Quantity::Ph, $from->ph, $to->ph, fn (float $a, float $b): array => [abs($a - $b) / self::ALIKE_PH, abs($a - $b) / self::MIX_PH]),
            self::part(Quantity::GeneralHardness, $from->hardness, $to->hardness, self::ratio(...)),
            self::part(Quantity::Conductivity, $from->conductivity, $to->conductivity, self::ratio(...)),
        ]));
        if ($parts === []) {
            return [MatchClass::Mix, ['Nothing is known of both waters: measure temperature and pH first.']];
        }
        $alike = max(array_column($parts, 0));
        $mix = max(array_column($parts, 1));
        $class = $alike <= 1 + 1e-9 ? MatchClass::StraightAcross : ($mix <= 1 + 1e-9 ? MatchClass::Mix : MatchClass::SlowMix);
        $different = array_values(array_filter($parts, fn (array $part): bool => $part[0] > 1 + 1e-9));

        return [$class, $different === [] ? ['The waters are alike.'] : array_column($different, 2)];
    }

    /**
     * @param  callable(float, float): array{float, float}  $measure  over 1: not alike, too much to mix fast
     * @return array{float, float, string}|null
     */
    private static function part(Quantity $quantity, ?float $from, ?float $to, callable $measure): ?array
    {
        return $from === null || $to === null ? null : [...$measure($from, $to), $quantity === Quantity::Ph
            ? "The pH goes from {$from} to {$to}."
            : ucfirst("{$quantity->words()} goes from {$quantity->said($from)} to {$quantity->said($to)}.")];
    }

    /** @return array{float, float} */
    private static function ratio(float $a, float $b): array
    {
        $apart = max($a, $b) / max(0.1, min($a, $b)) - 1;

        return [$apart / self::ALIKE_SHARE, $apart / self::MIX_SHARE];
    }

    /** @return list<string> */
    private static function obstacles(Mixture $waters, MixingSchedule $schedule): array
    {
        $to = $waters->to;
        $ammonia = self::freeAmmonia($waters);

        return array_values(array_filter([
            $schedule->minutes > self::TOO_LONG_MINUTES ? 'Too different to be mixed in three hours: bring the waters nearer over days first.' : null,
            $to->nitrite !== null && $to->nitrite > self::NITRITE ? 'There is nitrite where it would go: '.Quantity::Nitrite->said($to->nitrite).'.' : null,
            $ammonia > UnionisedAmmonia::HARM ? 'The ammonia of its own water would turn harmful as the pH rises: match the temperature only, then net it across; no air in an unmixed bag.' : null,
            self::salinity($waters->from) !== self::salinity($to) ? 'Fresh and salt water do not mix in a bucket: that takes days.' : null,
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
                $most = max($most, $ammonia * (1 - $share) * UnionisedAmmonia::share($ph, $waters->celsius($share) ?? 25.0));
            }
        }
        $aerated = self::AERATED_AT_ONE_DEGREE + log10($waters->from->alkalinity());

        return max($most, $ammonia * UnionisedAmmonia::share($aerated, $waters->from->celsius ?? 25.0));
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
