<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Rulebook\Ration;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How a fish is kept besides its home.')]
final readonly class Keeping
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Ration::class, description: 'As of today.')] public Ration $ration,
        #[OA\Property(type: 'number', nullable: true, description: 'Adult length stated for it by its keeper; null: as its species.')] public ?float $adult_mm,
    ) {
    }

    public static function from(Facility $facility, Fish $fish): self
    {
        return new self($fish->rationOn($facility->date), $fish->statedAdultMm);
    }
}
