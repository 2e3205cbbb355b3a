<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Fish;
use Biomegas\Facility\SystemKind;
use Biomegas\Planning\Mending\HomeAhead;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A home that must be built some day, plan or no plan.')]
final readonly class HomeAheadRow
{
    /** @param  list<string>  $for */
    public function __construct(
        #[OA\Property] public string $home,
        #[OA\Property(type: 'string', enum: SystemKind::class)] public SystemKind $kind,
        #[OA\Property(description: 'Inside, from left to right.')] public float $length_mm,
        #[OA\Property(description: 'Inside, from front to back.')] public float $width_mm,
        #[OA\Property] public float $litres,
        #[OA\Property(format: 'date')] public string $by,
        #[OA\Property(format: 'date', description: 'The day to begin.')] public string $begin,
        #[OA\Property(description: 'In the facility\'s money.')] public float $price,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Who share it.')] public array $for,
    ) {
    }

    public static function from(HomeAhead $ahead): self
    {
        $shape = $ahead->home->pools[0]->shape;

        return new self(
            $ahead->home->name, $ahead->home->kind, round($shape->swimLength()), round($shape->turningWidth()), round($ahead->home->litres()),
            $ahead->by->toIso(), $ahead->begin->toIso(), round($ahead->home->opening->price ?? 0.0, 2), array_map(fn (Fish $fish): string => $fish->name, $ahead->for),
        );
    }
}
