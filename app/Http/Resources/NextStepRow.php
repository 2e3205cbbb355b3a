<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Company\Aggression\NextStep;
use Biomegas\Moving\Watch\Intervention;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The one thing to try next.')]
final readonly class NextStepRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Intervention::class)] public Intervention $intervention,
        #[OA\Property] public string $words,
        #[OA\Property] public string $why,
        #[OA\Property(nullable: true, description: 'What it did here before.')] public ?string $experience,
    ) {
    }

    public static function from(?NextStep $next, Messages $says): ?self
    {
        return $next === null ? null : new self($next->intervention, $says->label($next->intervention), $says->label($next->intervention, 'why'), $says->sayIf($next->experience()));
    }
}
