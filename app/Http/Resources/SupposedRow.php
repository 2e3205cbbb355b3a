<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Supposed;
use App\Facility\SupposedKind;
use Biomegas\Facility\Fitting;
use Biomegas\Planning\Supposing\Supposition;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something that is not so, but might be: its kind, what it is about, and one value.', required: ['kind'])]
final readonly class SupposedRow
{
    /** @param  list<string>|null  $fittings */
    public function __construct(
        #[OA\Property(type: 'string', enum: SupposedKind::class)] public string $kind,
        #[OA\Property(description: 'Of what is done to a home, or of the home to which one more comes.')] public ?int $system_id = null,
        #[OA\Property] public ?int $fish_id = null,
        #[OA\Property(description: 'Of one more that comes.')] public ?int $species_id = null,
        #[OA\Property(description: 'Litres of media, °C, share of the water, number that is left, or millimetres.')] public ?float $value = null,
        #[OA\Property(type: 'array', nullable: true, items: new OA\Items(type: 'string', enum: Fitting::class))] public ?array $fittings = null,
        #[OA\Property(format: 'date', description: 'The day on which a home is ready.')] public ?string $on = null,
        #[OA\Property(description: 'Of those that come.')] public ?int $count = null,
        #[OA\Property(description: 'Of those that come, as typed.')] public ?string $length = null,
    ) {
    }

    public static function from(Supposition $supposed): self
    {
        return new self(...Supposed::write($supposed));
    }
}
