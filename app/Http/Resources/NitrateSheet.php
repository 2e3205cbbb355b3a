<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\System;
use Biomegas\Rulebook\RuleParameter;
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
        #[OA\Property(description: 'Share of the book\'s nitrate that its own tests show, else that other tanks do.')] public float $yield,
        #[OA\Property(description: 'Spans between tests that this rests on; 0: on experience of other tanks.')] public int $spans,
        #[OA\Property] public float $likely_peak,
        #[OA\Property] public float $likely_trough,
        #[OA\Property(description: 'Least share to change each week by the book; above 1: once a week is not enough.')] public float $least_by_book,
        #[OA\Property] public float $least_likely,
        #[OA\Property(description: 'What to change and for how long, in words.')] public string $sentence,
    ) {
    }

    public static function from(FacilitySnapshot $kept, System $system): self
    {
        $load = $kept->load($system)->today();
        $yield = $kept->nitrateYield($system);
        $course = $load->nitrateYielding($yield->factor);
        $now = $kept->waterNow($system)->value(Quantity::Nitrate);
        $advice = new NitrateAdvice($yield, $load->leastWeeklyChange($yield->factor), $course, $load->target, $kept->facility->rulebook->number(RuleParameter::ChangeMost));

        return new self(
            $load->target, $now,
            round($load->nitrate->peak(), 1), round($load->nitrate->trough(), 1),
            round($yield->factor, 2), $yield->spans,
            round($course->peak(), 1), round($course->trough(), 1),
            round($load->leastWeeklyChange(), 3), round($load->leastWeeklyChange($yield->factor), 3),
            $kept->says()->say($advice->finding($now)),
        );
    }
}
