<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;

/**
 * What the records of a home show of its preparation, without anybody ticking
 * it: water that is tested was filled in, fish that live in it run its filter
 * in. What no record can show (that it stands level, that it does not leak, that
 * its power is safe) is ticked by hand.
 */
final readonly class SeenSteps
{
    /** Free chlorine that a kit cannot tell from none, mg/l. */
    private const NO_CHLORINE = 0.02;

    /** @var array<value-of<Step>, LocalDate> by step, the day on which it showed */
    public array $days;

    /**
     * @param  list<WaterTest>  $tests  since its last use, by date
     * @param  LocalDate|null  $startersCame  null: no fish runs it in
     * @param  LocalDate|null  $startersLeft  null: they live in it still, or there are none
     */
    public function __construct(array $tests, public ?LocalDate $startersCame = null, ?LocalDate $startersLeft = null)
    {
        $filled = self::earlier($tests[0]->date ?? null, $startersCame);
        $last = $tests === [] ? null : $tests[count($tests) - 1]->date;
        $isReady = CycleState::judge($tests) === CycleState::Ready;
        $this->days = array_filter([
            ...array_fill_keys([Step::Obtain->value, Step::Stand->value, Step::Plumb->value, Step::Fill->value], $filled),
            Step::Dechlorinate->value => self::withoutChlorine($tests),
            Step::Cycle->value => $isReady ? $last : null,
            Step::StarterOut->value => $startersLeft,
            Step::Test->value => $isReady && ReleaseCheck::findings($tests) === [] ? $last : null,
        ]);
    }

    private static function earlier(?LocalDate $left, ?LocalDate $right): ?LocalDate
    {
        return match (true) {
            $left === null => $right,
            $right === null => $left,
            default => $left->isBefore($right) ? $left : $right,
        };
    }

    /** @param  list<WaterTest>  $tests */
    private static function withoutChlorine(array $tests): ?LocalDate
    {
        foreach ($tests as $test) {
            if ($test->value(Quantity::Chlorine) !== null && $test->value(Quantity::Chlorine) < self::NO_CHLORINE) {
                return $test->date;
            }
        }

        return null;
    }
}
