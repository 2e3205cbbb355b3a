<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Food\Refusal;
use Illuminate\Support\Facades\DB;

/** Who leaves its food, and since when. */
final class Refusals
{
    /** A refusal that is older is told by its looks. */
    private const DAYS = 60;

    /** @var array<string, array<string, bool>>|null whether anything was eaten, by table and day */
    private ?array $eaten = null;

    public function __construct(private readonly FacilitySnapshot $kept)
    {
    }

    /** Null: it eats, or nobody wrote down whether it does. What all at its table left counts for each. */
    public function of(Fish $fish): ?Refusal
    {
        $meals = $this->eaten();
        $system = $this->kept->facility->system($fish->currentSystem());
        $here = [...$meals[$system->key.'/'] ?? [], ...$meals["{$system->key}/{$fish->key}"] ?? []];
        ksort($here);
        $last = $fish->stays[count($fish->stays) - 1];
        $since = array_filter($here, fn (string $day): bool => ! LocalDate::fromIso($day)->isBefore($last->from), ARRAY_FILTER_USE_KEY);

        return Refusal::of($fish->species, $since, $last->from, $system->temperature?->on($this->kept->facility->date), $this->kept->facility->date);
    }

    /** @return array<string, array<string, bool>> */
    private function eaten(): array
    {
        if ($this->eaten !== null) {
            return $this->eaten;
        }
        $this->eaten = [];
        $days = DB::table('meals')->whereNull('deleted_at')->where('date', '>=', $this->kept->facility->date->plusDays(-self::DAYS)->toIso())
            ->where(fn ($given) => $given->where('dry_grams', '>', 0)->orWhere('outcome', 'refused'))
            ->groupBy('system_id', 'fish_id', 'date')->orderBy('date')->get(['system_id', 'fish_id', 'date', DB::raw('max(eaten_share) as eaten')]);
        foreach ($days as $day) {
            $this->eaten[Keys::ofSystem($day->system_id).'/'.($day->fish_id === null ? '' : Keys::ofFish($day->fish_id))][$day->date] = $day->eaten > 0;
        }

        return $this->eaten;
    }
}
