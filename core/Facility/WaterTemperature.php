<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/** The temperature that a system is expected to have: held at a set-point, or given by twelve monthly means. */
final readonly class WaterTemperature
{
    /** Taken where nothing is known of it: common for kept fish of warm waters. Our judgement. */
    public const USUAL_CELSIUS = 25.0;

    private const DAYS_PER_MONTH = 365.0 / 12;

    /** @param  non-empty-list<float>  $celsius one set-point, or means of January to December */
    private function __construct(private array $celsius)
    {
    }

    public static function heldAt(float $celsius): self
    {
        return new self([$celsius]);
    }

    /** @param  non-empty-list<float>  $celsius twelve means, January first */
    public static function byMonth(array $celsius): self
    {
        return new self($celsius);
    }

    public function isSteady(): bool
    {
        return count($this->celsius) === 1;
    }

    /** @param  non-empty-list<int>|null  $months  1 to 12; null: all year round */
    public function coldest(?array $months = null): float
    {
        return min($this->in($months));
    }

    /** @param  non-empty-list<int>|null  $months  1 to 12; null: all year round */
    public function warmest(?array $months = null): float
    {
        return max($this->in($months));
    }

    /**
     * @param  non-empty-list<int>|null  $months
     * @return non-empty-list<float>
     */
    private function in(?array $months): array
    {
        return $months === null || $this->isSteady() ? $this->celsius : array_map(fn (int $month): float => $this->celsius[$month - 1], $months);
    }

    /** Linear between the middles of the months. */
    public function on(LocalDate $date): float
    {
        return $this->onDayOfYear($date->dayOfYear());
    }

    /** @param  int  $day 1 for 1 January to 366 */
    public function onDayOfYear(int $day): float
    {
        if ($this->isSteady()) {
            return $this->celsius[0];
        }
        $sinceMidDecember = ($day - 0.5) / self::DAYS_PER_MONTH + 0.5;
        $before = (int) floor($sinceMidDecember);
        $share = $sinceMidDecember - $before;

        return (1 - $share) * $this->celsius[($before + 11) % 12] + $share * $this->celsius[$before % 12];
    }
}
