<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Models\Culture;
use App\Models\CultureEntry;
use Biomegas\Calendar\LocalDate;
use Biomegas\Culture\CultureEventKind;
use Biomegas\Culture\CultureKind;
use Biomegas\Culture\CultureOutlook;
use Biomegas\Finding\Finding;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Animals that are bred to be fed, in the unit of their food.')]
final readonly class CultureRow
{
    /**
     * @param  list<string>  $cautions
     * @param  list<CulturePoint>  $course
     * @param  list<CulturePoint>  $counts
     */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: CultureKind::class)] public string $kind,
        #[OA\Property] public int $food_id,
        #[OA\Property(format: 'date')] public string $started_on,
        #[OA\Property] public float $seed,
        #[OA\Property(description: 'What one of its tanks holds, as the keeper thinks.')] public float $room,
        #[OA\Property] public int $tanks,
        #[OA\Property(format: 'date')] public ?string $quarantine_until,
        #[OA\Property] public string $says,
        #[OA\Property(description: 'It gives too little, or soon will.')] public bool $is_due,
        #[OA\Property(description: 'How many there are today.')] public float $now,
        #[OA\Property(description: 'How many all of its tanks hold, as its counts say.')] public float $room_fitted,
        #[OA\Property(description: 'The largest harvest a week that can go on for ever: low.')] public float $steady_low,
        #[OA\Property] public float $steady,
        #[OA\Property] public float $steady_high,
        #[OA\Property(description: 'What the fish take a week, now.')] public float $taken,
        #[OA\Property] public float $taken_in_a_year,
        #[OA\Property(description: 'Weeks from a new tank to the harvest.')] public int $weeks_to_start,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $cautions,
        #[OA\Property(description: 'As it went, week by week.', type: 'array', items: new OA\Items(ref: CulturePoint::class))] public array $course,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CulturePoint::class))] public array $counts,
    ) {
    }

    public static function from(Culture $row, CultureOutlook $outlook, FacilitySnapshot $kept): self
    {
        $counts = CultureEntry::query()->where(['culture_id' => $row->id, 'kind' => CultureEventKind::Counted])->orderBy('date')->orderBy('id')->get();

        return new self(
            $row->id, $row->name, $row->kind->value, $row->food_id, $row->started_on, $row->seed, $row->room, $row->tanks, $row->quarantine_until,
            $kept->says()->say($outlook->finding($kept->facility->date)), $outlook->isDueOn($kept->facility->date),
            round($outlook->fit->now), round($outlook->fit->growth->room), round($outlook->steady[0]), round($outlook->steady[1]), round($outlook->steady[2]),
            round($outlook->taken, 1), round($outlook->takenInAYear, 1), $outlook->weeksToStart(),
            array_map(fn (Finding $caution): string => $kept->says()->say($caution), $row->kind->cautions($row->quarantine_until === null ? null : LocalDate::fromIso($row->quarantine_until), $kept->facility->date)),
            array_map(fn (array $at): CulturePoint => new CulturePoint($at[0]->toIso(), round($at[1], 1)), $outlook->fit->course),
            array_values($counts->map(fn (CultureEntry $count): CulturePoint => new CulturePoint(LocalDate::fromIso($count->date)->toIso(), $count->number))->all()),
        );
    }
}
