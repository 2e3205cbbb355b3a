<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Bench\InventedPlace;
use Biomegas\Calendar\LocalDate;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Planning\Plan\Breach;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\Question;
use Biomegas\Planning\Plan\WeekByWeek;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Planning\Plan\Plans;
use Tests\SampleSpecies;

/** Fifty invented places of twenty fish of shipped species: plans held against a simple rule, and their dated moves against all rules of housing and company, day by day. */
final class PlanAgainstJudgeTest extends TestCase
{
    private const PLACES = 50;

    private const TO_A_CASE = 5;

    private const PLACE_OF_MANY = 8;

    /** Of each case, one is walked through day by day. */
    private const STEP_DAYS = 9;

    /** @return iterable<string, array{int}> */
    public static function batches(): iterable
    {
        foreach (range(1, self::PLACES, self::TO_A_CASE) as $first) {
            yield "from {$first} on" => [$first];
        }
    }

    #[DataProvider('batches')]
    public function test_a_plan_breaks_rules_for_no_longer_than_going_by_the_week_and_names_what_it_breaks(int $first): void
    {
        for ($seed = $first; $seed < $first + self::TO_A_CASE; $seed++) {
            $plans = new Plans(InventedPlace::of(20, 8, array_map(SampleSpecies::named(...), array_keys(SampleSpecies::descriptions())), $seed));
            $simple = $plans->planner->describe(WeekByWeek::decide($plans->facility, $plans->lodgers, Question::USUAL_DAYS));
            $plan = $plans->plan(new Question(mayBuild: false), 1.0);
            $this->assertLessThanOrEqual($simple->daysOutOfRule(), $plan->daysOutOfRule(), "place {$seed}");
            $this->checkMoves($plan->decision->moves, $plans, $seed);
            if ($seed === $first) {
                $this->walk($plan->decision->moves, $plan->breaches, $plans, $seed);
            }
        }
    }

    /** The search begins with what going by the week would do; from everybody's staying it found nothing better here in thirty seconds. */
    public function test_of_many_fish_a_plan_breaks_rules_for_less_long_than_going_by_the_week(): void
    {
        $plans = new Plans(InventedPlace::of(62, 12, array_map(SampleSpecies::named(...), array_keys(SampleSpecies::descriptions())), self::PLACE_OF_MANY));
        $simple = $plans->planner->describe(WeekByWeek::decide($plans->facility, $plans->lodgers, Question::USUAL_DAYS));
        $plan = $plans->plan(new Question(mayBuild: false), 6.0);
        $this->assertLessThan($simple->daysOutOfRule(), $plan->daysOutOfRule());
        $this->assertGreaterThan(0.0, $plan->decision->objective, 'it is searched for');
        $this->assertLessThan(count($simple->moves), count($plan->moves));
        $this->checkMoves($plan->decision->moves, $plans, self::PLACE_OF_MANY);
    }

    /** @param  list<DecidedMove>  $moves */
    private function checkMoves(array $moves, Plans $plans, int $seed): void
    {
        $where = array_map(fn (Lodger $lodger): string => $lodger->home->key, $plans->lodgers);
        $before = $plans->facility->date;
        foreach ($moves as $move) {
            $this->assertSame($where[$move->fish], $move->from, "place {$seed}: every fish has one home");
            $this->assertFalse($move->on->isBefore($before), "place {$seed}: by day");
            [$where[$move->fish], $before] = [$move->to, $move->on];
        }
    }

    /**
     * @param  list<DecidedMove>  $moves
     * @param  list<Breach>  $breaches
     */
    private function walk(array $moves, array $breaches, Plans $plans, int $seed): void
    {
        $today = $plans->facility->date;
        $where = array_map(fn (Lodger $lodger): array => [$lodger->home, StayClock::startingOn($today, $lodger->growth->leading()->aheadIn($lodger->home))], $plans->lodgers);
        for ($n = 0; $n < Question::USUAL_DAYS; $n += self::STEP_DAYS) {
            $day = $today->plusDays($n);
            while ($moves !== [] && ! $moves[0]->on->isAfter($day)) {
                $move = array_shift($moves);
                $home = $plans->facility->systems[$move->to];
                $where[$move->fish] = [$home, $where[$move->fish][1]->movingOn($move->on, $plans->lodgers[$move->fish]->growth->leading()->aheadIn($home))];
            }
            foreach ($this->refusedOn($day, $where, $plans) as $fish => $code) {
                $named = array_filter($breaches, fn (Breach $breach): bool => $breach->fish->key === $fish && ! $day->isBefore($breach->from) && ! $day->isAfter($breach->until->plusDays(14)));
                $this->assertNotSame([], $named, "place {$seed}: {$fish} on {$day->toIso()}: {$code}");
            }
        }
    }

    /**
     * Whoever is refused where it is, size left to the day on which it is outgrown.
     *
     * @param  array<string, array{\Biomegas\Facility\System, StayClock}>  $where  by fish
     * @return array<string, string> code of what is said, by fish
     */
    private function refusedOn(LocalDate $day, array $where, Plans $plans): array
    {
        $occupants = $wide = [];
        foreach ($where as $fish => [, $clock]) {
            $growth = $plans->lodgers[$fish]->growth->leading();
            $likely = $growth->lengthAfter($clock->timeOn($day), LengthBand::LIKELY);
            $occupants[$fish] = Shoal::of($plans->facility->fish[$fish])->occupant($likely);
            $wide[$fish] = $occupants[$fish]->widerBy($growth->lengthAfter($clock->timeOn($day), LengthBand::HIGH) / $likely);
        }
        $refused = [];
        foreach ($where as $fish => [$home]) {
            $mates = array_values(array_filter($occupants, fn (string $other): bool => $other !== $fish && $where[$other][0]->key === $home->key, ARRAY_FILTER_USE_KEY));
            $verdict = Judgement::obstacleBesidesSize(new HousingCase($wide[$fish], $home, $mates, $plans->facility->rulebook, livesThere: true));
            if ($verdict !== null) {
                $refused[$fish] = $verdict->finding->code;
            }
        }

        return $refused;
    }
}
