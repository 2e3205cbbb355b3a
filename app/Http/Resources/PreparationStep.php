<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Readiness\ScheduledStep;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One step, with its days counted back from the wanted day.')]
final readonly class PreparationStep
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $words,
        #[OA\Property] public string $why,
        #[OA\Property] public int $days,
        #[OA\Property(format: 'date')] public string $begin,
        #[OA\Property(format: 'date')] public string $end,
        #[OA\Property(format: 'date')] public ?string $done,
        #[OA\Property(description: 'The records show that it was done; nobody ticked it.')] public bool $is_seen,
        #[OA\Property] public bool $is_due,
        #[OA\Property] public bool $is_late,
    ) {
    }

    public static function from(ScheduledStep $step, Messages $says, LocalDate $today): self
    {
        return new self($step->key, $says->say($step->what), $says->sayIf($step->why) ?? '', $step->days, $step->begin->toIso(), $step->end->toIso(), $step->done?->toIso(), $step->isSeen, $step->isDueOn($today), $step->isLateOn($today));
    }
}
