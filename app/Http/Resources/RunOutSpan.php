<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Food\RunOut;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'When a food is used up.')]
final readonly class RunOutSpan
{
    private function __construct(
        #[OA\Property(format: 'date')] public string $early,
        #[OA\Property(format: 'date')] public string $likely,
        #[OA\Property(format: 'date')] public string $late,
    ) {
    }

    public static function from(RunOut $runOut): self
    {
        return new self($runOut->early->toIso(), $runOut->likely->toIso(), $runOut->late->toIso());
    }
}
