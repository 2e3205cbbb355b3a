<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Facility\FacilityReader;
use App\Facility\Keys;
use App\Feeding\FedWeeks;
use App\Feeding\FeedingTables;
use App\Feeding\MealLog;
use App\Feeding\ShippedFoods;
use App\Models\Culture;
use App\Models\FeedingPlan;
use App\Models\Food;
use Biomegas\Calendar\LocalDate;
use Biomegas\Food\Amount;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\MealOutcome;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The store of the demo: what is fed, bred and paid. Invented like all of it. */
final class HeronLockFood
{
    /** Meals are written down for so long. */
    private const DAYS = 56;

    /** Of the ration: a hand is no scale. */
    private const HAND = 0.06;

    private Randomizer $random;

    /** @var array<string, Food> by name */
    private array $foods = [];

    public function __construct(private readonly LocalDate $today)
    {
        $this->random = new Randomizer(new Mt19937(1893));
    }

    /**
     * @param  array<string, int>  $systems  ids by key
     * @param  array<string, int>  $fish  ids by name
     * @param  array<string, mixed>  $data
     */
    public function fill(array $systems, array $fish, array $data): void
    {
        foreach (ShippedFoods::all() as $food) {
            Food::query()->firstOrCreate(['name' => $food['name']], $food);
        }
        $this->foods = Food::query()->get()->keyBy('name')->all();
        foreach ($data['prices'] as $name => [$pack, $price]) {
            $this->foods[$name]->update(['pack' => $pack, 'price' => $price]);
        }
        foreach ($data['plans'] as $key => $plan) {
            FeedingPlan::query()->create([
                'system_id' => $systems[$key], 'times' => $plan['times'], 'fasting' => $plan['fasting'] ?? [], 'of_ration' => 1.0,
                'parts' => array_map(fn (string $name, int $percent): array => ['food_id' => $this->foods[$name]->id, 'share' => $percent / 100], array_keys($plan['parts']), $plan['parts']),
            ]);
        }
        $this->feed(array_map(fn (array $plan): float => $plan['given'] ?? 1.0, array_combine(array_map(fn (string $key): int => $systems[$key], array_keys($data['plans'])), $data['plans'])));
        $this->refuse($fish[$data['refused'][0]], $data['refused'][1]);
        $this->stock($data['left'], $data['counted'], $data['opened']);
        foreach ($data['cultures'] as $culture) {
            $this->breed($culture);
        }
        DB::table('spendings')->insert(array_map(fn (array $one): array => [
            'date' => $this->daysAgo($one[0]), 'kind' => $one[1], 'amount' => $one[2], 'what' => $one[3], 'system_id' => $systems[$one[4]] ?? null, 'fish_id' => $fish[$one[4]] ?? null, 'created_at' => now(), 'updated_at' => now(),
        ], $data['spendings']));
    }

    /** @param  array<int, float>  $given  of the ration, by system */
    private function feed(array $given): void
    {
        $kept = app(FacilityReader::class)->read();
        foreach ((new FeedingTables($kept))->all() as $table) {
            $systemId = Keys::id($table->system->key);
            $rows = [];
            for ($day = self::DAYS; $day >= 1; $day--) {
                array_push($rows, ...$this->meals($table, $systemId, $this->today->plusDays(-$day), $given[$systemId] ?? 1.0));
            }
            foreach (array_chunk($rows, 60) as $some) {
                DB::table('meals')->insert($some);
            }
            FedWeeks::sumUp($systemId, null, ...array_map(fn (int $day): string => $this->daysAgo($day), range(1, self::DAYS)));
        }
    }

