<?php

declare(strict_types=1);

namespace App\Bench\Fuzz;

use App\Log\LogKind;
use App\Models\Note;
use App\Models\Species;
use Illuminate\Support\Facades\DB;
use Random\Randomizer;

/** Makes a request that may well be accepted: what is there is named, and what is typed can be read. */
final class PlausibleRequest
{
    /** The table that a parameter of a path is a number of. */
    private const TABLES = [
        'fish' => 'fish', 'system' => 'systems', 'species' => 'species', 'sheet' => 'move_sheets', 'watch' => 'watches', 'measurement' => 'measurements',
        'test' => 'water_tests', 'work' => 'water_works', 'probe' => 'probes', 'check' => 'watch_checks', 'intervention' => 'watch_interventions', 'quarantine' => 'quarantines',
        'observation' => 'health_observations', 'inspection' => 'inspections', 'treatment' => 'treatments', 'incident' => 'incidents', 'loss' => 'losses', 'move' => 'moves', 'count' => 'counts', 'row' => 'fish', 'makeup' => 'makeups', 'join' => 'shoal_joins', 'span' => 'watched_spans', 'settlement' => 'settlements', 'verdict' => 'pair_verdicts', 'brood' => 'broods', 'attempt' => 'attempts', 'plan' => 'plans', 'note' => 'notes', 'picture' => 'pictures',
        'food' => 'foods', 'meal' => 'meals', 'culture' => 'cultures', 'entry' => 'stock_entries', 'growth' => 'culture_entries', 'spending' => 'spendings',
    ];

    /** What a keeper types into a field of this name. */
    private const TYPED = [
        'name' => ['Reed', 'Sedge', 'Willow'], 'length' => ['42 cm', '16 in', '310 mm'], 'adult' => ['60 cm', ''], 'width' => ['60 cm'], 'depth' => ['55 cm'], 'diameter' => ['180 cm'],
        'leg_length' => ['50 cm'], 'leg_width' => ['40 cm'], 'bow' => ['10 cm'], 'glass' => ['1 cm'], 'temperature' => ['25', '78 F'], 'ph' => ['7.2'], 'gh' => ['8'], 'overflow_slot' => ['6 mm'],
        'sump' => ['100 l'], 'decor_floor' => ['10'], 'decor_litres' => ['5 l'], 'decor_kilograms' => ['12'], 'filter_litres' => ['20 l'], 'turnover' => ['1500 l'], 'heater_watts' => ['300'],
        'weekly_change' => ['30'], 'opening_price' => ['500', ''], 'lead_days' => ['60', ''], 'light_on' => ['08:00'], 'light_dim' => ['19:00'], 'light_off' => ['21:00'], 'at' => ['40 cm'], 'time' => ['18:30'], 'stop_at' => ['10:30'],
        'currency' => ['EUR', 'USD'], 'taken_at' => ['2027-03-13T08:10:00Z', '2027-03-12T20:00:00+01:00'], 'email' => ['keeper@heron-lock.example'], 'password' => ['heron-lock'], 'time_zone' => ['Europe/London'], 'answer' => ['set-aside'],
    ];

    private const OPTIONS_IN_TEN = 7;

    private const OF_THE_DEAD_ONE_IN = 6;

    private const ANY_ENTRY_ONE_IN = 3;

    public function __construct(private readonly Randomizer $random, private readonly string $today)
    {
    }

