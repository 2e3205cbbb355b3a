<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Moving\Sheet\Phase;
use Biomegas\Moving\Sheet\SheetStep;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One step of a move, and why.')]
final readonly class RunStep
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property(type: 'string', enum: Phase::class)] public Phase $phase,
        #[OA\Property] public string $words,
        #[OA\Property] public string $why,
        #[OA\Property(description: 'For a timer.')] public ?float $minutes,
        #[OA\Property(format: 'date-time', description: 'When it was checked off.')] public ?string $done,
    ) {
    }

    /** @param  array<string, string>  $done */
    public static function from(SheetStep $step, array $done, Messages $says): self
    {
        return new self($step->key, $step->phase, $says->say($step->what), $says->sayAll($step->why), $step->minutes === null ? null : round($step->minutes, 1), $done[$step->key] ?? null);
    }
}
