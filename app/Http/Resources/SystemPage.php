<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\SystemFormTexts;
use App\Facility\SystemLog;
use App\Models\System;
use App\Models\WaterTest;
use App\Repair\StoredTable;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'All of one system: its plan, its load, its water and what was written about it.')]
final readonly class SystemPage
{
    /** As many tests and works as are listed. */
    /**
     * @param  list<WaterTestRow>  $tests
     * @param  list<WaterWorkRow>  $works
     * @param  list<ProbeRow>  $probes
     * @param  list<MoveSheetRow>  $moves
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/SystemSheet')] public SystemSheet $system,
        #[OA\Property(ref: '#/components/schemas/SystemRequest', description: 'As it would be typed.')] public object $form,
        #[OA\Property(ref: '#/components/schemas/FloorPlanSheet')] public FloorPlanSheet $plan,
        #[OA\Property(ref: '#/components/schemas/LoadSheet')] public LoadSheet $load,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/WaterTestRow'), description: 'Newest first.')] public array $tests,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/WaterWorkRow'), description: 'Newest first.')] public array $works,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/ProbeRow'))] public array $probes,
        #[OA\Property(ref: '#/components/schemas/PreparationSheet', nullable: true)] public ?PreparationSheet $preparation,
        #[OA\Property(description: 'Moves from here or to here that are planned, soonest first.', type: 'array', items: new OA\Items(ref: '#/components/schemas/MoveSheetRow'))] public array $moves,
        #[OA\Property(description: 'The harmful part of ammonia, mg N/l; null: nothing to compute it from.')] public ?float $free_ammonia,
        #[OA\Property(description: 'Oxygen as a share of what the water could hold; null: not measured.')] public ?float $oxygen_saturation,
    ) {
    }

    public static function from(FacilitySnapshot $kept, System $record): self
    {
        $system = $kept->system($record->id);
        $log = new SystemLog($record);
        $preparation = $log->preparation();
        $now = $kept->waterNow($system);
        $celsius = $system->temperature?->on($kept->facility->date);
        $free = $now->unionisedAmmonia($system->ph, $celsius);
        $saturation = $now->oxygenSaturation($celsius);

        return new self(
            SystemSheet::one($kept, $system),
            (object) SystemFormTexts::of($record, $kept->units),
            FloorPlanSheet::from($kept, $system),
            LoadSheet::from($kept, $system),
            $kept->unreadable->readAll(StoredTable::WaterTests, $log->tests(), fn (WaterTest $test): WaterTestRow => WaterTestRow::from($test, $kept->says())),
            $kept->unreadable->readAll(StoredTable::WaterWorks, $log->works(), WaterWorkRow::from(...)),
            array_values($log->probes()->map(ProbeRow::from(...))->all()),
            $preparation === null ? null : $kept->unreadable->read(StoredTable::Preparations, $preparation->id, fn (): PreparationSheet => PreparationSheet::from($kept, $system, $preparation)),
            MoveSheetRow::open($kept, $record->id),
            $free === null ? null : round($free, 4),
            $saturation === null ? null : round($saturation, 3),
        );
    }
}
