<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Moving\Sheet\BagArrival;
use Biomegas\Moving\Sheet\SheetStep;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How a fish is brought from its bag into a home.')]
final readonly class BagSheet
{
    /** @param  list<RunStep>  $steps */
    public function __construct(
        #[OA\Property] public string $sentence,
        #[OA\Property(description: 'In all.')] public float $minutes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RunStep'))] public array $steps,
    ) {
    }

    public static function from(BagArrival $arrival, Messages $says): self
    {
        return new self($says->say($arrival->sentence), round($arrival->minutes, 1), array_map(fn (SheetStep $step): RunStep => RunStep::from($step, [], $says), $arrival->steps));
    }
}
