<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\System;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Planning\Plan\LaneFill;
use Biomegas\Planning\Plan\Lanes;
use Biomegas\Planning\Supposing\Fitted;
use Biomegas\Planning\Supposing\MoreMedia;

/** What homes lack for those who are or will be there, which an afternoon puts right: lids, guards, what a species needs, media for the filter. */
final readonly class Requirements
{
    /** Media are sold by so many litres. */
    private const MEDIA_STEP = 5.0;

    public function __construct(private HomesUnder $homes, private Lanes $lanes)
    {
    }

    /** @return list<Mend> by day */
    public function mends(): array
    {
        $mends = [...$this->fittings(), ...$this->media()];
        usort($mends, fn (Mend $a, Mend $b): int => $b->by->daysUntil($a->by));

        return $mends;
    }

    /** @return list<Mend> one for each home */
    private function fittings(): array
    {
        $missing = $by = $for = [];
        foreach ($this->homes->itineraries as $itinerary) {
            foreach ($itinerary->stays as [$system, $from]) {
                $case = new HousingCase($itinerary->occupantOn($from), $system, [], $this->homes->facility->rulebook);
                $lacks = $system->opening === null ? $this->lacking($case) : [];
                if ($lacks !== []) {
                    $missing[$system->key] = [...($missing[$system->key] ?? []), ...$lacks];
                    $by[$system->key] = isset($by[$system->key]) && $by[$system->key]->isBefore($from) ? $by[$system->key] : $from;
                    $for[$system->key][$itinerary->lodger->fish->key] = $itinerary->lodger->fish;
                }
            }
        }

        return array_map(
            fn (array $fittings, string $key): Mend => $this->fitted($this->homes->facility->systems[$key], array_values(array_unique($fittings, SORT_REGULAR)), $by[$key], array_values($for[$key])),
            $missing, array_keys($missing),
        );
    }

    /** @return list<Fitting> */
    private function lacking(HousingCase $case): array
    {
        $rules = array_map(fn ($verdict): HousingRule => $verdict->rule, Judgement::of($case)->easilyMended());

        return [
            ...(in_array(HousingRule::Overflow, $rules, true) ? [Fitting::GuardedOverflow] : []),
            ...(in_array(HousingRule::Fittings, $rules, true) ? array_values(array_filter($case->newcomer->species->needs->allFittings(), fn (Fitting $need): bool => ! $case->system->has($need))) : []),
        ];
    }

    /**
     * @param  non-empty-list<Fitting>  $fittings
     * @param  list<Fish>  $for
     */
    private function fitted(System $system, array $fittings, LocalDate $by, array $for): Mend
    {
        $doing = new Fitted($system->key, $fittings);
        $price = MendPrice::of($doing, $system, $this->homes->facility);

        return new Mend($system, $doing, null, $price->once, $price->perYear, $by, null, 0, $for);
    }

    /** @return list<Mend> */
    private function media(): array
    {
        $mends = [];
        foreach ($this->lanes->fills as $key => $fills) {
            $system = $this->lanes->systems[$key];
            $filter = $system->equipment->filter;
            $tooMuch = array_values(array_filter($fills, fn (LaneFill $fill): bool => ($fill->filter ?? 0.0) > 1.0));
            if ($filter !== null && $tooMuch !== []) {
                $litres = self::MEDIA_STEP * ceil($filter->litres * max(array_map(fn (LaneFill $fill): float => $fill->filter ?? 0.0, $tooMuch)) / self::MEDIA_STEP);
                $doing = new MoreMedia($key, $litres);
                $price = MendPrice::of($doing, $system, $this->homes->facility);
                $mends[] = new Mend($system, $doing, null, $price->once, $price->perYear, $tooMuch[0]->date, null, 0, []);
            }
        }

        return $mends;
    }
}
