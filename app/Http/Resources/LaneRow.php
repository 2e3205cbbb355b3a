<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Pool;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Planning\Plan\LaneFill;
use Biomegas\Planning\Plan\ProposedHomes;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A home along time.')]
final readonly class LaneRow
{
    /**
     * @param  list<array{int, float, float, float|null}>  $fills
     */
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property(description: 'Null: it must be built.')] public ?int $system_id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: SystemKind::class)] public SystemKind $kind,
        #[OA\Property(description: 'From front to back, of its roomiest pool.')] public float $width_mm,
        #[OA\Property(format: 'date', nullable: true, description: 'Null: it is there.')] public ?string $ready_from,
        #[OA\Property(description: 'How full it is: days from today, and the shares of floor, water and filter that are used; null: the filter is not known.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number', nullable: true)))] public array $fills,
    ) {
    }

    /** @param  list<LaneFill>  $fills */
    public static function from(System $system, array $fills, LocalDate $today): self
    {
        return new self(
            $system->key, ProposedHomes::isProposed($system->key) ? null : Keys::id($system->key), $system->name, $system->kind,
            round(max(array_map(fn (Pool $pool): float => $pool->shape->turningWidth(), $system->lastingPools()))),
            $system->readyFrom($today)?->isAfter($today) === true ? $system->readyFrom($today)->toIso() : null,
            array_map(fn (LaneFill $fill): array => [
                $today->daysUntil($fill->date), round($fill->floor, 3), round($fill->water, 3), $fill->filter === null ? null : round($fill->filter, 3),
            ], $fills),
        );
    }
}
