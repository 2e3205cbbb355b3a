<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Systems;
use App\Http\Requests\SystemDraftRequest;
use App\Http\Requests\SystemRequest;
use App\Http\Resources\SystemPage;
use App\Http\Resources\SystemPreview;
use App\Http\Resources\SystemSheet;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class SystemController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/systems', operationId: 'listSystems')]
    #[AnswersList('SystemSheet', 'In walking order.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        return response()->json(SystemSheet::all($this->reader->read()));
    }

    #[OA\Get(path: '/api/v1/systems/{system}', operationId: 'showSystem')]
    #[InPath('system')]
    #[Answers(200, 'SystemPage', 'Its page.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function show(System $system): JsonResponse
    {
        return response()->json(SystemPage::from($this->reader->read(), $system));
    }

    #[OA\Post(path: '/api/v1/systems', operationId: 'addSystem')]
    #[Idempotent]
    #[Takes('SystemRequest')]
    #[Answers(201, 'SystemPage', 'Added.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'A field is missing or cannot be.')]
    public function store(SystemRequest $request, Systems $systems): JsonResponse
    {
        $system = $systems->add($request->all());

        return response()->json(SystemPage::from($this->reader->read(), $system), 201);
    }

    #[OA\Post(path: '/api/v1/systems/preview', operationId: 'previewSystem', description: 'Nothing is written.')]
    #[Takes('SystemRequest')]
    #[Answers(200, 'SystemPreview', 'What it comes to.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'A field is missing or cannot be.')]
    public function preview(SystemDraftRequest $request, Systems $systems): JsonResponse
    {
        $system = $systems->draft($request->all());

        return response()->json(SystemPreview::from($system, $this->reader->read()->facility->date));
    }

    #[OA\Put(path: '/api/v1/systems/{system}', operationId: 'changeSystem')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('SystemRequest')]
    #[Answers(200, 'SystemPage', 'Changed; how it was stays in the history.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(409, 'Problem', 'It was changed meanwhile.')]
    #[Answers(422, 'Problem', 'A field is missing or cannot be.')]
    public function update(SystemRequest $request, System $system, Systems $systems): JsonResponse
    {
        $changed = $systems->change($system, $request->integer('version'), $request->all());

        return response()->json(SystemPage::from($this->reader->read(), $changed));
    }

    #[OA\Delete(path: '/api/v1/systems/{system}', operationId: 'removeSystem')]
    #[InPath('system')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'It has a history.')]
    public function destroy(System $system, Systems $systems): Response
    {
        $systems->remove($system);

        return response()->noContent();
    }
}
