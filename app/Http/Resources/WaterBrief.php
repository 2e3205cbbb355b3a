<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\System;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Test\Alarm;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The water of a system in brief.')]
final readonly class WaterBrief
{
    /** @param  list<AlarmRow>  $alarms */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/AlarmRow'))] public array $alarms,
        #[OA\Property(description: 'Ammonia made of what the filter carries; above 1 it is too small. Null: its media are not known.')] public ?float $filter_share,
        #[OA\Property(description: 'Share of the water changed each week.')] public float $weekly_change,
        #[OA\Property(description: 'The least share that holds nitrate at the target, by its tests or else by experience of other tanks.')] public float $weekly_change_least,
        #[OA\Property(description: 'When the weekly change must grow; null: it is enough.')] public ?string $change_sentence,
        #[OA\Property(description: 'So large a share that there are too many for this water.')] public bool $is_too_many,
        #[OA\Property(description: 'When the filter is too small; null: it is not.')] public ?string $filter_sentence,
        #[OA\Property(description: 'The last test or reading.', format: 'date')] public ?string $tested_on,
    ) {
    }

    public static function from(FacilitySnapshot $kept, System $system): self
    {
        return $kept->waterBrief($system, self::find(...));
    }

    private static function find(FacilitySnapshot $kept, System $system): self
    {
        $load = $kept->load($system);
        $yield = $kept->nitrateYield($system);
        $most = $kept->facility->rulebook->number(RuleParameter::ChangeMost);
        $least = $load->today()->leastWeeklyChange($yield->factor);
        $tests = $kept->water->tests($system->key);
        $share = $load->today()->filterShare();

        return new self(
            array_map(fn (Alarm $alarm): AlarmRow => AlarmRow::from($alarm, $kept->says()), $kept->alarms($system)),
            $share === null ? null : round($share, 3),
            round($load->today()->nitrate->share, 3),
            round($least, 3),
            $kept->says()->sayIf($load->largerChange($yield, $most)),
            $least > $most,
            $kept->says()->sayIf($load->filterFull()),
            $tests === [] ? null : $tests[count($tests) - 1]->date->toIso(),
        );
    }
}
