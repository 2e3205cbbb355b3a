<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\TakingOut;
use App\Facility\Watches;
use App\Models\Watch;
use App\Models\WatchCheck;
use App\Models\WatchIntervention;
use Biomegas\Moving\Watch\CheckItem;
use Biomegas\Moving\Watch\Outcome;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The close look at a fish after a move.')]
final readonly class WatchSheet
{
    /**
     * @param  list<WatchRound>  $rounds
     * @param  list<LookRow>  $checks
     * @param  list<TriedRow>  $tried
     * @param  list<string>  $items
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $system_id,
        #[OA\Property] public string $home,
        #[OA\Property] public string $began_at,
        #[OA\Property] public bool $is_return,
        #[OA\Property(type: 'string', enum: Outcome::class)] public Outcome $outcome,
        #[OA\Property(description: 'Whether it has settled, in words.')] public string $sentence,
        #[OA\Property(description: 'A look is due now, or was missed since the last.')] public bool $is_due,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/WatchRound'))] public array $rounds,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LookRow'), description: 'Newest first.')] public array $checks,
        #[OA\Property(ref: '#/components/schemas/InterventionRow', nullable: true, description: 'The next thing to try; null: nobody chases it.')] public ?InterventionRow $advice,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/TriedRow'))] public array $tried,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: CheckItem::class), description: 'What is looked at.')] public array $items,
        #[OA\Property(description: 'How the watch ended; null: it goes on.')] public ?string $ended,
        #[OA\Property(description: 'The home that stands empty for it, if it must come out now; null: none does.')] public ?string $refuge,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Watch $watch): self
    {
        $case = Watches::caseOf($kept, $watch);
        $state = Watches::stateOf($kept, $watch);
        $says = $kept->says();
        $advice = $state->advice;

        return new self(
            $watch->id, $watch->fish_id, $case->name, $watch->system_id,
            $kept->system($watch->system_id)->name,
            $watch->began_at, $watch->is_return, $state->settling->outcome, $says->say($state->settling->finding),
            $state->isLookDue,
            array_map(fn (array $round): WatchRound => new WatchRound($round[0]->at->toIso(), $says->phrase($round[0]->why), $round[1]), $state->rounds),
            array_values($watch->checks->reverse()->map(fn (WatchCheck $check): LookRow => LookRow::from($kept, $check))->all()),
            $advice === null ? null : new InterventionRow($advice, $says->label($advice), $says->label($advice, 'why')),
            array_values($watch->interventions->map(fn (WatchIntervention $intervention): TriedRow => TriedRow::from($intervention, $says))->all()),
            array_map(fn (CheckItem $item): string => $item->value, $case->items()),
            $watch->ended,
            $watch->ended === null ? TakingOut::refuge($kept, $watch)?->name : null,
        );
    }
}
