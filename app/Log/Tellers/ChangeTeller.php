<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Facility\TenthMm;
use App\Log\Names;
use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\Plan;
use App\Models\Preparation;
use App\Models\Species;
use App\Models\System;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Temper;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use Spatie\Activitylog\Models\Activity;

/** Changes of systems, species, rules, plans, preparations, and of what a fish is. */
final readonly class ChangeTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $change): Finding
    {
        assert($change instanceof Activity);
        [$new, $old] = [(array) ($change->changes()['attributes'] ?? []), (array) ($change->changes()['old'] ?? [])];
        $id = (int) $change->subject_id;

        return match ($change->subject_type) {
            System::class => $this->system($this->names->system($id), (string) $change->event, $old, $new),
            Species::class => $change->event === 'created' ? Finding::of('log.species_added', species: $this->names->species($id)) : Finding::of('log.species_changed', species: $this->names->species($id), parts: self::parts($old, $new, 'own')),
            FacilitySettings::class => array_key_exists('rulebook', $new) ? Finding::of('log.rules_changed', parts: self::parts($old, $new, 'rulebook')) : Finding::of('log.place_changed', parts: array_keys($new)),
            Plan::class => $new['adopted_at'] === null ? Finding::of('log.plan_left') : Finding::of('log.plan_adopted'),
            Preparation::class => $this->preparation($id, $old, $new),
            Fish::class => $this->fish($this->names->fish($id), $new),
            default => throw new LogicException("Nothing tells of {$change->subject_type}."),
        };
    }

    /**
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     */
    private function system(string $name, string $event, array $old, array $new): Finding
    {
        return match (true) {
            $event === 'created' => Finding::of('log.system_added', system: $name),
            array_key_exists('retired_on', $new) => $new['retired_on'] === null ? Finding::of('log.system_back', system: $name) : Finding::of('log.system_retired', system: $name),
            array_key_exists('name', $new) => Finding::of('log.system_renamed', system: (string) $new['name'], before: (string) ($old['name'] ?? '')),
            default => Finding::of('log.system_changed', system: $name, parts: self::parts($old, $new, 'description')),
        };
    }

    /**
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     */
    private function preparation(int $id, array $old, array $new): Finding
    {
        $system = $this->names->system((int) Preparation::query()->whereKey($id)->value('system_id'));
        $ticked = array_keys(array_diff_key((array) ($new['done'] ?? []), (array) ($old['done'] ?? [])));

        return $ticked === [] ? Finding::of('log.preparation_changed', system: $system) : Finding::of('log.preparation_step', system: $system, steps: array_map(self::words(...), $ticked));
    }

    /** @param  array<string, mixed>  $new */
    private function fish(string $name, array $new): Finding
    {
        $told = array_map(fn (string $of): Finding => $this->ofFish($name, $of, $new[$of]), array_keys($new));

        return count($told) === 1 ? $told[0] : Finding::of('log.several', what: $told);
    }

    private function ofFish(string $name, string $of, mixed $value): Finding
    {
        return match ($of) {
            'species_id' => Finding::of('log.taken_for', fish: $name, species: $this->names->species((int) $value)),
            'candidates' => $value === [] ? Finding::of('log.no_candidates', fish: $name) : Finding::of('log.candidates', fish: $name, species: array_map(fn (array $candidate): string => $this->names->species((int) $candidate['species_id']), array_values((array) $value))),
            'sex' => $value === null ? Finding::of('log.sex_unknown', fish: $name) : Finding::of('log.sexed', fish: $name, sex: Sex::from((string) $value)),
            'hatched_on' => $value === null ? Finding::of('log.hatch_unknown', fish: $name) : Finding::of('log.hatched', fish: $name, day: LocalDate::fromIso((string) $value)),
            'temper' => $value === null ? Finding::of('log.temper_as_log', fish: $name) : Finding::of('log.temper', fish: $name, temper: Temper::from((string) $value)),
            default => $value === null ? Finding::of('log.adult_as_species', fish: $name) : Finding::of('log.adult', fish: $name, length: Length::ofMillimetres((float) TenthMm::toMm((int) $value))),
        };
    }

    /**
     * What differs in a description, by the names of the documented format.
     *
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     * @return list<string>
     */
    private static function parts(array $old, array $new, string $column): array
    {
        [$before, $after] = [self::members($old[$column] ?? []), self::members($new[$column] ?? [])];
        $changed = array_filter(array_keys($before + $after), fn (string $part): bool => ($before[$part] ?? null) !== ($after[$part] ?? null));

        return $changed === [] ? array_map(self::words(...), array_keys($new)) : array_values(array_map(self::words(...), $changed));
    }

    /** @return array<string, mixed> */
    private static function members(mixed $stored): array
    {
        return is_string($stored) ? (array) json_decode($stored, true) : (array) $stored;
    }

    /** "turnover l h": as in the file format, without its joints. */
    private static function words(string $part): string
    {
        return str_replace(['_', '-'], ' ', $part);
    }
}
