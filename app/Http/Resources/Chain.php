<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\StayAhead;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The chain of homes that a fish needs from today on, as if everybody else stayed where they are.')]
final readonly class Chain
{
    /** @param  list<ChainStay>  $stays */
    public function __construct(
        #[OA\Property(description: 'None when no home here takes it.', type: 'array', items: new OA\Items(ref: '#/components/schemas/ChainStay'))] public array $stays,
        #[OA\Property(ref: '#/components/schemas/Build', nullable: true)] public ?Build $build,
        #[OA\Property(format: 'date', description: 'As far as was looked.')] public string $horizon,
        #[OA\Property(description: 'The last home holds a grown one.')] public bool $is_for_life,
        #[OA\Property(description: 'Why no home here takes it.')] public ?string $nowhere,
    ) {
    }

    public static function from(HomesAhead $chain, LocalDate $horizon, Messages $says): self
    {
        return new self(
            array_map(fn (StayAhead $stay): ChainStay => ChainStay::from($stay, $says), $chain->stays),
            $chain->toBuild === null ? null : Build::from($chain->toBuild, $says),
            $horizon->toIso(),
            $chain->isForLife(),
            $says->sayIf($chain->nowhere?->finding),
        );
    }
}
