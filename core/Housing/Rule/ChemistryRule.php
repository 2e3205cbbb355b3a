<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Span;
use Biomegas\Facility\System;
use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Verdict;
use Biomegas\Measure\Spoken;
use Closure;

/** Acidity or hardness of the water, as advice: steady water counts for more than the right figure. */
final readonly class ChemistryRule implements Rule
{
    /**
     * @param  Closure(HousingNeeds): ?Span  $wanted
     * @param  Closure(System): ?float  $there
     */
    private function __construct(
        private HousingRule $rule,
        private string $what,
        private string $unit,
        private Closure $wanted,
        private Closure $there,
    ) {
    }

    public static function ofAcidity(): self
    {
        return new self(HousingRule::Acidity, 'The pH', '', fn (HousingNeeds $needs): ?Span => $needs->ph, fn (System $system): ?float => $system->ph);
    }

    public static function ofHardness(): self
    {
        return new self(HousingRule::Hardness, 'The hardness', ' °dH', fn (HousingNeeds $needs): ?Span => $needs->hardness, fn (System $system): ?float => $system->hardness);
    }

    public function judge(HousingCase $case): ?Verdict
    {
        $wanted = ($this->wanted)($case->newcomer->species->needs);
        $there = ($this->there)($case->system);
        if ($wanted === null || $there === null) {
            return null;
        }
        $words = "{$this->what} there is ".Spoken::bare($there)."{$this->unit}; ".Spoken::bare($wanted->low).' to '.Spoken::bare($wanted->high).' is liked.';

        return $wanted->contains($there)
            ? Verdict::pass($this->rule, $words)
            : Verdict::fail($this->rule, $words, 'Keep it steady rather than chase the figure.');
    }
}
