<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Food\Refusal;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Who leaves its food, and since when. */
final class Refusals
{
    /** A refusal that is older is told by its looks. */
    private const DAYS = 60;

    /** @var array<string, array<string, bool>>|null */
    private ?array $meals = null;

    /** @var array<string, array<string, true>>|null */
    private ?array $looks = null;

    public function __construct(private readonly FacilitySnapshot $kept)
    {
    }

    /** Null: it eats, or nobody wrote down whether it does. */
    public function of(Fish $fish): ?Refusal
    {
        $system = $this->kept->facility->system($fish->currentSystem());
        $own = [...$this->meals()["{$system->key}/{$fish->key}"] ?? [], ...$this->looks()[$fish->key] ?? []];

        return Refusal::amongOthers(
            $fish->species, $own, $this->meals()["{$system->key}/"] ?? [], $fish->stays[count($fish->stays) - 1]->from,
            $system->temperature?->on($this->kept->facility->date), $this->kept->facility->date,
        );
    }

    /** @return array<string, array<string, bool>> whether anything was eaten, by table and day: of homes where a meal was left, for nobody refuses in the others, and of a large place they are most of ten thousand rows */
    private function meals(): array
    {
        if ($this->meals !== null) {
            return $this->meals;
        }
        $this->meals = [];
        $given = DB::table('meals')->whereNull('deleted_at')->where('date', '>=', $this->first())
            ->where(fn (Builder $given): Builder => $given->where('dry_grams', '>', 0)->orWhere('outcome', 'refused')->orWhereNotNull('fish_id'));
        $days = $given->clone()->whereIn('system_id', $given->clone()->where('eaten_share', '<=', 0)->select('system_id'))
            ->groupBy('system_id', 'fish_id', 'date')->orderBy('date')->get(['system_id', 'fish_id', 'date', DB::raw('max(eaten_share) as eaten')]);
        foreach ($days as $day) {
            $this->meals[Keys::ofSystem($day->system_id).'/'.($day->fish_id === null ? '' : Keys::ofFish($day->fish_id))][$day->date] = $day->eaten > 0;
        }

        return $this->meals;
    }

    /** @return array<string, array<string, true>> days on which somebody saw it eat, by fish */
    private function looks(): array
    {
        if ($this->looks !== null) {
            return $this->looks;
        }
        $this->looks = [];
        foreach (DB::table('health_observations')->whereNull('deleted_at')->where('is_eating', true)->where('date', '>=', $this->first())->get(['fish_id', 'date']) as $look) {
            $this->looks[Keys::ofFish($look->fish_id)][$look->date] = true;
        }

        return $this->looks;
    }

    private function first(): string
    {
        return $this->kept->facility->date->plusDays(-self::DAYS)->toIso();
    }
}
