<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Feeding\FedAtOnce;
use App\Feeding\FeedingTables;
use App\Feeding\FoodStore;
use App\Feeding\Refusals;
use App\Models\Meal;
use Biomegas\Facility\Fish;
use Biomegas\Food\Amount;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\FoodUnit;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Who is fed in one go, with what, and whether they were fed today.')]
final readonly class FeedingRow
{
    /**
     * @param  list<int>  $fish
     * @param  list<array{food_id: int, food: string, amount: float, unit: string}>  $amounts
     * @param  list<MealRow>  $meals
     * @param  list<array{fish_id: int, says: string}>  $refusals
     */
    private function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property] public string $system,
        #[OA\Property(description: 'One that is fed by itself; null: all together.')] public ?int $fish_id,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $fish,
        #[OA\Property(description: 'Who they are.')] public string $names,
        #[OA\Property(description: 'What to give in one go, and how often.')] public string $says,
        #[OA\Property(description: 'Whether anything is to be given today.')] public bool $is_fed,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['food_id', 'food', 'amount', 'unit'], properties: [
            new OA\Property(property: 'food_id', type: 'integer'), new OA\Property(property: 'food', type: 'string'), new OA\Property(property: 'amount', type: 'number'), new OA\Property(property: 'unit', type: 'string', enum: FoodUnit::class),
        ], type: 'object'))] public array $amounts,
        #[OA\Property(description: 'Goes a day.')] public int $times,
        #[OA\Property(description: 'What goes with the food.')] public ?string $medicine,
        #[OA\Property(description: 'Grams of dry food by the book.')] public float $ration_g,
        #[OA\Property(ref: '#/components/schemas/FeedingPlanSheet', nullable: true)] public ?FeedingPlanSheet $plan,
        #[OA\Property(description: 'Written down today.', type: 'array', items: new OA\Items(ref: MealRow::class))] public array $meals,
        #[OA\Property(description: 'Who leaves its food, and whether that is normal.', type: 'array', items: new OA\Items(required: ['fish_id', 'says'], properties: [
            new OA\Property(property: 'fish_id', type: 'integer'), new OA\Property(property: 'says', type: 'string'),
        ], type: 'object'))] public array $refusals,
    ) {
    }

    public static function from(FeedingTable $table, FedAtOnce $fed, Refusals $refusals, FacilitySnapshot $kept): self
    {
        $today = $kept->facility->date;
        $refused = [];
        foreach ($table->fish as $fish) {
            $refusal = $refusals->of($fish);
            if ($refusal !== null) {
                $refused[] = ['fish_id' => Keys::id($fish->key), 'says' => "{$fish->name} ".$kept->says()->phrase($refusal->finding()).'.'];
            }
        }

        return new self(
            Keys::id($table->system->key), $table->system->name, $table->isAlone ? Keys::id($table->fish[0]->key) : null,
            array_map(fn (Fish $fish): int => Keys::id($fish->key), $table->fish), implode(', ', array_map(fn (Fish $fish): string => $fish->name, $table->fish)),
            $kept->says()->phrase($table->finding($today)), $table->isFed($today),
            array_map(fn (Amount $amount): array => ['food_id' => FoodStore::id($amount->food), 'food' => $amount->food->name, 'amount' => round($amount->amount, 1), 'unit' => $amount->food->unit->value], $table->amounts($today)),
            $table->plan->times ?? 1, $table->medicine($today), round($table->ration, 2), $table->plan === null ? null : FeedingPlanSheet::from($table->plan),
            array_map(fn (Meal $meal): MealRow => MealRow::from($meal), $fed->of($table)), $refused,
        );
    }

    /** @return list<self> all of the round, in walking order */
    public static function all(FacilitySnapshot $kept): array
    {
        return self::of((new FeedingTables($kept))->all(), $kept);
    }

    /**
     * @param  list<FeedingTable>  $tables
     * @return list<self>
     */
    public static function of(array $tables, FacilitySnapshot $kept): array
    {
        [$fed, $refusals] = [FedAtOnce::on($kept->facility->date->toIso()), new Refusals($kept)];

        return array_map(fn (FeedingTable $table): self => self::from($table, $fed, $refusals, $kept), $tables);
    }
}
