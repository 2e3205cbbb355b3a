<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\AggressionBook;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Facility\Manners;
use App\Models\Fish;
use Biomegas\Company\Aggression\OwnPart;
use Biomegas\Facility\Temper;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How one gets on with others.')]
final readonly class TemperSheet
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Temper::class)] public Temper $temper,
        #[OA\Property(type: 'string', nullable: true, enum: Temper::class, description: 'As its keeper says; null: as its log shows.')] public ?Temper $stated,
        #[OA\Property(nullable: true, description: 'Where that comes from; null: nothing is known.')] public ?string $said,
        #[OA\Property(description: 'Its part in what was seen in its home; empty: nothing was.')] public string $part,
    ) {
    }

    public static function from(FacilitySnapshot $kept, int $fishId): self
    {
        $home = $kept->facility->systems[$kept->fish($fishId)->currentSystem()] ?? null;
        $book = new AggressionBook($kept);
        $stated = Fish::query()->findOrFail($fishId, ['id', 'temper'])->temper;
        $seen = Manners::until($kept->facility->date, $kept->unreadable)->seen($fishId, $stated);

        return new self($seen->temper(), $stated, $kept->says()->sayIf($seen->finding()), $home === null ? '' : $kept->says()->sayAll(OwnPart::of(Keys::ofFish($fishId), $book->actsIn($home))->findings($book->names($home))));
    }
}
