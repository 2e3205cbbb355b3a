<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Losses\Lifetime;
use Biomegas\Losses\LossKind;
use Biomegas\Losses\Survival;
use Biomegas\Losses\SurvivalStep;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'What share of those that came is still alive after some time.')]
final readonly class SurvivalSheet
{
    private const MOST_GROUPS = 60;

    /**
     * @param  list<SurvivalRow>  $steps
     * @param  list<SurvivalGroup>  $groups
     * @param  list<CauseRow>  $causes
     */
    public function __construct(
        #[OA\Property(description: 'Null: nobody came.')] public ?string $sentence,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SurvivalRow'), description: 'A row for each day after arrival on which somebody died; none where they are too few to conclude from.')] public array $steps,
        #[OA\Property(description: 'As long as anybody was kept.')] public int $days,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SurvivalGroup'), description: 'Those of which most came first; empty unless asked.')] public array $groups,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/CauseRow'), description: 'Of losses, the commonest first.')] public array $causes,
    ) {
    }

    /**
     * @param  array<string, list<Lifetime>>  $lives  by fish
     * @param  array<string, string|null>  $names  of groups, by fish; empty: not asked
     */
    public static function from(FacilitySnapshot $kept, array $lives, array $names): self
    {
        $all = array_merge(...array_values($lives));
        $survival = Survival::of($all);

        return new self(
            $kept->says()->sayIf($survival->finding()),
            self::steps($survival),
            max([0, ...array_map(fn (Lifetime $life): int => $life->days, $all)]),
            self::groups($kept, $lives, $names),
            self::causes($kept),
        );
    }

    /** @return list<SurvivalRow> */
    private static function steps(Survival $survival): array
    {
        return array_map(
            fn (SurvivalStep $step): SurvivalRow => new SurvivalRow($step->days, $step->atRisk, $step->deaths, round($step->share, 4), round($step->low, 4), round($step->high, 4)),
            $survival->isEnough() ? $survival->steps : [],
        );
    }

    /**
     * @param  array<string, list<Lifetime>>  $lives
     * @param  array<string, string|null>  $names
     * @return list<SurvivalGroup>
     */
    private static function groups(FacilitySnapshot $kept, array $lives, array $names): array
    {
        $byName = [];
        foreach ($lives as $fish => $those) {
            if (array_key_exists($fish, $names)) {
                $byName[$names[$fish] ?? ''] = [...$byName[$names[$fish] ?? ''] ?? [], ...$those];
            }
        }
        $survivals = array_map(Survival::of(...), $byName);
        uasort($survivals, fn (Survival $a, Survival $b): int => $b->came <=> $a->came);

        return array_map(
            fn (string $name, Survival $survival): SurvivalGroup => new SurvivalGroup($name === '' ? null : $name, $survival->came, $survival->deaths, $survival->isEnough() ? $kept->says()->sayIf($survival->finding()) : null, self::steps($survival)),
            array_map(strval(...), array_keys(array_slice($survivals, 0, self::MOST_GROUPS))), array_values(array_slice($survivals, 0, self::MOST_GROUPS)),
        );
    }

    /** @return list<CauseRow> */
    private static function causes(FacilitySnapshot $kept): array
    {
        $since = $kept->facility->date->plusDays(-365)->toIso();
        $rows = DB::table('losses')->whereNull('losses.deleted_at')->join('fish', 'fish.id', 'losses.fish_id')->where('purpose', '!=', 'food')->whereIn('losses.kind', array_column(LossKind::cases(), 'value'))
            ->groupBy('losses.kind')->selectRaw('losses.kind as kind, sum(case when losses.date >= ? then losses.count else 0 end) as lately, sum(losses.count) as total', [$since])->orderByDesc('total')->get();

        return array_values($rows->map(fn (stdClass $row): CauseRow => new CauseRow(LossKind::from($row->kind), (int) $row->lately, (int) $row->total - (int) $row->lately))->all());
    }
}
