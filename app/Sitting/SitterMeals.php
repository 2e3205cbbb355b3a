<?php

declare(strict_types=1);

namespace App\Sitting;

use App\Facility\FacilitySnapshot;
use App\Feeding\FeedingTables;
use App\Feeding\MealLog;
use App\Models\Meal;
use App\Models\RoundTick;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\MealOutcome;

/** What a sitter ticks as fed was fed: the store, loads and growth go by it. */
final readonly class SitterMeals
{
    /** Anew whenever the tick is changed: all goes of the day at once. */
    public static function write(RoundTick $tick, System $home, FacilitySnapshot $kept): void
    {
        self::takeBack($tick);
        $outcome = match ($tick->outcome) {
            Outcome::Fed => MealOutcome::Eaten,
            Outcome::LeftSome => MealOutcome::Some,
            default => null,
        };
        if ($outcome === null) {
            return;
        }
        foreach ((new FeedingTables($kept))->of($home) as $table) {
            if ($table->isFed(LocalDate::fromIso($tick->date))) {
                self::writeTable($tick, $table, $outcome);
            }
        }
    }

    public static function takeBack(RoundTick $tick): void
    {
        Meal::query()->where('round_tick_id', $tick->id)->get()->each->delete();
    }

    private static function writeTable(RoundTick $tick, FeedingTable $table, MealOutcome $outcome): void
    {
        $day = LocalDate::fromIso($tick->date);
        $given = $table->plan === null ? null : $table->plan->on($day, $table->ration);
        $first = MealLog::write($table, $day, $tick->time, $outcome, $given, null, null);
        Meal::query()->whereKey($first->id)->orWhere('first_id', $first->id)->get()->each->update(['round_tick_id' => $tick->id]);
    }
}
