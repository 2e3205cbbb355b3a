<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableVolume;
use Biomegas\Measure\VolumeReader;
use Illuminate\Foundation\Http\FormRequest;

final class TubRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['litres' => ['required', 'string', 'max:40'], 'celsius' => ['nullable', 'string', 'max:40']];
    }

    /** @throws InvalidEntry */
    public function litres(Units $units): float
    {
        try {
            $litres = (new VolumeReader($units->volume))->read($this->string('litres')->value());
        } catch (UnreadableVolume $e) {
            throw InvalidEntry::because('litres', $e->finding());
        }

        return $litres > 0.0 ? $litres : throw InvalidEntry::because('litres', Finding::of('entry.tub_litres'));
    }

    /** @throws InvalidEntry */
    public function celsius(string $field, Units $units): float
    {
        return TypedCelsius::of($field, $this->string($field)->value(), $units);
    }
}
