<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\System;
use Biomegas\Water\Nitrate\NitrateAdvice;
use Biomegas\Water\Test\Quantity;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Nitrate under the weekly change, mg/l of the ion.')]
final readonly class NitrateSheet
{
    public function __construct(
        #[OA\Property] public float $target,
        #[OA\Property(description: 'By the last test; null: none that is fresh.')] public ?float $now,
        #[OA\Property(description: 'By the book: where the peak before a change tends to.')] public float $book_peak,
        #[OA\Property] public float $book_trough,
        #[OA\Property(description: 'Share of the book\'s nitrate that its own tests show; null: too few tests.')] public ?float $yield,
        #[OA\Property(description: 'Spans between tests that this rests on.')] public int $spans,
        #[OA\Property] public ?float $tests_peak,
        #[OA\Property] public ?float $tests_trough,
        #[OA\Property(description: 'Least share to change each week by the book; above 1: once a week is not enough.')] public float $least_by_book,
        #[OA\Property] public ?float $least_by_tests,
        #[OA\Property(description: 'What to change and for how long, in words.')] public string $sentence,
    ) {
    }

    public static function from(FacilitySnapshot $kept, System $system): self
    {
        $load = $kept->load($system)->today();
        $fit = $kept->nitrateYield($system);
        $fitted = $fit === null ? null : $load->nitrateYielding($fit->factor);
        $now = $kept->waterNow($system)->value(Quantity::Nitrate);

        return new self(
            $load->target, $now,
            round($load->nitrate->peak(), 1), round($load->nitrate->trough(), 1),
            $fit === null ? null : round($fit->factor, 2), $fit->spans ?? 0,
            $fitted === null ? null : round($fitted->peak(), 1), $fitted === null ? null : round($fitted->trough(), 1),
            round($load->leastWeeklyChange(), 3), $fit === null ? null : round($load->leastWeeklyChange($fit->factor), 3),
            $kept->says()->say(NitrateAdvice::of($load->leastWeeklyChange($fit->factor ?? 1.0), $load->nitrateYielding($fit->factor ?? 1.0), $load->target, $now)),
        );
    }
}
