<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Ladder;
use Biomegas\Moving\Watch\Success;
use Biomegas\Rulebook\Rulebook;

/** The one thing to try next: what lasted here before, else the mildest that was not tried since it began. */
final readonly class NextStep
{
    private function __construct(
        public Intervention $intervention,
        /** The last time that it was done in this home; null: never. */
        public ?Attempt $before,
    ) {
    }

    /**
     * @param  list<Attempt>  $attempts  in this home, by date
     * @param  LocalDate  $since  when the trouble began
     */
    public static function of(array $attempts, LocalDate $since, Rulebook $rulebook): self
    {
        $tried = array_map(fn (Attempt $attempt): Intervention => $attempt->intervention, array_filter($attempts, fn (Attempt $attempt): bool => ! $attempt->date->isBefore($since)));
        $last = [];
        foreach ($attempts as $attempt) {
            $last[$attempt->intervention->value] = $attempt;
        }
        foreach ($last as $attempt) {
            if ($attempt->success === Success::Lasted && ! in_array($attempt->intervention, $tried, true)) {
                return new self($attempt->intervention, $attempt);
            }
        }
        $next = Ladder::after(array_values($tried), $rulebook);

        return new self($next, $last[$next->value] ?? null);
    }

    /** Null: it was never done here, or nobody wrote down what came of it. */
    public function experience(): ?Finding
    {
        return match ($this->before?->success) {
            Success::Lasted => Finding::of('company.next.lasted', date: $this->before->date),
            Success::OnlyWhileIStood => Finding::of('company.next.only_while', date: $this->before->date),
            Success::No => Finding::of('company.next.no', date: $this->before->date),
            null => null,
        };
    }
}
