<?php

declare(strict_types=1);

namespace Biomegas\Housing\Verdict;

use Biomegas\Finding\Finding;

/** What one rule finds of a home, with the nearest change that would make it pass. */
final readonly class Verdict
{
    private function __construct(
        public HousingRule $rule,
        public bool $passes,
        public Finding $finding,
        /** Null: nothing to change, or nothing that would help. */
        public ?Finding $change,
        /** The keeper's reason for which it is set aside; null when it holds. */
        public ?string $setAside = null,
    ) {
    }

    public static function pass(HousingRule $rule, Finding $finding): self
    {
        return new self($rule, true, $finding, null);
    }

    public static function fail(HousingRule $rule, Finding $finding, ?Finding $change): self
    {
        return new self($rule, false, $finding, $change);
    }

    /** The keeper has decided otherwise: it passes, and says so. */
    public function setAside(string $reason): self
    {
        return new self($this->rule, true, $this->finding, $this->change, $reason);
    }

    /** @return non-empty-list<Finding> what is wrong, and what would mend it */
    public function withChange(): array
    {
        return $this->change === null ? [$this->finding] : [$this->finding, $this->change];
    }

    public function refuses(): bool
    {
        return ! $this->passes && ! $this->rule->isAdvice();
    }
}
