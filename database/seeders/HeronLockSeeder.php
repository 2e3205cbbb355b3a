<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Facility\FacilityReader;
use App\Models\Attempt;
use App\Models\Brood;
use App\Models\Count;
use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\Incident;
use App\Models\Loss;
use App\Models\Makeup;
use App\Models\Measurement;
use App\Models\Move;
use App\Models\Role;
use App\Models\Species;
use App\Models\Stay;
use App\Models\System;
use App\Models\User;
use App\Models\WatchedSpan;
use App\Scenario\ScenarioMapper;
use App\Species\ShippedSpecies;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish as FishInPicture;
use Biomegas\Facility\Stay as StayInPicture;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Curve\VonBertalanffy;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;
use Illuminate\Database\Seeder;
use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The demo: Heron Lock, a lock-keeper's yard turned fish house, with two years
 * of history that end today. Everything in it is invented. The lengths follow
 * a true growth through the water of each home, with the error of each method;
 * the same day always gives the same data.
 */
final class HeronLockSeeder extends Seeder
{
    public const EMAIL = 'keeper@heron-lock.example';

    public const PASSWORD = 'heron-lock';

    private const DAYS = 730;

    private LocalDate $today;

    private Randomizer $random;

    public function run(): void
    {
        if (app()->isProduction()) {
            throw new LogicException('The demo has a password that everybody knows: it is not for production.');
        }
        $settings = FacilitySettings::query()->create([
            'name' => 'Heron Lock', 'unit_system' => 'metric', 'time_zone' => 'Europe/London', 'currency' => 'GBP', 'horizon_days' => 1095, 'rulebook' => [],
        ]);
        User::query()->create(['name' => 'Lock keeper', 'email' => self::EMAIL, 'password' => self::PASSWORD, 'role' => Role::Owner]);
        $this->fill($settings);
        (new HeronLockPeople)->fill($this->today);
    }

    /** Two years of history up to today, into a place without systems and fish. */
    public function fill(FacilitySettings $settings): void
    {
        $this->random = new Randomizer(new Mt19937(1871));
        $this->today = FacilityReader::today($settings);
        $allSpecies = $this->species();
        $systems = $this->systems();
        $fish = [];
        foreach ($this->data('fish') as $record) {
            $fish[$record['name']] = $this->fish($record, $allSpecies, $systems);
        }
        (new HeronLockWater($this->today, $settings->time_zone))->fill(array_map(fn (System $system): int => $system->id, $systems), $this->data('water'));
        $ids = fn (array $models): array => array_map(fn (Fish|System $model): int => $model->id, $models);
        (new HeronLockMoves($this->today))->fill($ids($fish), $ids($systems), $this->data('moves'));
        foreach ($this->data('incidents') as $incident) {
            [$actor, $target, $daysAgo, $time, $act, $harm, $occasions, $intervention, $success] = [...$incident, [], null, null];
            $written = Incident::query()->create([
                'fish_id' => $fish[$actor]->id, 'target_id' => $fish[$target]->id, 'date' => $this->daysAgo($daysAgo)->toIso(),
                'time' => $time, 'act' => $act, 'harm' => $harm, 'occasions' => $occasions,
            ]);
            if ($intervention !== null) {
                Attempt::query()->create(['system_id' => $fish[$actor]->stays()->whereNull('until')->value('system_id'), 'incident_id' => $written->id, 'date' => $written->date, 'intervention' => $intervention, 'success' => $success]);
            }
        }
        foreach ($this->data('broods') as [$system, $mother, $father, $daysAgo, $style, $sign, $place, $done]) {
            Brood::query()->create([
                'system_id' => $systems[$system]->id, 'fish_id' => $fish[$mother]->id, 'father_id' => $fish[$father]->id, 'date' => $this->daysAgo($daysAgo)->toIso(),
                'style' => $style, 'sign' => $sign, 'place' => $place, 'steps' => array_fill_keys($done, ['done' => true]),
            ]);
        }
        foreach ($this->data('watched') as [$system, $daysAgo, $time, $minutes]) {
            WatchedSpan::query()->create(['system_id' => $systems[$system]->id, 'began_at' => "{$this->daysAgo($daysAgo)->toIso()}T{$time}", 'minutes' => $minutes]);
        }
        (new HeronLockFood($this->today))->fill($ids($systems), $ids($fish), $this->data('food'));
        (new HeronLockHand)->sign($this->daysAgo(self::DAYS));
    }

    /** @return array<string, Species> by key */
    private function species(): array
    {
        if (Species::query()->doesntExist()) {
            ShippedSpecies::install();
        }

        return Species::query()->get()->keyBy('key')->all();
    }

