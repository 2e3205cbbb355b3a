<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\PlanBook;
use App\Http\Requests\MendsRequest;
use App\Http\Resources\HomeAheadRow;
use App\Http\Resources\MendRow;
use App\Http\Resources\MendsSheet;
use App\Http\Resources\UnsolvedRow;
use App\Models\Plan;
use App\OpenApi\Answers;
use Biomegas\Facility\Fish;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\Mending\AllToBuild;
use Biomegas\Planning\Mending\HomesUnder;
use Biomegas\Planning\Mending\Mend;
use Biomegas\Planning\Mending\MendSearch;
use Biomegas\Planning\Mending\Requirements;
use Biomegas\Planning\Mending\Unsolved;
use Biomegas\Planning\Plan\Plan as ReadPlan;
use Biomegas\Planning\Plan\ProposedHomes;
use Biomegas\Planning\Supposing\Supposition;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What could be done to homes besides moving fish, and what must be built some day. */
final readonly class MendController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/mends', operationId: 'listMends', description: 'Of a plan, or of the one that is followed, or of things as they are.', parameters: [
        new OA\Parameter(name: 'plan_id', in: 'query', required: false, schema: new OA\Schema(type: 'integer')),
    ])]
    #[Answers(200, 'MendsSheet', 'Each with its price and what it ends.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such plan.')]
    #[Answers(422, 'Problem', 'No number of a plan.')]
    public function index(MendsRequest $request): JsonResponse
    {
        $kept = $this->reader->read();
        $book = new PlanBook($kept);
        $written = $request->filled('plan_id') ? Plan::query()->findOrFail($request->integer('plan_id')) : Plan::adopted();
        $supposed = $written === null ? [] : $book->supposed($written);
        $plan = $written === null ? $book->asItIs(PlanBook::USUAL_MONTHS) : $book->read($written);
        $isOfPlan = $written !== null && $plan->breaches !== [];
        $broken = $isOfPlan ? $plan : $book->asItIs(PlanBook::USUAL_MONTHS, $supposed);
        [$mends, $wanted, $unsolved] = $kept->mends([$broken->decision, $plan->decision], $supposed, fn (): array => self::found($book, $plan, $broken, $supposed));
        $row = fn (Mend $mend): MendRow => MendRow::from($kept, $mend);

        return response()->json(new MendsSheet($isOfPlan, array_map($row, $mends), array_map($row, $wanted), $isOfPlan ? array_map(UnsolvedRow::from(...), $unsolved) : []));
    }

    /**
     * @param  ReadPlan  $broken  whose days out of rule are to be ended
     * @param  list<Supposition>  $supposed
     * @return array{list<Mend>, list<Mend>, list<Unsolved>}
     */
    private static function found(PlanBook $book, ReadPlan $plan, ReadPlan $broken, array $supposed): array
    {
        $facility = $book->facility($supposed);
        $lodgers = $book->lodgers($facility);
        $search = new MendSearch($facility, $lodgers, $broken);
        $mends = $search->mends();

        return [
            $mends,
            (new Requirements(new HomesUnder($facility, $lodgers, $plan->decision), $plan->lanes))->mends(),
            $search->unsolved($mends, new ProposedHomes($facility, $book->nameOf(...))),
        ];
    }

    #[OA\Get(path: '/api/v1/to-build', operationId: 'listAllToBuild', description: 'Over all fish and as many years as are looked at.')]
    #[OA\Response(response: 200, description: 'By the day to begin.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/HomeAheadRow')))]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function toBuild(): JsonResponse
    {
        $kept = $this->reader->read();
        $homes = $kept->toBuild(function () use ($kept): array {
            $book = new PlanBook($kept);
            $chains = array_map(fn (Fish $fish): HomesAhead => $kept->homesAhead($fish), $kept->facility->fish);

            return (new AllToBuild($kept->facility, new ProposedHomes($kept->facility, $book->nameOf(...))))->of($book->lodgers($kept->facility), $chains);
        });

        return response()->json(array_map(HomeAheadRow::from(...), $homes));
    }
}
