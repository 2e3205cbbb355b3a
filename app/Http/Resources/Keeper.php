<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use Biomegas\Rulebook\Method;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A signed-in person and the facility.')]
final readonly class Keeper
{
    /**
     * @param  array<value-of<Method>, float>  $method_errors
     * @param  array<string, string|int|float|bool>  $usual_species
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: Role::class)] public Role $role,
        #[OA\Property] public string $facility,
        #[OA\Property(ref: '#/components/schemas/UnitsByQuantity')] public UnitsByQuantity $units,
        #[OA\Property(description: 'ISO 4217; null: sums are said without it.')] public ?string $currency,
        #[OA\Property(description: 'Filled with the demo, which may be cleared.')] public bool $is_demo,
        #[OA\Property(format: 'date')] public string $today,
        #[OA\Property(description: 'Relative standard error of a length by how it was taken.', type: 'object', required: ['hand', 'picture', 'ruler', 'eye'], properties: [
            new OA\Property(property: 'hand', type: 'number'), new OA\Property(property: 'picture', type: 'number'), new OA\Property(property: 'ruler', type: 'number'), new OA\Property(property: 'eye', type: 'number'),
        ])] public array $method_errors,
        #[OA\Property(description: 'What holds of a species where its description does not say, by field.', type: 'object', additionalProperties: true)] public array $usual_species,
    ) {
    }
}
