<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Probe;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A device that posts readings of one system.')]
final readonly class ProbeRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date-time', description: 'When it was last heard.')] public ?string $last_heard,
    ) {
    }

    public static function from(Probe $probe): self
    {
        $token = $probe->tokens->first();

        return new self($probe->id, $probe->name, $token?->last_used_at?->toIso8601ZuluString());
    }
}
