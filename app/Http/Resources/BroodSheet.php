<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Broods;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Models\Brood as Written;
use Biomegas\Brood\BroodSign;
use Biomegas\Brood\BroodStep;
use Biomegas\Brood\BroodStepKind;
use Biomegas\Brood\BroodStyle;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A brood that is under way.')]
final readonly class BroodSheet
{
    /**
     * @param  list<BroodStepRow>  $steps
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $mother_id,
        #[OA\Property] public string $mother,
        #[OA\Property(nullable: true)] public ?int $father_id,
        #[OA\Property(nullable: true)] public ?string $father,
        #[OA\Property(type: 'string', enum: BroodStyle::class)] public BroodStyle $style,
        #[OA\Property(type: 'string', enum: BroodSign::class)] public BroodSign $sign,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(nullable: true)] public ?string $place,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/BroodStepRow'), description: 'By day.')] public array $steps,
        #[OA\Property(format: 'date', nullable: true, description: 'Until when a home for the young is needed.')] public ?string $nursery_by,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $cautions,
    ) {
    }

    /** Null: its mother is not there any more. */
    public static function from(FacilitySnapshot $kept, Written $written): ?self
    {
        $brood = Broods::of($kept, $written);
        if ($brood === null) {
            return null;
        }
        $today = $kept->facility->date;

        return new self(
            $written->id, Keys::id($brood->mother->key), $brood->mother->name, $brood->father === null ? null : Keys::id($brood->father->key), $brood->father?->name,
            $brood->style, $brood->sign, $brood->date->toIso(), $written->place,
            array_map(fn (BroodStep $step): BroodStepRow => new BroodStepRow(
                $step->kind, $kept->says()->label($step->kind), $step->from->toIso(), $step->until->toIso(), $step->kind->isStage(), $step->isDone, $step->isLeftOut, $step->isMoved, $step->isDueOn($today), $step->isLateOn($today),
            ), $brood->steps),
            $brood->step(BroodStepKind::Nursery)?->from->toIso(),
            $kept->says()->sayEach($brood->cautions()),
        );
    }
}
