<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\PairReason;
use Biomegas\Facility\Fish;
use Biomegas\Rulebook\PairVerdict;

/** Two of the facility: whether they may share a home, from when until when, and why not. */
final readonly class Pair
{
    /**
     * @param  list<PairReason>  $reasons  the heaviest first
     * @param  non-empty-list<PairVerdict>  $months  from today on
     */
    public function __construct(
        public Fish $one,
        public Fish $other,
        public array $reasons,
        public array $months,
        /** The first by the second; null: no danger to speak of. */
        public ?Swallowing $oneSwallowed,
        /** The second by the first. */
        public ?Swallowing $otherSwallowed,
        private LocalDate $today,
        /** Why the keeper says so; null: it is not his word. */
        public ?string $ownReason = null,
    ) {
    }

    /** The worst of the time looked at. */
    public function verdict(): PairVerdict
    {
        return array_reduce($this->months, fn (PairVerdict $worst, PairVerdict $month): PairVerdict => $worst->orWorse($month), PairVerdict::Good);
    }

    /** @return non-empty-list<array{PairVerdict, LocalDate, LocalDate|null}> spans of one verdict, each with its first day and that of the next */
    public function spans(): array
    {
        $spans = [];
        foreach ($this->months as $i => $verdict) {
            if ($spans === [] || $spans[count($spans) - 1][0] !== $verdict) {
                $day = $this->today->plusDays($i * LengthTable::STEP_DAYS);
                if ($spans !== []) {
                    $spans[count($spans) - 1][2] = $day;
                }
                $spans[] = [$verdict, $day, null];
            }
        }

        /** @var non-empty-list<array{PairVerdict, LocalDate, LocalDate|null}> $spans */
        return $spans;
    }

    /** Null: neither is the other's food at any time looked at. */
    public function danger(): ?Swallowing
    {
        $all = array_values(array_filter([$this->oneSwallowed, $this->otherSwallowed]));
        usort($all, fn (Swallowing $a, Swallowing $b): int => $b->probability <=> $a->probability);

        return $all[0] ?? null;
    }
}
