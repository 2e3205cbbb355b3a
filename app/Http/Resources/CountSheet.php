<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Models\Fish as FishRecord;
use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Losses\CountCurve;
use Biomegas\Losses\CountedDay;
use Biomegas\Losses\HeadCountEvent;
use Biomegas\Planning\Company\Suspect;
use Biomegas\Planning\Company\Suspects;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How many of a shoal were believed there, what was counted, and what follows from it.')]
final readonly class CountSheet
{
    private const MOST_SUSPECTS = 5;

    /**
     * @param  list<string>  $sentences
     * @param  list<ExpectedStep>  $expected
     * @param  list<CountedRow>  $counted
     * @param  list<SuspectRow>  $suspects
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sentences,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/ExpectedStep'), description: 'How many from which day on.')] public array $expected,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/CountedRow'), description: 'By date.')] public array $counted,
        #[OA\Property(ref: '#/components/schemas/ProposedLossRow', nullable: true, description: 'Null: no loss is proposed.')] public ?ProposedLossRow $proposed,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SuspectRow'), description: 'The likeliest first; empty where nothing is missing.')] public array $suspects,
    ) {
    }

    /** @param  list<HeadCountEvent>  $events */
    public static function from(FacilitySnapshot $kept, FishRecord $record, array $events): self
    {
        $shoal = $kept->fish($record->id);
        $curve = CountCurve::of($shoal->arrived, $record->count, $shoal->purpose, $events, $kept->facility->date);
        $since = $curve->decline->since ?? $curve->proposed?->lastSeen;
        $suspects = $since === null || $shoal->gone !== null ? [] : Suspects::of($kept->facility, $shoal, $since, fn (Fish $fish): Occupant => $kept->occupant($fish), self::ateBefore($record->id));

        return new self(
            array_map($kept->says()->say(...), [...$curve->findings(), ...($since === null ? [] : self::about($kept, $shoal, $suspects))]),
            array_map(fn (array $step): ExpectedStep => new ExpectedStep($step[0]->toIso(), $step[1]), $curve->expected),
            array_map(fn (CountedDay $day): CountedRow => new CountedRow($day->date->toIso(), $day->kind, $day->number, $day->giveOrTake, $day->isLow()), $curve->counted),
            $curve->proposed === null ? null : new ProposedLossRow($curve->proposed->missing, $curve->proposed->lastSeen->toIso()),
            array_map(fn (Suspect $suspect): SuspectRow => new SuspectRow(Keys::id($suspect->fish), $suspect->name, $kept->says()->sayAll($suspect->reasons)), array_slice($suspects, 0, self::MOST_SUSPECTS)),
        );
    }

    /**
     * @param  list<Suspect>  $suspects
     * @return list<Finding>
     */
    private static function about(FacilitySnapshot $kept, Fish $shoal, array $suspects): array
    {
        return array_values(array_filter([
            $suspects === [] ? Finding::of('losses.nobody_can', home: $kept->facility->system($shoal->currentSystem())->name) : null,
            Suspects::jumps($kept->facility, $shoal),
        ]));
    }

    /** @return array<string, int> how many of them each has eaten, by key */
    private static function ateBefore(int $fishId): array
    {
        return DB::table('losses')->whereNull('deleted_at')->where('fish_id', $fishId)->whereNotNull('eaten_by_id')->groupBy('eaten_by_id')->selectRaw('eaten_by_id, sum(count) as eaten')
            ->pluck('eaten', 'eaten_by_id')->mapWithKeys(fn (mixed $eaten, int $id): array => [Keys::ofFish($id) => (int) $eaten])->all();
    }
}
