<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Volume;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** The litres school in a mixed home: the largest need, and each more of the rest. */
final readonly class SharedLitresRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        if (! $case->rulebook->home()->asksForLitres()) {
            return null;
        }
        $needed = self::needed($case->rulebook, ...$case->everybody());
        if ($needed === null) {
            return null;
        }
        $there = $case->system->litres();
        [$of, $there, $more] = [Volume::ofLitres($needed), Volume::ofLitres($there), Volume::ofLitres($needed - $there)];

        return $needed * (1 - $case->rulebook->number(RuleParameter::SizeTolerance)) <= $there->litres
            ? Verdict::pass(HousingRule::SharedLitres, Finding::of('housing.litres.enough', needed: $of, there: $there))
            : Verdict::fail(HousingRule::SharedLitres, Finding::of('housing.litres.too_few', needed: $of, there: $there), Finding::of('housing.litres.more', more: $more));
    }

    /** Null when nobody's litres are known. */
    private static function needed(Rulebook $rulebook, Occupant ...$occupants): ?float
    {
        $largest = $rest = 0.0;
        $isKnown = false;
        foreach ($occupants as $occupant) {
            $need = $occupant->species->needs->litres;
            if ($need === null) {
                continue;
            }
            $isKnown = true;
            $scale = min(1.0, $occupant->length / $occupant->species->roomClaimedAt()) ** $rulebook->number(RuleParameter::LitresExponent);
            $own = $scale * $need->litresFor($occupant->count, $rulebook->home());
            $asMore = $scale * $occupant->count * $need->eachMore;
            if ($own - $asMore > $largest) {
                $largest = $own - $asMore;
            }
            $rest += $asMore;
        }

        return $isKnown ? $largest + $rest : null;
    }
}
