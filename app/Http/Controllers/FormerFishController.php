<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\HeadCountEvents;
use App\Http\Resources\FormerFish;
use App\Models\Fish;
use App\Models\Loss;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use Biomegas\Losses\HeadCount;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** Those who are gone: nothing of them is lost. */
final readonly class FormerFishController
{
    private const MOST = 1000;

    #[OA\Get(path: '/api/v1/former-fish', operationId: 'listFormerFish')]
    #[AnswersList('FormerFish', 'The last gone first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(HeadCountEvents $counts): JsonResponse
    {
        $events = $counts->byFish();
        $gone = Fish::query()->with('species')->orderByDesc('id')->get()->filter(fn (Fish $fish): bool => HeadCount::after($fish->count, $events[$fish->id] ?? []) === 0);
        $losses = Loss::query()->whereIn('fish_id', $gone->modelKeys())->orderBy('date')->orderBy('id')->get()->keyBy('fish_id');
        $joined = DB::table('shoal_joins')->whereNull('shoal_joins.deleted_at')->whereIn('fish_id', $gone->modelKeys())->join('fish', 'fish.id', 'into_fish_id')->pluck('fish.name', 'fish_id');

        return response()->json($gone->map(fn (Fish $fish): FormerFish => new FormerFish(
            $fish->id, $fish->name, $fish->species->common_name, $fish->arrived_on,
            HeadCount::goneOn($fish->count, $events[$fish->id] ?? [])?->toIso(),
            $losses->get($fish->id)?->kind,
            $joined->get($fish->id),
        ))->sortByDesc('gone_on')->take(self::MOST)->values());
    }
}