    /** @return list<array<string, mixed>> */
    private function meals(FeedingTable $table, int $systemId, LocalDate $date, float $given): array
    {
        $factor = $given * (1 + self::HAND * $this->any());

        // One entry for all goes of the day.
        $factor *= $table->plan->times ?? 1;

        return array_map(fn (Amount $amount): array => [
            'system_id' => $systemId, 'date' => $date->toIso(), 'time' => '08:'.str_pad((string) $this->random->getInt(10, 55), 2, '0', STR_PAD_LEFT), 'outcome' => MealOutcome::Eaten->value, 'eaten_share' => $given > 1.2 ? 0.75 : 1.0,
            'ration_grams' => $table->ration, ...MealLog::columns($amount->food, round($factor * $amount->amount, 1)), 'created_at' => now(), 'updated_at' => now(),
        ], $table->amounts($date));
    }

    private function refuse(int $fishId, int $days): void
    {
        $kept = app(FacilityReader::class)->read();
        $fish = $kept->fish($fishId);
        $home = $kept->facility->system($fish->currentSystem());
        $alone = new FeedingTable($home, [$fish], true, null, (new FeedingTables($kept))->ration($home, [$fish], $this->today));
        for ($day = $days; $day >= 1; $day--) {
            MealLog::write($alone, $this->today->plusDays(-$day), '08:30', MealOutcome::Refused, [], null, null);
        }
    }

    /**
     * Bought every other month, counted last week.
     *
     * @param  array<string, int>  $left  days that it lasts
     * @param  array<string, int>  $counted  grams
     * @param  array<string, int>  $opened  days ago
     */
    private function stock(array $left, array $counted, array $opened): void
    {
        $perDay = DB::table('meals')->whereNotNull('food_id')->groupBy('food_id')->selectRaw('food_id, sum(amount) / '.self::DAYS.' as amount')->pluck('amount', 'food_id')->all();
        $rows = [];
        $entry = fn (string $name, int $daysAgo, string $kind, ?float $amount, ?float $price = null): array => ['food_id' => $this->foods[$name]->id, 'date' => $this->daysAgo($daysAgo), 'kind' => $kind, 'amount' => $amount, 'price' => $price, 'created_at' => now(), 'updated_at' => now()];
        foreach ($left as $name => $days) {
            $food = $this->foods[$name];
            $use = (float) ($perDay[$food->id] ?? 0);
            for ($ago = 690; $ago > 20; $ago -= 60) {
                $packs = max(1, (int) ceil(60 * $use * (1 - $ago / 1400) / (float) $food->pack));
                $rows[] = $entry($name, $ago, 'bought', $packs * (float) $food->pack, round($packs * (float) $food->price * (1 - $ago / 9000), 2));
            }
            $rows[] = $entry($name, 6, 'counted', round(($days + 6) * $use, 0));
        }
        foreach ($counted as $name => $grams) {
            $rows[] = $entry($name, 6, 'counted', (float) $grams);
        }
        foreach ($opened as $name => $days) {
            $rows[] = $entry($name, $days, 'opened', null);
        }
        DB::table('stock_entries')->insert($rows);
    }

    /** @param  array<string, mixed>  $data */
    private function breed(array $data): void
    {
        $culture = Culture::query()->create(['name' => $data['name'], 'kind' => $data['kind'], 'food_id' => $this->foods[$data['food']]->id, 'started_on' => $this->daysAgo($data['started']), 'seed' => $data['seed'], 'room' => $data['room'], 'tanks' => 1]);
        $entry = fn (int $daysAgo, string $kind, float $number): array => ['culture_id' => $culture->id, 'date' => $this->daysAgo($daysAgo), 'kind' => $kind, 'number' => $number, 'created_at' => now(), 'updated_at' => now()];
        $rows = array_map(fn (array $count): array => $entry($count[0], 'counted', $count[1]), $data['counts']);
        for ($ago = $data['from']; $ago > 0; $ago -= 7) {
            $rows[] = $entry($ago, 'harvested', round($data['harvest'] * (1 + 0.2 * $this->any())));
        }
        DB::table('culture_entries')->insert($rows);
    }

    /** Evenly between minus and plus one. */
    private function any(): float
    {
        return $this->random->getInt(-1000, 1000) / 1000;
    }

    private function daysAgo(int $days): string
    {
        return $this->today->plusDays(-$days)->toIso();
    }
}
