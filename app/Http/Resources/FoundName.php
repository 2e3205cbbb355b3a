<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'A fish, system or species that was found by its name.')]
final readonly class FoundName
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Of which species; of a species its scientific name.')] public ?string $more,
    ) {
    }

    /**
     * @param  list<stdClass>  $rows
     * @return list<self>
     */
    public static function all(array $rows): array
    {
        return array_map(fn (stdClass $row): self => new self($row->id, $row->name, $row->more), $rows);
    }
}
