<?php

declare(strict_types=1);

namespace App\Facility;

use App\Feeding\FeedingHabits;
use App\Feeding\FeedingPlans;
use App\Feeding\FoodStore;
use App\Models\FacilitySettings;
use App\Repair\LeftOut;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use App\Scenario\ScenarioMapper;
use App\Scenario\ScenarioReader;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Purpose;
use Biomegas\Facility\RationChange;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Facility\Temper;
use Biomegas\Facility\TemperatureReadings;
use Biomegas\Losses\HeadCount;
use Biomegas\Losses\SexCount;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\OwnVerdict;
use Biomegas\Rulebook\PairVerdict;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Reads the whole facility from the database into the core's picture: a handful of queries, no models. A row that cannot be read is left out. */
final readonly class FacilityReader
{
    public function __construct(private ProjectionCache $answers, private UnreadableRows $unreadable)
    {
    }

    /**
     * @param  int|null  $alsoFish  a fish that is wanted even when it is gone
     * @param  int|null  $withoutMeasurement  a length to leave out, while it is being corrected
     */
    public function read(?int $alsoFish = null, ?int $withoutMeasurement = null): FacilitySnapshot
    {
        $settings = FacilitySettings::query()->firstOrFail();
        $today = self::today($settings);
        $foods = new FoodStore($this->unreadable);
        $plans = new FeedingPlans($foods, $this->unreadable);
        $habits = new FeedingHabits($plans, $this->unreadable, $today);
        $usual = $withoutMeasurement === null ? $this->usual($settings, $today, $habits) : null;
        $reading = $usual !== null && ($alsoFish === null || isset($usual->kept[Keys::ofFish($alsoFish)]))
            ? $usual
            : $this->readAnew($settings, $today, $habits, $alsoFish, $withoutMeasurement);

        return new FacilitySnapshot($reading, $settings->units(), $this->answers, new WaterBook($this->unreadable, $today), $this->unreadable, $foods, $plans, $habits);
    }

    /** As it was read last, while no row that it was read from has changed; with rows left out it is read each time, so that they are told. */
    private function usual(FacilitySettings $settings, LocalDate $today, FeedingHabits $habits): FacilityReading
    {
        $mark = ReadMark::now();

        return $this->answers->last('facility', $mark.$today->toIso(), function () use ($settings, $today, $habits, $mark): array {
            $reading = $this->readAnew($settings, $today, $habits, null, null);

            // What was written meanwhile may be in it, or may not.
            return [$reading, $mark !== null && $mark === ReadMark::now() && $this->unreadable->all() === []];
        });
    }

    private function readAnew(FacilitySettings $settings, LocalDate $today, FeedingHabits $habits, ?int $alsoFish, ?int $withoutMeasurement): FacilityReading
    {
        [$systems, $former] = $this->systems($today, $habits);
        [$fish, $kept] = $this->fish(array_fill_keys(array_map(fn (System $system): string => $system->key, [...$systems, ...$former]), true), $today, $habits, $alsoFish, $withoutMeasurement);
        $rulebook = $this->unreadable->read(StoredTable::Facility, $settings->id, fn (): Rulebook => ScenarioReader::rulebook($settings->rulebook));

        return FacilityReading::of(new Facility($today, $settings->horizon_days, ($rulebook ?? new Rulebook)->withVerdicts($this->verdicts()), $systems, $fish, $former), $kept, $this->answers);
    }

    /** @return list<OwnVerdict> the keeper's words on two, the newest last */
    private function verdicts(): array
    {
        return $this->unreadable->readAll(StoredTable::PairVerdicts, DB::table('pair_verdicts')->whereNull('deleted_at')->orderBy('id')->get(), fn (stdClass $row): OwnVerdict => new OwnVerdict(
            Keys::ofFish($row->fish_id), Keys::ofFish($row->other_id), PairVerdict::from($row->verdict), $row->reason,
        ));
    }

    /** Today's date where the fish are. */
    public static function today(FacilitySettings $settings): LocalDate
    {
        return LocalDate::fromIso(now($settings->time_zone)->toDateString());
    }

    /** @return array{list<System>, list<System>} in walking order: those in use, and those that are so no more */
    private function systems(LocalDate $today, FeedingHabits $habits): array
    {
        $readings = $this->readings($today);
        $read = function (stdClass $row) use ($readings, $habits): System {
            $description = ['key' => Keys::ofSystem($row->id), 'name' => $row->name, 'kind' => $row->kind, ...self::json($row->description)];
            if ($row->available_from !== null) {
                $description['available_from'] = $row->available_from;
            }

            return ScenarioMapper::system($description)->measured(isset($readings[$row->id]) ? new TemperatureReadings($readings[$row->id]) : null)->fed($habits->ofSystem($row->id));
        };

        $rows = DB::table('systems')->orderBy('walk_order')->orderBy('id')->get();
        $isRetired = fn (stdClass $row): bool => $row->retired_on !== null;

        return [$this->unreadable->readAll(StoredTable::Systems, $rows->reject($isRetired), $read), $this->unreadable->readAll(StoredTable::Systems, $rows->filter($isRetired), $read)];
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
        $weeks = DB::table('weekly_temperatures')->where('last_day', '<', $today->plusDays(-7)->toIso())->orderBy('week')->get(['system_id', 'middle', 'mean', 'rowid as id']);
        $bySystem = [];
        $this->unreadable->readAll(StoredTable::WeeklyTemperatures, $weeks, function (stdClass $week) use (&$bySystem): void {
            $bySystem[$week->system_id][] = [LocalDate::fromIso($week->middle), (float) $week->mean];
        });

        return $bySystem;
    }

    /**
     * @param  array<string, true>  $systems  by key: those that can be read
     * @return array{list<Fish>, array<string, FishSnapshot>}
     */
    private function fish(array $systems, LocalDate $today, FeedingHabits $habits, ?int $alsoFish, ?int $withoutMeasurement): array
    {
        $species = $forms = $backgrounds = [];
        $inUse = DB::table('species')->whereIn('id', DB::table('fish')->select('species_id')->union(DB::table('fish_candidates')->select('species_id')))->get();
        $this->unreadable->readAll(StoredTable::Species, $inUse, function (stdClass $row) use (&$species, &$forms, &$backgrounds): void {
            $description = [...self::json($row->description), ...self::json($row->own)];
            $backgrounds[$row->id] = ScenarioMapper::background($description);
            $species[$row->id] = ScenarioMapper::species($description);
            $forms[$row->id] = $row->form;
        });
        $stays = $this->byFish(StoredTable::Stays, DB::table('stays')->orderBy('from')->orderBy('id')->get(), fn (stdClass $row): Stay => self::stay($row, $systems));
        $lengths = $this->byFish(StoredTable::Lengths, DB::table('measurements')->whereNull('deleted_at')->where('id', '!=', $withoutMeasurement ?? 0)->orderBy('date')->orderBy('id')->get(), self::length(...));
        $rations = $this->byFish(StoredTable::RationChanges, DB::table('ration_changes')->whereNull('deleted_at')->orderBy('from')->get(), fn (stdClass $row): RationChange => new RationChange(LocalDate::fromIso($row->from), Ration::from($row->ration)));
        $headCounts = (new HeadCountEvents($this->unreadable))->byFish();
        $makeups = $this->byFish(StoredTable::Makeups, DB::table('makeups')->whereNull('deleted_at')->orderBy('date')->orderBy('id')->get(), self::makeup(...));
        $manners = Manners::until($today, $this->unreadable);
        $candidates = $this->byFish(StoredTable::Candidates, DB::table('fish_candidates')->orderBy('id')->get(), fn (stdClass $row): CandidateSpecies => new CandidateSpecies($species[$row->species_id] ?? throw LeftOut::becauseItsSpeciesCannotBeRead('A species that a fish may be'), $row->weight));
        $all = $kept = [];
        $read = function (stdClass $row) use ($species, $forms, $backgrounds, $stays, $lengths, $rations, $headCounts, $makeups, $candidates, $manners, $habits, $alsoFish, &$all, &$kept): void {
            $present = HeadCount::after($row->count, $headCounts[$row->id] ?? []);
            if ($present === 0 && $row->id !== $alsoFish) {
                return;
            }
            $key = Keys::ofFish($row->id);
            $makeup = isset($makeups[$row->id]) ? $makeups[$row->id][count($makeups[$row->id]) - 1] : null;
            $all[] = new Fish(
                key: $key,
                name: $row->name,
                species: $species[$row->species_id] ?? throw LeftOut::becauseItsSpeciesCannotBeRead($row->name),
                arrived: LocalDate::fromIso($row->arrived_on),
                stays: $stays[$row->id] ?? throw LeftOut::becauseItsHomeCannotBeRead($row->name),
                lengths: $lengths[$row->id] ?? [],
                count: max(1, $present),
                ration: Ration::from($row->ration),
                purpose: Purpose::from($row->purpose),
                sex: $row->sex === null ? null : Sex::from($row->sex),
                hatched: $row->hatched_on === null ? null : LocalDate::fromIso($row->hatched_on),
                candidates: $candidates[$row->id] ?? [],
                rationChanges: $rations[$row->id] ?? [],
                statedAdultMm: TenthMm::toMm($row->stated_adult_tenth_mm),
                fallback: $row->fallback,
                gone: HeadCount::goneOn($row->count, $headCounts[$row->id] ?? []),
                makeup: $makeup,
                manner: $manners->of($row->id, $row->temper === null ? null : Temper::from($row->temper)),
                fed: $habits->eaten($row->id, $stays[$row->id]),
                sexes: $makeup === null ? null : SexCount::after($makeup, $present, $headCounts[$row->id] ?? []),
            );
            $kept[$key] = new FishSnapshot($row->id, $row->band, $forms[$row->species_id], $present, $row->count, $backgrounds[$row->species_id]);
        };
        $this->unreadable->readAll(StoredTable::Fish, DB::table('fish')->orderBy('id')->get(), $read);

        return [$all, $kept];
    }

    /**
     * @template T
     *
     * @param  Collection<int, stdClass>  $rows
     * @param  Closure(stdClass): T  $read
     * @return array<int, non-empty-list<T>> in the order of the rows
     */
    private function byFish(StoredTable $table, Collection $rows, Closure $read): array
    {
        $all = [];
        $this->unreadable->readAll($table, $rows, function (stdClass $row) use ($read, &$all): void {
            $all[$row->fish_id][] = $read($row);
        });

        return $all;
    }

    /** @param  array<string, true>  $systems */
    private static function stay(stdClass $row, array $systems): Stay
    {
        $system = Keys::ofSystem($row->system_id);

        return isset($systems[$system])
            ? new Stay($system, LocalDate::fromIso($row->from), $row->until === null ? null : LocalDate::fromIso($row->until))
            : throw LeftOut::becauseItsHomeCannotBeRead('This stay');
    }

    private static function length(stdClass $row): MeasuredLength
    {
        return new MeasuredLength(
            LocalDate::fromIso($row->date),
            Length::ofMillimetres((float) TenthMm::toMm($row->length_tenth_mm)),
            Method::from($row->method),
            LengthKind::tryFrom($row->length_kind ?? ''),
            $row->sample,
            TenthMm::toMm($row->spread_tenth_mm),
            $row->own_error,
        );
    }

    private static function makeup(stdClass $row): Makeup
    {
        return Makeup::of(LocalDate::fromIso($row->date), $row->count, $row->males, $row->females, Makeups::sizes(self::json($row->sizes)));
    }

    /** @return array<mixed> */
    private static function json(string $text): array
    {
        return json_decode($text, true, 64, JSON_THROW_ON_ERROR);
    }
}
