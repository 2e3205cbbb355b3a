<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\System;
use Biomegas\Facility\SystemKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A system that is out of use; its page stays.')]
final readonly class FormerSystem
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: SystemKind::class)] public SystemKind $kind,
        #[OA\Property(format: 'date')] public ?string $retired_on,
    ) {
    }

    public static function from(System $system): self
    {
        return new self($system->id, $system->name, $system->kind, $system->retired_on);
    }
}
