<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Facility\RuleOption;
use Biomegas\Measure\Spoken;
use Biomegas\Moving\Mixing\MatchClass;
use Biomegas\Moving\Mixing\WaterMatch;
use Biomegas\Water\Oxygen;

/** A prepared run: what is at hand, what speaks against it, and every step with its reason. */
final readonly class MoveSheet
{
    private const USUAL_CELSIUS = 25.0;

    /**
     * @param  list<Objection>  $objections  blocks first
     * @param  list<string>  $atHand
     * @param  non-empty-list<SheetStep>  $steps
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

    public static function of(MoveCase $case): self
    {
        $match = WaterMatch::of($case->fromWater, $case->toWater, $case->hardiness(), $case->way, $case->container, $case->rulebook->answer(RuleOption::Acclimating) === 'always-slow');
        $catching = new Catching($case);
        $mass = array_sum(array_map(fn (MovingOccupant $one): float => $one->mass * $one->occupant->count, $case->movers));
        $minutes = Oxygen::minutesWithoutAir($catching->tubLitres(), $mass, $case->fromWater->celsius ?? self::USUAL_CELSIUS);

        return new self($match, Objections::of($case, $match), $catching->toHaveAtHand(), [
            ...self::before($case, $match),
            ...$catching->steps(),
            ...self::carrying($case, $minutes),
            ...self::mixing($match, $case),
            ...self::release($case),
            ...self::after($case),
        ], $minutes);
    }

    public function isBlocked(): bool
    {
        return $this->objections !== [] && $this->objections[0]->isBlock;
    }

    /** @return non-empty-list<SheetStep> */
    private static function before(MoveCase $case, WaterMatch $match): array
    {
        $steps = [new SheetStep('at-hand', Phase::Before, 'Lay everything out', 'Once it is in the net there is no time to look for a lid.')];
        if ($match->class === MatchClass::StraightAcross) {
            $steps[] = new SheetStep('water-ready', Phase::Before, "Fill the tub with water of {$case->to->name}", 'The waters are alike: it arrives in water it stays in.');
        } else {
            $steps[] = new SheetStep('water-ready', Phase::Before, 'Fill the tub with the water it lives in', 'It must not meet the new water before it is mixed.');
        }
        if ($case->residents !== []) {
            $steps[] = new SheetStep('distract', Phase::Before, "Feed those in {$case->to->name}, change some water, move the decor", 'Who is busy with a new room does not guard the old one.');
        }
        if ($case->count() > 1) {
            [$words, $why] = AddingOrder::of($case);
            $steps[] = new SheetStep('order', Phase::Before, $words, $why);
        }

        return $steps;
    }

    /** @return list<SheetStep> */
    private static function carrying(MoveCase $case, float $minutes): array
    {
        $whole = max(1, (int) floor($minutes));

        return [new SheetStep(
            'carry', Phase::Carrying,
            $case->isBetweenSites() ? "Drive to {$case->to->equipment->site}: air running, dark, out of the sun" : "Carry it to {$case->to->name}",
            is_finite($minutes) ? 'Without air the tub lasts about '.Spoken::number($whole).($whole === 1 ? ' minute.' : ' minutes.') : 'Short ways, still water.',
            is_finite($minutes) ? (float) $whole : null,
        )];
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
            $litres = number_format($portion->litres, $portion->litres < 10 ? 1 : 0, '.', '');
            $steps[] = new SheetStep(
                'mix-'.($i + 1), Phase::Mixing,
                ucfirst("{$case->way->words()}: {$litres} l of {$case->to->name}"),
                $i === 0 ? implode(' ', $match->reasons) : round(100 * $portion->remaining).' % of its old water is left.',
                $next - $portion->minute,
            );
        }

        return $steps;
    }

    /** @return list<SheetStep> */
    private static function release(MoveCase $case): array
    {
        $isShy = array_filter($case->movers, fn (MovingOccupant $one): bool => $one->occupant->species->habits->isPeaceful()) !== [];

        return [
            new SheetStep('lights-off', Phase::Release, $isShy ? 'Lights off until morning' : 'Lights off for some hours', 'Nobody is chased in the dark.'),
            new SheetStep('release', Phase::Release, 'Let it swim out low and near cover; none of the tub\'s water goes in', 'Dropped where food falls it is taken for food; its water brings what it carried.'),
        ];
    }

    /** @return list<SheetStep> */
    private static function after(MoveCase $case): array
    {
        return [
            new SheetStep('bacteria', Phase::After, "Starting bacteria into {$case->to->name}", 'The filter is used to less food.'),
            new SheetStep('lid', Phase::After, 'Lid on and closed', 'The first night is the one on which fish jump.'),
            new SheetStep('refill', Phase::After, "Refill {$case->from->name} and put its decor back", 'Those who stayed have lost their landmarks.'),
            new SheetStep('feed', Phase::After, 'Feed nothing today, little tomorrow', 'Not eating for two to four days is usual.'),
        ];
    }
}
