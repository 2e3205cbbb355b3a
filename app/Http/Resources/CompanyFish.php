<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Housing\Verdict\Occupant;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One fish or shoal among those held against each other.')]
final readonly class CompanyFish
{
    private const BANDS = 8;

    public function __construct(
        #[OA\Property(description: 'Below zero: it is only thought of.')] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $species,
        #[OA\Property] public int $count,
        #[OA\Property] public bool $is_shoal,
        #[OA\Property(description: 'Its colour and mark.')] public int $band,
        #[OA\Property(description: 'Its outline in the drawing kit.')] public string $form,
        #[OA\Property(description: 'Likely, today.')] public float $length_mm,
        #[OA\Property(description: 'The smallest of a shoal.')] public float $smallest_mm,
        #[OA\Property(description: 'The largest.')] public float $largest_mm,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Fish $fish): self
    {
        $record = $kept->kept($fish);

        return self::of($fish, $kept->occupant($fish), $record->id, $record->band, $record->form);
    }

    /** @param  int  $id  as in the rows of its pairs */
    public static function thoughtOf(Fish $fish, Occupant $occupant, int $id, string $form): self
    {
        return self::of($fish, $occupant, $id, abs($id) % self::BANDS, $form);
    }

    private static function of(Fish $fish, Occupant $occupant, int $id, int $band, string $form): self
    {
        return new self($id, $fish->name, $fish->species->commonName, $fish->count, $fish->isShoal(), $band, $form, round($occupant->length, 1), round($occupant->shortest(), 1), round($occupant->longest(), 1));
    }

    /** The number by which rows name it. */
    public static function idOf(Fish $fish): int
    {
        return str_starts_with($fish->key, 'mix-') ? -Keys::id($fish->key) : Keys::id($fish->key);
    }
}
