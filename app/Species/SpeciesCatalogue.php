<?php

declare(strict_types=1);

namespace App\Species;

use App\Models\Species;
use App\Scenario\InvalidDocument;
use App\Scenario\JsonDocument;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Support\Str;

/** The keeper's own values over those that came with the application: marked, and reversible field by field. */
final readonly class SpeciesCatalogue
{
    /** What a species looks like when its keeper does not say. */
    public const USUAL_FORM = 'torpedo';

    private const LONGEST_KEY = 80;

    /** Every page reads all of it. */
    private const MOST_BYTES = 50_000;

    /**
     * @param  array<string, mixed>  $description  the whole species, in the words of the scenario format
     *
     * @throws InvalidEntry naming the field
     */
    public function change(Species $species, array $description): void
    {
        $description = [...$description, 'key' => $species->key];
        self::check($description, $species);
        $description = self::withoutOldSources($description, $species);
        $own = array_filter(
            $description,
            fn (mixed $value, string $field): bool => ! array_key_exists($field, $species->description) || self::differ($value, $species->description[$field]),
            ARRAY_FILTER_USE_BOTH,
        );
        $species->update(['own' => $own, 'common_name' => $description['common_name']]);
    }

    /**
     * What was worked out of a species of the keeper's own, and is now typed over, is his.
     *
     * @param  array<string, mixed>  $description
     * @return array<string, mixed>
     */
    private static function withoutOldSources(array $description, Species $species): array
    {
        if ($species->description !== [] || ! is_array($description['sources'] ?? null)) {
            return $description;
        }
        $before = $species->current();
        $description['sources'] = array_filter(
            $description['sources'],
            fn (string $field): bool => array_key_exists($field, $before) && ! self::differ($description[$field] ?? null, $before[$field]),
            ARRAY_FILTER_USE_KEY,
        );

        return $description;
    }

    /**
     * @param  array<string, mixed>  $description
     *
     * @throws InvalidEntry naming the field
     */
    public function add(array $description, ?string $form): Species
    {
        $description = [...$description, 'key' => $this->freeKey($description['common_name'] ?? null)];
        self::check($description, null);

        return Species::query()->create([
            'key' => $description['key'], 'common_name' => $description['common_name'], 'description' => [], 'own' => $description,
            'form' => $form ?? self::USUAL_FORM,
        ]);
    }

    private function freeKey(mixed $name): string
    {
        $key = $base = Str::limit(Str::slug(is_string($name) ? $name : ''), self::LONGEST_KEY, '') ?: 'kind';
        for ($n = 2; Species::query()->where('key', $key)->exists(); $n++) {
            $key = "{$base}-{$n}";
        }

        return $key;
    }

    /** @param  array<string, mixed>  $description */
    private static function check(array $description, ?Species $itself): void
    {
        if (strlen(json_encode($description, JSON_THROW_ON_ERROR)) > self::MOST_BYTES) {
            throw InvalidEntry::because('description', Finding::of('entry.description_too_large'));
        }
        try {
            JsonDocument::checkPart(json_decode(json_encode($description, JSON_THROW_ON_ERROR)), 'scenario', 'species');
        } catch (InvalidDocument $e) {
            throw InvalidEntry::because((string) preg_replace('/\[.*/', '', $e->path ?? 'description'), $e->wanted ?? $e->finding());
        }
        try {
            ScenarioMapper::species($description);
            ScenarioMapper::background($description);
        } catch (ImpossiblePicture $e) {
            throw InvalidEntry::because($e->field ?? 'description', $e->finding());
        }
        $sameName = Species::query()->where('common_name', $description['common_name'])->whereKeyNot($itself->id ?? 0);
        if ($sameName->exists()) {
            throw InvalidEntry::because('common_name', Finding::of('entry.species_name_taken'));
        }
    }

    private static function differ(mixed $a, mixed $b): bool
    {
        return json_encode($a) !== json_encode($b) && $a != $b;
    }
}
