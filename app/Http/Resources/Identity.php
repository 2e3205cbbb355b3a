<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Fish;
use App\Models\FishCandidate;
use Biomegas\Facility\Sex;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a fish is taken for.')]
final readonly class Identity
{
    /** @param  list<Candidate>  $candidates */
    public function __construct(
        #[OA\Property] public int $species_id,
        #[OA\Property(description: 'Other species that it may be; its species has the rest of the belief.', type: 'array', items: new OA\Items(ref: '#/components/schemas/Candidate'))] public array $candidates,
        #[OA\Property(type: 'string', nullable: true, enum: Sex::class)] public ?Sex $sex,
        #[OA\Property(format: 'date')] public ?string $hatched_on,
    ) {
    }

    public static function from(Fish $fish): self
    {
        return new self(
            $fish->species_id,
            array_values($fish->candidates->map(fn (FishCandidate $candidate): Candidate => new Candidate($candidate->species_id, $candidate->weight))->all()),
            $fish->sex,
            $fish->hatched_on,
        );
    }
}
