<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Facility\FacilitySnapshot;
use App\Facility\Supposed;
use App\Facility\SupposedKind;
use App\Http\Rules\Day;
use Biomegas\Facility\Fitting;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Planning\Supposing\Parted;
use Illuminate\Validation\Rule;

/** What may be supposed beside a plan, as it comes in. */
final readonly class SupposedRules
{
    /** @return array<string, list<mixed>> */
    public static function all(): array
    {
        return [
            'supposed' => ['present', 'list', 'max:20'],
            'supposed.*.kind' => ['required', Rule::enum(SupposedKind::class)],
            'supposed.*.system_id' => ['nullable', 'integer:strict'],
            'supposed.*.fish_id' => ['nullable', 'integer:strict'],
            'supposed.*.species_id' => ['nullable', 'integer:strict'],
            'supposed.*.value' => ['nullable', 'numeric:strict', 'between:-100,1000000'],
            'supposed.*.fittings' => ['nullable', 'list', 'max:20'],
            'supposed.*.fittings.*' => [Rule::enum(Fitting::class)],
            'supposed.*.on' => ['nullable', Day::any()],
            'supposed.*.count' => ['nullable', 'integer:strict', 'between:1,500'],
            'supposed.*.length' => ['nullable', 'string', 'max:40'],
        ];
    }

    /**
     * As they are written down: with the length that was typed as a number.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return list<array<string, mixed>>
     *
     * @throws InvalidEntry when one is about nothing that is there
     */
    public static function read(FacilitySnapshot $kept, array $rows): array
    {
        $read = [];
        foreach ($rows as $i => $row) {
            if (isset($row['length'])) {
                $row['value'] = TypedLength::millimetres("supposed.{$i}.length", $row['length'], $kept->units);
                unset($row['length']);
            }
            try {
                $supposed = Supposed::one($kept, $row);
            } catch (InvalidEntry $refused) {
                throw InvalidEntry::because("supposed.{$i}.{$refused->field}", $refused->finding());
            }
            if ($supposed instanceof Parted) {
                $row['count'] = $kept->facility->fish[$supposed->fish]->count;
            }
            if ($supposed === null) {
                throw InvalidEntry::because("supposed.{$i}.kind", Finding::of('entry.nothing_supposed'));
            }
            $read[] = $row;
        }

        return $read;
    }
}
