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
     * @param  list<array{int, int}>  $cold
     */
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property(description: 'Null: it must be built.')] public ?int $system_id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: SystemKind::class)] public SystemKind $kind,
        #[OA\Property(description: 'From front to back, of its roomiest pool.')] public float $width_mm,
        #[OA\Property(format: 'date', nullable: true, description: 'Null: it is there.')] public ?string $ready_from,
        #[OA\Property(description: 'How full it is: days from today, and the shares of floor, water and filter that are used; null: the filter is not known.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number', nullable: true)))] public array $fills,
        #[OA\Property(description: 'When it is too cold for those who live indoors: days from today, from the first cold one to the first that is not.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer')))] public array $cold,
    ) {
    }

    /**
     * @param  list<LaneFill>  $fills
     * @param  list<array{LocalDate, LocalDate}>  $cold
     */
    public static function from(System $system, array $fills, array $cold, LocalDate $today): self
    {
        return new self(
            $system->key, ProposedHomes::isProposed($system->key) ? null : Keys::id($system->key), $system->name, $system->kind,
            round(max(array_map(fn (Pool $pool): float => $pool->shape->turningWidth(), $system->lastingPools()))),
            $system->readyFrom($today)?->isAfter($today) === true ? $system->readyFrom($today)->toIso() : null,
            array_map(fn (LaneFill $fill): array => [
                $today->daysUntil($fill->date), round($fill->floor, 3), round($fill->water, 3), $fill->filter === null ? null : round($fill->filter, 3),
            ], $fills),
            array_map(fn (array $span): array => [$today->daysUntil($span[0]), $today->daysUntil($span[1])], $cold),
        );
    }
}
