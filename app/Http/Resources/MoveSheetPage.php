<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Arrangements;
use App\Facility\FacilitySnapshot;
use App\Facility\HomeRecords;
use App\Facility\MoveSheets;
use App\Models\MoveSheet;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Sheet\MoveSheet as Run;
use Biomegas\Moving\Sheet\Objection;
use Biomegas\Moving\Sheet\SheetStep;
use Biomegas\Planning\Change\ChangeAdvice;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A prepared move: what speaks against it, what to have at hand, and every step with its reason.')]
final readonly class MoveSheetPage
{
    /**
     * @param  list<ObjectionRow>  $objections
     * @param  list<string>  $record
     * @param  list<string>  $at_hand
     * @param  list<string>  $reasons
     * @param  list<RunStep>  $steps
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/MoveSheetRow')] public MoveSheetRow $sheet,
        #[OA\Property(description: 'A fish of it is not there any more.')] public bool $is_broken,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/ObjectionRow'), description: 'Blocks first.')] public array $objections,
        #[OA\Property(description: 'Something forbids it: it wants a reason.')] public bool $is_blocked,
        #[OA\Property] public ?string $override_reason,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'How it went there before for those that come back.')] public array $record,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $at_hand,
        #[OA\Property(type: 'string', nullable: true, enum: ['straight-across', 'mix', 'slow-mix', 'not-yet'])] public ?string $match,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'How the two waters differ.')] public array $reasons,
        #[OA\Property(description: 'Of mixing.')] public ?float $minutes,
        #[OA\Property(description: 'Litres an hour when it is let drip instead.')] public ?float $drip_litres,
        #[OA\Property(type: 'string', enum: MixingWay::class)] public MixingWay $mixing,
        #[OA\Property] public float $container_litres,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RunStep'))] public array $steps,
        #[OA\Property(description: 'The steps are not as usual.')] public bool $is_arranged,
        #[OA\Property(ref: '#/components/schemas/WaterForecast', nullable: true, description: 'Of a large addition.')] public ?WaterForecast $forecast,
        #[OA\Property(description: 'What the addition does to the water.')] public ?string $forecast_sentence,
        #[OA\Property(format: 'date', nullable: true, description: 'First day of the daily tests of ammonia and nitrite; null: none are wanted.')] public ?string $test_from,
        #[OA\Property(format: 'date', nullable: true)] public ?string $test_until,
        #[OA\Property] public ?string $note,
    ) {
    }

    public static function from(FacilitySnapshot $kept, MoveSheet $written, MoveSheets $sheets): self
    {
        $case = $sheets->caseOf($kept, $written);
        $sheet = $case === null ? null : Run::of($case, Arrangements::read($written->arrangement));
        $change = $sheets->addition($kept, $written);
        $tests = $sheets->tests($kept, $written);
        $says = $kept->says();

        return new self(
            MoveSheetRow::from($kept, $written),
            $sheet === null,
            array_map(fn (Objection $objection): ObjectionRow => new ObjectionRow($objection->kind, $objection->isBlock, $says->say($objection->finding)), $sheet->objections ?? []),
            $sheet?->isBlocked() ?? false,
            $written->override_reason,
            $says->sayEach(HomeRecords::of($kept, $written)),
            $says->sayEach($sheet->atHand ?? []),
            $sheet?->match->class->value,
            $says->sayEach($sheet->match->reasons ?? []),
            $sheet === null ? null : round($sheet->match->schedule->minutes, 1),
            $sheet === null ? null : round($sheet->match->schedule->drip(), 1),
            $written->mixing,
            $written->container_tenth_litres / 10,
            array_map(fn (SheetStep $step): RunStep => RunStep::from($step, $written->done, $says), $sheet->steps ?? []),
            $written->arrangement !== null,
            $change?->forecast === null ? null : WaterForecast::from($change->forecast),
            $change === null ? null : ($says->sayAll((new ChangeAdvice($change))->ofWater()) ?: null),
            $tests?->from->toIso(),
            $tests?->until->toIso(),
            $written->note,
        );
    }
}
