<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\TenthMm;
use App\Models\Measurement;
use Biomegas\Facility\LengthKind;
use Biomegas\Rulebook\Method;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A measured length.')]
final readonly class MeasurementEntry
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $fish_id,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property] public float $length_mm,
        #[OA\Property(type: 'string', enum: Method::class)] public Method $method,
        #[OA\Property(description: 'Null: the length that its species is stated in.', type: 'string', enum: LengthKind::class, nullable: true)] public ?LengthKind $length_kind,
        #[OA\Property(description: 'How many of a shoal; the length is their mean.')] public int $sample,
        #[OA\Property(description: 'Standard deviation between them.')] public ?float $spread_mm,
        #[OA\Property(description: 'Relative standard error: its own, or that of its method.')] public float $error,
        #[OA\Property(description: 'Send it back with a correction.')] public int $version,
        #[OA\Property(description: 'The picture that it was read from; null: from none.')] public ?int $picture_id,
    ) {
    }

    public static function from(Measurement $entry): self
    {
        return new self(
            $entry->id, $entry->fish_id, $entry->date, (float) TenthMm::toMm($entry->length_tenth_mm),
            $entry->method,
            $entry->length_kind,
            $entry->sample,
            TenthMm::toMm($entry->spread_tenth_mm),
            $entry->own_error ?? $entry->method->relativeError(), $entry->version, $entry->picture_id,
        );
    }
}
