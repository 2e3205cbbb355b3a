<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Plan\ProposedHomes;
use Biomegas\Planning\Supposing\Parted;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A move of a plan.')]
final readonly class PlanMoveRow
{
    /**
     * @param  list<string>  $reasons
     * @param  list<PlanStepRow>  $prepare
     * @param  list<string>  $frees
     */
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Key of the lane.')] public string $from_key,
        #[OA\Property] public string $from,
        #[OA\Property(description: 'Key of the lane.')] public string $to_key,
        #[OA\Property] public string $to,
        #[OA\Property(description: 'Null: a home that must be built.')] public ?int $to_id,
        #[OA\Property(format: 'date')] public string $on,
        #[OA\Property(description: 'Likely length on that day: a move by size is as good as one by date.')] public float $length_mm,
        #[OA\Property(format: 'date', description: 'When it outgrows the home it leaves; null: not as far as is looked.')] public ?string $early,
        #[OA\Property(format: 'date')] public ?string $likely,
        #[OA\Property(format: 'date')] public ?string $late,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $reasons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanStepRow'), description: 'What must be done first, by day.')] public array $prepare,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Who comes to the home it leaves.')] public array $frees,
        #[OA\Property(description: 'Two or more change places on that day.')] public bool $waits_in_tub,
        #[OA\Property(description: 'Those of a shoal that go their own way.')] public bool $is_part,
        #[OA\Property(description: 'It moves for its size, and may go as soon as it is as long.')] public bool $is_by_size,
    ) {
    }

    public static function from(FacilitySnapshot $kept, PlanMove $move): self
    {
        $says = $kept->says();

        return new self(
            Keys::id($move->fish->key), $move->fish->name, $move->from->key, $move->from->name, $move->to->key, $move->to->name, self::id($move->to),
            $move->on->toIso(), round($move->length, 1), $move->window[0]?->toIso(), $move->window[1]?->toIso(), $move->window[2]?->toIso(),
            $says->sayEach($move->reasons),
            array_map(fn (array $step): PlanStepRow => new PlanStepRow($says->say($step[0]), $step[1]->toIso()), $move->prepare),
            array_map(fn (Fish $fish): string => $fish->name, $move->frees),
            $move->waitsInTub,
            Parted::isPart($move->fish->key),
            $move->atLength !== null,
        );
    }

    private static function id(System $system): ?int
    {
        return ProposedHomes::isProposed($system->key) ? null : Keys::id($system->key);
    }
}