    /** @param  bool  $newest  of what was written last, which is most often free to be changed and deleted */
    public function path(WriteOperation $operation, bool $newest): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', fn (array $part): string => match ($part[1]) {
            'step' => str_contains($operation->path, 'move-sheets') ? 'catch' : 'dechlorinate',
            'kind' => 'hatch',
            'table' => $this->one(['fish', 'measurements', 'losses']),
            'system' => (string) (str_ends_with($operation->path, '/retirement') ? $this->empty($operation->method === 'DELETE') : (str_contains($operation->path, '/steps/') ? DB::table('preparations')->value('system_id') ?? 1 : $this->number('systems', $newest))),
            'fish' => (string) ($this->ofAGroup($operation->path) ?? ($newest ? $this->number('fish', true) : $this->living())),
            'watch' => (string) (str_ends_with($operation->path, '/take-out') ? $this->going() : $this->number('watches', $newest)),
            'plan' => (string) $this->plan($operation),
            'line' => (string) $this->line($operation),
            'version' => (string) DB::table('activity_log')->where('subject_type', Note::class)->where('subject_id', (int) DB::table('notes')->whereNull('deleted_at')->max('id'))->max('id'),
            'sheet' => (string) $this->sheet(str_ends_with($operation->path, 'take-back')),
            default => (string) $this->number(self::TABLES[$part[1]], $newest),
        }, $operation->path);
    }

    /** One that is finished, or one that is still open and has its reason, since objections stop the others; any where there is none. */
    private function sheet(bool $isFinished): int
    {
        $fitting = DB::table('move_sheets')->whereNull('cancelled_at')->when($isFinished, fn ($query) => $query->whereNotNull('finished_at'), fn ($query) => $query->whereNull('finished_at')->whereNotNull('override_reason'))->max('id');

        return (int) ($fitting ?? $this->id('move_sheets'));
    }

    /** Of a note, which nothing rests on; to be put back, whatever was taken out last; at times any. */
    private function line(WriteOperation $operation): int
    {
        $lines = DB::table('log_lines');
        $fitting = str_ends_with($operation->path, '/restore')
            ? $lines->whereNotNull('removed_at')->whereNotIn('kind', ['joining', 'quarantine'])->max('id')
            : $lines->whereNull('removed_at')->where('kind', 'note')->max('id');

        return $fitting === null || $this->random->getInt(1, self::ANY_ENTRY_ONE_IN) === 1 ? $this->id('log_lines') : (int) $fitting;
    }

    /** The newest that is ready, to be adopted; the oldest that nobody follows, to be thrown away; else any. */
    private function plan(WriteOperation $operation): int
    {
        // Jobs wait for a commit that never comes here: those that were asked for count as worked out.
        DB::table('plans')->where('state', 'waiting')->update(['state' => 'ready']);
        $there = DB::table('plans')->whereNull('deleted_at');

        return (int) (match (true) {
            $operation->method === 'PUT' => $there->where('state', 'ready')->max('id'),
            $operation->method === 'DELETE' && ! str_ends_with($operation->path, '/adoption') => $there->whereNull('adopted_at')->where('id', '<', (int) DB::table('plans')->max('id'))->min('id'),
            default => $there->max('id'),
        } ?? $this->id('plans'));
    }

    /** A shoal where one is asked for, or one that was parted from a shoal; null: any fish will do. */
    private function ofAGroup(string $path): ?int
    {
        return match (basename($path)) {
            'makeups', 'parts' => (int) DB::table('fish')->where('count', '>', 5)->min('id'),
            'parting', 'joins' => DB::table('shoal_splits')->whereNotIn('to_fish_id', DB::table('shoal_joins')->select('fish_id'))->max('to_fish_id'),
            default => null,
        };
    }

    /** Mostly one that is there; whatever is written about the dead is refused. */
    private function living(): int
    {
        $living = DB::table('stays')->whereNull('until')->whereNotIn('fish_id', DB::table('losses')->whereNull('deleted_at')->select('fish_id'))->pluck('fish_id')->all();

        return $living === [] || $this->random->getInt(1, self::OF_THE_DEAD_ONE_IN) === 1 ? $this->id('fish') : (int) $living[$this->random->getInt(0, count($living) - 1)];
    }

    /** A watch that goes on, of a fish that still lives where it is watched; any where there is none. */
    private function going(): int
    {
        // The demo has no home that stands empty: one like the home of the watch is put up.
        $home = (array) DB::table('systems')->where('id', DB::table('watches')->whereNull('ended')->max('system_id') ?? 0)->first();
        if ($home !== [] && DB::table('systems')->whereNull('retired_on')->whereNotIn('id', DB::table('stays')->whereNull('until')->select('system_id'))->doesntExist()) {
            DB::table('systems')->insert([...array_diff_key($home, ['id' => 0]), 'name' => 'Refuge '.$this->random->getInt(1, 1_000_000), 'available_from' => null]);
        }
        $going = DB::table('watches')->whereNull('ended')->join('stays', fn ($join) => $join->on('stays.fish_id', 'watches.fish_id')->on('stays.system_id', 'watches.system_id'))->whereNull('stays.until')->max('watches.id');

        return (int) ($going ?? $this->id('watches'));
    }

    /** A system in which nobody lives and to which nobody is to move, or one that is out of use; any where there is none. */
    private function empty(bool $isRetired): int
    {
        $free = DB::table('systems')->whereNotIn('id', DB::table('stays')->whereNull('until')->select('system_id'))->whereNotIn('id', DB::table('move_sheets')->whereNull('cancelled_at')->whereNull('finished_at')->select('to_system_id'))->where(fn ($state) => $isRetired ? $state->whereNotNull('retired_on') : $state->whereNull('retired_on'))->max('id');

        return (int) ($free ?? $this->id('systems'));
    }

    private function number(string $table, bool $newest): int
    {
        return $newest ? max(1, (int) DB::table($table)->max('id')) : $this->id($table);
    }

    public function body(WriteOperation $operation, string $path): mixed
    {
        if ($operation->body === null) {
            return null;
        }
        $body = $this->value($operation->body, '');
        if (str_ends_with($operation->path, '/route')) {
            return ['systems' => $this->random->shuffleArray(DB::table('systems')->whereNull('retired_on')->pluck('id')->all())];
        }
        if (str_ends_with($operation->path, '/adoption')) {
            return ['instead_of' => DB::table('plans')->whereNotNull('adopted_at')->whereNull('deleted_at')->value('id')];
        }
        if (preg_match('#/log/(\d+)$#', $path, $part) === 1) {
            $line = DB::table('log_lines')->where('id', $part[1])->first();
            $model = LogKind::tryFrom($line->kind ?? '')?->model();

            return ['version' => (int) DB::table('activity_log')->where('subject_type', $model)->where('subject_id', $line->row_id ?? 0)->max('id'), 'fields' => ($line->kind ?? '') === 'note' ? ['text' => 'a few words'] : [], 'keep' => true];
        }
        if (preg_match('#/pictures/\d+/(length|marks)$#', $path) === 1) {
            return self::marks();
        }
        if (preg_match('#/pictures/(\d+)/measurement$#', $path, $part) === 1) {
            return ['fish_id' => (int) (DB::table('pictures')->where('id', $part[1])->value('fish_id') ?? $this->living()), 'keep' => true];
        }
        if (str_ends_with($path, '/finish')) {
            return ['at' => null];
        }
        if (str_ends_with($path, '/camera')) {
            return ['url' => 'http://127.0.0.1:9/still.jpg'];
        }
        if (str_ends_with($path, '/picture-room')) {
            return ['limit_mb' => 500];
        }
        if (str_ends_with($operation->path, '/notes')) {
            return ['fish_id' => null, 'system_id' => $this->id('systems'), 'date' => $this->today, 'time' => '18:30', 'text' => 'a few words'];
        }
        if (preg_match('#/(foods|feeding-plan|meals|cultures|spendings|stock|entries)(/\d+)?$#', $path, $part) === 1) {
            return $this->ofFood($part[1], $path);
        }
        if (str_contains($operation->path, '/quick-entries')) {
            return ['text' => 'note a few words'];
        }
        if (str_ends_with($operation->path, '/plans')) {
            return [...$body, 'months' => 6, 'locks' => [], 'supposed' => []];
        }
        if (preg_match('#/(plans/by-hand|lanes/trial)$#', $operation->path) === 1) {
            return ['plan_id' => null, 'fish' => [['fish_id' => $this->living(), 'moves' => [['key' => 'system-'.$this->id('systems'), 'on' => $this->today]]]], 'supposed' => []];
        }
        if (preg_match('#/species/(known|preview)$#', $operation->path) === 1) {
            return [...$body, 'adult' => $this->one(['30 cm', '25 to 40 cm', '10-14 in']), 'grown_from' => null, 'grown_to' => null, 'grown_months' => null, 'temperament' => 3, 'minimum_group' => 2, 'least_length' => '120 cm', 'least_width' => '50 cm', 'more' => null];
        }
        if (str_contains($operation->path, '/fish/table')) {
            return str_ends_with($operation->path, 'undo') ? ['fish' => [], 'lengths' => []] : ['rows' => [$this->row()]];
        }
        if (str_contains($operation->path, '/species')) {
            $body['description'] = $this->species($operation->method === 'POST' ? null : (int) basename($path));
        }
        if (str_contains($operation->path, 'water-tests')) {
            $body['values'] = $this->one([['ph' => '7.1', 'nitrate_mg_l' => '40'], ['ammonia_mg_l' => '0.1'], ['temperature_c' => '77 F']]);
        }
        if (isset($body['version']) && preg_match('/(measurements|systems)\/(\d+)/', $path, $part) === 1) {
            $body['version'] = (int) DB::table($part[1])->where('id', $part[2])->value('version');
        }
        if (str_ends_with($operation->path, '/preparation')) {
            $body = ['date' => $body['date'], 'is_built' => true, 'uses_tap_water' => true];
        }
        if (isset($body['to_system_id'], $body['fish'])) {
            $stay = DB::table('stays')->whereNull('until')->whereNotIn('fish_id', DB::table('move_sheet_fish')->select('fish_id'))->first();
            $body = [...$body, 'fish' => [['fish_id' => $stay->fish_id ?? 1]], 'to_system_id' => (int) DB::table('systems')->where('id', '!=', $stay->system_id ?? 0)->min('id'), 'override_reason' => 'a few words'];
        }
        if (isset($body['actor_id'])) {
            $alive = DB::table('stays')->whereNull('until')->whereNotIn('fish_id', DB::table('losses')->whereNull('deleted_at')->select('fish_id'));
            $home = (clone $alive)->groupBy('system_id')->havingRaw('count(*) > 1')->value('system_id');
            [$body['actor_id'], $body['target_id']] = $alive->where('system_id', $home)->limit(2)->pluck('fish_id')->all();
            $body = [...$body, 'occasions' => ['feeding'], 'intervention' => 'lights-off', 'success' => null];
        }
        if (str_contains($path, 'measurements')) {
            $body = [...$body, 'date' => $this->today, 'keep' => true];
        }
        if (str_ends_with($path, '/losses')) {
            $body = [...$body, 'date' => $this->today, 'count' => 1, 'eaten_by_id' => null, 'last_seen' => null];
        } elseif (str_contains($path, 'watched-spans')) {
            $body = ['minutes' => 20];
        } elseif (preg_match('#/broods(/\d+)?$#', $path) === 1) {
            $home = str_contains($path, 'systems') ? (int) basename(dirname($path)) : DB::table('broods')->where('id', basename($path))->value('system_id');
            $body = [...$body, 'mother_id' => (int) DB::table('stays')->whereNull('until')->where('system_id', $home)->whereNotIn('fish_id', DB::table('losses')->select('fish_id'))->min('fish_id'), 'father_id' => null, 'style' => 'substrate-guarder', 'sign' => 'spawned', 'date' => $this->today];
        } elseif (str_ends_with($path, '/fry')) {
            $body = ['name' => 'Fry '.$this->random->getInt(1, 1_000_000), 'count' => 20, 'system_id' => $this->id('systems'), 'length' => '1 cm'];
        } elseif (str_ends_with($path, '/pair-verdicts')) {
            $pair = DB::table('stays')->whereNull('until')->whereNotIn('fish_id', DB::table('losses')->select('fish_id'))->limit(2)->pluck('fish_id')->all();
            $body = ['one_id' => $pair[0], 'other_id' => $pair[1], 'verdict' => 'good', 'reason' => 'a few words'];
        } elseif (str_ends_with($path, '/settlements')) {
            $body = ['fish_id' => $this->id('fish')];
        }
        if (str_contains($path, 'watch-interventions')) {
            $body = ['success' => $this->one(['lasted', 'no'])];
        } elseif (str_contains($path, '/interventions')) {
            unset($body['success']);
        }
        if (isset($body['answers'])) {
            [$body['answers'], $body['numbers'], $body['exceptions']] = [['home' => $this->one(['footprint', 'litres-usual'])], ['swim_slow' => 3.5], []];
        }
        if (str_ends_with($path, '/makeups')) {
            $body = ['date' => $this->today, 'males' => 1, 'females' => 2, 'sizes' => [], 'keep' => true];
        } elseif (str_ends_with($path, '/parts')) {
            $body = ['count' => 1, 'name' => 'Part '.$this->random->getInt(1, 1_000_000)];
        } elseif (str_ends_with($path, '/joins')) {
            $body = ['into' => (int) DB::table('shoal_splits')->where('to_fish_id', basename(dirname($path)))->value('from_fish_id')];
        }
        if (str_ends_with($path, '/checks')) {
            $body['exceptions'] = [];
        }
        if (isset($body['males'], $body['count'])) {
            [$body['count'], $body['males'], $body['females']] = [5, 2, 2];
        }
        if (isset($body['pools'])) {
            $body['pools'] = [['type' => 'box', 'length' => '150 cm', 'width' => '60 cm', 'depth' => '55 cm']];
            $body = [...$body, 'dividers' => [], 'light_on' => '08:00', 'light_dim' => null, 'light_off' => '20:00', 'filter_media' => 'sponge', 'filter_litres' => '20 l'];
            unset($body['months']);
        }

        return $body;
    }

    /** @return array<string, mixed> */
    private function ofFood(string $what, string $path): array
    {
        return match ($what) {
            'foods' => ['name' => 'Food '.$this->random->getInt(1, 1_000_000), 'form' => 'dry', 'taken_by' => ['meat'], 'protein_percent' => 40, 'dry_matter_percent' => 92, 'unit' => (string) (DB::table('foods')->where('id', basename($path))->value('unit') ?? 'gram'), 'grams_each' => 2],
            'feeding-plan' => ['parts' => [['food_id' => $this->keptFood(), 'percent' => 100]], 'of_ration_percent' => 90, 'times' => 2, 'fasting' => [7]],
            'meals' => ['date' => $this->today, 'outcome' => $this->one(['eaten', 'some', 'refused'])],
            'cultures' => ['name' => 'Culture '.$this->random->getInt(1, 1_000_000), 'kind' => 'snails', 'food_id' => $this->keptFood(), 'started_on' => $this->today, 'seed' => 20, 'room' => 400, 'tanks' => 1],
            'spendings' => ['date' => $this->today, 'kind' => 'power', 'amount' => 12.5, 'what' => 'a few words'],
            'stock' => ['date' => $this->today, 'kind' => 'bought', 'amount' => 500],
            default => ['date' => $this->today, 'kind' => 'counted', 'number' => 40],
        };
    }

    private function keptFood(): int
    {
        return (int) DB::table('foods')->whereNull('deleted_at')->max('id');
    }

    /** @return array<string, mixed> of a fish of 20 cm at the glass */
    private static function marks(): array
    {
        return [
            'view' => 'glass', 'scale' => ['from' => ['x' => 10, 'y' => 40], 'to' => ['x' => 60, 'y' => 40], 'length' => '50 cm'], 'foot' => null,
            'distance' => ['way' => 'measured', 'length' => '1.2 m'], 'room' => '60 cm', 'depth' => 'near', 'heading' => 'square',
            'lines' => [[['x' => 20, 'y' => 20], ['x' => 40, 'y' => 21]]],
        ];
    }

    /** @return array<string, string> of a table of fish */
    private function row(): array
    {
        return [
            'name' => 'Row '.$this->random->getInt(1, 1_000_000), 'species' => (string) Species::query()->findOrFail($this->id('species'))->common_name,
            'system' => (string) DB::table('systems')->where('id', $this->id('systems'))->value('name'), 'date' => $this->one([$this->today, '3 Nov 2026', '']), 'length' => $this->one(['12 cm', '5 in', '']), 'count' => '1',
        ];
    }

    /** @return array<string, mixed> */
    private function species(?int $id): array
    {
        $description = Species::query()->findOrFail($id ?? $this->id('species'))->current();

        return $id === null ? [...$description, 'common_name' => 'Species '.$this->random->getInt(1, 1_000_000)] : $description;
    }

    /** @param  array<string, mixed>  $schema */
    private function value(array $schema, string $name): mixed
    {
        if (isset($schema['enum'])) {
            /** @var non-empty-list<mixed> $choices */
            $choices = array_values((array) $schema['enum']);

            return $this->one($choices);
        }
        $types = array_values(array_diff((array) ($schema['type'] ?? 'string'), ['null']));

        return match ($types[0] ?? 'string') {
            'object' => $this->members($schema),
            'array' => [$this->value($schema['items'] ?? ['type' => 'string'], $name)],
            'boolean' => $this->random->getInt(0, 1) === 1,
            'integer' => $this->whole($name),
            'number' => $name === 'weight' ? 0.2 : $this->one([1, 12.5, 40]),
            default => $this->text($schema, $name),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function members(array $schema): array
    {
        $members = [];
        foreach ($schema['properties'] ?? [] as $name => $property) {
            if (in_array($name, $schema['required'] ?? [], true) || $this->random->getInt(1, 10) <= self::OPTIONS_IN_TEN) {
                $members[$name] = $this->value($property, $name);
            }
        }

        return $members;
    }

    private function whole(string $name): int
    {
        return match (true) {
            str_contains($name, 'system') => $this->id('systems'),
            str_contains($name, 'kind'), str_contains($name, 'species') => $this->id('species'),
            str_ends_with($name, '_id') => $this->id('fish'),
            default => $this->random->getInt(1, 3),
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function text(array $schema, string $name): string
    {
        if (($schema['format'] ?? null) === 'date') {
            $ahead = match ($name) {
                'until', 'withdrawal' => $this->random->getInt(2, 9),
                'hatched_on' => -1000,
                default => 0,
            };

            return (string) date('Y-m-d', (int) strtotime("{$this->today} +{$ahead} days"));
        }

        return (string) $this->one(self::TYPED[$name] ?? ['a few words']).($name === 'name' ? ' '.$this->random->getInt(1, 1_000_000) : '');
    }

    private function id(string $table): int
    {
        $ids = DB::table($table)->pluck('id')->all();

        return $ids === [] ? 1 : (int) $this->one($ids);
    }

    /** @param  non-empty-array<mixed>  $choices */
    private function one(array $choices): mixed
    {
        return $choices[$this->random->pickArrayKeys($choices, 1)[0]];
    }
}
