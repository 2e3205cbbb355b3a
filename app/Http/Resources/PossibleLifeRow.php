<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Planning\WeighUp\Advice;
use Biomegas\Planning\WeighUp\PossibleLife;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What would come of a candidate if it is of this species.')]
final readonly class PossibleLifeRow
{
    public function __construct(
        #[OA\Property] public string $species,
        #[OA\Property(description: 'How likely that is, from 0 to 1.')] public float $share,
        #[OA\Property(type: 'string', enum: Advice::class)] public Advice $advice,
        #[OA\Property] public string $sentence,
        #[OA\Property(ref: '#/components/schemas/Band')] public Band $adult_mm,
    ) {
    }

    public static function from(PossibleLife $life, Messages $says): self
    {
        return new self($life->candidate->species->commonName, round($life->share->share, 4), $life->weighed->advice, $says->say($life->weighed->finding), Band::from($life->weighed->adult));
    }
}
