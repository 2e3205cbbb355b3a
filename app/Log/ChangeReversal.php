<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\Species;
use App\Models\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\Models\Activity;

/** Puts back what was changed of a system, a species, the rules or a fish, as long as nobody changed it again. */
final readonly class ChangeReversal
{
    public static function isPossible(Activity $change): bool
    {
        $new = (array) ($change->changes()['attributes'] ?? []);

        return $change->event === 'updated' && ! array_key_exists('retired_on', $new) && in_array($change->subject_type, [System::class, Species::class, FacilitySettings::class, Fish::class], true);
    }

    /** @throws InvalidEntry when it was changed again since */
    public function putBack(Activity $change): void
    {
        $subject = self::isPossible($change) ? $change->subject : null;
        if ($subject === null) {
            throw InvalidEntry::because('line', Finding::of('log.not_put_back'));
        }
        [$new, $old] = [(array) $change->changes()['attributes'], (array) $change->changes()['old']];
        foreach ($new as $column => $value) {
            if (self::plain(self::now($subject, $column)) !== self::plain($value)) {
                throw InvalidEntry::because('line', Finding::of('log.changed_since'));
            }
        }
        match (true) {
            $subject instanceof Fish && array_key_exists('candidates', $old) => $subject->mayBe(array_values((array) $old['candidates'])),
            $subject instanceof System => $subject->changeFrom($subject->version, $old),
            default => $subject->update($old),
        };
    }

    private static function now(Model $subject, string $column): mixed
    {
        return $subject instanceof Fish && $column === 'candidates' ? $subject->candidates->map->only(['species_id', 'weight'])->all() : $subject->getAttribute($column);
    }

    /** As it would be stored. */
    private static function plain(mixed $value): string
    {
        return (string) json_encode($value);
    }
}
