<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\Pool;
use Biomegas\Facility\Species;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** The other school: litres that a species needs for its least group, growing with length; it asks nothing of species whose litres are not known. */
final readonly class LitresLimit implements SizeLimit
{
    public function limits(Pool $pool, Species $species, Rulebook $rulebook): array
    {
        $need = $species->needs->litres;
        if ($need === null || ! $rulebook->home()->asksForLitres()) {
            return [];
        }
        $adult = $species->adultLength->typical;
        if ($adult > $rulebook->number(RuleParameter::LitresLeastFrom) && $pool->litres() < $rulebook->number(RuleParameter::LitresLeast)) {
            return [new HomeLimit(0.0, SizeRule::Litres)];
        }
        $share = $pool->litres() / $need->litresFor($need->for, $rulebook->home());

        return [new HomeLimit($species->roomClaimedAt() * $share ** (1 / $rulebook->number(RuleParameter::LitresExponent)), SizeRule::Litres)];
    }

    public function homeFor(Species $species, float $length, Rulebook $rulebook): NearestHome
    {
        $need = $species->needs->litres;
        if ($need === null || ! $rulebook->home()->asksForLitres()) {
            return new NearestHome;
        }
        $adult = $species->adultLength->typical;
        $litres = $need->litresFor($need->for, $rulebook->home()) * ($length / $species->roomClaimedAt()) ** $rulebook->number(RuleParameter::LitresExponent);
        $isLong = $adult > $rulebook->number(RuleParameter::LitresLeastFrom);

        return new NearestHome(litres: $isLong ? max($litres, $rulebook->number(RuleParameter::LitresLeast)) : $litres);
    }
}
