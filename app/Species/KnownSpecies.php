<?php

declare(strict_types=1);

namespace App\Species;

use App\Language\Messages;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\CurveName;
use Biomegas\Facility\Range;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\FishLengthReader;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Planning\Describing\StatedGrowth;
use Biomegas\Planning\Describing\WorkedOut;
use Closure;
use Illuminate\Validation\ValidationException;

/** A species from what a keeper knows of it: the rest is worked out, or taken from one like it, and marked so. */
final class KnownSpecies
{
    private const SAID = 'as its keeper says';

    /** Taken from one like it; what has no such word is worked out. */
    private const AS_LIKE = [
        'swimming', 'curve', 'length_kind', 'temperature_c', 'keep_c', 'ph', 'hardness_dgh', 'temperament', 'mouth_ratio', 'bites_pieces', 'nips_fins', 'long_fins',
        'layer', 'pace', 'diet', 'plants', 'region', 'minimum_group', 'may_live_alone', 'species_only', 'tall_ratio', 'body_depth_ratio', 'length_weight', 'needs', 'ways',
        'eats', 'salinity', 'animal', 'lifespan_years', 'disease_prone', 'inspections',
    ];

    /** @var array<string, list<string>> by field */
    private array $errors = [];

    private function __construct(private readonly Units $units, private readonly Messages $says)
    {
    }

    /**
     * @param  array{name: string, adult: string, grown_from: string, grown_to: string, grown_months: float|null, temperament: int|null, minimum_group: int|null, least_length: string, least_width: string}  $known
     * @param  array<string, mixed>|null  $like  the description of the one it is like
     * @return array{description: array<string, mixed>, outline: WorkedOut, adult: Range}
     *
     * @throws ValidationException naming every field that cannot be taken as it is
     */
    public static function describe(array $known, ?array $like, Units $units, Messages $says): array
    {
        return (new self($units, $says))->work($known, $like);
    }

    /**
     * @param  array{name: string, adult: string, grown_from: string, grown_to: string, grown_months: float|null, temperament: int|null, minimum_group: int|null, least_length: string, least_width: string}  $known
     * @param  array<string, mixed>|null  $like
     * @return array<string, list<string>> sentences by field, of all that cannot be taken as it is
     */
    public static function refusals(array $known, ?array $like, Units $units, Messages $says): array
    {
        $species = new self($units, $says);
        try {
            $species->work($known, $like);
        } catch (ValidationException) {
            return $species->errors;
        }

        return [];
    }

    /**
     * @param  array{name: string, adult: string, grown_from: string, grown_to: string, grown_months: float|null, temperament: int|null, minimum_group: int|null, least_length: string, least_width: string}  $known
     * @param  array<string, mixed>|null  $like
     * @return array{description: array<string, mixed>, outline: WorkedOut, adult: Range}
     */
    private function work(array $known, ?array $like): array
    {
        $one = $like === null ? null : ScenarioMapper::species($like);
        $adult = $this->try(fn (): Range => $this->adult($known['adult']));
        $from = $this->length('grown_from', $known['grown_from']);
        $to = $this->length('grown_to', $known['grown_to']);
        $growth = $this->try(fn (): ?StatedGrowth => self::growth($from, $to, $known));
        $least = [$this->length('least_length', $known['least_length']), $this->length('least_width', $known['least_width'])];
        $outline = $adult === null ? null : $this->try(fn (): WorkedOut => WorkedOut::of(
            $adult,
            $one->swimming ?? WorkedOut::USUAL_SWIMMING,
            self::curve($adult, $one),
            $known['minimum_group'] ?? $one?->needs->minimumGroup ?? 1,
            $growth,
            $one,
        ));
        if ($this->errors !== [] || $adult === null || $outline === null) {
            throw ValidationException::withMessages($this->errors);
        }

        return ['description' => self::description($known, $like, $adult, $outline, $least, self::curve($adult, $one)), 'outline' => $outline, 'adult' => $adult];
    }

