<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Feeding\FoodRemoval;
use App\Feeding\FoodStore;
use App\Http\Corrections\StockCorrection;
use App\Http\Requests\FoodRequest;
use App\Http\Requests\StockEntryRequest;
use App\Http\Resources\FoodSheet;
use App\Http\Resources\Recorded;
use App\Models\Food;
use App\Models\StockEntry;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The foods of the place, and what is bought and left of them. */
final readonly class FoodController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/food', operationId: 'showFood')]
    #[Answers(200, 'FoodSheet', 'The store.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        return response()->json(FoodSheet::from($this->reader->read()));
    }

    #[OA\Post(path: '/api/v1/foods', operationId: 'addFood')]
    #[Idempotent]
    #[Takes('FoodRequest')]
    #[Answers(201, 'Recorded', 'It is kept here.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(422, 'Problem', 'It cannot be like this.')]
    public function store(FoodRequest $request): JsonResponse
    {
        $food = new Food($request->columns());
        self::check($food, 0);
        $food->save();

        return response()->json(new Recorded($food->id), 201);
    }

    #[OA\Put(path: '/api/v1/foods/{food}', operationId: 'changeFood')]
    #[InPath('food')]
    #[Idempotent]
    #[Takes('FoodRequest')]
    #[AnswersNothing('Changed; what was fed keeps what it was.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such food.')]
    #[Answers(422, 'Problem', 'It cannot be like this.')]
    public function update(FoodRequest $request, Food $food): Response
    {
        $food->fill($request->columns());
        if ($food->isDirty('unit') && FoodRemoval::isWrittenDown($food)) {
            throw InvalidEntry::because('unit', Finding::of('food.unit_stays'));
        }
        self::check($food, $food->id);
        $food->save();

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/foods/{food}', operationId: 'removeFood')]
    #[InPath('food')]
    #[Idempotent]
    #[AnswersNothing('Kept no more; what was fed stays in the log.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such food.')]
    #[Answers(422, 'Problem', 'A plan or a culture holds it.')]
    public function destroy(Food $food): Response
    {
        FoodRemoval::remove($food);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/foods/{food}/stock', operationId: 'addStockEntry')]
    #[InPath('food')]
    #[Idempotent]
    #[Takes('StockEntryRequest')]
    #[Answers(201, 'Recorded', 'Written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such food.')]
    #[Answers(422, 'Problem', 'It cannot have been like this.')]
    public function stock(StockEntryRequest $request, Food $food): JsonResponse
    {
        $entry = StockEntry::query()->create([...StockCorrection::checked($request, $food), 'food_id' => $food->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($entry->id), 201);
    }

    #[OA\Delete(path: '/api/v1/stock/{entry}', operationId: 'undoStockEntry')]
    #[InPath('entry')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    public function undo(StockEntry $entry): Response
    {
        $entry->delete();

        return response()->noContent();
    }

    /** @throws InvalidEntry when it cannot be, or its name is taken */
    private static function check(Food $food, int $but): void
    {
        FoodStore::food($food);
        if (Food::query()->whereKeyNot($but)->whereRaw('name = ? collate nocase', [$food->name])->exists()) {
            throw InvalidEntry::because('name', Finding::of('food.name_taken'));
        }
    }
}
