<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Portioned;
use Biomegas\Measure\Share;
use Biomegas\Moving\Mixing\WaterMatch;
use Biomegas\Rulebook\RuleOption;
use Biomegas\Steps\ArrangedStep;
use Biomegas\Steps\Arrangement;
use Biomegas\Water\Oxygen;

/** A prepared run: what is at hand, what speaks against it, and every step with its reason. */
final readonly class MoveSheet
{
    /** Longer than any way through a fish house, minutes: no clock need be set. Judgement. */
    private const LONG_WAYS = 120.0;

    /**
     * @param  list<Objection>  $objections  blocks first
     * @param  list<Finding>  $atHand
     * @param  list<SheetStep>  $steps
     */
    private function __construct(
        public WaterMatch $match,
        public array $objections,
        public array $atHand,
        public array $steps,
        /** Minutes that the oxygen of the tub lasts without air. */
        public float $tubMinutes,
    ) {
    }

    public static function of(MoveCase $case, Arrangement $arrangement = new Arrangement): self
    {
        $match = WaterMatch::of($case->fromWater, $case->toWater, $case->hardiness(), $case->way, $case->container, $case->rulebook->answer(RuleOption::Acclimating) === 'always-slow');
        $catching = new Catching($case);
        $mass = array_sum(array_map(fn (MovingOccupant $mover): float => $mover->mass * $mover->occupant->count, $case->movers));
        $minutes = Oxygen::minutesWithoutAir($catching->tubLitres(), $mass, $case->fromWater->celsius ?? WaterTemperature::USUAL_CELSIUS);

        return new self($match, Objections::of($case, $match), $catching->toHaveAtHand(), self::arranged([
            ...self::before($case, $match),
            ...$catching->steps(),
            ...self::carrying($case, $minutes),
            ...self::mixing($match, $case),
            ...self::release($case),
            ...self::after($case),
        ], $arrangement), $minutes);
    }

    /**
     * @param  non-empty-list<SheetStep>  $usual
     * @return list<SheetStep> as the keeper wants them
     */
    private static function arranged(array $usual, Arrangement $arrangement): array
    {
        $byKey = array_combine(array_map(fn (SheetStep $step): string => $step->key, $usual), $usual);

        return array_map(function (ArrangedStep $arranged) use ($byKey): SheetStep {
            $step = $byKey[$arranged->key] ?? SheetStep::of($arranged->key, Phase::from((string) $arranged->part), Finding::of('steps.own', words: (string) $arranged->words));

            return $arranged->length === null ? $step : $step->timed($arranged->length);
        }, $arrangement->over(array_keys($byKey)));
    }

    public function isBlocked(): bool
    {
        return $this->objections !== [] && $this->objections[0]->isBlock;
    }

    /** @return non-empty-list<SheetStep> */
    private static function before(MoveCase $case, WaterMatch $match): array
    {
        $steps = [
            SheetStep::of('at-hand', Phase::Before, Finding::of('moving.step.at_hand'), Finding::of('moving.step.at_hand_why')),
            $match->schedule->portions === []
                ? SheetStep::of('water-ready', Phase::Before, Finding::of('moving.step.fill_new', system: $case->to->name), Finding::of('moving.step.fill_new_why'))
                : SheetStep::of('water-ready', Phase::Before, Finding::of('moving.step.fill_old'), Finding::of('moving.step.fill_old_why')),
        ];
        if ($case->residents !== []) {
            $steps[] = SheetStep::of('distract', Phase::Before, Finding::of('moving.step.distract', system: $case->to->name), Finding::of('moving.step.distract_why'));
        }
        if ($case->count() > 1) {
            $steps[] = SheetStep::of('order', Phase::Before, ...AddingOrder::of($case));
        }

        return $steps;
    }

    /** @return list<SheetStep> */
    private static function carrying(MoveCase $case, float $minutes): array
    {
        $whole = max(1, (int) floor($minutes));
        $isLong = $minutes > self::LONG_WAYS;

        $step = SheetStep::of(
            'carry', Phase::Carrying,
            $case->isBetweenSites() ? Finding::of('moving.step.drive', site: (string) $case->to->equipment->site) : Finding::of('moving.step.carry', system: $case->to->name),
            match (true) {
                is_infinite($minutes) => Finding::of('moving.step.short_ways'),
                $isLong => Finding::of('moving.step.air_lasts_long', hours: intdiv($whole, 60)),
                default => Finding::of('moving.step.air_lasts', minutes: $whole),
            },
        );

        return [$isLong ? $step : $step->timed($whole)];
    }

    /** @return list<SheetStep> */
    private static function mixing(WaterMatch $match, MoveCase $case): array
    {
        if ($match->schedule->portions === []) {
            return [];
        }
        $steps = [];
        foreach ($match->schedule->portions as $i => $portion) {
            $next = $match->schedule->portions[$i + 1]->minute ?? $match->schedule->minutes;
            $steps[] = SheetStep::of(
                'mix-'.($i + 1), Phase::Mixing,
                Finding::of('moving.step.mix', way: $case->way, portion: Portioned::ofLitres($portion->litres), system: $case->to->name),
                ...($i === 0 ? $match->reasons : [Finding::of('moving.step.old_water_left', left: Share::of($portion->remaining))]),
            )->timed($next - $portion->minute);
        }

        return $steps;
    }

    /** @return list<SheetStep> */
    private static function release(MoveCase $case): array
    {
        $isShy = array_filter($case->movers, fn (MovingOccupant $mover): bool => $mover->occupant->species->habits->isPeaceful()) !== [];

        $release = SheetStep::of('release', Phase::Release, Finding::of('moving.step.release'), Finding::of('moving.step.release_why'));

        return $case->to->kind === SystemKind::Pond ? [$release] : [
            SheetStep::of('lights-off', Phase::Release, $isShy ? Finding::of('moving.step.lights_off_night') : Finding::of('moving.step.lights_off'), Finding::of('moving.step.lights_off_why')),
            $release,
        ];
    }

    /** @return list<SheetStep> */
    private static function after(MoveCase $case): array
    {
        return array_values(array_filter([
            SheetStep::of('bacteria', Phase::After, Finding::of('moving.step.bacteria', system: $case->to->name), Finding::of('moving.step.bacteria_why')),
            $case->to->kind === SystemKind::Pond ? null : SheetStep::of('lid', Phase::After, Finding::of('moving.step.lid'), Finding::of('moving.step.lid_why')),
            $case->isBetweenSites() ? SheetStep::of('clean-tubs', Phase::After, Finding::of('moving.step.clean_tubs'), Finding::of('moving.step.clean_tubs_why')) : null,
            SheetStep::of('refill', Phase::After, Finding::of('moving.step.refill', system: $case->from->name), Finding::of('moving.step.refill_why')),
            SheetStep::of('feed', Phase::After, Finding::of('moving.step.feed'), Finding::of('moving.step.feed_why')),
        ]));
    }
}
