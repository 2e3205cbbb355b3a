<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\AdultSizeClaim;
use Biomegas\Facility\ClaimKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Who says how long a species becomes, and how far that counts.')]
final readonly class Claim
{
    public function __construct(
        #[OA\Property] public float $length_mm,
        #[OA\Property(type: 'string', enum: ClaimKind::class)] public ClaimKind $kind,
        #[OA\Property(type: 'string', nullable: true, enum: ['male', 'female'])] public ?string $sex,
        #[OA\Property] public string $source,
        #[OA\Property(description: 'Of the belief, 0 to 1; a record does not count toward what is usual.')] public float $share,
    ) {
    }

    public static function from(AdultSizeClaim $claim, float $share): self
    {
        return new self($claim->millimetres, $claim->kind, $claim->sex?->value, $claim->source, round($share, 3));
    }
}
