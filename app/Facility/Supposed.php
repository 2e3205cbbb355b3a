<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Species;
use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Planning\Supposing\Fewer;
use Biomegas\Planning\Supposing\Fitted;
use Biomegas\Planning\Supposing\GrowsLarge;
use Biomegas\Planning\Supposing\KeptAt;
use Biomegas\Planning\Supposing\LargerChange;
use Biomegas\Planning\Supposing\MoreMedia;
use Biomegas\Planning\Supposing\OneMore;
use Biomegas\Planning\Supposing\Parted;
use Biomegas\Planning\Supposing\ReadyLater;
use Biomegas\Planning\Supposing\Rehomed;
use Biomegas\Planning\Supposing\Supposition;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use LogicException;

/** Suppositions as they are sent and written down: a kind, what it is about, and one value. */
final readonly class Supposed
{
    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<Supposition> of fish and systems that are there
     */
    public static function read(FacilitySnapshot $kept, array $rows): array
    {
        return array_values(array_filter(array_map(function (array $row) use ($kept): ?Supposition {
            try {
                return self::one($kept, $row);
            } catch (InvalidEntry) {
                // Its species was described anew since.
                return null;
            }
        }, $rows)));
    }

    /**
     * Null when its fish, system or species is not there, or the value that it needs.
     *
     * @param  array<string, mixed>  $row
     *
     * @throws InvalidEntry on `length` when no fish of the species is that long
     */
    public static function one(FacilitySnapshot $kept, array $row): ?Supposition
    {
        $fish = isset($row['fish_id']) ? $kept->find($row['fish_id'])?->key : null;
        $system = isset($row['system_id'], $kept->facility->systems[Keys::ofSystem($row['system_id'])]) ? Keys::ofSystem($row['system_id']) : null;
        $value = isset($row['value']) ? (float) $row['value'] : null;
        $fittings = array_map(Fitting::from(...), array_values($row['fittings'] ?? []));

        return match (SupposedKind::from($row['kind'])) {
            SupposedKind::Fitted => $system === null || $fittings === [] ? null : new Fitted($system, $fittings),
            SupposedKind::Media => $system === null || $value === null ? null : new MoreMedia($system, $value),
            SupposedKind::KeptAt => $system === null || $value === null ? null : new KeptAt($system, $value),
            SupposedKind::LargerChange => $system === null || $value === null ? null : new LargerChange($system, $value),
            SupposedKind::Fewer => $fish === null || $value === null ? null : new Fewer($fish, max(1, (int) $value)),
            SupposedKind::Parted => $fish === null || $value === null ? null : self::parted($kept->facility->fish[$fish], (int) $value, $row['count'] ?? null),
            SupposedKind::Rehomed => $fish === null ? null : new Rehomed($fish),
            SupposedKind::ReadyLater => $system === null || ! isset($row['on']) ? null : new ReadyLater($system, LocalDate::later($kept->facility->date, LocalDate::fromIso($row['on']))),
            SupposedKind::GrowsLarge => $fish === null ? null : ($value === null ? GrowsLarge::of($fish, $kept->outlook($kept->facility->fish[$fish])->growth) : new GrowsLarge($fish, $value)),
            SupposedKind::OneMore => $system === null || $value === null ? null : self::oneMore($row, $system, $value),
        };
    }

    /** @return array<string, mixed> of something that a keeper can do */
    public static function write(Supposition $supposed): array
    {
        return match (true) {
            $supposed instanceof Fitted => ['kind' => SupposedKind::Fitted->value, 'system_id' => Keys::id($supposed->system), 'fittings' => array_map(fn (Fitting $fitting): string => $fitting->value, $supposed->fittings)],
            $supposed instanceof MoreMedia => ['kind' => SupposedKind::Media->value, 'system_id' => Keys::id($supposed->system), 'value' => $supposed->litres],
            $supposed instanceof KeptAt => ['kind' => SupposedKind::KeptAt->value, 'system_id' => Keys::id($supposed->system), 'value' => $supposed->celsius],
            $supposed instanceof LargerChange => ['kind' => SupposedKind::LargerChange->value, 'system_id' => Keys::id($supposed->system), 'value' => $supposed->share],
            $supposed instanceof Fewer => ['kind' => SupposedKind::Fewer->value, 'fish_id' => Keys::id($supposed->fish), 'value' => $supposed->count],
            $supposed instanceof Parted => ['kind' => SupposedKind::Parted->value, 'fish_id' => Keys::id($supposed->fish), 'value' => $supposed->count],
            $supposed instanceof Rehomed => ['kind' => SupposedKind::Rehomed->value, 'fish_id' => Keys::id($supposed->fish)],
            default => throw new LogicException('Nobody can do this.'),
        };
    }

    /** @param  int|null  $of  so many there were when it was thought of; of any other number it is done, or thought of no more */
    private static function parted(Fish $shoal, int $count, ?int $of): ?Parted
    {
        return $count >= 1 && $count < $shoal->count && ($of === null || $of === $shoal->count) ? new Parted($shoal->key, $count) : null;
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  float  $length  millimetres
     *
     * @throws InvalidEntry
     */
    private static function oneMore(array $row, string $system, float $length): ?OneMore
    {
        $species = isset($row['species_id']) ? Species::query()->whereKey($row['species_id'])->first() : null;

        return $species === null ? null : new OneMore(Candidate::of(
            ScenarioMapper::species($species->current()), ScenarioMapper::background($species->current()), max(1, (int) ($row['count'] ?? 1)), $length, HealthSeen::Well, 0, null, false,
        ), $system);
    }
}
