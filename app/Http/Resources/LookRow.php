<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Watches;
use App\Models\WatchCheck;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One look at a fish that is watched.')]
final readonly class LookRow
{
    /** @param  list<string>  $troubles */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'On the clock of the facility.')] public string $at,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $troubles,
        #[OA\Property] public bool $has_eaten,
        #[OA\Property] public ?string $chased_by,
        #[OA\Property] public ?string $chases,
        #[OA\Property] public ?string $note,
    ) {
    }

    public static function from(FacilitySnapshot $kept, WatchCheck $check): self
    {
        return new self($check->id, $check->at, $check->troubles, $check->has_eaten, Watches::nameOf($kept, $check->chased_by_id), Watches::nameOf($kept, $check->chases_id), $check->note);
    }
}
