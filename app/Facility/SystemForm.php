<?php

declare(strict_types=1);

namespace App\Facility;

use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\PlannedDay;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\FlowReader;
use Biomegas\Measure\LengthReader;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Measure\UnreadableVolume;
use Biomegas\Measure\VolumeReader;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ValueDoubt;
use Biomegas\Water\Test\ValueReader;
use Closure;

/** Turns what a keeper typed about a system into a description in the words of the scenario format. Errors name the field of the form. */
final readonly class SystemForm
{
    private const SHORTEST_SIDE_MM = 50.0;

    private const LONGEST_SIDE_MM = 100_000.0;

    private const LONGEST_LEAD_DAYS = 1000;

    private const SIZES = [
        'box' => ['length', 'width', 'depth'],
        'round' => ['diameter', 'depth'],
        'l' => ['length', 'width', 'leg_length', 'leg_width', 'depth'],
        'bow' => ['length', 'width', 'bow', 'depth'],
        'outline' => ['depth'],
    ];

    public function __construct(private Units $units, private LocalDate $today)
    {
    }

    /**
     * @param  array<string, mixed>  $form  checked for its shape
     * @return array<string, mixed>
     *
     * @throws InvalidEntry
     */
    public function description(array $form): array
    {
        $pools = array_map($this->pool(...), array_values($form['pools']), array_keys(array_values($form['pools'])));
        $description = array_filter([
            'pools' => $pools,
            'temperature_c' => $this->temperature($form),
            'fittings' => array_values($form['fittings'] ?? []),
            'salinity' => $form['salinity'] ?? 'fresh',
            'ph' => $this->value($form, 'ph', Quantity::Ph),
            'gh_dgh' => $this->value($form, 'gh', Quantity::GeneralHardness),
            'overflow_slot_mm' => $this->length($form['overflow_slot'] ?? null, 'overflow_slot', 0.5, 1000.0),
            'sump_litres' => $this->litres($form, 'sump'),
            'turnover_l_h' => $this->litres($form, 'turnover', new FlowReader($this->units->volume)),
            'heater_w' => $this->number($form, 'heater_watts'),
            'weekly_change' => $this->share($form, 'weekly_change'),
            'filter' => $this->filter($form),
            'light' => $this->light($form),
            'source' => $this->text($form, 'source'),
            'substrate' => $this->text($form, 'substrate'),
            'site' => $this->text($form, 'site'),
            'opening_cost' => $this->number($form, 'opening_price'),
            'lead_days' => $this->days($form, 'lead_days'),
        ], fn (mixed $value): bool => $value !== null);
        $floor = array_sum(array_map(fn (array $pool): float => ScenarioMapper::shape($pool['shape'])->floorArea(), $pools));
        $description['decor'] = [
            'area_mm2' => ($this->share($form, 'decor_floor') ?? 0.0) * $floor,
            'litres' => $this->litres($form, 'decor_litres') ?? 0.0,
            'kilograms' => ($this->number($form, 'decor_kilograms') ?? 0.0) * $this->units->mass->kilograms(),
        ];
        $this->picture('decor_litres', $description);
        $description['dividers'] = array_map(fn (array $divider, int $i): array => array_filter([
            'at_mm' => $this->length($divider['at'] ?? null, "dividers.{$i}.at", 1.0, self::LONGEST_SIDE_MM) ?? throw InvalidEntry::because("dividers.{$i}.at", Finding::of('entry.divider_where')),
            'from' => $this->day($divider['from'], "dividers.{$i}.from"),
            'until' => isset($divider['until']) ? $this->day($divider['until'], "dividers.{$i}.until") : null,
        ], fn (mixed $part): bool => $part !== null), array_values($form['dividers'] ?? []), array_keys(array_values($form['dividers'] ?? [])));
        $this->picture('dividers', $description);

        return $description;
    }

    /** @throws InvalidEntry when nobody can mean it */
    public function day(string $iso, string $field): string
    {
        PlannedDay::check($field, LocalDate::fromIso($iso), $this->today);

        return $iso;
    }

    /** @param  array<string, mixed>  $description */
    private function picture(string $field, array $description): void
    {
        self::possible($field, fn () => ScenarioMapper::system(['key' => 'new', 'name' => 'new', 'kind' => 'tank', ...$description]));
    }

    /**
     * @param  array<string, mixed>  $form
     * @return array{key: string, shape: array<string, mixed>}
     */
    private function pool(array $form, int $i): array
    {
        $shape = ['type' => $form['type']];
        foreach (self::SIZES[$form['type']] as $size) {
            $field = "pools.{$i}.{$size}";
            $shape["{$size}_mm"] = $this->length($form[$size] ?? null, $field, self::SHORTEST_SIDE_MM, self::LONGEST_SIDE_MM)
                ?? throw InvalidEntry::because($field, Finding::of('entry.size_missing', size: str_replace('_', ' ', $size)));
        }
        if ($form['type'] === 'outline') {
            $shape['points_mm'] = array_map(fn (array $point): array => [(float) $point[0], (float) $point[1]], array_values($form['points'] ?? []));
        } elseif ($form['outside'] ?? false) {
            $shape['outside'] = true;
            $shape['glass_mm'] = $this->length($form['glass'] ?? null, "pools.{$i}.glass", 1.0, 200.0) ?? 10.0;
        }
        self::possible("pools.{$i}.depth", fn () => ScenarioMapper::shape($shape), $form['type'] === 'outline' ? "pools.{$i}.points" : null);

        return ['key' => 'pool-'.($i + 1), 'shape' => $shape];
    }

    private static function possible(string $field, Closure $picture, ?string $instead = null): void
    {
        try {
            $picture();
        } catch (ImpossiblePicture $e) {
            throw InvalidEntry::because($instead ?? $field, $e->finding());
        }
    }

    private function length(mixed $typed, string $field, float $least, float $most): ?float
    {
        if (! is_string($typed) || trim($typed) === '') {
            return null;
        }
        try {
            $millimetres = (new LengthReader($this->units->length))->read($typed);
        } catch (UnreadableLength $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
        if ($millimetres < $least || $millimetres > $most) {
            throw InvalidEntry::because($field, Finding::of('entry.size_out_of_bounds', typed: $typed));
        }

        return $millimetres;
    }

    /**
     * @param  array<string, mixed>  $form
     * @return float|list<float>|null
     */
    private function temperature(array $form): float|array|null
    {
        if (! is_array($form['months'] ?? null)) {
            return $this->value($form, 'temperature', Quantity::Temperature);
        }
        $months = array_values(array_filter($form['months'], fn (mixed $month): bool => is_string($month) && trim($month) !== ''));
        if (count($months) !== 12) {
            throw InvalidEntry::because('months', Finding::of('entry.twelve_months'));
        }

        return array_map(fn (string $month): float => $this->valueOf($month, 'months', Quantity::Temperature), $months);
    }

    /** @param  array<string, mixed>  $form */
    private function value(array $form, string $field, Quantity $quantity): ?float
    {
        $typed = $this->text($form, $field);

        return $typed === null ? null : $this->valueOf($typed, $field, $quantity);
    }

    private function valueOf(string $typed, string $field, Quantity $quantity): float
    {
        try {
            $value = (new ValueReader($this->units->temperature))->read($quantity, $typed);
        } catch (InvalidEntry $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
        $doubt = ValueDoubt::about($quantity, $value);

        return $doubt === null ? $value : throw InvalidEntry::because($field, $doubt);
    }

    /** @param  array<string, mixed>  $form */
    private function litres(array $form, string $field, VolumeReader|FlowReader|null $reader = null): ?float
    {
        $typed = $this->text($form, $field);
        try {
            return $typed === null ? null : ($reader ?? new VolumeReader($this->units->volume))->read($typed);
        } catch (UnreadableVolume $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }

    /** @param  array<string, mixed>  $form */
    private function number(array $form, string $field): ?float
    {
        $typed = $this->text($form, $field);
        if ($typed === null) {
            return null;
        }
        $number = str_replace(',', '.', $typed);

        return is_numeric($number) && (float) $number >= 0.0 ? (float) $number : throw InvalidEntry::because($field, Finding::of('entry.not_zero_or_more', typed: $typed));
    }

    /** @param  array<string, mixed>  $form */
    private function days(array $form, string $field): ?int
    {
        $days = $this->number($form, $field);

        return match (true) {
            $days === null => null,
            $days > self::LONGEST_LEAD_DAYS, floor($days) !== $days => throw InvalidEntry::because($field, Finding::of('entry.no_days', most: self::LONGEST_LEAD_DAYS)),
            default => (int) $days,
        };
    }

    /**
     * @param  array<string, mixed>  $form
     * @return float|null 0 to 1, from per cent
     */
    private function share(array $form, string $field): ?float
    {
        $typed = $this->text($form, $field);
        if ($typed === null) {
            return null;
        }
        $number = str_replace([',', '%', ' '], ['.', '', ''], $typed);
        if (! is_numeric($number) || (float) $number <= 0.0 || (float) $number > 100.0) {
            throw InvalidEntry::because($field, Finding::of('entry.no_share', typed: $typed));
        }

        return (float) $number / 100;
    }

    /**
     * @param  array<string, mixed>  $form
     * @return array{media: string, litres: float}|null
     */
    private function filter(array $form): ?array
    {
        $media = $this->text($form, 'filter_media');
        $litres = $this->litres($form, 'filter_litres');
        if ($media === null && $litres === null) {
            return null;
        }
        if ($media === null) {
            throw InvalidEntry::because('filter_media', Finding::of('entry.what_media'));
        }

        return $litres === null || $litres <= 0.0
            ? throw InvalidEntry::because('filter_litres', Finding::of('entry.how_much_media'))
            : ['media' => $media, 'litres' => $litres];
    }

    /**
     * @param  array<string, mixed>  $form
     * @return array<string, mixed>|null
     */
    private function light(array $form): ?array
    {
        [$on, $off] = [$this->text($form, 'light_on'), $this->text($form, 'light_off')];
        if ($on === null && $off === null) {
            return null;
        }
        if ($on === null || $off === null) {
            throw InvalidEntry::because($on === null ? 'light_on' : 'light_off', Finding::of('entry.both_light_times'));
        }
        $light = ['on' => $on, 'dim' => $this->text($form, 'light_dim'), 'off' => $off, 'window' => (bool) ($form['light_window'] ?? false)];
        self::possible('light_on', fn () => LightSchedule::of($light['on'], $light['dim'], $light['off'], $light['window']));

        return $light;
    }

    /** @param  array<string, mixed>  $form */
    private function text(array $form, string $field): ?string
    {
        $typed = $form[$field] ?? null;

        return is_scalar($typed) && trim((string) $typed) !== '' ? trim((string) $typed) : null;
    }
}
