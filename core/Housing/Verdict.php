<?php

declare(strict_types=1);

namespace Biomegas\Housing;

/** What one rule says of a home, in a sentence, with the nearest change that would make it pass. */
final readonly class Verdict
{
    private function __construct(
        public HousingRule $rule,
        public bool $passes,
        public string $sentence,
        /** Null: nothing to change, or nothing that would help. */
        public ?string $change,
        /** The keeper's reason for which it is set aside; null when it holds. */
        public ?string $setAside = null,
    ) {
    }

    public static function pass(HousingRule $rule, string $sentence): self
    {
        return new self($rule, true, $sentence, null);
    }

    public static function fail(HousingRule $rule, string $sentence, ?string $change): self
    {
        return new self($rule, false, $sentence, $change);
    }

    /** The keeper has decided otherwise: it passes, and says so. */
    public function setAside(string $reason): self
    {
        return new self($this->rule, true, $this->sentence, $this->change, $reason);
    }

    /** What is wrong, and what would mend it. */
    public function inWords(): string
    {
        return rtrim("{$this->sentence} {$this->change}");
    }

    public function refuses(): bool
    {
        return ! $this->passes && ! $this->rule->isAdvice();
    }
}
