<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Facility\Keys;
use App\Language\RequestMessages;
use App\Models\Species;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Measure\FlowReader;
use Biomegas\Measure\LengthReader;
use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Measure\UnreadableVolume;
use Biomegas\Measure\VolumeReader;
use Biomegas\Planning\Change\SystemChange;
use Biomegas\Rulebook\Ration;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Nitrification\FilterStart;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a keeper thinks of changing in a system; what is left out stays. */
final class BeforeAfterRequest extends FormRequest
{
    private const PERCENT = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $text = ['nullable', 'string', 'max:40'];

        return [
            'species_id' => ['nullable', 'integer', 'exists:species,id'],
            'count' => ['nullable', 'required_with:species_id', 'integer', 'min:1', 'max:60000'],
            'length' => ['required_with:species_id', ...$text],
            'leaving' => ['nullable', 'integer'],
            'filter_media' => ['nullable', Rule::enum(FilterMedia::class)],
            'filter_litres' => ['required_with:filter_media', ...$text],
            'filter_care' => ['nullable', Rule::enum(FilterCare::class)],
            'unfed_days' => ['nullable', 'integer', 'min:0', 'max:365'],
            'turnover' => $text,
            'weekly_change' => ['nullable', 'numeric', 'gt:0', 'max:100'],
            'divider_at' => $text,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('before_after');
    }

    /** @throws InvalidEntry when something typed cannot be read */
    public function change(UnitSystem $units, Ration $ration): SystemChange
    {
        $species = $this->filled('species_id') ? ScenarioMapper::species(Species::query()->findOrFail($this->integer('species_id'))->current()) : null;
        $length = TypedLength::millimetres('length', $this->string('length')->value(), $units);
        $count = $this->integer('count');
        $isNew = $species !== null && $length !== null;
        $care = FilterCare::tryFrom($this->string('filter_care')->value());

        return new SystemChange(
            newcomer: $isNew ? new Occupant(($count > 1 ? "{$count} × " : '').$species->commonName, $species, $length, $count) : null,
            newEaters: $isNew ? [new FedOccupant($species, $length, $count, $ration)] : [],
            filter: $this->filled('filter_media') ? new Filter(FilterMedia::from($this->string('filter_media')->value()), $this->litres('filter_litres', new VolumeReader($units)) ?? 0.0) : null,
            turnover: $this->litres('turnover', new FlowReader($units)),
            weeklyChange: $this->filled('weekly_change') ? $this->float('weekly_change') / self::PERCENT : null,
            dividerAt: $this->side('divider_at', $units),
            filterStart: $care === null && ! $this->filled('unfed_days') ? null : FilterStart::running($care ?? FilterCare::Untouched, $this->integer('unfed_days')),
            leaving: $this->filled('leaving') ? Keys::ofFish($this->integer('leaving')) : null,
        );
    }

    private function litres(string $field, VolumeReader|FlowReader $reader): ?float
    {
        try {
            return $this->filled($field) ? $reader->read($this->string($field)->value()) : null;
        } catch (UnreadableVolume $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }

    private function side(string $field, UnitSystem $units): ?float
    {
        try {
            return $this->filled($field) ? (new LengthReader($units))->read($this->string($field)->value()) : null;
        } catch (UnreadableLength $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }
}
