<?php

declare(strict_types=1);

namespace Biomegas\Housing;

use Biomegas\Housing\Rule\ChemistryRule;
use Biomegas\Housing\Rule\CompanyRule;
use Biomegas\Housing\Rule\FittingsRule;
use Biomegas\Housing\Rule\FloorRule;
use Biomegas\Housing\Rule\GroupRule;
use Biomegas\Housing\Rule\OverflowRule;
use Biomegas\Housing\Rule\PreyRule;
use Biomegas\Housing\Rule\Rule;
use Biomegas\Housing\Rule\SalinityRule;
use Biomegas\Housing\Rule\SharedLitresRule;
use Biomegas\Housing\Rule\SharedTemperatureRule;
use Biomegas\Housing\Rule\SizeRuleOfHome;
use Biomegas\Housing\Rule\SpeciesOnlyRule;
use Biomegas\Housing\Rule\SwallowingRule;
use Biomegas\Housing\Rule\TemperatureRule;
use Biomegas\Housing\Rule\WeeklyChangeRule;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Verdict;

/** What all rules say of a home for a newcomer. */
final readonly class Judgement
{
    /** @param  list<Verdict>  $verdicts  in the order of the rules */
    private function __construct(public array $verdicts)
    {
    }

    public static function of(HousingCase $case): self
    {
        return new self(array_values(array_filter(array_map(
            fn (Rule $rule): ?Verdict => self::ask($rule, $case),
            [...self::lastingRules(), ...self::afternoonRules()],
        ))));
    }

    /** The same as the obstacle of the whole judgement, without asking more rules than it takes. */
    public static function obstacleIn(HousingCase $case): ?Verdict
    {
        return self::firstRefusal(self::lastingRules(), $case);
    }

    /** The same, what is said of its size left out. */
    public static function obstacleBesidesSize(HousingCase $case): ?Verdict
    {
        return self::firstRefusal(self::rulesBesidesSize(), $case);
    }

    /** What the water of the home says against the newcomer, whoever lives there; null: nothing. */
    public static function obstacleOfWater(HousingCase $case): ?Verdict
    {
        return self::firstRefusal(self::waterRules(), $case);
    }

    /** What those who live there say against the newcomer, and it against them, whatever the home; null: nothing. */
    public static function obstacleOfCompany(HousingCase $case): ?Verdict
    {
        return self::firstRefusal(self::companyRules(), $case);
    }

    /** @param  list<Rule>  $rules */
    private static function firstRefusal(array $rules, HousingCase $case): ?Verdict
    {
        foreach ($rules as $rule) {
            $verdict = self::ask($rule, $case);
            if ($verdict?->refuses() === true) {
                return $verdict;
            }
        }

        return null;
    }

    private static function ask(Rule $rule, HousingCase $case): ?Verdict
    {
        $verdict = $rule->judge($case);
        $exception = $verdict === null || $verdict->passes ? null : $case->rulebook->setAside($verdict->rule->value);

        return $exception === null ? $verdict : $verdict->setAside($exception->reason);
    }

    public function passes(): bool
    {
        return $this->binding() === null;
    }

    /** The first rule that refuses; null when none does. */
    public function binding(): ?Verdict
    {
        foreach ($this->verdicts as $verdict) {
            if ($verdict->refuses()) {
                return $verdict;
            }
        }

        return null;
    }

    /** @return list<Verdict> what a keeper can put right in an afternoon */
    public function easilyMended(): array
    {
        return array_values(array_filter($this->verdicts, fn (Verdict $verdict): bool => $verdict->refuses() && $verdict->rule->isEasilyMended()));
    }

    /** The first rule that refuses for something that no afternoon puts right. */
    public function obstacle(): ?Verdict
    {
        foreach ($this->verdicts as $verdict) {
            if ($verdict->refuses() && ! $verdict->rule->isEasilyMended()) {
                return $verdict;
            }
        }

        return null;
    }

    /** @return non-empty-list<Rule> in the order in which a failing one is named first */
    private static function lastingRules(): array
    {
        /** @var non-empty-list<Rule>|null $rules they hold nothing, and a plan asks them all the time */
        static $rules = null;

        return $rules ??= [...self::waterRules(), new SizeRuleOfHome, new SpeciesOnlyRule, new FloorRule, new SharedLitresRule, new WeeklyChangeRule, new SwallowingRule, new PreyRule, new CompanyRule];
    }

    /** @return list<Rule> */
    private static function rulesBesidesSize(): array
    {
        /** @var list<Rule>|null $rules */
        static $rules = null;

        return $rules ??= array_values(array_filter(self::lastingRules(), fn (Rule $rule): bool => ! $rule instanceof SizeRuleOfHome));
    }

    /** @return non-empty-list<Rule> */
    private static function waterRules(): array
    {
        return [new SalinityRule, new TemperatureRule];
    }

    /** @return non-empty-list<Rule> */
    private static function companyRules(): array
    {
        return [new SharedTemperatureRule, new SpeciesOnlyRule, new SwallowingRule, new PreyRule, new CompanyRule];
    }

    /** @return non-empty-list<Rule> what an afternoon puts right, and advice */
    private static function afternoonRules(): array
    {
        return [new GroupRule, new OverflowRule, new FittingsRule, ChemistryRule::ofAcidity(), ChemistryRule::ofHardness()];
    }
}
