<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Models\Meal as WrittenMeal;
use Biomegas\Calendar\LocalDate;
use Biomegas\Food\FedWeek;
use Biomegas\Food\Meal;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Sums of what was fed by week: growth and loads go by years of meals, and there are few enough weeks to read them all. */
final readonly class FedWeeks
{
    /** Makes the sums of these days' weeks anew from the meals. */
    public static function sumUp(int $systemId, ?int $fishId, string ...$days): void
    {
        $mondays = array_map(fn (string $day): string => LocalDate::fromIso($day)->monday()->toIso(), array_filter($days));
        foreach (array_unique($mondays) as $monday) {
            $of = ['system_id' => $systemId, 'fish_id' => $fishId, 'monday' => $monday];
            DB::table('fed_weeks')->where($of)->delete();
            $week = self::read($systemId, $fishId, LocalDate::fromIso($monday));
            if ($week->days > 0) {
                DB::table('fed_weeks')->insert($of + [
                    'days' => $week->days, 'ration_grams' => $week->ration, 'given_grams' => $week->given, 'eaten_grams' => $week->eaten, 'protein_grams' => $week->protein, 'cost' => $week->cost,
                ]);
            }
        }
    }

    public static function ofRow(stdClass $row): FedWeek
    {
        return new FedWeek(
            LocalDate::fromIso($row->monday), $row->days, (float) $row->ration_grams, (float) $row->given_grams, (float) $row->eaten_grams, (float) $row->protein_grams,
            $row->cost === null ? null : (float) $row->cost,
        );
    }

    private static function read(int $systemId, ?int $fishId, LocalDate $monday): FedWeek
    {
        $meals = WrittenMeal::query()->where(['system_id' => $systemId, 'fish_id' => $fishId])->whereBetween('date', [$monday->toIso(), $monday->plusDays(LocalDate::DAYS_PER_WEEK - 1)->toIso()])->orderBy('id')->get();
        $rations = [];
        foreach ($meals as $meal) {
            $rations[$meal->date] = max($rations[$meal->date] ?? 0.0, $meal->ration_grams);
        }

        return FedWeek::of($monday, array_values($meals->map(fn (WrittenMeal $meal): Meal => new Meal(LocalDate::fromIso($meal->date), $meal->dry_grams, $meal->eaten_share, $meal->protein, $meal->cost))->all()), $rations, FeedingPlans::storedFor($systemId, $fishId)->fasting ?? []);
    }
}
