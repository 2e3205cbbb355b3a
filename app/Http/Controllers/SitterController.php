<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\SitterRequest;
use App\Http\Resources\LinkMade;
use App\Http\Resources\SitterRow;
use App\Models\FacilitySettings;
use App\Models\Sitter;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\People\LinkSecret;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Who looks after the fish while the keeper is away: a link each, for some days. */
final readonly class SitterController
{
    #[OA\Get(path: '/api/v1/sitters', operationId: 'listSitters')]
    #[AnswersList('SitterRow', 'The latest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function index(): JsonResponse
    {
        $today = FacilityReader::today(FacilitySettings::query()->firstOrFail());

        return response()->json(Sitter::query()->orderByDesc('until')->orderByDesc('id')->limit(Sitter::MOST)->get()->map(fn (Sitter $sitter): SitterRow => SitterRow::from($sitter, $today))->values());
    }

    #[OA\Post(path: '/api/v1/sitters', operationId: 'askSitter')]
    #[Takes('SitterRequest')]
    #[Answers(201, 'LinkMade', 'To be handed over; it is shown once.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong.')]
    public function store(SitterRequest $request): JsonResponse
    {
        $secret = LinkSecret::make();
        Sitter::query()->create([...$request->safe(['name', 'from', 'until', 'call', 'note']), 'secret_hash' => LinkSecret::hash($secret), 'user_id' => $request->user()?->id]);

        return response()->json(new LinkMade(LinkSecret::address('/sitter', $secret)), 201);
    }

    #[OA\Delete(path: '/api/v1/sitters/{sitter}', operationId: 'takeBackLink')]
    #[InPath('sitter')]
    #[AnswersNothing('The link opens nothing any more; what was ticked stays.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'No such sitter.')]
    public function destroy(Sitter $sitter): Response
    {
        $sitter->update(['revoked_at' => now()]);

        return response()->noContent();
    }
}
