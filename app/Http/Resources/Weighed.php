<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use App\Language\Messages;
use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\WeighUp\Advice;
use Biomegas\Planning\WeighUp\UnsureWeighUp;
use Biomegas\Planning\WeighUp\WeighUp;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The whole future of a fish before it is bought. Nothing is saved.')]
final readonly class Weighed
{
    /**
     * @param  list<string>  $conditions
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: Advice::class)] public Advice $advice,
        #[OA\Property] public string $sentence,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $conditions,
        #[OA\Property(ref: '#/components/schemas/Chain')] public Chain $chain,
        #[OA\Property(ref: '#/components/schemas/Band')] public Band $adult_mm,
        #[OA\Property(ref: '#/components/schemas/LifeUpkeep', nullable: true, description: 'Null: the mass of its species is not known.')] public ?LifeUpkeep $upkeep,
        #[OA\Property(description: 'Still to serve.')] public int $quarantine_days,
        #[OA\Property(description: 'A home without residents to serve them in.')] public ?int $quarantine_system_id,
        #[OA\Property] public ?string $quarantine_home,
        #[OA\Property(ref: '#/components/schemas/YearSpan', nullable: true)] public ?YearSpan $lifespan,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $cautions,
        #[OA\Property(ref: '#/components/schemas/UnsureRow', nullable: true, description: 'Where it may be of several species: everything else here is of the worst of them.')] public ?UnsureRow $unsure = null,
    ) {
    }

    public static function from(WeighUp $weighed, ?YearSpan $lifespan, LocalDate $today, Messages $says, ?UnsureWeighUp $unsure = null): self
    {
        $home = $weighed->quarantine->home;

        return new self(
            $weighed->advice, $says->say($unsure->finding ?? $weighed->finding), $says->sayEach($weighed->conditions),
            Chain::from($weighed->chain, $today->plusDays(WeighUp::HORIZON_DAYS), $says),
            Band::from($weighed->adult),
            $weighed->upkeep === null ? null : LifeUpkeep::from($weighed->upkeep),
            $weighed->quarantine->days,
            $home === null ? null : Keys::id($home->key),
            $home?->name,
            $lifespan,
            $says->sayEach($weighed->cautions),
            $unsure === null ? null : UnsureRow::from($unsure, $says),
        );
    }
}
