<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Moving\Sheet\ObjectionKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something that speaks against a move.')]
final readonly class ObjectionRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: ObjectionKind::class)] public ObjectionKind $kind,
        #[OA\Property(description: 'It wants a reason to be done all the same.')] public bool $is_block,
        #[OA\Property] public string $sentence,
    ) {
    }
}
