<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Planning\Change\BeforeAfter;
use Biomegas\Planning\Change\ChangeAdvice;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A system as it stands and as it would after a change.')]
final readonly class BeforeAfterSheet
{
    public function __construct(
        #[OA\Property] public string $sentence,
        #[OA\Property(ref: '#/components/schemas/StandingSide')] public StandingSide $before,
        #[OA\Property(ref: '#/components/schemas/StandingSide')] public StandingSide $after,
        #[OA\Property(ref: '#/components/schemas/WaterForecast', nullable: true, description: 'Null: nothing would stir the filter.')] public ?WaterForecast $forecast,
        #[OA\Property(ref: '#/components/schemas/WaterForecast', nullable: true, description: 'The same with half of the water changed each day.')] public ?WaterForecast $with_changes,
        #[OA\Property(description: 'How many of the newcomers the filter bears at once.')] public ?int $most_at_once,
        #[OA\Property(format: 'date', description: 'The day of the change.')] public string $on,
    ) {
    }

    public static function from(BeforeAfter $both, float $yield, Messages $says): self
    {
        return new self(
            $says->sayAll((new ChangeAdvice($both))->findings()),
            StandingSide::from($both->before, $yield, $says),
            StandingSide::from($both->after, $yield, $says),
            $both->forecast === null ? null : WaterForecast::from($both->forecast),
            $both->withChanges === null ? null : WaterForecast::from($both->withChanges),
            $both->mostAtOnce,
            $both->on->toIso(),
        );
    }
}
