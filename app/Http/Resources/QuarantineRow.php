<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\MovingBook;
use App\Models\HealthObservation;
use App\Models\Quarantine;
use App\Models\Treatment;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish in quarantine.')]
final readonly class QuarantineRow
{
    private const LISTED = 20;

    /**
     * @param  list<ConditionRow>  $looks
     * @param  list<TreatmentRow>  $treatments
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date')] public string $ends,
        #[OA\Property(description: 'Nothing is missing.')] public bool $may_leave,
        #[OA\Property(description: 'What is missing, in words.')] public string $sentence,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/ConditionRow'), description: 'Newest first.')] public array $looks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/TreatmentRow'), description: 'Newest first.')] public array $treatments,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Quarantine $open): self
    {
        $state = MovingBook::stateOf($kept, $open);

        return new self(
            $open->id, $open->fish_id, $kept->find($open->fish_id)->name ?? '', $open->from, $state->ends->toIso(), $state->mayLeave(), $kept->says()->say($state->finding()),
            array_values($open->looks->take(self::LISTED)->map(fn (HealthObservation $observation): ConditionRow => new ConditionRow($observation->id, $observation->date, $observation->is_eating, $observation->sign))->all()),
            array_values($open->treatments->take(self::LISTED)->map(fn (Treatment $treatment): TreatmentRow => new TreatmentRow($treatment->id, $treatment->product_class, $treatment->dose, $treatment->from, $treatment->until, $treatment->withdrawal))->all()),
        );
    }
}
