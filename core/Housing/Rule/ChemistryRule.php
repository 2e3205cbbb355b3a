<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Span;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Number;
use Biomegas\Rulebook\RuleOption;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;
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
        private Quantity $quantity,
        private Closure $wanted,
        private Closure $there,
    ) {
    }

    public static function ofAcidity(): self
    {
        return new self(HousingRule::Acidity, Quantity::Ph, fn (HousingNeeds $needs): ?Span => $needs->ph, fn (System $system): ?float => $system->ph);
    }

    public static function ofHardness(): self
    {
        return new self(HousingRule::Hardness, Quantity::GeneralHardness, fn (HousingNeeds $needs): ?Span => $needs->hardness, fn (System $system): ?float => $system->hardness);
    }

    public function judge(HousingCase $case): ?Verdict
    {
        $wanted = ($this->wanted)($case->newcomer->species->needs);
        $there = ($this->there)($case->system);
        if ($wanted === null || $there === null) {
            return null;
        }
        $finding = Finding::of(
            'housing.chemistry.there', quantity: $this->quantity,
            there: $this->quantity === Quantity::Ph ? Number::of($there) : WaterValue::of($this->quantity, $there), low: Number::of($wanted->low), high: Number::of($wanted->high),
        );

        return $wanted->contains($there)
            ? Verdict::pass($this->rule, $finding)
            : Verdict::fail($this->rule, $finding, $case->rulebook->answer(RuleOption::Water) === 'tuned'
                ? Finding::of('housing.chemistry.tune', quantity: $this->quantity, low: Number::of($wanted->low), high: Number::of($wanted->high))
                : Finding::of('housing.chemistry.steady'));
    }
}
