<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\SystemFormTexts;
use Biomegas\Facility\PondClimate;
use Biomegas\Measure\Units;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The water of a pond through the year in a climate, as it would be typed.')]
final readonly class PondClimateRow
{
    /**
     * @param  list<string>  $northern
     * @param  list<string>  $southern
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: PondClimate::class)] public PondClimate $climate,
        #[OA\Property(description: 'January to December north of the equator.', type: 'array', items: new OA\Items(type: 'string'), minItems: 12, maxItems: 12)] public array $northern,
        #[OA\Property(description: 'January to December south of the equator.', type: 'array', items: new OA\Items(type: 'string'), minItems: 12, maxItems: 12)] public array $southern,
    ) {
    }

    public static function from(PondClimate $climate, Units $units): self
    {
        return new self($climate, SystemFormTexts::months($climate->northern(), $units), SystemFormTexts::months($climate->southern(), $units));
    }
}
