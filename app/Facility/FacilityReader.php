<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\FacilitySettings;
use App\Scenario\Described;
use App\Scenario\ScenarioReader;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CandidateKind;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Method;
use Biomegas\Facility\Purpose;
use Biomegas\Facility\Ration;
use Biomegas\Facility\RationChange;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Facility\TemperatureReadings;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\HeadCount;
use Biomegas\Losses\HeadCountEvent;
use Biomegas\Measure\Length;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Reads the whole facility from the database into the core's picture: a handful of queries, no models. */
final readonly class FacilityReader
{
    public function __construct(private KeptAnswers $answers)
    {
    }

    /**
     * @param  int|null  $alsoFish  a fish that is wanted even when it is gone
     * @param  int|null  $withoutMeasurement  a length to leave out, while it is being corrected
     */
    public function read(?int $alsoFish = null, ?int $withoutMeasurement = null): KeptFacility
    {
        $settings = FacilitySettings::query()->firstOrFail();
        [$fish, $kept] = $this->fish($alsoFish, $withoutMeasurement);
        $today = self::today($settings);

        return new KeptFacility(
            new Facility($today, $settings->horizon_days, ScenarioReader::rulebook($settings->rulebook), $this->systems($today), $fish),
            $settings->unit_system,
            $kept,
            $this->answers,
            new WaterBook,
        );
    }

    /** Today's date where the fish are. */
    public static function today(FacilitySettings $settings): LocalDate
    {
        return LocalDate::fromIso(now($settings->time_zone)->toDateString());
    }

    /** @return list<System> in walking order */
    private function systems(LocalDate $today): array
    {
        $readings = $this->readings($today);
        $read = function (stdClass $row) use ($readings): System {
            $description = ['key' => Keys::ofSystem($row->id), 'name' => $row->name, 'kind' => $row->kind, ...self::json($row->description)];
            if ($row->available_from !== null) {
                $description['available_from'] = $row->available_from;
            }

            return Described::system($description)->measured(isset($readings[$row->id]) ? new TemperatureReadings($readings[$row->id]) : null);
        };

        return array_values(array_map($read, DB::table('systems')->orderBy('walk_order')->orderBy('id')->get()->all()));
    }

    /**
     * What probes measured, as means of a week: growth goes by these, and there
     * are few enough to read them all. The present week is left out, so that a
     * reading does not stir every projection.
     *
     * @return array<int, list<array{LocalDate, float}>> by system
     */
    private function readings(LocalDate $today): array
    {
        $weeks = DB::table('weekly_temperatures')->where('last_day', '<', $today->plusDays(-7)->toIso())->orderBy('week')->get();
        $bySystem = [];
        foreach ($weeks as $week) {
            $bySystem[$week->system_id][] = [LocalDate::fromIso($week->middle), (float) $week->mean];
        }

        return $bySystem;
    }

    /** @return array{list<Fish>, array<string, KeptFish>} */
    private function fish(?int $alsoFish, ?int $withoutMeasurement): array
    {
        $species = $forms = [];
        foreach (DB::table('species')->get() as $row) {
            $species[$row->id] = Described::species([...self::json($row->description), ...self::json($row->own)]);
            $forms[$row->id] = $row->form;
        }
        $stays = DB::table('stays')->orderBy('from')->orderBy('id')->get()->groupBy('fish_id');
        $lengths = DB::table('measurements')->whereNull('deleted_at')->where('id', '!=', $withoutMeasurement ?? 0)->orderBy('date')->orderBy('id')->get()->groupBy('fish_id');
        $rations = DB::table('ration_changes')->orderBy('from')->get()->groupBy('fish_id');
        $headCounts = $this->headCountEvents();
        $all = $kept = [];
        foreach (DB::table('fish')->orderBy('id')->get() as $row) {
            $present = HeadCount::after($row->count, $headCounts[$row->id] ?? []);
            if ($present === 0 && $row->id !== $alsoFish) {
                continue;
            }
            $key = Keys::ofFish($row->id);
            $all[] = new Fish(
                key: $key,
                name: $row->name,
                species: $species[$row->species_id],
                arrived: LocalDate::fromIso($row->arrived_on),
                stays: self::stays($stays[$row->id] ?? new Collection),
                lengths: self::lengths($lengths[$row->id] ?? new Collection),
                count: max(1, $present),
                ration: Ration::from($row->ration),
                purpose: Purpose::from($row->purpose),
                sex: Sex::tryFrom($row->sex ?? ''),
                hatched: $row->hatched_on === null ? null : LocalDate::fromIso($row->hatched_on),
                candidates: array_map(
                    fn (array $one): CandidateKind => new CandidateKind($species[$one['species_id']], $one['weight']),
                    array_values(self::json($row->candidates)),
                ),
                rationChanges: array_values(array_map(
                    fn (stdClass $change): RationChange => new RationChange(LocalDate::fromIso($change->from), Ration::from($change->ration)),
                    ($rations[$row->id] ?? new Collection)->all(),
                )),
                statedAdultMm: TenthMm::toMm($row->stated_adult_tenth_mm),
                fallback: $row->fallback,
            );
            $kept[$key] = new KeptFish($row->id, $row->band, $forms[$row->species_id], $present, $row->count);
        }

        return [$all, $kept];
    }

    /** @return array<int, list<HeadCountEvent>> by fish */
    private function headCountEvents(): array
    {
        $events = [];
        foreach (DB::table('losses')->whereNull('deleted_at')->get() as $loss) {
            $events[$loss->fish_id][] = HeadCountEvent::loss(LocalDate::fromIso($loss->date), $loss->count);
        }
        foreach (DB::table('counts')->whereNull('deleted_at')->get() as $count) {
            $events[$count->fish_id][] = HeadCountEvent::count(LocalDate::fromIso($count->date), CountKind::from($count->kind), $count->number);
        }

        foreach (DB::table('shoal_splits')->whereNull('deleted_at')->get() as $split) {
            $events[$split->from_fish_id][] = HeadCountEvent::loss(LocalDate::fromIso($split->date), $split->count);
        }

        return $events;
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return non-empty-list<Stay>
     */
    private static function stays(Collection $rows): array
    {
        /** @var non-empty-list<Stay> every fish has a first home */
        return array_values(array_map(fn (stdClass $row): Stay => new Stay(
            Keys::ofSystem($row->system_id),
            LocalDate::fromIso($row->from),
            $row->until === null ? null : LocalDate::fromIso($row->until),
        ), $rows->all()));
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return list<MeasuredLength>
     */
    private static function lengths(Collection $rows): array
    {
        return array_values(array_map(fn (stdClass $row): MeasuredLength => new MeasuredLength(
            LocalDate::fromIso($row->date),
            Length::ofMillimetres((float) TenthMm::toMm($row->length_tenth_mm)),
            Method::from($row->method),
            LengthKind::tryFrom($row->length_kind ?? ''),
            $row->sample,
            TenthMm::toMm($row->spread_tenth_mm),
        ), $rows->all()));
    }

    /** @return array<string, mixed> */
    private static function json(string $text): array
    {
        return json_decode($text, true, 64, JSON_THROW_ON_ERROR);
    }
}
