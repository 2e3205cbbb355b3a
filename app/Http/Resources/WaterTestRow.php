<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Models\WaterTest;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What one test found.')]
final readonly class WaterTestRow
{
    /** @param  list<FoundValue>  $values */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/FoundValue'))] public array $values,
        #[OA\Property] public ?string $note,
    ) {
    }

    public static function from(WaterTest $test, Messages $says): self
    {
        $values = [];
        foreach (Quantity::cases() as $quantity) {
            if (isset($test->values[$quantity->value])) {
                $values[] = new FoundValue($quantity, $test->values[$quantity->value], $says->figure(WaterValue::of($quantity, $test->values[$quantity->value])));
            }
        }

        return new self($test->id, $test->date, $values, $test->note);
    }
}
