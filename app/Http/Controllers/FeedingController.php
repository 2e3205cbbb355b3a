<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Feeding\FeedingTables;
use App\Feeding\FoodStore;
use App\Feeding\MealLog;
use App\Http\Corrections\EntryDay;
use App\Http\Requests\MealRequest;
use App\Http\Resources\FeedingRow;
use App\Http\Resources\HomeFeeding;
use App\Http\Resources\Recorded;
use App\Log\EntryRemoval;
use App\Models\Food;
use App\Models\Meal;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Food\Amount;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\FoodUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What is to be fed today, and what was. */
final readonly class FeedingController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/feeding', operationId: 'listFeeding')]
    #[AnswersList('FeedingRow', 'Who is fed what today, in walking order.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        return response()->json(FeedingRow::all($this->reader->read()));
    }

    #[OA\Get(path: '/api/v1/systems/{system}/feeding', operationId: 'showFeeding')]
    #[InPath('system')]
    #[Answers(200, 'HomeFeeding', 'What it is fed, and what it costs.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function show(System $system): JsonResponse
    {
        $kept = $this->reader->read();

        return response()->json(HomeFeeding::from($kept->system($system->id), $kept));
    }

    #[OA\Post(path: '/api/v1/systems/{system}/meals', operationId: 'addMeal')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('MealRequest')]
    #[Answers(201, 'Recorded', 'Written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'It cannot have been fed like this.')]
    public function feed(MealRequest $request, System $system): JsonResponse
    {
        EntryDay::notToCome($request->day());
        $kept = $this->reader->read();
        $table = self::table($kept, $system, $request->input('fish_id'));
        $meal = MealLog::write($table, $request->day(), $request->input('time'), $request->outcome(), self::given($request), $request->eaten(), $request->user()?->id);

        return response()->json(new Recorded($meal->id), 201);
    }

    #[OA\Delete(path: '/api/v1/meals/{meal}', operationId: 'undoMeal')]
    #[InPath('meal')]
    #[Idempotent]
    #[AnswersNothing('Taken out, with what was given in the same go.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such meal.')]
    public function undo(Meal $meal): Response
    {
        EntryRemoval::removeMeal($meal);

        return response()->noContent();
    }

    /**
     * Who is fed: the fish that is named, even when it eats with the others, else all of the home.
     *
     * @throws InvalidEntry when nobody is there
     */
    private static function table(FacilitySnapshot $kept, System $system, ?int $fishId): FeedingTable
    {
        $home = $kept->system($system->id);
        $tables = new FeedingTables($kept);
        if ($fishId === null) {
            return array_values(array_filter($tables->of($home), fn (FeedingTable $table): bool => ! $table->isAlone))[0] ?? throw InvalidEntry::because('system', Finding::of('food.nobody_there'));
        }
        $fish = $kept->find($fishId);
        if ($fish?->currentSystem() !== $home->key) {
            throw InvalidEntry::because('fish_id', Finding::of('food.fish_elsewhere'));
        }

        return new FeedingTable($home, [$fish], true, $kept->plans->ofFish(Keys::id($fish->key)), $tables->ration($home, [$fish], $kept->facility->date));
    }

    /**
     * @return list<Amount>|null null: as planned
     *
     * @throws InvalidEntry when a food is given in another unit than its own
     */
    private static function given(MealRequest $request): ?array
    {
        $given = $request->given();

        return $given === null ? null : array_map(function (array $one, int $i): Amount {
            $food = Food::query()->whereKey($one['food_id'])->firstOrFail();
            if (isset($one['unit']) && FoodUnit::from($one['unit']) !== $food->unit) {
                throw InvalidEntry::because("given.{$i}.unit", FoodStore::otherUnit($food));
            }

            return new Amount(FoodStore::food($food), (float) $one['amount']);
        }, $given, array_keys($given));
    }
}
