<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Feeding\CultureBook;
use App\Http\Corrections\CultureCorrection;
use App\Http\Corrections\EntryDay;
use App\Http\Requests\CultureEntryRequest;
use App\Http\Requests\CultureRequest;
use App\Http\Resources\Recorded;
use App\Models\Culture;
use App\Models\CultureEntry;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Calendar\LocalDate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What is bred to be fed. */
final readonly class CultureController
{
    #[OA\Post(path: '/api/v1/cultures', operationId: 'addCulture')]
    #[Idempotent]
    #[Takes('CultureRequest')]
    #[Answers(201, 'Recorded', 'It is looked after.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(422, 'Problem', 'It cannot be like this.')]
    public function store(CultureRequest $request): JsonResponse
    {
        $culture = new Culture($request->validated());
        self::check($culture);
        $culture->save();

        return response()->json(new Recorded($culture->id), 201);
    }

    #[OA\Put(path: '/api/v1/cultures/{culture}', operationId: 'changeCulture')]
    #[InPath('culture')]
    #[Idempotent]
    #[Takes('CultureRequest')]
    #[AnswersNothing('Changed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such culture.')]
    #[Answers(422, 'Problem', 'It cannot be like this.')]
    public function update(CultureRequest $request, Culture $culture): Response
    {
        $culture->fill($request->validated());
        self::check($culture);
        $culture->save();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/cultures/{culture}/entries', operationId: 'addCultureEntry')]
    #[InPath('culture')]
    #[Idempotent]
    #[Takes('CultureEntryRequest')]
    #[Answers(201, 'Recorded', 'Written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such culture.')]
    #[Answers(422, 'Problem', 'It cannot have been like this.')]
    public function record(CultureEntryRequest $request, Culture $culture): JsonResponse
    {
        $entry = CultureEntry::query()->create([...CultureCorrection::checked($request, $culture), 'culture_id' => $culture->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($entry->id), 201);
    }

    #[OA\Delete(path: '/api/v1/culture-entries/{growth}', operationId: 'undoCultureEntry')]
    #[InPath('growth')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    public function undo(CultureEntry $growth): Response
    {
        $growth->delete();

        return response()->noContent();
    }

    private static function check(Culture $culture): void
    {
        CultureBook::culture($culture);
        foreach (array_filter([$culture->started_on, $culture->ended_on]) as $day) {
            EntryDay::notToCome(LocalDate::fromIso($day));
        }
    }
}
