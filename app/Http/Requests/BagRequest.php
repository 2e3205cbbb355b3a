<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableVolume;
use Biomegas\Measure\VolumeReader;
use Biomegas\Moving\Sheet\Bag;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ValueReader;
use Illuminate\Foundation\Http\FormRequest;

/** What is known of the bag that a fish comes in: all but the species may be left out. */
final class BagRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'species_id' => ['required', 'integer', 'exists:species,id'],
            'count' => ['nullable', 'integer', 'min:1', 'max:60000'],
            'length' => ['nullable', 'string', 'max:40'],
            'celsius' => ['nullable', 'string', 'max:40'],
            'ph' => ['nullable', 'string', 'max:40'],
            'hours' => ['nullable', 'numeric', 'min:0', 'max:72'],
            'litres' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('bag');
    }

    /**
     * @param  float  $mass  grams of all fish in it
     *
     * @throws InvalidEntry when something typed cannot be read
     */
    public function bag(float $mass, Units $units): Bag
    {
        return new Bag(
            $this->filled('celsius') ? TypedCelsius::of('celsius', $this->string('celsius')->value(), $units) : null,
            $this->ph($units),
            $this->filled('hours') ? $this->float('hours') : Bag::USUAL_HOURS,
            $this->litres($units),
            $mass,
        );
    }

    private function ph(Units $units): ?float
    {
        try {
            return $this->filled('ph') ? (new ValueReader($units->temperature))->read(Quantity::Ph, $this->string('ph')->value()) : null;
        } catch (InvalidEntry $e) {
            throw InvalidEntry::because('ph', $e->finding());
        }
    }

    private function litres(Units $units): float
    {
        try {
            $litres = $this->filled('litres') ? (new VolumeReader($units->volume))->read($this->string('litres')->value()) : Bag::USUAL_LITRES;
        } catch (UnreadableVolume $e) {
            throw InvalidEntry::because('litres', $e->finding());
        }

        return $litres > 0.0 ? $litres : Bag::USUAL_LITRES;
    }
}