    /**
     * @param  array<string, mixed>  $known
     * @param  array<string, mixed>|null  $like
     * @param  array{float|null, float|null}  $least  length and width of the least home, millimetres
     * @return array<string, mixed>
     */
    private static function description(array $known, ?array $like, Range $adult, WorkedOut $outline, array $least, CurveName $curve): array
    {
        $asLike = array_intersect_key($like ?? [], array_flip(self::AS_LIKE));
        $home = $outline->leastHome;
        $said = array_filter([
            'temperament' => $known['temperament'],
            'minimum_group' => $known['minimum_group'],
            'least_home' => $least[0] === null && $least[1] === null ? null : array_filter(['length_mm' => $least[0], 'width_mm' => $least[1], 'for' => $home->for]),
        ], fn (mixed $value): bool => $value !== null);
        $worked = [
            'growth_coefficient_per_year' => self::parts($outline->growthCoefficient, 4),
            'curve' => $curve->value,
            'swimming' => $asLike['swimming'] ?? WorkedOut::USUAL_SWIMMING->value,
            'litres' => ['for' => $outline->litres->for, 'lean' => $outline->litres->lean, 'usual' => $outline->litres->usual, 'generous' => $outline->litres->generous, 'each_more' => $outline->litres->eachMore],
            'least_home' => ['length_mm' => $home->lengthMm, 'width_mm' => $home->widthMm, 'for' => $home->for],
        ];
        $name = $like['common_name'] ?? null;

        return [
            'scientific_name' => $known['name'],
            'common_name' => $known['name'],
            ...$asLike,
            ...$worked,
            ...$said,
            'adult_length_mm' => self::parts($adult, 1),
            'sources' => [
                ...array_map(fn (): string => "as of {$name}", $asLike),
                ...array_map(fn (): string => $name === null ? 'worked out, as of kinds of its size' : "worked out from {$name}", $worked),
                ...($outline->isGrowthStated ? ['growth_coefficient_per_year' => 'worked out from the growth that its keeper saw'] : []),
                ...array_map(fn (): string => self::SAID, $said),
                'adult_length_mm' => self::SAID,
            ],
        ];
    }

    /** @return array{low: float, typical: float, high: float} */
    private static function parts(Range $range, int $digits): array
    {
        return ['low' => round($range->low, $digits), 'typical' => round($range->typical, $digits), 'high' => round($range->high, $digits)];
    }

    private static function curve(Range $adult, ?Species $like): CurveName
    {
        return $like->curve ?? WorkedOut::usualCurve($adult->typical);
    }

    /**
     * "30 cm", or "25 to 35 cm": what is said is what is shown.
     *
     * @throws InvalidEntry
     */
    private function adult(string $typed): Range
    {
        $parts = preg_split('/\s*(?:–|\bto\b|(?<=[\d"\'a-z])\s*-\s*(?=\d))\s*/u', trim($typed)) ?: [];
        $last = $this->millimetres('adult', $parts[count($parts) - 1] ?? '');
        if ($last === null || count($parts) > 2) {
            throw InvalidEntry::because('adult', Finding::of('describing.adult_missing'));
        }
        if (count($parts) === 1) {
            return WorkedOut::adultAbout($last);
        }
        $unit = preg_replace('/^[\d.,\s½¼¾\/]+/u', '', $parts[1]) ?? '';
        $first = $this->millimetres('adult', preg_match('/[a-z"\']/i', $parts[0]) === 1 ? $parts[0] : $parts[0].$unit);
        if ($first === null || $first >= $last) {
            throw InvalidEntry::because('adult', Finding::of('describing.adult_must_rise'));
        }

        return Range::of('adult_length_mm', $first, sqrt($first * $last), $last);
    }

    /**
     * @param  array{grown_from: string, grown_to: string, grown_months: float|null, ...}  $known
     *
     * @throws InvalidEntry
     */
    private static function growth(?float $from, ?float $to, array $known): ?StatedGrowth
    {
        $typed = [trim($known['grown_from']) !== '', trim($known['grown_to']) !== '', $known['grown_months'] !== null];
        if ($typed[1] !== $typed[0]) {
            throw InvalidEntry::because($typed[0] ? 'grown_to' : 'grown_from', Finding::of('describing.growth_incomplete'));
        }

        return $from === null || $to === null ? null : new StatedGrowth($from, $to, $known['grown_months'] ?? 12.0);
    }

    private function length(string $field, string $typed): ?float
    {
        return $this->try(fn (): ?float => $this->millimetres($field, $typed));
    }

    /** @throws InvalidEntry on that field when it cannot be read */
    private function millimetres(string $field, string $typed): ?float
    {
        if (trim($typed) === '') {
            return null;
        }
        try {
            return (new FishLengthReader($this->units->length))->read($typed)->millimetres();
        } catch (UnreadableLength $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T|null null when it was refused, which is kept
     */
    private function try(Closure $read): mixed
    {
        try {
            return $read();
        } catch (InvalidEntry $refused) {
            $this->errors[$refused->field][] = $this->says->say($refused->finding());

            return null;
        }
    }
}