    /** @return array<string, System> by key */
    private function systems(): array
    {
        $systems = [];
        foreach ($this->data('systems') as $i => $system) {
            $systems[$system['key']] = System::query()->create([
                'name' => $system['name'], 'kind' => $system['kind'], 'walk_order' => $i + 1, 'description' => $system['description'],
            ]);
        }

        return $systems;
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, Species>  $allSpecies
     * @param  array<string, System>  $systems
     */
    private function fish(array $record, array $allSpecies, array $systems): Fish
    {
        $species = $allSpecies[$record['kind']];
        $fish = Fish::query()->create([
            'name' => $record['name'], 'species_id' => $species->id, 'count' => $record['count'] ?? 1, 'band' => $record['band'],
            'purpose' => $record['purpose'] ?? 'display', 'origin' => $record['origin'] ?? null, 'fallback' => $record['fallback'] ?? null,
            'arrived_on' => $this->daysAgo($record['stays'][0][1])->toIso(),
        ]);
        foreach ($record['candidates'] ?? [] as [$key, $weight]) {
            $fish->candidates()->create(['species_id' => $allSpecies[$key]->id, 'weight' => $weight]);
        }
        $this->stays($fish, $record['stays'], $systems);
        $this->lengths($fish, $record, $species, $systems);
        foreach ($record['makeups'] ?? [] as [$daysAgo, $males, $females, $sizes]) {
            Makeup::query()->create([
                'fish_id' => $fish->id, 'date' => $this->daysAgo($daysAgo)->toIso(), 'count' => $fish->count, 'males' => $males, 'females' => $females,
                'sizes' => array_map(fn (array $size): array => ['called' => $size[0], 'count' => $size[1], 'length_tenth_mm' => 10 * $size[2]], $sizes),
            ]);
        }
        foreach ($record['counts'] ?? [] as [$daysAgo, $how, $number]) {
            Count::query()->create(['fish_id' => $fish->id, 'date' => $this->daysAgo($daysAgo)->toIso(), 'kind' => $how, 'number' => $number]);
        }
        foreach ($record['losses'] ?? [] as [$daysAgo, $how, $count, $cause]) {
            Loss::query()->create(['fish_id' => $fish->id, 'date' => $this->daysAgo($daysAgo)->toIso(), 'kind' => $how, 'count' => $count, 'cause' => $cause]);
        }

        return $fish;
    }

    /**
     * @param  list<array{string, int}>  $stays  system and days ago
     * @param  array<string, System>  $systems
     */
    private function stays(Fish $fish, array $stays, array $systems): void
    {
        foreach ($stays as $i => [$system, $daysAgo]) {
            $from = $this->daysAgo($daysAgo)->toIso();
            $move = $i === 0 ? null : Move::query()->create([
                'fish_id' => $fish->id, 'date' => $from, 'from_system_id' => $systems[$stays[$i - 1][0]]->id, 'to_system_id' => $systems[$system]->id,
            ]);
            Stay::query()->create([
                'fish_id' => $fish->id, 'system_id' => $systems[$system]->id, 'from' => $from, 'move_id' => $move?->id,
                'until' => isset($stays[$i + 1]) ? $this->daysAgo($stays[$i + 1][1])->toIso() : null,
            ]);
        }
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, System>  $systems
     */
    private function lengths(Fish $fish, array $record, Species $species, array $systems): void
    {
        $picture = new FishInPicture(
            key: 'one', name: $record['name'], species: ScenarioMapper::species($species->description),
            arrived: $this->daysAgo($record['stays'][0][1]),
            stays: array_map(fn (array $stay): StayInPicture => new StayInPicture($stay[0], $this->daysAgo($stay[1])), $record['stays']),
        );
        $homes = array_map(fn (string $key, System $system) => ScenarioMapper::system(['key' => $key, 'name' => $system->name, 'kind' => $system->kind->value, ...$system->description]), array_keys($systems), array_values($systems));
        $clock = (new FacilityClocks(new Facility($this->today, 1, new Rulebook, $homes, [$picture])))->past($picture, $picture->species);
        foreach ($record['lengths'] as $entry) {
            $grownUntil = max($entry[0], $record['stalls_days_ago'] ?? 0);
            $method = Method::from($entry[1]);
            $true = (new VonBertalanffy)->lengthAt($record['start_mm'], $record['adult_mm'], $record['k'], $clock->timeOn($this->daysAgo($grownUntil)));
            Measurement::query()->create([
                'fish_id' => $fish->id, 'date' => $this->daysAgo($entry[0])->toIso(), 'method' => $method->value,
                'sample' => $record['sample'][0] ?? 1, 'spread_tenth_mm' => isset($record['sample']) ? 10 * $record['sample'][1] : null,
                'length_tenth_mm' => (int) round(10 * $true * exp($method->relativeError() * $this->normal()) * ($entry[2] ?? 1)),
            ]);
        }
    }

    private function daysAgo(int $days): LocalDate
    {
        return $this->today->plusDays(-$days);
    }

    /** Nearly standard normal: the sum of twelve uniform numbers. */
    private function normal(): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; $i++) {
            $sum += $this->random->getInt(0, 1_000_000) / 1_000_000;
        }

        return $sum;
    }

    /** @return array<array-key, mixed> */
    private function data(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__."/HeronLock/{$name}.json"), true, 64, JSON_THROW_ON_ERROR);
    }
}
