<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Facility\Keys;
use App\Http\Rules\Day;
use App\Language\RequestMessages;
use App\Models\Species;
use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\PlannedDay;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Measure\FlowReader;
use Biomegas\Measure\LengthReader;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Measure\UnreadableVolume;
use Biomegas\Measure\VolumeReader;
use Biomegas\Planning\Change\SystemChange;
use Biomegas\Rulebook\Ration;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Nitrification\FilterCare;
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
            'species_id' => ['array', 'list', 'max:8'],
            'species_id.*' => ['required', 'integer', 'exists:species,id'],
            'count' => ['array', 'list', 'max:8'],
            'count.*' => ['required', 'integer', 'min:1', 'max:60000'],
            'length' => ['array', 'list', 'max:8'],
            'length.*' => ['required', 'string', 'max:40'],
            'on' => ['nullable', Day::any()],
            'leaving' => ['nullable', 'integer'],
            'filter_media' => ['nullable', Rule::enum(FilterMedia::class)],
            'filter_litres' => ['required_with:filter_media', ...$text],
            'filter_care' => ['nullable', Rule::enum(FilterCare::class)],
            'care_days_before' => ['nullable', 'integer', 'min:0', 'max:60'],
            'is_dosed' => ['nullable', 'in:yes,no'],
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

    /** @throws InvalidEntry when the day is over */
    public function on(LocalDate $today): LocalDate
    {
        $on = $this->filled('on') ? LocalDate::fromIso($this->string('on')->value()) : $today;
        PlannedDay::checkToCome('on', $on, $today);

        return $on;
    }

    /** @throws InvalidEntry when something typed cannot be read */
    public function change(Units $units, Ration $ration): SystemChange
    {
        $newcomers = $this->newcomers($units);

        return new SystemChange(
            newcomers: $newcomers,
            newEaters: array_map(fn (Occupant $newcomer): FedOccupant => new FedOccupant($newcomer->species, $newcomer->length, $newcomer->count, $ration), $newcomers),
            filter: $this->filled('filter_media') ? new Filter(FilterMedia::from($this->string('filter_media')->value()), $this->litres('filter_litres', new VolumeReader($units->volume)) ?? 0.0) : null,
            turnover: $this->litres('turnover', new FlowReader($units->volume)),
            weeklyChange: $this->filled('weekly_change') ? $this->float('weekly_change') / self::PERCENT : null,
            dividerAt: $this->side('divider_at', $units),
            care: FilterCare::tryFrom($this->string('filter_care')->value()),
            careDaysBefore: $this->integer('care_days_before'),
            unfedDays: $this->integer('unfed_days'),
            isDosed: $this->input('is_dosed') === 'yes',
            leaving: $this->filled('leaving') ? Keys::ofFish($this->integer('leaving')) : null,
        );
    }

    /**
     * @return list<Occupant> one for each kind
     *
     * @throws InvalidEntry when a length cannot be read, or is missing
     */
    private function newcomers(Units $units): array
    {
        $newcomers = [];
        foreach ($this->array('species_id') as $i => $id) {
            $species = ScenarioMapper::species(Species::query()->findOrFail((int) $id)->current());
            $length = TypedLength::millimetres("length.{$i}", $this->string("length.{$i}")->value(), $units) ?? throw InvalidEntry::because("length.{$i}", Finding::of('entry.length_of_each'));
            $count = $this->integer("count.{$i}", 1);
            $newcomers[] = new Occupant(($count > 1 ? "{$count} × " : '').$species->commonName, $species, $length, $count);
        }

        return $newcomers;
    }

    private function litres(string $field, VolumeReader|FlowReader $reader): ?float
    {
        try {
            return $this->filled($field) ? $reader->read($this->string($field)->value()) : null;
        } catch (UnreadableVolume $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }

    private function side(string $field, Units $units): ?float
    {
        try {
            return $this->filled($field) ? (new LengthReader($units->length))->read($this->string($field)->value()) : null;
        } catch (UnreadableLength $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }
}
