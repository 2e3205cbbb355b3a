<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Temperature;
use Biomegas\Measure\Volume;
use Biomegas\Water\Refill;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a water change takes.')]
final readonly class RefillSheet
{
    public function __construct(
        #[OA\Property] public string $sentence,
        #[OA\Property] public float $litres,
        #[OA\Property] public float $hot_litres,
        #[OA\Property] public float $cold_litres,
        #[OA\Property(description: 'What the system then has.')] public float $mixed_c,
        #[OA\Property(description: 'How far it would cool with cold water alone.')] public float $drop_if_cold_c,
        #[OA\Property(description: 'Millilitres of the product; null: none was asked for.')] public ?float $dose_ml,
    ) {
    }

    public static function from(Refill $refill, float $celsius, ?float $dosePer100, Messages $says): self
    {
        $dose = $dosePer100 === null ? null : round($refill->dose($dosePer100), 1);

        return new self(
            $says->say(Finding::of(
                'water.refill',
                hot: Volume::ofLitres($refill->hotLitres), cold: Volume::ofLitres($refill->coldLitres), before: Temperature::ofCelsius($celsius), after: Temperature::ofCelsius($refill->mixed),
            )),
            round($refill->litres, 1), round($refill->hotLitres, 1), round($refill->coldLitres, 1),
            round($refill->mixed, 1), round($refill->dropIfCold, 1), $dose,
        );
    }
}
