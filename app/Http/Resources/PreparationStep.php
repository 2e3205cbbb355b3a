<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Readiness\ScheduledStep;
use Biomegas\Water\Readiness\Step;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One step, with its days counted back from the wanted day.')]
final readonly class PreparationStep
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Step::class)] public Step $step,
        #[OA\Property] public string $words,
        #[OA\Property] public string $why,
        #[OA\Property(format: 'date')] public string $begin,
        #[OA\Property(format: 'date')] public string $end,
        #[OA\Property(format: 'date')] public ?string $done,
        #[OA\Property] public bool $is_due,
        #[OA\Property] public bool $is_late,
    ) {
    }

    public static function from(ScheduledStep $step, string $what, string $why, LocalDate $today): self
    {
        return new self($step->step, $what, $why, $step->begin->toIso(), $step->end->toIso(), $step->done?->toIso(), $step->isDueOn($today), $step->isLateOn($today));
    }
}
